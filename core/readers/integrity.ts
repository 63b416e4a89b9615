import { confusables } from '../tables/confusables.ts';
import type { DocumentFacts, IntegrityFact } from '../model/facts.ts';

/** Text that a machine reads otherwise than a person: look-alike letters inside words (Unicode UTS #39, mixed-script detection),
 * zero-width characters inside words, characters without meaning. A word wholly in another script is that script, not a look-alike. */
export function findIntegrity(facts: DocumentFacts): IntegrityFact[] {
  if (!facts.passages.ok) return [];
  const found: IntegrityFact[] = [];
  const add = (code: IntegrityFact['code'], part: string, page: number | null, quote: string, count = 1): void => {
    const known = found.find((f) => f.code === code && f.part === part && f.page === page);
    if (known) known.count += count; else found.push({ code, part, page, box: null, quote: quote.slice(0, 80), count });
  };
  for (const p of facts.passages.value) {
    if (!['text', 'runningHead', 'footnote', 'textbox', 'hidden'].includes(p.place)) continue;
    if (p.place === 'hidden') { if (!p.markup && /document\d*\.xml$|header|footer|notes|^content\.xml$|^rtf\/text$/.test(p.part)) add('vanish', p.part, p.page, p.text); continue; }
    // Greek, Cyrillic and Armenian: every key of the table lies there. Most pages have none of either.
    if (/[\u0370-\u058f]/.test(p.text)) for (const m of p.text.matchAll(/[\p{L}\p{M}]+/gu)) if (isMixed(m[0])) add('lookalike', p.part, p.page, m[0]);
    if (/[\u200b\u2060\u200c\u200d\ufeff]/.test(p.text)) {
      for (const m of p.text.matchAll(/[\p{Script=Latin}\d]+[\u200b\u2060\u200c\u200d\ufeff][\p{Script=Latin}\d]+/gu)) add('zeroWidth', p.part, p.page, m[0]);
    }
    const letters = p.text.replace(/\s/g, '').length;
    const lost = (p.text.match(/[\ufffd\ue000-\uf8ff]/g) ?? []).length;
    if (lost > 3 && lost > letters * 0.02) add('garbled', p.part, p.page, p.text.trim(), lost);
  }
  return found;
}

function isMixed(word: string): boolean {
  if (!/\p{Script=Latin}/u.test(word) || word.length < 3) return false;
  return [...word].some((c) => c in confusables) && !/^[µμ∆Δ]/.test(word);
}
