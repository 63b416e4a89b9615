import { defineCheck, atName, stops, look } from '../define.ts';
import { checkPattern, nameFor } from '../../naming/pattern.ts';

export const namePattern = defineCheck({
  id: 'name.pattern', needs: [], mend: 'rename', reference: 'the brief itself',
  asked: ({ brief, document }) => (brief.naming.pattern === null ? null : nameFor(brief.naming.pattern, document?.label ?? null)),
  found: ({ file }) => file.name,
  evaluate: ({ file, brief, details, document }) => {
    const pattern = nameFor(brief.naming.pattern!, document?.label ?? null), verdict = checkPattern(file.name, pattern, details);
    if (verdict.fits === true) return [];
    return [(verdict.fits === 'unknown' ? look : stops)(verdict.fits === 'unknown' ? 'unsure' : 'unlike', { pattern, name: file.name, why: verdict.why }, atName)];
  },
});
