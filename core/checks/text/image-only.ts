import { isOutlinedText, type PageFacts } from '../../model/facts.ts';
import { defineCheck, look, stops } from '../define.ts';

/** A picture of a page, with a number set on it or without, or words turned into outlines. A diagram that fills a page holds no letters. */
const isPicture = (p: PageFacts): boolean => p.images > 0 && (p.words === 0 && p.imageShare > 0.3 || p.headOnly === true && p.imageShare > 0.5) || isOutlinedText(p.drawings);

export const textImageOnly = defineCheck({
  id: 'text.image-only', needs: ['pages'], kinds: ['pdf'], mend: 'ocr', reference: 'common practice, no published source',
  asked: () => 'text, not pictures of text',
  found: ({ pages }) => { const n = pages.filter((p) => p.words === 0 && p.images > 0 || isPicture(p)).length; return n === 0 ? 'text on every page that has any' : `${n} of ${pages.length} pages are pictures`; },
  evaluate: ({ pages, brief }) => {
    const pictures = pages.filter(isPicture);
    const whole = pictures.length > 0 && pages.every((p) => p.words === 0 || p.headOnly);
    return pictures.map((p) => (whole && brief.similarityChecked ? stops : look)('picture', { page: p.number }, { part: 'text', page: p.number, box: null, quote: null }));
  },
});
