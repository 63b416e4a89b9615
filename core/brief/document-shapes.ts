import type { Kind } from '../model/kinds.ts';
import { noun as known, type Mention } from './document-names.ts';
import { notDocument } from './list-items.ts';
import { firstIn, says } from '../text/patterns.ts';

/** A document by the shape of the sentence that asks for it, whatever it is called. */
export interface Shaped { label: string; types: Kind[]; start: number; end: number }

const word = '[\\p{L}][\\p{L}’\'-]*', joint = '(?:as|in|and|or|of|with|for|to|on|at|by|from|that|which|must|should|is|are|has|will|may|can)';
const noun = `(${word}(?: (?!${joint}\\b)${word}){0,3})`;
/** “An herbarium as a PDF and a ledger as a Word file”. */
const asKind = new RegExp(`\\b(?:an?|your|the|one)\\s+${noun}(?: of [\\p{L} ]{3,30}?)?,?\\s+(?:as|in)\\s+(?:an? |one |the )?\\.?$`, 'iu');
/** “The herbarium must be a PDF.” */
const mustBe = new RegExp(`^\\W*(?:the|your)\\s+${noun} (?:(?:must|should|has to|have to|is to|needs to|shall|will|can|will have to) (?:be|come|arrive|go)|is|are|goes)(?: (?:submitted|handed in|uploaded|sent|saved|delivered|expected|required|wanted|due|in|provided|accepted|exported|converted|scanned|produced|supplied))?(?: as| in)? (?:an? |one )?\\.?$`, 'iu');
/** “The herbarium is a PDF and the ledger is a zip”: of one sentence. */
const eachIs = new RegExp(`^(?:\\W|\\b(?:and|while|whereas|but)\\b)*(?:the|your)\\s+${noun} (?:(?:must|should|has to|have to|is to|needs to|shall|will|can) (?:be|come|arrive|go)|is|are|comes?|goes)(?: (?:submitted|handed in|uploaded|sent|saved|delivered|expected|required|wanted|provided|accepted))?(?: as| in)? (?:an? |one )?\\.?$`, 'iu');
/** “Herbarium – PDF, max. 5 MB”. */
const line = /^[ \t]*(\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,3})[ \t]+[–-][ \t]+(?:an? |one |as )*\.?$/u;
/** “Commentary: .docx; Artefacts: .jpg or .png”. */
const labelled = new RegExp(`(?:^|[;,.(|•–—]\\s*|\\band\\s+|:\\s+)(?:the |your |an? )?${noun}(?: \\([^()]*\\))?\\s*:\\s*(?:an? |one |as (?:an? )?|saved as (?:an? )?)?\\.?$`, 'iu');
/** “One PDF with your herbarium and one Word file with your ledger”. */
const withIt = new RegExp(`^(?: file| document)? (?:with|w\\/|containing|holding|for) (?:your|the|an?) ${noun}(?=\\s*(?:[,.;(+&]|\\band\\b|\\bplus\\b|$))`, 'iu');
const listedAs = new RegExp(`^[ \\t]*[-*•–][ \\t]+(?:an? |the |your |one )?${noun} (?:as|in) (?:an? |one )?\\.?$`, 'iu');
/** The same before a bracket, and a document before one that says its kind. */
const withSome = new RegExp(`^(?: file| document)? (?:with|containing|holding) (?:your|the|an?|all(?: your)?) ${noun}(?=\\s*(?:[,.;(]|\\band\\b|\\bplus\\b|$))`, 'iu'), inBrackets = new RegExp(`(?:\\b(?:the|your|an?|one|and|plus|submit|upload|in)\\s+|[,:;+&]\\s+)(?:(?:the|your|an?|one)\\s+)?(?!(?:submit|upload|send|hand|turn|please|then|also|save|attach|use|deliver|or|and|the|your|if|for|in|as|max\\w*|min\\w*|at|up|by)\\b)${noun}(?: (?:of|by|from) [^(),.;:]{3,40}?)?\\s*\\((?:[^()]*[,;]\\s*)?(?:an? |one )?\\.?$`, 'iu');
/** “Source text (PDF), target text (Word), commentary (Word)”. */
const kindInBrackets = new RegExp(`(?:^|[;,:•–|+]\\s*|\\band\\s+|\\bplus\\s+)(?:the |your |an? |one )?${noun} \\((?:an? |one |as (?:an? )?|in )?\\.?$`, 'iu');
/** A sentence that is a name and, in brackets, its kind. */
const beginsBracket = new RegExp(`^\\W*(?:(?:required|submit|hand in|files?|documents?|deliverables?|what)\\s*:\\s*)?(?:the |your |an? )?${noun}\\s*\\((?:an? )?\\.?$`, 'iu');
/** “A PDF poster and a Word commentary”. */
const kindFirst = new RegExp(`^(?: document)? (${known})(?=\\s*(?:[,.;(+&]|\\band\\b|\\bplus\\b|\\bby\\b|\\bwith\\b|$))`, 'iu');
/** What every file is, and what comes before the paper. */
const nothingOfItsOwn = /\b(?:files?|documents?|versions?|cop(?:y|ies)|submissions?|uploads?|attachments?|formats?|pdfs?|word|docx|(?<!\b(?:source|target|parallel) )text|work|everything|rest|drafts?|outline|other|same|latter|former)$|^(?:(?:first|final|whole|complete|finished|same|following|other|written|marked|signed|printed|electronic|digital|original) )?(?:one|version|copy|files?|documents?)$|^(?:final|first|second|third|last|both|all)(?: (?:one|two|three|four))?$/i;

