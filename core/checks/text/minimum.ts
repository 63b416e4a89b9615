import { defineCheck, stops } from '../define.ts';

/** Typed words that a machine must find where similarity is checked. Common practice, no published source. */
export const leastWords = 20;

export const textMinimum = defineCheck({
  id: 'text.minimum', needs: ['words'], mend: 'ocr', reference: 'common practice, no published source',
  asked: ({ brief }) => (brief.similarityChecked ? `at least ${leastWords} typed words` : null),
  found: ({ words }) => `${words.toLocaleString('en')} words`,
  evaluate: ({ words }) => (words < leastWords ? [stops('few', { words })] : []),
});
