import { defineSetCheck } from '../define-set.ts';
import { changesBetween } from '../../versions/changes.ts';
import { look, stops } from '../define.ts';

/** So few new words in a template of so many are a name or a date rather than an answer. */
const fewWords = 5, longTemplate = 40;
const bare = (text: string): string => text.replace(/\s+/g, ' ').trim().toLowerCase();

export const setTemplateUnchanged = defineSetCheck({
  id: 'set.template-unchanged', reference: 'common practice, no published source',
  asked: ({ templates }) => (templates.length > 0 ? 'the template filled in' : null),
  found: ({ templates }) => `${templates.length} template${templates.length === 1 ? '' : 's'} compared`,
  evaluate: ({ facts, templates }) => facts.flatMap((f) => {
    if (!f.passages.ok) return [];
    const text = bare(f.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join(' '));
    const place = { part: f.file.name, page: null, box: null, quote: null }, filled = templates.filter((t) => t.text.trim() !== ''), same = filled.find((t) => bare(t.text) === text);
    if (same) return [stops('unchanged', { name: f.file.name, template: same.name }, place)];
    for (const t of filled) {
      const words = bare(t.text).split(' '), own = text.split(' ');
      if (words.length < longTemplate || Math.abs(own.length - words.length) > fewWords) continue;
      const { added, removed } = changesBetween(words, own);
      if (added <= fewWords && removed <= fewWords) return [look('barely', { name: f.file.name, template: t.name, count: added }, place)];
    }
    return [];
  }),
});
