import { defineCheck, atName, stops } from '../define.ts';

const bare = (name: string): string => name.toLowerCase().replace(/\.[^.]+$/, '').replace(/\s*\(\d+\)$/, '').replace(/[\s_-]+/g, ' ').trim();

export const nameTemplate = defineCheck({
  id: 'name.template', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: ({ templates }) => (templates.length > 0 ? 'another name than the template’s' : null),
  found: ({ file }) => file.name,
  evaluate: ({ file, templates }) => (templates.some((t) => bare(t.name) === bare(file.name)) ? [stops('same', { name: file.name }, atName)] : []),
});
