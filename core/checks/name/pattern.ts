import { defineCheck, atName, stops, look } from '../define.ts';
import { checkPattern } from '../../naming/pattern.ts';

export const namePattern = defineCheck({
  id: 'name.pattern', needs: [], mend: 'rename', reference: 'the brief itself',
  asked: ({ brief }) => brief.naming.pattern,
  found: ({ file }) => file.name,
  evaluate: ({ file, brief, details }) => {
    const verdict = checkPattern(file.name, brief.naming.pattern!, details);
    if (verdict.fits === true) return [];
    return [(verdict.fits === 'unknown' ? look : stops)(verdict.fits === 'unknown' ? 'unsure' : 'unlike', { pattern: brief.naming.pattern!, name: file.name, why: verdict.why }, atName)];
  },
});
