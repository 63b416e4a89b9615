import { defineCheck, stops } from '../define.ts';
import { showBytes } from '../../text/show.ts';

export const fileEmpty = defineCheck({
  id: 'file.empty', needs: [], reference: 'common practice, no published source',
  asked: () => 'not empty',
  found: ({ file }) => (file.bytes === 0 ? '0 bytes' : showBytes(file.bytes)),
  evaluate: ({ file }) => (file.bytes === 0 ? [stops('zero')] : []),
});
