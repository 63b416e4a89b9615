import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences; the lengths that follow from them were worked out by hand. */
const lengthOf = (text: string): [number | null, number | null] => { const { minWords, maxWords } = readBrief(text, '2026-11-30T09:00:00Z').brief.limits; return [minWords, maxWords]; };

const lengths = ['The essay is 2,000 words long.', 'Length: 2,000 words.', 'Word limit: 2,000.', 'Write 2,000 words.', 'Essays of 2,000 words, please.', 'The maximum is 2,000 words.', 'Word count: 2,000 words.'];
const both = ['You may be 10% over or under.','You may go over or under by up to 10%.','Ten per cent over or under is fine.','10% either way is allowed.','You have 10% leeway either way.','Do not be more than 10% over or under.','Papers more than 10% over or under this lose 5 marks.','The length may vary by 10%.','The length may deviate from this by up to 10%.','Deviations of up to 10% are accepted.','A margin of 10% either way is acceptable.','It must be within 10% of this figure.','Please stay within 10% of the limit.','You can be 200 words over or under.','There is a tolerance of ±10%.','Plus or minus 10% is fine.','I allow 10% up or down.','You will not be penalised for being up to 10% over or under.','10 per cent more or less is no problem.','If the paper is over or under by more than 10%, it will be returned.'];
const over = ['You may be 10% over.','You may go over by up to 10%.','Ten per cent over is fine.','10% over the limit is allowed.','Do not go over by more than 10%.','Papers more than 10% over this lose 5 marks.','Papers that exceed the limit by more than 10% lose 5 marks.','You may exceed this by 10%.','You can go 200 words over.','You will not be penalised for being up to 10% over.','If the paper is over by more than 10%, it will be returned.','Going over by 10% is tolerated.','An overrun of 10% is tolerated.','It may be 10% longer.','It may be up to 10% longer than that.'];
const none = ['There is no 10% leeway.','No 10% tolerance applies.','The usual 10% over is not allowed.','You lose 10% if you go over.','Going over costs 10% of the mark.','The essay counts for 10% of the module.','A similarity of more than 15% is looked at.','Anything above 15% may be investigated for matching text.','At most 10% of the text may be quotation.','Late work loses 10% a day.','You need at least 50% attendance.','More than 10% of the marks are for style.','The pass mark is 40%.'];
describe('how far from the length, in a sentence of its own', () => {
  const composed = ([[both, 1800, 2200], [over, null, 2200], [none, null, 2000]] as const).flatMap(([sentences, least, most]) => sentences.flatMap((sentence, i) => lengths.map((length, k) => [`${length}${(i + k) % 2 ? ' Cite in APA style.' : ''} ${sentence}`, least, most] as const)));
  test.each(composed)('%j', (text, least, most) => { expect(lengthOf(text)).toEqual([least, most]); });
});
test.each<[string, number | null | undefined, number | null | undefined]>([
  ["How long should it be? 2000 words. You may go over or under by 10%.", 1800, 2200],
  ["How long should it be? 2000 words, give or take 10%.", 1800, 2200],
  ["Length: 2000 words. You can be 10% over or under.", 1800, 2200],
  ["Length: 2000 words. Going 10% over or under is fine.", 1800, 2200],
  ["Length: 2000 words. 10% either way is fine.", 1800, 2200],
  ["Length: 2000 words. You have 10% leeway in both directions.", 1800, 2200],
  ["2000 words. A deviation of 10% is tolerated.", 1800, 2200],
  ["2000 words. You may exceed or fall short of this by 10%.", 1800, 2200],
  ["2000 words. You may exceed this by 10%.", null, 2200],
  ["2000 words. You can go over by 10%, no more.", null, 2200],
  ["2000 words. Up to 10% over is okay.", null, 2200],
  ["2000 words. Up to 10% more or less is okay.", 1800, 2200],
  ["2000 words. We allow 10% above and below.", 1800, 2200],
  ["2000 words. You may not go over or under by more than 10%.", 1800, 2200],
  ["2000 words. Do not go over or under by more than 10%.", 1800, 2200],
  ["2000 words. If you are more than 10% over or under, you lose marks.", 1800, 2200],
  ["2000 words. Essays more than 10% over or under lose marks.", 1800, 2200],
  ["2000 words. Essays that are over by more than 10% lose marks.", null, 2200],
  ["2000 words. Being up to 10% off is fine.", 1800, 2200],
  ["2000 words. Within 10% of that is fine.", 1800, 2200],
  ["2000 words. Stay within 10% of this.", 1800, 2200],
  ["2000 words. There is no 10% leeway.", null, 2000],
  ["2000 words. The usual 10% margin applies.", 1800, 2200],
  ["2000 words. The usual plus or minus ten per cent applies.", 1800, 2200],
  ["2000 words. 200 words over or under won't matter.", 1800, 2200],
  ["2000 words. You may go over or under by 200 words.", 1800, 2200],
  ["2000 words. You can go 200 words over.", null, 2200],
  ["How much can I go over? 10%. The word count is 2000.", null, 2200],
  ["The word count is 2000. How far over can I go? By 10%.", null, 2200],
  ["The word count is 2000. Can I go over? By 10% at most.", null, 2200],
  ["The word count is 2000. Can I go over? No.", null, 2000],
  ["The word count is 2000. Is there leeway? 10% up or down.", 1800, 2200],
  ["The word count is 2000. Is there a tolerance? Yes, 10% both ways.", 1800, 2200],
  ["The word count is 2000. Is there a tolerance? No.", null, 2000],
].map(([text, least, most]) => [text, least, most] as [string, number | null | undefined, number | null | undefined]))('%j', (text, least, most) => {
  const [minWords, maxWords] = lengthOf(text);
  if (least !== undefined && least !== null) expect(minWords).toBe(least); else expect(minWords).toBeNull();
  expect(maxWords).toBe(most);
});
describe('right behind the length', () => {
  const ways = [' (±10%)', ' (the usual 10% margin applies)', ', with the usual 10% margin', ' (tolerance: 10%)', ' (a 10% margin is allowed)', ' (margin of 10%)', ' (10% margin)', ' (allowed deviation: 10%)', ', within a 10% margin', ' (10% up or down)', ' (usual ten per cent rule)', ' (10% variation permitted)'];
  const bare = ['Length: 2,000 words', 'Your essay should be 2,000 words long', 'Write an essay of 2,000 words', 'The word count is 2,000'];
  test.each(bare.flatMap((length) => ways.map((way) => `${length}${way}.`)))('%s', (text) => { expect(lengthOf(`${text}\nPlease use PDF.`)).toEqual([1800, 2200]); });
  test.each([['Essay: 2,000 words (the usual 10% margin applies), as PDF.', 1800, 2200], ['Word limit: 2,000 (10% margin)', null, 2200], ['Length: 2,000 words (10% of the mark)', null, 2000], ['Length: 2,000 words (no 10% margin)', null, 2000], ['Length: 2,000 words (worth 10%)', null, 2000], ['Between 2,000 and 2,500 words (10% margin)', 2000, 2500]])('%s', (text, least, most) => { expect(lengthOf(`${text}\nPlease use PDF.`)).toEqual([least, most]); });
});
test('of pages it is what is said right behind them', () => {
  const pagesOf = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief.limits;
  expect(pagesOf('Length: 10 pages. You may be 10% over or under.')).toMatchObject({ minPages: 9, maxPages: 11 });
  expect(pagesOf('The page limit is 10. Cite in APA style. Every table needs a caption, every figure a source, and every quotation a page number in brackets. Deviations of 10% from the given data are accepted.')).toMatchObject({ minPages: null, maxPages: 10 });
});
test.each(['Write 2,000 words. The interest rate may vary by 10 %.', 'Length: 2,000 words. Your results may deviate from the expected values by up to 10%.'])('%s', (text) => { expect(lengthOf(text)[0]).toBeNull(); });
test('two that differ, and one that would leave nothing, change nothing', () => {
  expect(lengthOf('Length: 2,000 words. You may be 10% over or under. You may be 5% over or under.')).toEqual([null, 2000]);
  expect(lengthOf('Length: 200 words. You may be 300 words over.')[1]).toBe(200);
  expect(lengthOf('Length: 2,000 words. Can I go over or under? By 10 %.')).toEqual([1800, 2200]);
});
