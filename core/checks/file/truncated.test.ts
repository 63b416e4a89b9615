import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileTruncated } from './truncated.ts';

const trouble = (code: 'truncated' | 'damaged' | 'bomb' | 'repaired') => madeFacts({ file: { troubles: [{ code, part: 'file', page: null, text: '' }] } });
testCheck(fileTruncated, {
  met: [{ name: 'whole' }, { name: 'repaired is not cut short', given: { facts: trouble('repaired') } }],
  notMet: [{ name: 'no end marker', given: { facts: trouble('truncated') }, says: ['truncated'] }, { name: 'damaged', given: { facts: trouble('damaged') }, says: ['damaged'] }, { name: 'a bomb', given: { facts: trouble('bomb') }, says: ['bomb'] }],
});
