import { defineCheck, look, stops, type Check, type CheckInput } from '../define.ts';
import type { MetadataFact, MetadataSort } from '../../model/facts.ts';
import { searchPassages, type Sign } from '../../identity/search.ts';

/** One check for each sort of stored value. `statistics` (page counts, language) says nothing about anyone and has none. */
export const metadataSorts: readonly { sort: MetadataSort; what: string; reference: string }[] = [
  { sort: 'author', what: 'author', reference: 'ISO 32000-1:2008, 14.3.3, table 317; ISO 16684-1, 8.3; ECMA-376-2, 11; ODF 1.2-1, 4.3' },
  { sort: 'comment', what: 'comment', reference: 'ECMA-376-2, 11; Exif 2.3, 4.6.5' },
  { sort: 'company', what: 'company', reference: 'ECMA-376-1, 22.2.2.3' },
  { sort: 'custom', what: 'custom property', reference: 'ECMA-376-1, 22.3; ISO 32000-1:2008, 14.3.3' },
  { sort: 'dates', what: 'date', reference: 'ISO 32000-1:2008, 7.9.4; ISO 16684-1, 8.4' },
  { sort: 'device', what: 'device', reference: 'Exif 2.3, 4.6.4' },
  { sort: 'editing-time', what: 'editing time', reference: 'ECMA-376-1, 22.2.2.27; ODF 1.2-1, 4.3.2.17' },
  { sort: 'history', what: 'history', reference: 'ISO 16684-2; XMP part 2, 1.2.4' },
  { sort: 'ids', what: 'document id', reference: 'ISO 32000-1:2008, 14.4; XMP part 2, 2.2' },
  { sort: 'keywords', what: 'keyword', reference: 'ISO 32000-1:2008, table 317' },
  { sort: 'location', what: 'location', reference: 'Exif 2.3, 4.6.6' },
  { sort: 'paths', what: 'path', reference: 'ECMA-376-1, 17.15; ODF 1.2-1, 3.10' },
  { sort: 'private-data', what: 'a program’s private data', reference: 'ISO 32000-1:2008, 14.5' },
  { sort: 'revision-ids', what: 'revision id', reference: 'ECMA-376-1, 17.15.1.72' },
  { sort: 'software', what: 'program', reference: 'ISO 32000-1:2008, table 317' },
  { sort: 'subject', what: 'subject', reference: 'ISO 32000-1:2008, table 317' },
  { sort: 'template', what: 'template', reference: 'ECMA-376-1, 17.15.1.6' },
  { sort: 'thumbnail', what: 'thumbnail', reference: 'ECMA-376-2, 10; ODF 1.2-3, 3.7' },
  { sort: 'title', what: 'title', reference: 'ISO 32000-1:2008, table 317' },
];

/** What a file for long keeping has to say of itself, where one is asked for; it tells nothing about anyone (ISO 19005-2, 6.1.3, 6.6.4). */
const demanded = (m: MetadataFact, { brief }: CheckInput): boolean => brief.archival !== undefined && (m.part === 'trailer/ID' || /^XMP\/pdfaid:/.test(m.part));

/** What a program notes of a file says nothing about anyone, unless somebody's name stands there. */
const counted = (m: MetadataFact, sort: MetadataSort): boolean => sort === 'custom' && m.sort === 'statistics' && /\p{L}{2}|\d{5}/u.test(m.value) && !/^(?:[a-z]{2,3}(?:-\w+)*|title|titel|true|false)$/i.test(m.value);

/** Dates without a date: what a clean file carries where the format demands one. */
export const neutralDate = /^(?:D:)?(?:1970|1980|2000)[-:]?01[-:]?01/;

export const metadataChecks: Check[] = metadataSorts.map(({ sort, what, reference }) => defineCheck({
  id: `metadata.${sort}`, needs: ['metadata'], mend: 'clean', reference,
  asked: (input) => (input.wanted === 'no' ? null : sort === 'author' || (input.facts.metadata.ok && input.facts.metadata.value.some((m) => (m.sort === sort || counted(m, sort)) && !demanded(m, input))) ? `no ${what} stored with the file` : null),
  found: (seen) => { const here = seen.metadata.filter((m) => m.sort === sort && !demanded(m, seen)); return here.length === 0 ? 'none' : here.length === 1 ? here[0]!.value.slice(0, 60) : `${here.length} values`; },
  evaluate: (seen) => seen.metadata.filter((m) => (m.sort === sort || counted(m, sort)) && !demanded(m, seen) && !(sort === 'dates' && neutralDate.test(m.value))).flatMap((m) => {
    const { matcher, wanted } = seen;
    const search = (text: string): Sign | undefined => (matcher ? searchPassages([{ part: m.part, place: 'metadata', page: null, text, authorLike: sort === 'author' }], matcher)[0] : undefined);
    // An entry of one's own has a name of one's own.
    const said = search(m.value), called = said || sort !== 'custom' ? undefined : search(m.key), sign = said ?? called;
    if (m.sort !== sort && !sign) return [];
    const place = { part: m.part, page: null, box: null, quote: `${called ? `${m.key}: ` : ''}${m.value}`.slice(0, 200) };
    const data = { key: m.key, value: m.value.slice(0, 120), what };
    if (sign?.standing === 'stops') return (wanted === 'yes' ? stops : look)('identifies', data, place, sign.detail);
    return look('stored', data, place, sign?.detail ?? null);
  }),
}));