/** Documents that sentences of one shape ask for side by side; none where there are fewer than two.
 * @param asked - the kinds that are asked for, in order; @param text - the wording */
export function shapedDocuments(asked: readonly Mention[], text: string): Shaped[] {
  const shapes = [
    bySentence(asked, (m, from) => { const found = firstIn(`${m.clause.text.slice(from - m.clause.start, m.at - m.clause.start)}${/^in /i.exec(m.clause.text.slice(m.at - m.clause.start))?.[0] ?? ''}`, asKind); return found ? { label: found[1]!, at: from + found.index + found[0].indexOf(found[1]!) } : null; }),
    bySentence(asked, (m) => { const found = firstIn(m.clause.text.slice(m.to - m.clause.start), withIt); return found ? { label: found[1]!, at: m.at } : null; }),
    says(text, /\b(?:options?|choose|choice|alternatives?|either)\b/i) ? [] : someKnown(acrossSentences(asked, (m) => { const found = firstIn(m.clause.text.slice(0, m.at - m.clause.start), labelled); return found && !says(found[1]!, notDocument) && !says(found[1]!, setting) ? { label: found[1]!, at: m.clause.start + found.index + found[0].indexOf(found[1]!) } : null; })),
    bySentence(asked, (m, from) => { const found = firstIn(m.clause.text.slice(from - m.clause.start, m.at - m.clause.start), eachIs); return found ? { label: found[1]!, at: from + found[0].indexOf(found[1]!) } : null; }),
    // “A PDF with your texts and, separately, the cover letter (1 page, PDF too)”.
    bySentence(asked, (m, from) => { const inIt = firstIn(m.clause.text.slice(m.to - m.clause.start), withSome), ahead = inIt ? null : firstIn(m.clause.text.slice(from - m.clause.start, m.at - m.clause.start), inBrackets); return inIt ? { label: inIt[1]!, at: m.at } : ahead ? { label: ahead[1]!, at: from + ahead.index + ahead[0].indexOf(ahead[1]!) } : null; }),
    bySentence(asked, (m) => { const found = says(m.clause.text.slice(0, m.at - m.clause.start), /\b(?:an?|one|your|the|and)\s+(?:single )?\.?$/i) ? firstIn(m.clause.text.slice(m.to - m.clause.start), kindFirst) : null; return found ? { label: found[1]!, at: m.at } : null; }),
    bySentence(asked, (m, from) => { const ahead = m.clause.text.slice(from - m.clause.start, m.at - m.clause.start).replace(/^[^()]{0,40}\)/, ''), found = /^(?: (?:file|document))?\s*[),;]/.test(m.clause.text.slice(m.to - m.clause.start)) ? firstIn(ahead, kindInBrackets) : null; return found && !says(found[1]!, setting) ? { label: found[1]!, at: m.at - ahead.length + found.index + found[0].indexOf(found[1]!) } : null; }),
    // “- zip w/ your code”, “- report as pdf”: lines of a list that say each of them either way.
    acrossSentences(asked.filter((m) => /^[ \t]*[-*•–][ \t]/.test(text.slice(text.lastIndexOf('\n', m.at - 1) + 1, m.at))), (m) => { const from = text.lastIndexOf('\n', m.at - 1) + 1, ahead = text.slice(from, m.at), inIt = /^[ \t]*[-*•–][ \t]+(?:an? |one )?\.?$/.test(ahead) ? firstIn(text.slice(m.to, m.to + 120), withIt) : null, named = inIt ? null : firstIn(ahead, listedAs); return inIt ? { label: inIt[1]!, at: m.at } : named && !says(named[1]!, notDocument) ? { label: named[1]!, at: from + named[0].indexOf(named[1]!) } : null; }),
    // “Data paper (PDF, 8–10 pages); supplement (ZIP)”.
    someKnown(acrossSentences(asked, (m) => { const found = firstIn(m.clause.text.slice(0, m.at - m.clause.start), beginsBracket); return found && !says(found[1]!, setting) ? { label: found[1]!, at: m.clause.start + found[0].indexOf(found[1]!) } : null; })),
    acrossSentences(asked, (m) => { const found = firstIn(m.clause.text.slice(0, m.at - m.clause.start), mustBe); return found ? { label: found[1]!, at: m.clause.start + found[0].indexOf(found[1]!) } : null; }),
    acrossSentences(asked, (m) => { const from = text.lastIndexOf('\n', m.at - 1) + 1, found = m.at - from < 80 ? firstIn(text.slice(from, m.at), line) : null; return found && !says(found[1]!, notDocument) ? { label: found[1]!, at: from + found[0].indexOf(found[1]!) } : null; }),
  ];
  return shapes.sort((a, b) => b.length - a.length)[0]!;
}

