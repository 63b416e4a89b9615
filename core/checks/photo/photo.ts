import { defineCheck, look, stops, type Check, type Draft } from '../define.ts';
import type { PhotoFacts } from '../../model/facts.ts';

const kinds = ['jpeg', 'png', 'tiff'] as const;
const place = { part: 'photo', page: null, box: null, quote: null };

/** Levels of judgement. Common practice, no published source; the figures were set on drawn pages blurred by known amounts (photo.test.ts):
 * `goodDpi` is 150 less a tenth, because a photo does not tell the size of its sheet.
 * 12-point type under a blur of 1.5 pixels of 150 to the inch is tiring, under 3 pixels letters run together. */
export const photoLevels = { soft: 0.42, lost: 0.24, darkPaper: 80, faint: 0.25, shade: 0.42, glare: 0.008, ghost: 0.12, pencil: 0.75, penInk: 0.45, goodDpi: 135, leastDpi: 75, edgeSeen: 0.3 } as const;

/** What is wrong with one photo of a sheet, one room a subject. The scan asks the same rooms. */
const rooms: { id: string; asked: string; found: (p: PhotoFacts) => string; judge: (p: PhotoFacts) => Draft[] }[] = [
  { id: 'sharpness', asked: 'sharp enough to read', found: (p) => (p.sharpness === null ? 'nothing to judge by' : `${Math.round(p.sharpness * 100)} of 100`), judge: (p) => (p.sharpness === null ? [look('nothing', {}, place)] : p.sharpness < photoLevels.lost ? [stops('lost', { sharpness: Math.round(p.sharpness * 100) }, place)] : p.sharpness < photoLevels.soft ? [look('soft', { sharpness: Math.round(p.sharpness * 100) }, place)] : []) },
  { id: 'exposure', asked: 'evenly and well lit', found: (p) => (p.glare > photoLevels.glare ? 'burnt out in one place' : p.shade < photoLevels.shade ? 'uneven' : p.paper < photoLevels.darkPaper ? 'dark' : 'even'), judge: (p) => [
    ...(p.paper < photoLevels.darkPaper ? [look('dark', {}, place)] : p.sharpness !== null && (p.paper - p.ink) / Math.max(1, p.paper) < photoLevels.faint ? [look('faint', {}, place)] : []),
    ...(p.glare > photoLevels.glare ? [look('glare', {}, place)] : []), ...(p.shade < photoLevels.shade ? [look('shadow', {}, place)] : [])] },
  { id: 'edges', asked: 'the whole sheet', found: (p) => (p.cut > 0 ? `cut off at ${p.cut} ${p.cut === 1 ? 'side' : 'sides'}` : p.whole ? 'fills the photo' : 'all four edges'), judge: (p) => (p.cut > 0 ? [look('cut', { sides: p.cut }, place)] : !p.whole && p.edgeSeen < photoLevels.edgeSeen ? [look('unsure', {}, place)] : []) },
  // Blurred writing is pale as well, and pencil is pale all over, without any ink: the other side can only be told where this side is sharp.
  { id: 'ghost', asked: 'no writing from the other side', found: (p) => `${Math.round(p.ghost * 100)} % of the marks are pale`, judge: (p) => (p.ghost > photoLevels.ghost && (p.ghost < photoLevels.pencil || p.ink < p.paper * photoLevels.penInk) && (p.sharpness ?? 0) >= photoLevels.soft ? [look('ghost', {}, place)] : []) },
  { id: 'turn', asked: 'upright', found: (p) => (p.turn === 0 ? 'upright' : `turned by ${p.turn}°`), judge: (p) => (p.turn !== 0 ? [look('turned', { turn: p.turn }, place)] : []) },
  { id: 'resolution', asked: '150 dots per inch', found: (p) => `${p.dpi} dots per inch`, judge: (p) => (p.dpi < photoLevels.leastDpi ? [stops('coarse', { dpi: p.dpi }, place)] : p.dpi < photoLevels.goodDpi ? [look('coarse', { dpi: p.dpi }, place)] : []) },
];

/** Every photo check of one picture. */
export const photoChecks: readonly Check[] = rooms.map((room) => defineCheck({
  id: `photo.${room.id}`, needs: ['photo'], kinds, mend: 'scan', reference: 'common practice, no published source',
  asked: () => room.asked, found: ({ photo }) => room.found(photo), evaluate: ({ photo }) => room.judge(photo),
}));
/** The same judgement for a photo that is being made into a page. Turning is no fault there: the page comes out upright. */
export const judgePhoto = (photo: PhotoFacts): { check: string; draft: Draft }[] => rooms.filter((r) => r.id !== 'turn').flatMap((r) => r.judge(photo).map((draft) => ({ check: `photo.${r.id}`, draft })));
