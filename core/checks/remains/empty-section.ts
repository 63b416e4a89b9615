import { defineCheck, look } from '../define.ts';
import type { DocumentFacts, HeadingFact } from '../../model/facts.ts';

/** What only looks like a heading may be a line of a title. */
const marked = (facts: DocumentFacts): HeadingFact[] | undefined => (facts.headings?.some((h) => h.byLook) ? undefined : facts.headings);
/** A heading that nothing follows: no word, table, picture or equation before the next heading of its level or above, or the end. */
export const remainsEmptySection = defineCheck({
  id: 'remains.empty-section', needs: ['passages'], kinds: ['docx', 'docm', 'odt', 'doc', 'rtf'], reference: 'ECMA-376-1, 17.3.1.20; ODF 1.2-1, 5.1.2; [MS-DOC] 2.9.271; RTF 1.9.1 (outlinelevel, from memory); common practice, no published source',
  asked: ({ facts }) => (marked(facts) ? 'something under every heading' : null),
  found: ({ facts }) => `${marked(facts)!.length} ${marked(facts)!.length === 1 ? 'heading' : 'headings'}`,
  evaluate: ({ facts }) => marked(facts)!.filter((h, i, all) => {
    const next = all[i + 1];
    return h.words === 0 && (!next || next.level <= h.level) && all.length > 1;
  }).slice(0, 20).map((h) => look('empty', { heading: h.text.slice(0, 80) }, { part: 'text', page: null, box: null, quote: h.text })),
});
