import { defineCheck, look } from '../define.ts';
import { inPlaces } from '../phrases.ts';
import type { Matcher } from '../../identity/find.ts';
import { around, boxOf } from '../../identity/search.ts';
import { hasWriterCheckDigit, homeAddress, personalPage, plainContact, ringingNumbers, spelledOut, writerNumber } from '../../tables/contacts.ts';
import type { Passage } from '../../model/facts.ts';

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
type Found = Map<string, { passage: Passage; at: number }>;
/** The docket counts what the findings tell one by one: a long paper is searched once for both. */
const known = new WeakMap<Passage[], { matcher: Matcher; found: Found }>();
function contactsIn(passages: Passage[], matcher: Matcher): Found {
  const before = known.get(passages);
  if (before?.matcher === matcher) return before.found;
  const found = contactsOutside(passages, matcher);
  known.set(passages, { matcher, found });
  return found;
}
/** Each contact once, at its first place; those that the matcher knows as the student's have findings of their own. */
function contactsOutside(passages: Passage[], matcher: Matcher): Found {
  const found: Found = new Map();
  for (const passage of passages) {
    if (!places.has(passage.place) || passage.section === 'references') continue;
    for (const { at, text } of contactsOf(passage.text)) {
      // A name inside another address does not make that address known.
      if (found.has(text) || matcher.find(text).some((h) => h.end - h.start >= text.length * 0.8)) continue;
      found.set(text, { passage, at });
    }
  }
  return found;
}

/** What an address that is spelled out has one of. */
const maySpell = /@|[[({]at|\bdot\b|mail|me\b|handle|user ?name/i;
interface Contact { at: number; text: string }
function contactsOf(text: string): Contact[] {
  const inGroup = (pattern: RegExp): Contact[] => Array.from(text.matchAll(pattern), (m) => ({ at: m.index + m[0].lastIndexOf(m[1] ?? m[0]), text: m[1] ?? m[0] }));
  const addresses = /[@+/]/.test(text) ? [plainContact, personalPage].flatMap(inGroup).map((c) => ({ ...c, text: c.text.replace(/[.'-]+$/, '') })).filter((c) => /@|\//.test(c.text) || ringable(c.text)) : [];
  const all = [...addresses, ...ringingNumbers.flatMap(inGroup).filter((c) => ringable(c.text)), ...(maySpell.test(text) ? spelledOut.flatMap(inGroup) : []), ...inGroup(writerNumber).filter((c) => hasWriterCheckDigit(c.text)), ...homeAddress.flatMap(inGroup)];
  // Of two that overlap, the longer.
  return all.filter((c, i) => !all.some((o, k) => o !== c && o.at < c.at + c.text.length && c.at < o.at + o.text.length && (o.text.length > c.text.length || o.text.length === c.text.length && k < i))).sort((a, b) => a.at - b.at);
}
