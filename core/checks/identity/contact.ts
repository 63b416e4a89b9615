import { defineCheck, look } from '../define.ts';
import type { Matcher } from '../../identity/find.ts';
import { around, boxOf } from '../../identity/search.ts';
import type { Passage } from '../../model/facts.ts';

/** Addresses to write to and numbers to ring, wherever somebody put them. Sources: RFC 5322, 3.4.1 (addr-spec, the plain form), ITU-T E.164 (international numbers, at most fifteen digits). */
const contact = /[\p{L}\p{N}._%+'-]+@[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+|(?<![\p{N}+])\+\d[\d ().-]{7,18}\d(?!\p{N})/gu;
/** Addresses on the web that belong to a person: a page of one's own, a person's folder, a file shared by an opaque key. Common practice, no published source; RFC 3986 (the parts of an address). */
const personal = /https?:\/\/[^\s<>"“”/]+\/(?:[^\s<>"“”]*\/)?(?:~[\w.-]+|(?:users?|people|personal|profiles?|members?)\/[\w.%@-]+|(?:shared?|sharing|folders?|files?|drive|document|d|s)\/(?=[\w-]*\d)(?=[\w-]*[A-Za-z])[\w-]{20,})[^\s<>"“”]*/gu;
/** Where a contact says whose paper it is; the reference list and tables of data hold those of others. */
const places = new Set<Passage['place']>(['text', 'runningHead', 'footnote', 'textbox', 'comment', 'annotation', 'link', 'cloudAddress', 'hidden', 'form', 'altText']);
const mostTold = 20;

/** Contacts and personal addresses that are not among the details: the student's other address, the supervisor's, the placement's. One finding a contact. */
export const identityContact = defineCheck({
  id: 'identity.contact', needs: ['passages'], reference: 'common practice, no published source (anonymous marking); RFC 5322, 3.4.1; ITU-T E.164',
  asked: ({ wanted, details }) => (wanted === 'yes' && details ? 'no other address or number that points to me' : null),
  found: ({ passages, matcher }) => { const n = contactsIn(passages, matcher!).size; return n === 0 ? 'none' : n === 1 ? '1' : String(n); },
  evaluate: ({ passages, matcher }) => [...contactsIn(passages, matcher!)].slice(0, mostTold).map(([text, { passage, at }]) => look('other', { contact: text }, { part: passage.part, page: passage.page, box: boxOf(passage, at, at + text.length), quote: around(passage.text, at, at + text.length) })),
});

/** Each contact once, at its first place; those that the matcher knows as the student's have findings of their own. */
function contactsIn(passages: Passage[], matcher: Matcher): Map<string, { passage: Passage; at: number }> {
  const found = new Map<string, { passage: Passage; at: number }>();
  for (const passage of passages) {
    if (!places.has(passage.place) || passage.section === 'references' || !/[@+]|:\/\//.test(passage.text)) continue;
    for (const m of [...passage.text.matchAll(contact), ...passage.text.matchAll(personal)]) {
      const text = m[0].replace(/[.'-]+$/, ''), digits = text.replace(/\D/g, '').length;
      if (!/@|:\/\//.test(text) && (digits < 9 || digits > 15)) continue;
      // A name inside another address does not make that address known.
      if (found.has(text) || matcher.find(text).some((h) => h.end - h.start >= text.length * 0.8)) continue;
      found.set(text, { passage, at: m.index });
    }
  }
  return found;
}
