import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';

const bare = (text: string): string => text.replace(/\s+/g, ' ').trim().toLowerCase();

export const setTemplateUnchanged = defineSetCheck({
  id: 'set.template-unchanged', reference: 'common practice, no published source',
  asked: ({ templates }) => (templates.length > 0 ? 'the template filled in' : null),
  found: ({ templates }) => `${templates.length} template${templates.length === 1 ? '' : 's'} compared`,
  evaluate: ({ facts, templates }) => facts.flatMap((f) => {
    if (!f.passages.ok) return [];
    const text = bare(f.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join(' '));
    const same = templates.find((t) => t.text.trim() !== '' && bare(t.text) === text);
    return same ? [stops('unchanged', { name: f.file.name, template: same.name }, { part: f.file.name, page: null, box: null, quote: null })] : [];
  }),
});
