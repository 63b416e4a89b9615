import { madeFacts, madePassage } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { setTemplateUnchanged } from './template-unchanged.ts';

const templates = [{ name: 'form.docx', text: 'Item  Value\nDays lost' }];
const long = { name: 'report.docx', text: 'Describe what happened on the placement, who was involved and where you stood. Say in your own words which decision was hardest, and name two readings from weeks three to six that bear on it. At the end look ahead: how would you act another time, whom would you ask, and when?' };
const paper = (text: string) => [madeFacts({ passages: read([madePassage(text)]) })];
testSetCheck(setTemplateUnchanged, { look: [{ name: 'only a number written in it', given: { templates: [long], facts: paper(`Y3921847 ${long.text}`) }, says: ['barely'] }], met: [{ name: 'an answer of a dozen words', given: { templates: [long], facts: paper(`${long.text} The tide came in and the survey stopped before noon that day.`) } }, { name: 'filled in', given: { templates, facts: paper('Item Value Days lost 2') } }], notMet: [{ name: 'as supplied', given: { templates, facts: paper('Item Value Days lost') }, says: ['unchanged'] }], notAsked: [{ name: 'no template' }] });
