import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';

const bare = (line: string): string => line.trim().replace(/^(?:\d+(?:\.\d+)*\.?|[IVX]+\.|[A-Z]\.)\s+/, '').replace(/[:.]$/, '').toLowerCase();
/** What a section is called where it is not called by the word that asks for it. Common practice, no published source. */
const alike: Record<string, RegExp> = {
  references: /^(?:references|reference list|list of references|bibliography|works cited|literature(?: cited)?|sources)$/, bibliography: /^(?:references|reference list|bibliography|works cited|literature(?: cited)?)$/,
  contents: /^(?:table of )?contents$/, 'table of contents': /^(?:table of )?contents$/, methods: /^(?:materials? and )?method(?:s|ology)?(?: and materials?)?$/, methodology: /^(?:materials? and )?method(?:s|ology)$/,
  abstract: /^(?:abstract|summary)$/, summary: /^(?:executive )?(?:summary|abstract)$/, conclusion: /^(?:conclusions?|concluding remarks)\b/, conclusions: /^(?:conclusions?|concluding remarks)\b/, appendix: /^append(?:ix|ices)\b/, appendices: /^append(?:ix|ices)\b/,
  discussion: /\bdiscussion\b/, results: /^(?:results|findings)\b/, introduction: /^(?:introduction|background)\b/,
};

/** Every section that is asked for by name stands as a heading in one of the documents. */
export const setSections = defineSetCheck({
  id: 'set.sections', reference: 'common practice, no published source',
  asked: ({ brief, facts }) => ((brief.sections ?? []).length > 0 && facts.some((f) => f.passages.ok) ? brief.sections!.join(', ') : null),
  found: ({ brief, facts }) => { const there = brief.sections!.filter((s) => hasSection(s, facts)); return there.length === brief.sections!.length ? 'all' : `${there.length} of ${brief.sections!.length}`; },
  evaluate: ({ brief, facts }) => brief.sections!.filter((s) => !hasSection(s, facts)).map((s) => look('missing', { section: s })),
});

function hasSection(section: string, facts: Parameters<typeof setSections.evaluate>[0]['facts']): boolean {
  const wanted = section.toLowerCase(), pattern = alike[wanted];
  return facts.some((f) => f.passages.ok && f.passages.value.some((p) => ['text', 'textbox'].includes(p.place) && p.text.split('\n').some((line) => {
    if (line.length > 90) return false;
    const heading = bare(line);
    return pattern ? pattern.test(heading) : heading === wanted || heading.startsWith(`${wanted} `) || heading.endsWith(` ${wanted}`);
  })));
}
