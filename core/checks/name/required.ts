import { defineCheck, atName, look, stops } from '../define.ts';
import { fieldNames, hasField } from '../../naming/pattern.ts';

export const nameRequired = defineCheck({
  id: 'name.required', needs: [], mend: 'rename', reference: 'the brief itself',
  asked: ({ brief }) => (brief.naming.mustContain.length > 0 ? brief.naming.mustContain.map((f) => fieldNames[f]).join(', ') : null),
  found: ({ file }) => file.name,
  evaluate: ({ file, brief, details }) => brief.naming.mustContain.flatMap((field) => {
    const has = hasField(file.name, field, details);
    if (has === true) return [];
    return [(has === 'unknown' ? look : stops)(has === 'unknown' ? 'unsure' : 'lacks', { field: fieldNames[field], name: file.name }, atName)];
  }),
});
