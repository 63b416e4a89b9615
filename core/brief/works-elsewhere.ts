import { takenIn, type DatedRow, type Reading } from './dated-rows.ts';
import { surelyEnglish } from './german.ts';
import { closesThere, events, fromThere, handsIn, moreTime, noBox, opensThere, small, untilThere, works, yours } from './wordings/works-elsewhere.ts';
import { eachIn, says } from '../text/patterns.ts';

/** A wording with more days than these is a timetable. */
const mostDays = 24;
const englishName = /\b(?:submissions?|assignments?|coursework|due|dates?|late|final|draft|hand-?in|upload|release)\b/i;
const most = 8, hour = String.raw`\d{1,2}(?:[:.h]\d{2}|\s?h)?\s*(?:Uhr|uur|h\b|heures?|horas?)?`;
/** The hour that belongs to the date before. */
const hourBefore = new RegExp(String.raw`^,?\s*\(?(?:(?:um|à|a las|às|om|alle|ore|kl\.?|klokka|klockan)\s+)?(?:${hour})?\)?`, 'iu');
const token = /(?:[ldLD]|[Dd]ell|[Aa]ll)[’'](?=\p{L})|\p{L}[\p{L}-]*|\d{1,2}(?!\p{L})/gu;

const inOrder = (rows: DatedRow[]): DatedRow[] => rows.filter((r) => r.date.problem === 'none').sort((a, b) => a.date.start - b.date.start);
/** It has words that only English has, or nothing around its days was put into English. */
const isEnglish = (rows: DatedRow[], text: string): boolean => says(text.slice(0, 3000), surelyEnglish) || rows.every((r) => r.clause.text === text.slice(r.clause.start, r.clause.end));

/** Small words that a name may have within. */
const joins = /^(?:de|du|des|la|le|les|l|d|del|della|dello|dei|delle|do|da|dos|das|di|der|van|het|av|af|til|zum|zur|und|et|y|e|en|och|og)$/i;

/** The words of a line or a sentence that are no small ones, where they are one name: “Die Abgabefrist für den Lesebericht endet am” is about a Lesebericht. */
function nameIn(words: string): string | null {
  const tokens = [...eachIn(words, token)], isName = (m: RegExpExecArray, i: number): boolean => /^\p{L}/u.test(m[0]) && !/[’']$/.test(m[0]) && (!small.has(m[0].toLowerCase()) || /^del$/i.test(m[0]) && /^\d/.test(tokens[i + 1]?.[0] ?? '') || /^rendus?$/i.test(m[0]) && /^comptes?$/i.test(tokens[i - 1]?.[0] ?? '')), told = tokens.filter(isName), first = told[0];
  if (!first || told.length > 3) return null;
  const last = told.at(-1)!, number = tokens[tokens.indexOf(last) + 1], end = number && /^\d/.test(number[0]) && /^\s$/.test(words.slice(last.index + last[0].length, number.index)) ? number.index + number[0].length : last.index + last[0].length;
  if (tokens.slice(tokens.indexOf(first), tokens.indexOf(last)).some((m) => small.has(m[0].toLowerCase().replace(/[’']$/, '')) && !says(m[0].replace(/[’']$/, ''), joins))) return null;
  const name = words.slice(first.index, end);
  return /[.,;:()|\n]/.test(name) || name.length > 50 ? null : name;
}

/** “Der Bericht ist bis 12. März abzugeben, das Protokoll bis 19. März.”, “Rapport : 12 mars. Journal : 19 mars.”: in other languages than English a work is what is left
 * of the words before its day when the small ones are gone. @returns whether every day has one of its own */
export function worksElsewhere(all: DatedRow[], { text }: Reading): boolean {
  const rows = inOrder(all), found: { r: DatedRow; name: string }[] = [], happens: DatedRow[] = [];
  if (rows.length > mostDays || rows.some((r) => r.role === 'opens' || r.role === 'extension') || isEnglish(rows, text)) return false;
  for (const [i, r] of rows.entries()) {
    const lead = text.slice(Math.max(i > 0 ? rows[i - 1]!.date.end : 0, r.date.start - 200), r.date.start).replace(hourBefore, ''), pieces = lead.split(/(?<!\bkl)[.;](?=\s)|\n|(?<=(?:Abgabe\p{L}*|Fristen|Deadlines?|[Dd]ates? limites?|Échéances|Fechas[^:\n]{0,20}|Scadenze|Prazos|Frister|Inlämning\p{L}*|Inleverdata)\s?):/u).map((p) => p.trim()).filter((p) => /\p{L}/u.test(p));
    const own = pieces.at(-1) ?? '', above = pieces.at(-2), name = nameIn(own) ?? ([...eachIn(own, token)].every((m) => small.has(m[0].toLowerCase())) && above && above.length < 50 ? nameIn(above) : null);
    const said = `${own} ${/^[^.;\n]{0,90}/.exec(text.slice(r.date.end))![0]}`;
    if (says(own, events) && !says(said, handsIn) && !(own.match(/\p{L}+/gu) ?? []).some((w) => says(w, works))) { happens.push(r); continue; }
    if (says(own, opensThere)) return false;
    if (!name) { if (r.role === 'due' || r.role === 'unknown') return false; continue; }
    found.push({ r, name });
  }
  for (const r of happens) r.role = 'other';
  if (happens.length > 0 && found.length === 1 && found[0]!.r.role === 'unknown' && says(text.slice(Math.max(0, found[0]!.r.date.start - 80), found[0]!.r.date.start), handsIn)) found[0]!.r.role = 'due';
  const names = new Set(found.map((f) => f.name.toLowerCase()));
  if (found.some((f) => says(f.name, englishName)) || found.length < 2 || found.length > most || names.size < found.length || new Set(found.map((f) => f.r.date.iso)).size < 2) return false;
  if (!found.some(({ name }) => says(name, works)) && !found.every(({ r }) => says(text.slice(Math.max(0, r.clause.start - 40), r.clause.end), handsIn))) return false;
  if (!says(text, handsIn) && found.filter(({ name }) => says(name, works)).length * 2 < found.length) return false;
  for (const { r, name } of found) Object.assign(r, { label: name, role: 'due' });
  return true;
}

/** The sentence or line that a date stands in, up to the date and behind it. */
function around(r: DatedRow, before: DatedRow | undefined, text: string): { lead: string; behind: string } {
  const lead = text.slice(Math.max(before?.date.end ?? 0, r.date.start - 160), r.date.start).split(/(?<!\bkl)[.;](?=\s)|\n/).at(-1)!;
  return { lead, behind: /^[^.;\n]{0,90}/.exec(text.slice(r.date.end))![0] };
}

/** “Der Ordner öffnet am 1. März und schließt am 12. März”, “La entrega es posible del 1 al 12 de marzo”: the one window of a wording in another language. @returns whether it has one */
export function windowElsewhere(all: DatedRow[], { text }: Reading): boolean {
  const rows = inOrder(all), [first, last] = rows;
  if (!first || !last || rows.length > 2 || first.date.iso.slice(0, 10) > last.date.iso.slice(0, 10) || isEnglish(rows, text)) return false;
  const { lead } = around(first, undefined, text), between = text.slice(first.date.end, last.date.start), own = takenIn(text, first.date), upTo = takenIn(text, last.date);
  const told = says(lead, opensThere) && says(between, closesThere) && between.length < 90, span = says(`${lead}${own}`, fromThere) && says(`${between}${upTo}`, untilThere) && says(`${lead} ${around(last, first, text).behind}`, handsIn);
  if (!told && !span || says(lead, noBox)) return false;
  Object.assign(first, { label: null, role: 'opens', window: true });
  Object.assign(last, { label: null, role: 'due' });
  return true;
}

/** “Ihre Frist wurde bis zum 19. März verlängert”, “Se le concede una prórroga hasta el 19 de marzo”: a day that is the reader's alone. */
export function extensionElsewhere(all: DatedRow[], { text }: Reading): void {
  const rows = inOrder(all);
  if (rows.length < 2 || rows.length > mostDays || isEnglish(rows, text)) return;
  const granted = rows.filter((r, i) => { const { lead, behind } = around(r, rows[i - 1], text), sentence = `${lead} ${behind}`; return i > 0 && says(sentence, moreTime) && says(sentence, yours); });
  if (granted.length !== 1) return;
  granted[0]!.role = 'extension';
  const others = rows.filter((r) => r !== granted[0]);
  if (others.length === 1 && others[0]!.role === 'unknown' && (says(around(others[0]!, undefined, text).lead, handsIn) || says(around(others[0]!, undefined, text).lead, closesThere))) others[0]!.role = 'due';
}

/** “Abgabe des Berichts: 12. Februar 2027”, “Remise du rapport : 12 février 2027”. */
const handInOfWork = /(?:^|[\n.;])[ \t]*(?:[-•*▪][ \t]*)?(?:Abgabe|Einreichung|Remise|Rendu|Dépôt|Entrega|Consegna|Inlevering|Inlämning|Innlevering|Aflevering)[ \t](?:des|der|Ihrer|Ihres|du|de la|de l['’]|del|della|dello|dell['’]|do|da|van (?:het|de)|av|af)[ \t]?[\p{L} -]{3,40}?[ \t]?:\s*(?:\p{L}+,?\s+)?(?:den |le |el |il )?$/iu;
/** Where no other day is due, the one that the hand-in of the work is on is the deadline. */
export function handInElsewhere(all: DatedRow[], { text }: Reading): void {
  const rows = inOrder(all), named = rows.filter((r) => r.role === 'unknown' && says(text.slice(Math.max(0, r.date.start - 90), r.date.start), handInOfWork));
  if (named.length === 1 && !rows.some((r) => r.role === 'due')) named[0]!.role = 'due';
}
