import { atName, defineCheck, look, stops } from '../define.ts';
import { signsInName } from '../name/identity.ts';

/** Under anonymous marking the name of the file is one more place; a rule about names is `name.identity`. */
export const identityFilename = defineCheck({
  id: 'identity.filename', needs: [], mend: 'rename', reference: 'common practice, no published source (anonymous marking)',
  asked: ({ wanted, details, brief }) => (wanted === 'yes' && details && brief.naming.mustNotIdentify !== false ? 'nothing that identifies me' : null),
  found: ({ file }) => file.name,
  evaluate: (seen) => signsInName(seen).map((s) => (s.standing === 'stops' ? stops : look)('found', { found: s.found, where: 'the file name', reason: s.reason, detail: s.detail }, { ...atName, quote: s.found }, s.detail)),
});
