import { defineCheck, atName, look } from '../define.ts';

const marks = /\(\d+\)|(?:^|[\s_.-])(copy(?: of)?|kopie|final[\s_-]*final\w*|final\d+|v(?:ersion)?[\s_.-]?\d+(?:\.\d+)*|draft\d*|old|new|rev\d*)(?=$|[\s_.()-])/i;

export const nameVersionMarks = defineCheck({
  id: 'name.version-marks', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: () => 'no marks of versions',
  found: ({ file }) => marks.exec(file.name.replace(/\.[^.]+$/, ''))?.[0].replace(/^[\s_.-]/, '') ?? 'none',
  evaluate: ({ file }) => {
    const mark = marks.exec(file.name.replace(/\.[^.]+$/, ''))?.[0].replace(/^[\s_.-]/, '');
    return mark ? [look('mark', { mark }, { ...atName, quote: mark })] : [];
  },
});
