import type { NameField } from '../model/brief.ts';
import type { Clause } from './statements.ts';
import { eachIn, firstIn, says } from '../text/patterns.ts';

/** What stands before the name itself: “Name your file …”, “File name: …”, “The file must be saved as …”, “Use the following file name: …”. */
const thing = String.raw`(?:(?:the|your|each|every|this|all|both)\s)?(?:(?:final|single|completed|finished)\s)?(?:files?|documents?|submissions?|PDFs?|essays?|papers?|reports?|work|assignments?|uploads?|attachments?|dissertations?|thesis|coursework|it|them)`;
const nameWord = String.raw`(?:file[\s-]?names?|naming|names? of (?:the|your) (?:file|document|PDF|submission)|file[\s-]?naming)`;
const introductions = [
  String.raw`^\W*(?:\d+[.)]\s*)?(?:required\s)?${nameWord}(?:\s(?:convention|rule|format|scheme|pattern))?(?:\s\([^)\n]{1,20}\))?\s*[:=|–]\s*`,
  String.raw`\b(?:name|call|label|title|rename|save)\s${thing}(?:\s(?:as follows|as|to|using the format|in the form(?:at)?|with the name))?\s?:?\s+`,
  String.raw`\b(?:${thing}|${nameWord}|${nameWord}\s(?:convention|format))\s(?:(?:must|should|shall|has to|have to|needs? to|is to|are to)\s(?:be|read|follow|take|have|use)|(?:is|are|reads))(?:\s(?:named|called|labelled|titled|saved|renamed))?(?:\s(?:in|to|of))?(?:\s(?:the|this)\s(?:form|format|pattern|convention))?(?:\s(?:as follows|as|to|under))?\s?:?\s+`,
  String.raw`\b(?:submit|upload|save|hand in|send|store)(?:ted|ed|s|d)?\s(?:${thing}\s)?(?:in\s)?(?:under|with|by)\s(?:the|this)\s(?:file[\s-]?)?name\s?:?\s+`,
  String.raw`\b(?:following|this)\s(?:${nameWord}|name|format|form|pattern|convention)(?:\s(?:convention|format|pattern))?(?:\s(?:for|when|in|to)\s[^:\n.;]{3,40})?\s?:\s*`,
  String.raw`\b(?:use|using|follow|following|in|with)\sthe\s(?:${nameWord}|naming)?\s?(?:format|form|pattern|convention)\s?:?\s+`,
].map((source) => new RegExp(source, 'gi'));

const anyCase = (source: string): string => source.replace(/(?<!\\)\b(?:id|[a-z])/g, (c) => (c === 'id' ? '(?:id|ID|Id)' : `[${c}${c.toUpperCase()}]`)).replaceAll(' ', '[ _]');
/** A detail as people spell it inside a name, small or capital. */
const field = anyCase(String.raw`(?:your )?(?:(?:student|candidate|exam|examination|registration|matriculation|matric|roll|enrolment|university|id|anonymous) (?:number|no\.?|id|code|nr\.?)|(?:first|given|last|family|user|full) name|(?:module|course|unit) (?:code|number)|(?:essay|paper|assignment|short|module|course) title|(?:assignment|coursework|essay|group|task) number|surname|lastname|familyname|firstname|username|userid|studentid|studentnumber|studentno|candidatenumber|initials|login)`);
const bracketed = String.raw`\[[^\]\n]{1,30}\]|<[^>\n]{1,30}>|\{[^}\n]{1,30}\}|\((?:${field}|\p{Lu}\p{Ll}+\p{Lu}[\p{L}\d]*|\p{Lu}{2,5}(?=\)(?:[_-]|\.\w)))\)`;
const piece = String.raw`(?:${bracketed}|${field}(?![\p{L}\d])|\p{Lu}[\p{L}\d#]*|\p{Ll}+\p{Lu}[\p{L}\d]*|\p{L}*\d[\p{L}\d]*|(?<=[_-])\p{Ll}+(?=[_.-]|$))`;
const ending = String.raw`(?:\.(?:pdf|PDF|docx?|odt|rtf|txt|zip|pptx?|xlsx))?`;
const body = new RegExp(String.raw`${piece}(?:(?:\s?[_–+-]\s?|[ ]|\.(?=\p{Lu}\p{L}*[\d.])|, (?=[^\n.;]{1,60}(?:[_–-]|\.(?:pdf|docx?|odt)))(?!\p{Ll}))${piece}){0,8}${ending}(?=[”"’']?\s*(?:$|[.;,](?:\s|$)|\n|\((?:e\.g|for example|where|without|no)|(?:before|when|where|prior to|e\.g\.|for example|for instance|and (?:then )?(?:upload|submit|save|send))\b))`, 'uy');

/**
 * A name that a sentence introduces and spells out to its end, blanks and round brackets among its signs: “Name your file HY204 StudentNumber”,
 * “File name: (Surname)_CW1.docx”. Ordinary small words end it, so that “Name your file with your surname” is none.
 * @param meaning finds the details in a stretch of words
 */
export function introducedName(clause: Clause, meaning: (words: string) => NameField[]): { value: string; start: number; end: number } | null {
  let best: { value: string; start: number; end: number } | null = null;
  for (const [kind, introduction] of introductions.entries()) for (const m of eachIn(clause.text, introduction)) {
    const quoted = /^[“"‘']/.test(clause.text.slice(m.index + m[0].length)), at = m.index + m[0].length + (quoted ? 1 : 0);
    body.lastIndex = at;
    const value = firstIn(clause.text, body)?.[0];
    if (value === undefined || says(value, /^(?:The|Your|A|An|Please|Do|If|It|This|No|Not|In|PDF|Word|I|We|You)\b/)) continue;
    const alone = new RegExp(`^(?:${piece})$`, 'u').test(value);
    // “File name: Student number”: a label's capital says nothing.
    if (alone && !/[\p{Ll}]\p{Lu}|^\p{Lu}{3,}$|[[<{(]/u.test(value) && (kind === 0 || /^\p{Ll}/u.test(value))) continue;
    // Details one behind the other, and nothing that only a name has: the order may be meant, the signs are not said.
    if (!alone && !says(value, /[_[\]<>{}()\d–+-]|\p{Ll}\p{Lu}|\.\w+$/u) && new RegExp(`^(?:${field})(?: (?:${field}))*$`, 'u').test(value)) continue;
    if (meaning(value).length === 0) continue;
    if (best === null || value.length > best.value.length) best = { value, start: clause.start + at, end: clause.start + at + value.length };
  }
  return best;
}
