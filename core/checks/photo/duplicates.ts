import { defineSetCheck } from '../define-set.ts';
import { look, type Draft } from '../define.ts';

/** How alike the small prints of two flat sheets are, −1 to 1: Pearson's correlation, so that light and paper do not matter. */
export function likeness(a: number[], b: number[]): number {
  if (a.length !== b.length || a.length === 0) return 0;
  const ma = a.reduce((s, v) => s + v, 0) / a.length, mb = b.reduce((s, v) => s + v, 0) / b.length;
  let ab = 0, aa = 0, bb = 0;
  for (let i = 0; i < a.length; i++) { const p = a[i]! - ma, q = b[i]! - mb; ab += p * q; aa += p * p; bb += q * q; }
  return aa > 0 && bb > 0 ? ab / Math.sqrt(aa * bb) : 0;
}
/** Two photos of one page agree this far, two pages of one hand do not (measured in photo.test.ts). */
const samePage = 0.9;

export const photoDuplicates = defineSetCheck({
  id: 'photo.duplicates', reference: 'common practice, no published source',
  asked: ({ facts }) => (facts.filter((f) => f.photo.ok).length > 1 ? 'each page once' : null),
  found: ({ facts }) => `${facts.filter((f) => f.photo.ok).length} photos`,
  evaluate: ({ facts }) => {
    const photos = facts.flatMap((f) => (f.photo.ok && f.photo.value.sharpness !== null ? [{ name: f.file.name, print: f.photo.value.print, sha: f.file.sha256 }] : [])), drafts: Draft[] = [];
    for (const [i, p] of photos.entries()) {
      const twin = photos.slice(0, i).find((q) => q.sha !== p.sha && likeness(p.print, q.print) >= samePage);
      if (twin) drafts.push(look('same', { name: p.name, other: twin.name }, { part: p.name, page: null, box: null, quote: null }));
    }
    return drafts;
  },
});
