import { defineCheck, look, stops, type Check } from '../define.ts';
import type { PlaceKind } from '../../model/facts.ts';
import { isAskedInName } from '../../naming/pattern.ts';

/** One check for each kind of place; they differ in nothing but where they look. Add a row: reader and words follow. */
export const identityPlaces: readonly { id: string; place: PlaceKind; where: string; mend: string | null }[] = [
  { id: 'identity.alt-text', place: 'altText', where: 'alternative texts', mend: 'clean' },
  { id: 'identity.annotation', place: 'annotation', where: 'annotations', mend: 'clean' },
  { id: 'identity.attachment', place: 'attachment', where: 'files inside the file', mend: 'clean' },
  { id: 'identity.cloud-address', place: 'cloudAddress', where: 'cloud addresses', mend: 'clean' },
  { id: 'identity.comment', place: 'comment', where: 'comments', mend: 'clean' },
  { id: 'identity.deleted-text', place: 'deletedText', where: 'deleted text', mend: 'changes' },
  { id: 'identity.field', place: 'field', where: 'fields', mend: 'clean' },
  { id: 'identity.footnote', place: 'footnote', where: 'notes', mend: 'redact' },
  { id: 'identity.form', place: 'form', where: 'form fields', mend: 'fields' },
  { id: 'identity.hidden', place: 'hidden', where: 'hidden parts', mend: 'clean' },
  { id: 'identity.image-metadata', place: 'imageMetadata', where: 'pictures’ metadata', mend: 'clean' },
  { id: 'identity.image-text', place: 'imageText', where: 'text in pictures', mend: 'redact' },
  { id: 'identity.link', place: 'link', where: 'links', mend: 'clean' },
  { id: 'identity.orphan', place: 'orphan', where: 'objects no longer shown', mend: 'clean' },
  { id: 'identity.outline', place: 'outline', where: 'bookmarks', mend: 'clean' },
  { id: 'identity.path', place: 'path', where: 'paths', mend: 'clean' },
  { id: 'identity.revision', place: 'revision', where: 'earlier saved states', mend: 'clean' },
  { id: 'identity.running-head', place: 'runningHead', where: 'running heads', mend: 'redact' },
  { id: 'identity.script', place: 'script', where: 'scripts', mend: 'clean' },
  { id: 'identity.signature', place: 'signature', where: 'signatures', mend: null },
  { id: 'identity.text', place: 'text', where: 'the text', mend: 'redact' },
  { id: 'identity.textbox', place: 'textbox', where: 'text boxes', mend: 'redact' },
  { id: 'identity.tracked-change', place: 'trackedChange', where: 'tracked changes', mend: 'clean' },
];

/** Places that clearing empties, whoever is named there; in the others it takes the student's own details alone. */
const wholly = new Set(['identity.comment', 'identity.annotation', 'identity.tracked-change', 'identity.revision', 'identity.orphan', 'identity.image-metadata', 'identity.path', 'identity.deleted-text', 'identity.form']);

export const identityChecks: Check[] = identityPlaces.map(({ id, place, where, mend }) => defineCheck({
  id, needs: ['passages'], mend: mend ?? undefined, mendsOnlyStops: !wholly.has(id), reference: 'common practice, no published source (anonymous marking)',
  // Only the text itself is always asked about; the other places get a line when something stands there.
  asked: ({ wanted, details, facts, signs }) => (wanted === 'no' || (wanted === 'unsettled' && !details) ? null
    : place === 'text' || signs.some((s) => s.place === place) || (facts.passages.ok && facts.passages.value.some((p) => p.place === place)) ? `nothing that identifies me in ${where}` : null),
  found: ({ signs, details }) => {
    const here = signs.filter((s) => s.place === place);
    if (!details) return 'my details are missing, so nothing was searched';
    return here.length === 0 ? 'nothing' : here.length === 1 ? '1 place' : `${here.length} places`;
  },
  evaluate: ({ signs, wanted, details, brief }) => (details === null
    ? (place === 'text' ? [look('noDetails')] : [])
    : signs.filter((s) => s.place === place).map((s) => {
      // A number that the brief wants in the name is asked for there; in the paper it stays forbidden unless asked in the running head.
      const asked = place === 'runningHead' && s.detail === 'candidateNumber' && isAskedInName(brief, s.detail);
      const standing = s.standing === 'stops' && wanted === 'yes' && !asked ? stops : look;
      return standing('found', { found: s.found.replace(/\s+/g, ' '), where, reason: s.reason, detail: s.detail }, { part: s.part, page: s.page, box: s.page === null ? null : s.box, quote: s.quote }, s.detail);
    })),
}));
