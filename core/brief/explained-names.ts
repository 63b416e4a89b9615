import type { Clause } from './statements.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** A name with joints: “A_Okafor_report.pdf”. */
const name = String.raw`[\p{L}\p{N}]+(?:[_-][\p{L}\p{N}]+)+(?:\.[a-z\d]{2,5})?`, names = new RegExp(name, 'giu');
const ledIn = String.raw`(?::\s*(?:(?:e\.?g\.?|for example|for instance|example)[,:]?)?|,?\s*[(\[]?(?:e\.?g\.?|for example|for instance|such as|like|example|so)[,:]?)\s*`;
/** What the name is made of, and an example of it in the same sentence. */
const sameSentence = new RegExp(String.raw`^(?:.*(?:[:.=]\s+|\b(?:with|by|after|as|is|are|be|includes?|contains?|using|use|put|give|have|order|(?:name|call|label)(?:ed)?(?: (?:it|them|the files?|your files?|each file|both files))?)\s+))?\W*(?<made>[^:.;()=]{6,120}?)\s*${ledIn}[“"‘]?(?<names>${name}(?:[”"’]?\s*(?:,|and|or|&|/)\s*[“"‘]?${name})*)`, 'iu');
/** … or in the next: “So mine would be Lindqvist_essay.pdf.” */
const nextSentence = new RegExp(String.raw`^\W*(?:(?:so|thus|e\.?g\.?|for example|example)[,:]?\s*)?(?:(?:mine|yours|my (?:file|own)|(?:a|the|your) (?:file|name)|it|this|that|[\p{Lu}][\p{L}. ]{1,30}['’]s(?: file)?)\s+(?:would|will|might|could|should)\s+(?:then\s+)?(?:be|read|look like)(?: called| named)?\s*:?\s*)?[“"‘]?(?<names>${name}(?:[”"’]?\s*(?:,|and|or|&|/)\s*[“"‘]?${name})*)[”"’]?\W*$`, 'iu');
const apart = /\s*(?:,\s*(?:and\s+)?(?:then\s+)?|\band\s+then\b|\band\b|\bthen\b|\bplus\b|\+|\bfollowed by\b)\s*/iu;
const marks = /^(?:an? |the |one )?(?:single )?(?:underscore|hyphen|dash|minus)s?$/iu;
/** A piece that says where something stands is none of a name. */
const notPiece = /\b(?:in|on|at|only|alone|nothing|files?|folder|page|header|footer|document|paper itself)\b|[–—:]/iu;
const told = /\b(?:names?|numbers?|no\.?|code|ID|initials?|surname|group|section|team|letter|title|module|course|version|date|week|matric\w*|item|document|type|kind)\b/iu;

/** “Section, last name, “report” or “data”: A_Okafor_report.pdf, A_Okafor_data.csv”: what the pieces of a name are, in the order of an example that has as many.
 * @returns the pattern with what stands for a detail in brackets, a name for each file; null where the example and the words do not go together */
export function explainedName(clause: Clause, next: Clause | undefined, isDetail: (words: string) => boolean): { value: string; start: number; end: number } | null {
  const here = firstIn(clause.text, sameSentence), behind = here ? null : next ? firstIn(next.text, nextSentence) : null, made = here?.groups!.made ?? (behind ? rewritten(clause.text, [/^\W*(?:(?:the )?(?:file ?)?nam(?:e|es|ing)(?: (?:convention|format|rule))?|file ?names?)\s*[:–-]\s*/i, ''], [/^.*\b(?:with|by|after|as|from|of|is|are|use|put|give)\s+(?=your|the)/i, ''], [/[\s.]+$/, '']) : null);
  if (!made) return null;
  const pieces = made.split(apart).map((p) => rewritten(p.trim(), [/^(?:your|the|an?)\s+/i, ''], [/\s+first$/i, ''], [/^(?:\d+|four|five|six|seven|eight)[- ]?(?:digit|figure|character)s?\s+/i, ''])).filter((p) => p !== '' && !says(p, marks));
  if (pieces.length === 1 && here && !/^(?:file ?)?names?$/i.test(pieces[0]!) && (isDetail(pieces[0]!) || says(pieces[0]!, told)) && !says(pieces[0]!, notPiece) && pieces[0]!.split(/\s+/).length < 5) return onePiece(pieces[0]!, here.groups!.names!, clause);
  if (pieces.length < 2 || pieces.length > 6 || !pieces.some(isDetail) || pieces.some((p) => p.split(/\s+/).length > 5 || says(p, notPiece))) return null;
  const list = (here ?? behind)!.groups!.names!, of = here ? clause : next!, start = of.start + of.text.lastIndexOf(list), patterns: string[] = [];
  for (const [said] of eachIn(list, names)) {
    const ending = /\.[a-z\d]{2,5}$/i.exec(said)?.[0] ?? '', joints = said.slice(0, said.length - ending.length).split(/([_-])/), parts = joints.filter((_, i) => i % 2 === 0);
    if (parts.length !== pieces.length || isDetail(said.replace(/[_-]/g, ' '))) return null;
    const shown = pieces.map((piece, i) => {
      const words = piece.replace(/[“”"‘’']/g, '');
      if (new RegExp(`(?<![\\p{L}\\p{N}])${parts[i]!}(?![\\p{L}\\p{N}])`, 'iu').test(words)) return parts[i]!;
      return isDetail(words) || says(words, told) ? `[${words}]` : null;
    });
    if (shown.includes(null)) return null;
    patterns.push(shown.map((s, i) => s! + (joints[2 * i + 1] ?? '')).join('') + ending);
  }
  const each = [...new Set(patterns)];
  return each.length > 0 && (each.length === 1 || each.every((p) => /\.[a-z\d]{2,5}$/i.test(p))) ? { value: each.join(' or '), start, end: start + list.length } : null;
}

/** “With the team ID: T12_report.pdf, T12_slides.pdf”: the part that all names share is what they are named with; in one name alone it has to look like it. */
function onePiece(piece: string, list: string, clause: Clause): { value: string; start: number; end: number } | null {
  const said = [...eachIn(list, names)].map((m) => m[0]), split = said.map((name) => name.replace(/\.[a-z\d]{2,5}$/i, '').split(/[_-]/)), shared = split[0]!.filter((part) => split.every((parts) => parts.includes(part))), figured = split[0]!.filter((part) => /\d/.test(part));
  const meant = said.length > 1 ? (shared.length === 1 ? shared[0]! : undefined) : says(piece, /\b(?:numbers?|no|ID|code|group|team)\b/i) && figured.length === 1 ? figured[0]! : undefined;
  if (meant === undefined || /^\d?$/.test(meant)) return null;
  const patterns = said.map((name) => name.replace(new RegExp(`(?<![\\p{L}\\p{N}])${meant}(?![\\p{L}\\p{N}])`, 'u'), `[${piece}]`)), start = clause.start + clause.text.lastIndexOf(list);
  return patterns.length === 1 || patterns.every((p) => /\.[a-z\d]{2,5}$/i.test(p)) ? { value: [...new Set(patterns)].join(' or '), start, end: start + list.length } : null;
}
