import { defineSetCheck } from '../define-set.ts';
import { look, type Draft } from '../define.ts';
import type { DocumentFacts } from '../../model/facts.ts';

const photosOf = (facts: DocumentFacts[]): DocumentFacts[] => facts.filter((f) => f.photo.ok);
/** When a photo was taken, as Exif writes it (2.3, 4.6.5, tag 0x9003): comparable as text. */
const takenAt = (f: DocumentFacts): string | null => (f.metadata.ok ? f.metadata.value.find((m) => m.key === 'DateTimeOriginal')?.value ?? null : null);
const numberOf = (f: DocumentFacts): number | null => { const all = f.file.name.replace(/\.[^.]*$/, '').match(/\d+/g); return all ? Number(all[all.length - 1]) : null; };

/** People photograph pages in order; a page taken again lands at the end and has to go back to its place. Common practice, no published source. */
export const photoOrder = defineSetCheck({
  id: 'photo.order', reference: 'common practice, no published source; Exif 2.3, 4.6.5',
  asked: ({ facts }) => (photosOf(facts).length > 1 ? 'pages in order' : null),
  found: ({ facts }) => `${photosOf(facts).length} photos`,
  evaluate: ({ facts }) => {
    const photos = photosOf(facts), times = photos.map(takenAt), byTime = times.every((t) => t !== null) && new Set(times).size > 1, numbers = photos.map(numberOf);
    if (!byTime && !numbers.every((n) => n !== null)) return [];
    const drafts: Draft[] = [];
    for (let i = 1; i < photos.length; i++) if (byTime ? times[i]! < times[i - 1]! : numbers[i]! < numbers[i - 1]!) drafts.push(look(byTime ? 'time' : 'number', { name: photos[i]!.file.name, other: photos[i - 1]!.file.name }, { part: photos[i]!.file.name, page: null, box: null, quote: null }));
    return drafts;
  },
});
