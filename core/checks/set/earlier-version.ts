import { changesBetween } from '../../versions/changes.ts';
import { orderOf } from '../../versions/order.ts';
import { textOf, wordsOf } from '../../versions/text.ts';
import { groundWords } from '../../messages/en.ts';
import { defineSetCheck } from '../define-set.ts';
import { look, stops, type Draft } from '../define.ts';

/** Two readers of one text may differ by so many words (running heads, numbers) without the text being another. */
const slack = (words: number): number => Math.max(5, words * 0.01);

export const setEarlierVersion = defineSetCheck({
  id: 'set.earlier-version', reference: 'common practice, no published source',
  asked: ({ facts }) => (facts.filter((f) => f.passages.ok).length > 1 ? 'the newest version of each' : null),
  found: ({ facts }) => `${facts.length} texts compared with each other`,
  evaluate: ({ facts }) => {
    const words = facts.map(wordsOf), texts = words.map(textOf), drafts: Draft[] = [];
    facts.forEach((a, i) => facts.slice(0, i).forEach((b, j) => {
      if (a.file.sha256 === b.file.sha256) return;
      const order = orderOf({ facts: b }, { facts: a }, [texts[j]!, texts[i]!]);
      if (!order.related || order.sameText) return;
      const changes = changesBetween(words[j]!, words[i]!), changed = changes.added + changes.removed;
      const older = order.newer === 'first' ? a : b, newer = older === a ? b : a;
      const place = { part: older.file.name, page: null, box: null, quote: firstChange(changes) };
      const data = { name: older.file.name, other: newer.file.name, changed };
      if (a.file.kind !== b.file.kind) { if (changed > slack(words[i]!.length)) drafts.push(look('kinds', data, place)); } else if (order.newer) drafts.push(stops('earlier', { ...data, why: groundWords[order.grounds[0]!.why]! }, place)); else drafts.push(look('unclear', data, place));
    }));
    return drafts;
  },
});
const firstChange = (changes: ReturnType<typeof changesBetween>): string | null => changes.stretches.find((s) => s.kind !== 'same')?.words.slice(0, 12).join(' ') ?? null;
