import type { ConceptRule } from '../concepts.ts';
import type { Concept } from './concepts.ts';

/** See `ConceptRule`. */
export type Rule<T> = ConceptRule<Concept, T>;

/** That nothing is taken after the deadline, where no number of days is named. */
export const nothingLate: readonly Rule<number>[] = [
  { value: 0, all: ['missed', 'failed'], none: ['effect'] }, { value: 0, all: ['late', 'failed', ['work', 'handIn', 'student']], none: ['effect'] },
  { value: 0, all: ['late', 'nothing', ['taken', 'possible']], none: ['effect', 'failed'] }, { value: 0, all: ['late', 'not', ['taken', 'possible'], ['work', 'handIn']], none: ['effect', 'failed'] },
  { value: 0, all: ['late', 'closes'], none: ['not', 'effect'] },
  { value: 0, all: ['closes', 'not', 'reopened'] }, { value: 0, all: ['thereafter', 'closes', ['handIn', 'box']], none: ['not', 'reopened'] },
  { value: 0, all: ['late', 'not', 'grade'], none: ['effect', 'taken'] },
];

export const anonymity: readonly Rule<boolean>[] = [
  { value: false, all: ['marking', 'not', 'nameless'], none: ['others'] },
  { value: true, all: ['marking', 'nameless'], none: ['others', 'not'] },
  { value: false, all: [['marking', 'handIn'], 'byName'], none: ['others', 'not', 'fileName'] },
  { value: true, all: ['marker', 'not', 'know', ['who', 'name']], none: ['others', 'forgets'] },
];

/** That the name of the file must not tell who wrote the paper. */
export const namelessFile: readonly Rule<boolean>[] = [
  { value: true, all: ['norInFileName', 'not', ['name', 'yourself']], none: ['forgets', 'refusesNameless'] },
  { value: true, all: ['norInFileName', ['name', 'yourself'], 'nameless'], none: ['forgets', 'refusesNameless'] },
  { value: true, all: ['norInFileName', 'nameless'], none: ['forgets', 'refusesNameless'] },
  { value: true, all: ['fileName', 'not', ['yourself', 'name']], none: ['forgets', 'refusesNameless'] },
];

export const compared: readonly Rule<boolean>[] = [
  { value: false, all: ['not', 'compares'] },
  { value: true, all: ['compares'], none: ['not', 'may'] }, { value: true, all: ['comparesVerb', 'machine', 'work'], none: ['not', 'may', 'twoOf'] },
];

export const times: readonly Rule<number>[] = [
  { value: 2, all: ['may', 'handIn', 'secondVersion'], none: ['not', 'isPlural'] },
  { value: 2, all: ['may', 'once', 'again', 'handIn'], none: ['not', 'isPlural'] },
  { value: 1, all: ['onlyWord', 'once', 'handIn'], none: ['again', 'isPlural'] }, { value: 1, all: ['onlyOnce', 'handIn'], none: ['again', 'isPlural'] },
];

export const declared: readonly Rule<boolean>[] = [
  { value: true, all: ['statement', ['enclosed', 'signed', 'must'], 'selfWritten'], none: ['not'] },
  { value: true, all: ['statement', ['signed', 'enclosed'], 'ownWork'], none: ['not'] }, { value: true, all: ['ownWork', ['signed', 'enclosed']], none: ['not', 'marking'] },
];

/** A style of references, where the sentence is about them and leaves no choice. */
export const cited = (style: string): readonly Rule<string>[] => [{ value: style, all: ['cites'], none: ['not', 'orElse'] }];

/** That nothing is taken some days after the deadline; how many, stands in the sentence. */
export const nothingAfterDays: readonly Rule<true>[] = [
  { value: true, all: ['failed'], none: ['effect'] }, { value: true, all: ['not', ['taken', 'possible']], none: ['effect'] }, { value: true, all: ['closes'], none: ['not'] },
];
/** That late work is taken for some days. */
export const takenForDays: readonly Rule<true>[] = [{ value: true, all: ['late', ['taken', 'possible']], none: ['effect', 'failed'] }];

/** That the newest of several counts. */
export const newestCounts: readonly Rule<'latest'>[] = [{ value: 'latest', all: ['secondVersion', 'replaces'], none: ['not'] }, { value: 'latest', all: ['newest', 'counts'], none: ['not', 'pages', 'event'] }];

/** What a day in a sentence is for. */
export const dayRoles = {
  due: [
    { value: true, all: ['must', 'work', 'present'], none: ['not', 'event', 'returned', 'earlier'] }, { value: true, all: ['must', 'work', 'handIn'], none: ['not', 'event', 'returned', 'earlier'] },
    { value: true, all: ['expects', 'work'], none: ['not', 'event', 'returned'] }, { value: true, all: ['haveUntil', ['handIn', 'work']], none: ['not', 'event', 'returned'] }, { value: true, all: ['haveUntil'], none: ['not', 'event', 'returned', 'others'] },
    { value: true, all: ['lastDay', 'handIn'], none: ['not', 'event', 'returned'] }, { value: true, all: ['until', 'handIn'], none: ['not', 'event', 'returned', 'earlier'] }, { value: true, all: ['handIn', 'work', 'on'], none: ['not', 'event', 'returned', 'earlier', 'may'] },
  ],
  opens: [{ value: true, all: ['not', 'earlier', ['handIn', 'possible', 'may']], none: ['event', 'returned'] }, { value: true, all: ['not', 'earlier', 'works'], none: ['event', 'returned'] }],
} as const satisfies Record<string, readonly Rule<true>[]>;

/** What the name of the file is made of. */
export const inFileName: readonly Rule<'studentNumber' | 'candidateNumber'>[] = [
  { value: 'studentNumber', all: ['fileName', 'studentNumber', 'notName'], none: ['not'] }, { value: 'candidateNumber', all: ['fileName', 'candidateNumber', 'notName'], none: ['not'] },
  { value: 'studentNumber', all: [['fileName', 'named'], 'studentNumber'], none: ['not'] }, { value: 'candidateNumber', all: [['fileName', 'named'], 'candidateNumber'], none: ['not'] },
];
