import { defineCheck, look, stops } from '../define.ts';

export const textImageOnly = defineCheck({
  id: 'text.image-only', needs: ['pages'], kinds: ['pdf'], mend: 'ocr', reference: 'common practice, no published source',
  asked: () => 'text, not pictures of text',
  found: ({ pages }) => { const n = pages.filter((p) => p.words === 0 && p.images > 0).length; return n === 0 ? 'text on every page that has any' : `${n} of ${pages.length} pages are pictures`; },
  evaluate: ({ pages, brief }) => {
    const pictures = pages.filter((p) => p.words === 0 && p.images > 0 && p.imageShare > 0.3);
    const whole = pictures.length > 0 && pages.every((p) => p.words === 0);
    return pictures.map((p) => (whole && brief.similarityChecked ? stops : look)('picture', { page: p.number }, { part: 'text', page: p.number, box: null, quote: null }));
  },
});
