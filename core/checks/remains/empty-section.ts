import { defineCheck, look } from '../define.ts';

/** A heading that nothing follows: no word, table, picture or equation before the next heading of its level or above, or the end. */
export const remainsEmptySection = defineCheck({
  id: 'remains.empty-section', needs: ['passages'], kinds: ['docx', 'docm', 'odt', 'doc', 'rtf'], reference: 'ECMA-376-1, 17.3.1.20; ODF 1.2-1, 5.1.2; [MS-DOC] 2.9.271; RTF 1.9.1 (outlinelevel, from memory); common practice, no published source',
  asked: ({ facts }) => (facts.headings ? 'something under every heading' : null),
  found: ({ facts }) => `${facts.headings!.length} ${facts.headings!.length === 1 ? 'heading' : 'headings'}`,
  evaluate: ({ facts }) => facts.headings!.filter((h, i, all) => {
    const next = all[i + 1];
    return h.words === 0 && (!next || next.level <= h.level) && all.length > 1;
  }).slice(0, 20).map((h) => look('empty', { heading: h.text.slice(0, 80) }, { part: 'text', page: null, box: null, quote: h.text })),
});
