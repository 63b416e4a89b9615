import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileAttachments } from './attachments.ts';

testCheck({ ...fileAttachments, asked: () => 'no files inside' }, { met: [{ name: 'none' }], look: [{ name: 'a spreadsheet inside', given: { facts: madeFacts({ file: { troubles: [{ code: 'attachment', part: 'attachment', page: null, text: 'data.xlsx' }] } }) }, says: ['attachment'] }] });