/** What a list of settings calls a file. */
const setting = /\b(?:formats?|types?|kinds?|size|limit|name|naming|upload|submission|submit|deadline|how|what|where|example|note|accepted|allowed|required|preferred|tool|software|template|deliverables?)\b/i;
/** A label is taken for a document's where one beside it is known. */
const someKnown = (found: Shaped[]): Shaped[] => (found.some((f) => new RegExp(`(?:^|[ -])${known}(?:s|$)`, 'i').test(f.label)) ? found : []);
type Named = { label: string; at: number } | null;
/** “PDF or DOCX”: one more kind of the document before. */
const isOther = (m: Mention, before: Mention | undefined): boolean => before !== undefined && before.clause === m.clause && says(m.clause.text.slice(before.to - m.clause.start, m.at - m.clause.start), /^[\s,/.]*(?:or|\/|,)?(?: an?)?[\s,/.]*$/i);
const distinct = (found: Shaped[]): Shaped[] => (found.length > 1 && new Set(found.map((f) => f.label.toLowerCase())).size === found.length && !found.some((f) => says(f.label, nothingOfItsOwn)) ? found : []);

/** All kinds of one sentence, each with a name. */
function bySentence(asked: readonly Mention[], nameOf: (m: Mention, from: number) => Named): Shaped[] {
  for (const clause of new Set(asked.map((m) => m.clause))) {
    const own = asked.filter((m) => m.clause === clause), found: Shaped[] = [];
    const whole = own.every((m, i) => {
      if (isOther(m, own[i - 1])) { const last = found.at(-1); if (last) { last.types.push(...m.kinds); last.end = m.to; } return last !== undefined; }
      const name = nameOf(m, own[i - 1]?.to ?? clause.start);
      if (name) found.push({ label: name.label, types: [...m.kinds], start: name.at, end: m.to });
      return name !== null;
    });
    if (whole && distinct(found).length > 0) return found;
  }
  return [];
}

/** Each of several sentences or lines names one. */
function acrossSentences(asked: readonly Mention[], nameOf: (m: Mention) => Named): Shaped[] {
  const found: Shaped[] = [];
  asked.forEach((m, i) => {
    const last = found.at(-1);
    if (isOther(m, asked[i - 1]) && last && last.end === asked[i - 1]!.to) { last.types.push(...m.kinds); last.end = m.to; return; }
    const name = nameOf(m);
    if (name) found.push({ label: name.label, types: [...m.kinds], start: name.at, end: m.to });
  });
  return distinct(found);
}

/** “* mp3, 8–10 min / * plus the script (pdf) and the release forms (one pdf)”: an item of the list that begins with its kind is a document as well. */
export function withBareItem<D extends { label: string | null; types: Kind[]; start: number; end: number }>(found: D[], asked: readonly Mention[], text: string): (D | { label: null; types: Kind[]; start: number; end: number })[] {
  const itemBefore = (at: number): string => text.slice(text.lastIndexOf('\n', at - 1) + 1, at), mark = /^[ \t]*[-*•–][ \t]+/, bare = /^[ \t]*[-*•–][ \t]+(?:an? |one |the )?\.?$/;
  const others = asked.filter((m) => says(itemBefore(m.at), bare) && !found.some((d) => m.kinds.some((k) => d.types.includes(k))));
  if (others.length !== 1 || !found.every((d) => says(itemBefore(d.end), mark))) return found;
  const end = text.indexOf('\n', others[0]!.to);
  return [...found, { label: null, types: [...others[0]!.kinds], start: others[0]!.at, end: end < 0 ? text.length : end }].sort((a, b) => a.start - b.start);
}
