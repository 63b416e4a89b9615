import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

test.each<[string, string[] | undefined]>([
  ['The report must include an abstract, an introduction, methods, results, discussion and references.', ['abstract', 'introduction', 'methods', 'results', 'discussion', 'references']],
  ['Your report should be divided into the following sections: Executive Summary, Findings, Recommendations.', ['executive summary', 'findings', 'recommendations']],
  ['The essay should not include an appendix.', undefined],
  ['The word count includes references but not the abstract.', undefined],
  ['You should have read the introduction to the handbook.', undefined],
  ['It must contain a discussion of the sources. Appendices (optional) come last.', undefined],
  ['Submit your essay as PDF.', undefined],
])('%s', (text, sections) => {
  const { brief } = readBrief(text, '2026-11-25T10:00:00Z');
  expect(brief.sections).toEqual(sections);
  for (const e of brief.evidence.filter((x) => x.field === 'sections')) expect(text.slice(e.start, e.end)).toBe(e.quote);
});

test.each<[string, string[]]>([['A reference list is required.', ['reference list']], ['An abstract of 200 words must be included.', ['abstract']], ['Please add a bibliography.', ['bibliography']], ['The report needs a title page.', ['title page']]])('%s', (text, want) => { expect(readBrief(text, '2026-11-29T12:00:00Z').brief.sections).toEqual(want); });
test.each(['No abstract is required.', 'An abstract is not required.', 'A full bibliography is required only if you cite books.', 'Results are required to be sent to the office.'])('“%s” asks for none', (text) => { expect(readBrief(text, '2026-11-29T12:00:00Z').brief.sections).toBeUndefined(); });
