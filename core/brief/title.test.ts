import { expect, test } from '@jest/globals';
import { headingOf } from './title.ts';

test.each([
  ['the first line, without the course', 'GEO 3107 – Sediment budgets\nDue 5 March', 'Sediment budgets', 'GEO 3107'],
  ['marks of a heading', '## Policy brief\nDue 5 March', 'Policy brief', null],
  ['a label further down', 'ASSESSMENT FORM\nModule code: ARC2207\nTitle: Precedent study      Weighting: 40%', 'Precedent study', 'ARC2207'],
  ['hard negative: a greeting', 'Dear all,\nthe paper is due on Friday.', null, null],
  ['hard negative: a sentence', 'Please hand in the essay by 5 March.', null, null],
  ['hard negative: a line that is too long', `${'word '.repeat(30)}\nDue`, null, null],
])('%s', (_, wording, title, course) => { expect(headingOf(wording)).toEqual({ title, course }); });
