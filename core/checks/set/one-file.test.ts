import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setOneFile } from './one-file.ts';

const brief = madeBrief({ documents: [{ label: 'report', types: ['pdf'] }] });
testSetCheck(setOneFile, { met: [{ name: 'one', given: { brief } }], notMet: [{ name: 'three photographs', given: { brief, facts: [madeFacts(), madeFacts(), madeFacts()] }, says: ['several'] }], notAsked: [{ name: 'two documents are asked for', given: { brief: madeBrief({ documents: [...brief.documents, ...brief.documents] }) } }] });
