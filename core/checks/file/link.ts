import { defineCheck, look, seenText, stops, type CheckInput } from '../define.ts';

/** So little beside an address is no paper: characters, and words. Common practice, no published source. */
const fewCharacters = 60, fewWords = 12;
const address = /\bhttps?:\/\/[^\s<>"”’)]+/i;

/** The address that a document holds instead of a paper, and whether it is to be seen there. */
function onlyAddress({ facts }: CheckInput): { address: string; shown: boolean } | null {
  if (!facts.passages.ok || !facts.words.ok || facts.words.value > fewWords * 2) return null;
  if (facts.pages.ok && facts.pages.value.some((p) => p.images > 0)) return null;
  if ((facts.structure?.images ?? 0) > 0) return null;
  const text = seenText(facts.passages.value).map((p) => p.text).join(' ').trim(), shown = address.exec(text)?.[0];
  if (shown) return text.replace(new RegExp(address, 'gi'), '').trim().length < fewCharacters ? { address: shown, shown: true } : null;
  const linked = facts.passages.value.find((p) => (p.place === 'link' || p.place === 'cloudAddress') && address.test(p.text));
  return linked && facts.words.value <= fewWords ? { address: address.exec(linked.text)![0], shown: false } : null;
}

export const fileLink = defineCheck({
  id: 'file.link', needs: [], reference: 'common practice, no published source',
  asked: () => 'a document, not a link to one',
  found: (input) => (input.file.kind === 'link' || onlyAddress(input) ? 'only a link' : 'a file'),
  evaluate: (input) => {
    const told = input.file.troubles.filter((t) => t.code === 'link'), only = told.length > 0 ? null : onlyAddress(input);
    if (only) return [(only.shown ? stops : look)('inside', { address: only.address.slice(0, 120) })];
    return told.map((t) => stops('link', { address: t.text.slice(0, 120) }));
  },
});
