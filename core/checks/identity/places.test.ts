import { describe, expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madeInput, madePassage, nina } from '../../testing/made.ts';
import { runCheck } from '../../docket/run.ts';
import { read } from '../../model/facts.ts';
import type { Finding } from '../../model/finding.ts';
import { identityChecks, identityPlaces } from './places.ts';

const run = (id: string, text: string, place: (typeof identityPlaces)[number]['place'], wanted: 'yes' | 'no' | 'unsettled' = 'yes', details = true) => {
  const found: Finding[] = [];
  const facts = madeFacts({ passages: read([madePassage(text, { place, part: place === 'text' ? 'text' : 'elsewhere' })]) });
  const line = runCheck(identityChecks.find((c) => c.id === id)!, madeInput({ facts, wanted, brief: madeBrief(), details: details ? nina : null }), found);
  return { line, found };
};

describe.each(identityPlaces.map((p) => [p.id, p.place] as const))('%s', (id, place) => {
  test('planted: the full name stops', () => {
    const { line, found } = run(id, 'written by Nina Vestergaard-Imani in March', place);
    expect([line.standing, found[0]?.standing, found[0]?.detail]).toEqual(['notMet', 'stops', 'surname']);
  });
  test('hard negative: words that hold the letters', () => expect(run(id, 'an imaginary vestige of nvi2045 and 120417733', place).line.standing).toBe('met'));
  test('only a look where anonymity is not settled', () => expect(run(id, 'Nina Vestergaard-Imani', place, 'unsettled').line.standing).toBe('look'));
  test('not asked where marking is not anonymous', () => expect(run(id, 'Nina Vestergaard-Imani', place, 'no').line.standing).toBe('notAsked'));
});
test('missing details are told, not passed over', () => expect(run('identity.text', 'Nina Vestergaard-Imani', 'text', 'yes', false).found.map((f) => f.key)).toEqual(['noDetails']));
