import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameTemplate } from './template.ts';

const templates = [{ name: 'data-form.docx', text: '' }];
testCheck(nameTemplate, { met: [{ name: 'a name of its own', given: { templates, facts: madeFacts({ file: { name: 'data-form-saltmarsh.docx' } }) } }], notMet: [{ name: 'the same name, once more downloaded', given: { templates, facts: madeFacts({ file: { name: 'Data form (1).docx' } }) }, says: ['same'] }], notAsked: [{ name: 'no template' }] });
