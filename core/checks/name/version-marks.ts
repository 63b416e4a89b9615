import { defineCheck, atName, look } from '../define.ts';
import { versionMark as marks } from '../../tables/version-marks.ts';

export const nameVersionMarks = defineCheck({
  id: 'name.version-marks', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: () => 'no marks of versions',
  found: ({ file }) => marks.exec(file.name.replace(/\.[^.]+$/, ''))?.[0].replace(/^[\s_.(-](?!\d+\))/, '') ?? 'none',
  evaluate: ({ file }) => {
    const mark = marks.exec(file.name.replace(/\.[^.]+$/, ''))?.[0].replace(/^[\s_.(-](?!\d+\))/, '');
    return mark ? [look('mark', { mark }, { ...atName, quote: mark })] : [];
  },
});
