import { defineCheck, atName, look } from '../define.ts';
import { versionMark } from '../../tables/version-marks.ts';

/** The mark without the sign before it: “(1)”, “v2”, “final final”. */
const markIn = (name: string): string | undefined => versionMark.exec(name.replace(/\.[^.]+$/, ''))?.[0].replace(/^[\s_.(-](?!\d+\))/, '');

export const nameVersionMarks = defineCheck({
  id: 'name.version-marks', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: () => 'no marks of versions',
  found: ({ file }) => markIn(file.name) ?? 'none',
  evaluate: ({ file }) => {
    const mark = markIn(file.name);
    return mark ? [look('mark', { mark }, { ...atName, quote: mark })] : [];
  },
});
