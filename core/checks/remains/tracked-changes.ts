import { defineCheck, look } from '../define.ts';

export const remainsTrackedChanges = defineCheck({
  id: 'remains.tracked-changes', needs: ['remains'], kinds: ['docx', 'docm', 'odt', 'rtf', 'doc', 'html'], reference: 'ECMA-376-1, 17.13.5; ODF 1.2-1, 5.5; [MS-DOC] 2.6.1; HTML Living Standard, 4.7',
  asked: () => 'no tracked changes left',
  found: ({ remains }) => (remains.trackedChanges === 0 ? 'none' : String(remains.trackedChanges)),
  evaluate: ({ remains }) => (remains.trackedChanges > 0 ? [look('changes', { count: remains.trackedChanges })] : []),
});
