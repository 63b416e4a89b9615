import { defineCheck, look } from '../define.ts';
import { inPlaces } from '../phrases.ts';
import type { Matcher } from '../../identity/find.ts';
import { around, boxOf } from '../../identity/search.ts';
import type { Passage } from '../../model/facts.ts';

/** Addresses to write to and numbers to ring, wherever somebody put them. Sources: RFC 5322, 3.4.1 (addr-spec, the plain form), ITU-T E.164 (international numbers, at most fifteen digits). */
const contact = /[\p{L}\p{N}._%+'-]+@[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+|(?<![\p{N}+])\+\d[\d ().-]{7,18}\d(?!\p{N})/gu;
/** Numbers to ring that are called so, addresses written so that no machine reads them, and numbers of writers. Sources: ITU-T E.123 (national notation), ISO 27729 (sixteen digits, the last a check digit by ISO/IEC 7064 MOD 11-2). */
const called = /\b(?:tel(?:ephone)?|phone|mobile|cell(?:phone)?|contact|call|ring|text|fax)\.?(?:\s+(?:me|us))?(?:\s+(?:on|at|no\.?|number))?\s*[:.]?\s+(0\d[\d ().-]{7,14}\d)(?![\d])|([\p{L}\p{N}._-]+\s?[[(]at[\])]\s?[\p{L}\p{N}-]+(?:\s?(?:\.|[[(]dot[\])])\s?[\p{L}\p{N}-]+)+)/giu, writer = /(?<![\d-])\d{4}-\d{4}-\d{4}-\d{3}[\dX](?![\d-])/g;
/** A street with a number and the post code of its town. */
const street = /\b\d{1,4}[A-Za-z]? (?:\p{Lu}[\p{L}'’-]+ ){1,3}(?:Street|St\.?|Road|Rd\.?|Lane|Avenue|Ave\.?|Close|Drive|Terrace|Gardens|Crescent|Place|Court|Way),?\s[^\n;]{0,50}?(?:\b[A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2}\b|\b[A-Z]{2} \d{5}(?:-\d{4})?\b)/gu;
const checkDigit = (digits: string): boolean => { let total = 0; for (const d of digits.slice(0, 15)) total = (total + Number(d)) * 2 % 11; return (12 - total) % 11 === (digits[15] === 'X' ? 10 : Number(digits[15])); };

/** Addresses on the web that belong to a person: a page of one's own, a person's folder, a file shared by an opaque key. Common practice, no published source; RFC 3986 (the parts of an address). */
const personal = /https?:\/\/[^\s<>"“”/]+\/(?:[^\s<>"“”]*\/)?(?:~[\w.-]+|(?:users?|people|personal|profiles?|members?)\/[\w.%@-]+|(?:shared?|sharing|folders?|files?|drive|document|d|s)\/(?=[\w-]*\d)(?=[\w-]*[A-Za-z])[\w-]{20,})[^\s<>"“”]*/gu;
/** Where a contact says whose paper it is; the reference list and tables of data hold those of others. */
const places = new Set<Passage['place']>(['text', 'runningHead', 'footnote', 'textbox', 'comment', 'annotation', 'link', 'cloudAddress', 'hidden', 'form', 'altText']);
const mostTold = 20;

/** Contacts and personal addresses that are not among the details: the student's other address, the supervisor's, the placement's. One finding a contact. */
export const identityContact = defineCheck({
  id: 'identity.contact', needs: ['passages'], reference: 'common practice, no published source (anonymous marking); RFC 5322, 3.4.1; ITU-T E.164',
  asked: ({ wanted, details }) => (wanted === 'yes' && details ? 'no other address or number that points to me' : null),
  found: ({ passages, matcher }) => inPlaces(contactsIn(passages, matcher!).size),
  evaluate: ({ passages, matcher }) => [...contactsIn(passages, matcher!)].slice(0, mostTold).map(([text, { passage, at }]) => look('other', { contact: text }, { part: passage.part, page: passage.page, box: boxOf(passage, at, at + text.length), quote: around(passage.text, at, at + text.length) })),
});

const ringable = (text: string): boolean => { const digits = text.replace(/\D/g, '').length; return digits >= 9 && digits <= 15; };
/** Each contact once, at its first place; those that the matcher knows as the student's have findings of their own. */
function contactsIn(passages: Passage[], matcher: Matcher): Map<string, { passage: Passage; at: number }> {
  const found = new Map<string, { passage: Passage; at: number }>();
  for (const passage of passages) {
    if (!places.has(passage.place) || passage.section === 'references') continue;
    const all = /[@+]|:\/\//.test(passage.text) ? [...passage.text.matchAll(contact), ...passage.text.matchAll(personal)].map((m) => ({ at: m.index, text: m[0].replace(/[.'-]+$/, '') })).filter(({ text }) => /@|:\/\//.test(text) || ringable(text)) : [];
    for (const m of passage.text.matchAll(called)) { const text = m[1] ?? m[2]!; if (m[2] || ringable(text)) all.push({ at: m.index + m[0].lastIndexOf(text), text }); }
    for (const m of passage.text.matchAll(writer)) if (checkDigit(m[0].replace(/-/g, ''))) all.push({ at: m.index, text: m[0] });
    for (const m of passage.text.matchAll(street)) all.push({ at: m.index, text: m[0] });
    for (const { at, text } of all) {
      // A name inside another address does not make that address known.
      if (found.has(text) || matcher.find(text).some((h) => h.end - h.start >= text.length * 0.8)) continue;
      found.set(text, { passage, at });
    }
  }
  return found;
}
