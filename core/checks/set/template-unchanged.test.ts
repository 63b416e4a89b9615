import { madeFacts, madePassage } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { setTemplateUnchanged } from './template-unchanged.ts';

const templates = [{ name: 'form.docx', text: 'Item  Value\nDays lost' }];
const paper = (text: string) => [madeFacts({ passages: read([madePassage(text)]) })];
testSetCheck(setTemplateUnchanged, { met: [{ name: 'filled in', given: { templates, facts: paper('Item Value Days lost 2') } }], notMet: [{ name: 'as supplied', given: { templates, facts: paper('Item Value Days lost') }, says: ['unchanged'] }], notAsked: [{ name: 'no template' }] });
