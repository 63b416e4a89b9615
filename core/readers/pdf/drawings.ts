import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../../engines/pdf.ts';
import type { Box, Drawings } from '../../model/facts.ts';
import { lookAlike, white } from '../../text/colour.ts';
import { colourOf, leaveWithEngine } from './painted-colour.ts';

/** A page's outer bands are its running heads' and their rules'. Share of its height. */
const band = 0.1;
/** Points. A letter is no higher or wider, and no dot. */
const letter = { least: 1.5, height: 30, width: 40 };

/** What a page with no text inside its edges has painted there: strokes, fills and pictures, and fills of the size of letters.
 * @param page - with its annotations; source of what paints: ISO 32000-1, 8.5.3, 8.7, 8.9 */
export function findDrawings(mupdf: MupdfModule, page: Mupdf.PDFPage): Drawings {
  const found: Drawings = { marks: 0, letterShapes: 0 }, [x0, y0, x1, y1] = page.getBounds(), height = y1 - y0;
  const seen = ([left, top, right, bottom]: Box): boolean => right > x0 && left < x1 && bottom > y0 + height * band && top < y1 - height * band;
  const isPaper = (space: Mupdf.ColorSpace, colour: number[], alpha: number): boolean => alpha < 0.05 || lookAlike(colourOf(space, colour), white);
  const device = new mupdf.Device({
    fillPath: (path: Mupdf.Path, _evenOdd: boolean, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      const box = path.getBounds(null as never, ctm) as Box, [wide, high] = [box[2] - box[0], box[3] - box[1]];
      if (seen(box) && !isPaper(space, colour, alpha)) { found.marks++; if (high > letter.least && high < letter.height && wide < letter.width) found.letterShapes++; }
      path.destroy(); space.destroy();
    },
    strokePath: (path: Mupdf.Path, stroke: Mupdf.StrokeState, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      if (seen(path.getBounds(stroke, ctm) as Box) && !isPaper(space, colour, alpha)) found.marks++;
      path.destroy(); stroke.destroy(); space.destroy();
    },
    fillImage: (image: Mupdf.Image) => { found.marks++; image.destroy(); },
    fillImageMask: (image: Mupdf.Image, _ctm: Mupdf.Matrix, space: Mupdf.ColorSpace) => { found.marks++; image.destroy(); space.destroy(); },
    fillShade: (shade: Mupdf.Shade) => { found.marks++; leaveWithEngine(shade); },
  } as never);
  try { page.run(device, mupdf.Matrix.identity); } catch { /* a page that breaks off has shown what it could */ } finally { device.destroy(); }
  return found;
}
