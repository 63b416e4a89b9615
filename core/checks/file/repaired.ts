import { defineCheck, look } from '../define.ts';

export const fileRepaired = defineCheck({
  id: 'file.repaired', needs: [], mend: 'clean', kinds: ['pdf'], reference: 'ISO 32000-1:2008, 7.5.4',
  asked: () => 'sound structure',
  found: ({ file }) => (file.troubles.some((t) => t.code === 'repaired') ? 'opened only after repair' : 'sound'),
  evaluate: ({ file }) => (file.troubles.some((t) => t.code === 'repaired') ? [look('repaired')] : []),
});
