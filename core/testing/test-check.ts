import { expect, test } from '@jest/globals';
import type { Check, CheckInput } from '../checks/define.ts';
import type { SetCheck, SetInput } from '../checks/define-set.ts';
import { runCheck } from '../docket/run.ts';
import { say } from '../messages/en.ts';
import type { DocketStanding, Finding } from '../model/finding.ts';
import { madeInput, madeSet } from './made.ts';

interface Case<I> { name: string; given?: Partial<I>; /** keys of the findings, in order */ says?: string[] }
type Cases<I> = Partial<Record<DocketStanding, Case<I>[]>>;

/** Table tests of one check: a planted positive and a hard negative at least. Refuses cases of the same name and keys without words. */
export function testCheck(check: Check, cases: Cases<CheckInput>): void {
  refuseDuplicates(check.id, cases);
  each(cases, (standing, c) => test(`${check.id}, ${standing}: ${c.name}`, () => {
    const found: Finding[] = [];
    const line = runCheck(check, madeInput(c.given), found);
    expect(line.standing).toBe(standing);
    expect(found.map((f) => f.key)).toEqual(c.says ?? []);
    for (const f of found) expect(f.message).not.toMatch(/\{|undefined/);
    if (standing !== 'notAsked') expect(line.asked).toBeTruthy();
  }));
}

export function testSetCheck(check: SetCheck, cases: Cases<SetInput>): void {
  refuseDuplicates(check.id, cases);
  each(cases, (standing, c) => test(`${check.id}, ${standing}: ${c.name}`, () => {
    const input = madeSet(c.given), asked = check.asked(input);
    if (standing === 'notAsked') { expect(asked).toBeNull(); return; }
    expect(asked).toBeTruthy();
    const drafts = check.evaluate(input);
    expect(drafts.map((d) => d.key)).toEqual(c.says ?? []);
    expect(drafts.some((d) => d.standing === 'stops') ? 'notMet' : drafts.length > 0 ? 'look' : 'met').toBe(standing);
    for (const d of drafts) expect(say(check.id, d.key, d.data)).not.toMatch(/\{|undefined/);
    check.found(input);
  }));
}

function each<I>(cases: Cases<I>, use: (standing: DocketStanding, c: Case<I>) => void): void {
  for (const [standing, list] of Object.entries(cases)) for (const c of list) use(standing as DocketStanding, c);
}
function refuseDuplicates<I>(id: string, cases: Cases<I>): void {
  const all = Object.values(cases).flat().map((c) => c.name);
  if (new Set(all).size !== all.length) throw new Error(`${id}: two cases have the same name`);
  if (!cases.met?.length) throw new Error(`${id}: no hard negative`);
  if (!cases.notMet?.length && !cases.look?.length) throw new Error(`${id}: no planted positive`);
}
