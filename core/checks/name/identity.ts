import { defineCheck, atName, look, stops } from '../define.ts';
import { searchPassages } from '../../identity/search.ts';
import { isAskedInName } from '../../naming/pattern.ts';

export const nameIdentity = defineCheck({
  id: 'name.identity', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: ({ brief, wanted, details }) => (brief.naming.mustNotIdentify === true || (brief.naming.mustNotIdentify === null && wanted !== 'no' && (wanted === 'yes' || details)) ? 'nothing that identifies me' : null),
  found: ({ file }) => file.name,
  evaluate: ({ file, brief, matcher, wanted }) => {
    if (!matcher) return [];
    const signs = searchPassages([{ part: 'name', place: 'fileName', page: null, text: file.name }], matcher);
    // A detail that the brief demands in the name is asked for; the rest stays forbidden.
    return signs.filter((s) => !isAskedInName(brief, s.detail)).map((s) =>
      (s.standing === 'stops' && (wanted === 'yes' || brief.naming.mustNotIdentify === true) ? stops : look)('identifies', { found: s.found, name: file.name }, { ...atName, quote: s.found }, s.detail));
  },
});
