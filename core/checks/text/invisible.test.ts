import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { textInvisible } from './invisible.ts';

const fact = (code: 'vanish' | 'lookalike') => madeFacts({ integrity: [{ code, part: 'word/document.xml', page: null, box: null, quote: 'hidden words', count: 1 }] });
testCheck(textInvisible, { met: [{ name: 'another kind of oddity', given: { facts: fact('lookalike') } }], look: [{ name: 'hidden text', given: { facts: fact('vanish') }, says: ['hidden'] }] });
