import type { ConceptRule } from '../concepts.ts';
import type { EnglishConcept } from './concept-words.ts';

/** What an English sentence means by the concepts in it, in any order: the last resort, where neither a known form nor a row of words (`senses.ts`) tells it. */
type Rule<T> = ConceptRule<EnglishConcept, T>;

export const nothingLate: readonly Rule<0>[] = [
  { value: 0, all: ['late', 'not', 'taken'], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] },
  { value: 0, all: ['late', 'taken', 'not', 'work'], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] },
  { value: 0, all: ['noSuch', 'late', 'work'], none: ['otherWork', 'ofFormats'] },
  { value: 0, all: ['late', 'zero', ['work', 'person']], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] },
  { value: 0, all: ['lateHanding', 'zero'], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] },
  { value: 0, all: ['notInside', 'not', 'taken'], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] }, { value: 0, all: ['notInside', 'zero'], none: ['lessMarks', 'untilThen', 'otherWork', 'ofFormats'] },
];

export const newestCounts: readonly Rule<'latest' | 'all'>[] = [
  { value: 'latest', all: ['isThere', 'atClose', 'counts'], none: ['otherWork'] },
  { value: 'latest', all: ['atClose', 'counts', 'isThere'], none: ['otherWork'] },
  { value: 'all', all: ['everyFile', 'notGone'], none: ['dataKept', 'otherWork'] },
  { value: 'latest', all: ['newest', ['handedIn', 'severalOf', 'file'], 'counts'], none: ['not', 'otherWork', 'lessMarks'] },
  { value: 'latest', all: ['severalUploads', 'finalUpload', 'deemed'], none: ['not', 'otherWork', 'lessMarks'] }, { value: 'latest', all: ['only', 'upload', 'storedWord', 'newest'], none: ['not', 'otherWork'] },
  { value: 'all', all: ['marker', 'access', 'everyFile'], none: ['not', 'otherWork', 'dataKept'] },
  { value: 'latest', all: ['onlyNewest'], none: ['otherWork'] }, { value: 'latest', all: ['marker', 'gets', 'file', 'newest'], none: ['not', 'otherWork', 'lessMarks'] },
  { value: 'all', all: ['theOther', 'notGone', 'earlier'], none: ['otherWork'] }, { value: 'latest', all: ['another', 'earlier', 'gone', ['upload', 'handedIn']], none: ['not', 'otherWork'] },
  { value: 'latest', all: ['newUpload', 'gone', 'earlier'], none: ['not', 'otherWork'] }, { value: 'latest', all: ['sentEarlier', 'gone'], none: ['not', 'otherWork'] },
  { value: 'latest', all: ['takesPlace', 'another'], none: ['not', 'otherWork'] },
  { value: 'all', all: ['noneGone'], none: ['dataKept'] },
  { value: 'latest', all: ['another', ['upload', 'handedIn'], 'gone', 'earlier'], none: ['not', 'otherWork'] },
  { value: 'latest', all: ['earlier', 'gone', 'another', ['upload', 'handedIn']], none: ['not', 'otherWork'] }, { value: 'latest', all: ['upload', 'earlier', 'gone', 'another'], none: ['not', 'otherWork'] },
  { value: 'latest', all: ['severalOf', 'another', 'counts', 'file'], none: ['not', 'otherWork', 'lessMarks', 'mayWord'] },
];

export const timesAllowed: readonly Rule<number | 'unlimited' | 'nth'>[] = [
  { value: 'unlimited', all: ['howOften', 'yourChoice', ['handedIn', 'submissions', 'changing']], none: ['otherWork'] },
  { value: 1, all: ['multiple', 'submissions', 'not', 'allowedWord'], none: ['otherWork'] },
  { value: 'unlimited', all: ['atClose', 'mayWord', 'goOn', 'changing', 'file'], none: ['not', 'otherWork'] },
  { value: 1, all: ['noTakingBack', 'work'], none: ['otherWork', 'untilThen'] },
  { value: 2, all: ['mayWord', 'correctedOne', 'afterFirst'], none: ['not', 'otherWork'] },
  { value: 1, all: ['firstIsFinal'], none: ['otherWork'] }, { value: 'nth', all: ['limitedTo', 'submissions'], none: ['otherWork', 'lengthUnit'] }, { value: 'unlimited', all: ['submissions', 'noLimit'], none: ['otherWork', 'lengthUnit'] },
  { value: 2, all: ['secondFile', 'notThird'], none: ['otherWork'] }, { value: 1, all: ['cannotChange', 'oneFile'], none: ['untilThen', 'otherWork', 'late'] },
  { value: 1, all: ['not', 'secondFile'], none: ['untilThen', 'otherWork', 'late'] },
  { value: 'nth', all: ['atMostN', ['allowedWord', 'handedIn', 'mayWord']], none: ['otherWork', 'lengthUnit', 'late', 'pastTense'] },
  { value: 2, all: ['mayWord', 'replacedWord', 'upload', 'oneOccasion'], none: ['not', 'otherWork', 'only'] }, { value: 'unlimited', all: ['mayWord', 'replacedWord', 'freely'], none: ['not', 'otherWork', 'lengthUnit'] }, { value: 'unlimited', all: ['upload', 'replacedWord', 'freely'], none: ['not', 'otherWork', 'lengthUnit'] },
  { value: 'nth', all: ['nthUpload', 'shut'], none: ['otherWork', 'lessMarks'] },
];

export const anonymity: readonly Rule<boolean>[] = [
  { value: false, all: ['notMarkedBlind'], none: ['others', 'otherWork'] }, { value: false, all: ['work', 'notAnonymous'], none: ['others', 'otherWork', 'fileName'] }, { value: true, all: ['nameBlind'], none: ['others', 'not', 'otherWork'] },
  { value: true, all: ['marker', 'noIdea', 'whoWrote'], none: ['others', 'otherWork'] },
  { value: true, all: ['markingWord', 'noIdea', 'whoWrote'], none: ['others', 'otherWork', 'not'] }, { value: true, all: ['names', 'hiddenWord', 'markingWord'], none: ['others', 'not', 'fileName'] },
  { value: true, all: ['names', 'keptFrom', 'marker'], none: ['others'] },
  { value: true, all: ['nowhere', 'ownNames', 'appears'], none: ['others', 'fileName'] }, { value: true, all: ['ownNames', 'appears', 'nowhere'], none: ['others', 'fileName'] },
  { value: true, all: ['numbersOnly', 'marker', 'not', 'seeAName'], none: ['others', 'fileName'] },
  { value: true, all: ['whoWrote', 'revealed', 'afterMarking'], none: ['others'] }, { value: true, all: ['identifying', 'marker', 'avoidWord'], none: ['others', 'not', 'fileName'] },
];

export const compared: readonly Rule<boolean>[] = [
  { value: false, all: ['not', 'program', 'compare', 'elsewhere'], none: ['yourself'] },
  { value: true, all: ['agree', 'yourText', 'compare', 'elsewhere'], none: ['not', 'others'] },
  { value: true, all: ['program', 'worksOut', 'yourText', 'elsewhere'], none: ['not', 'yourself', 'others'] },
];

export const declared: readonly Rule<boolean>[] = [
  { value: false, all: ['needless', 'declares', 'ownWork'], none: ['aboutDesign'] },
  { value: true, all: ['declares', 'ownWork', 'isNeeded'], none: ['aboutDesign', 'needless'] },
  { value: true, all: ['form', 'ownWork', 'isNeeded'], none: ['aboutDesign', 'needless', 'not'] },
  { value: true, all: ['form', 'declares', 'ownWork'], none: ['aboutDesign', 'needless', 'not'] },
];

export const namelessFile: readonly Rule<true>[] = [
  { value: true, all: ['fileName', 'noClue', 'identifies'], none: ['refusesNameless', 'numbersOnly', 'onlyIn'] },
  { value: true, all: ['anonymousName'], none: ['not'] }, { value: true, all: [['aFile', 'fileName'], 'notAfterYou'] },
  { value: true, all: ['aFile', 'noClue', 'calledAfter'], none: ['refusesNameless'] },
];

/** That details stand in the name of the file; which ones, stands in the sentence. */
export const inFileName: readonly Rule<true>[] = [
  { value: true, all: ['fileName', 'consists'], none: ['ofPage', 'not'] }, { value: true, all: ['namedBy'], none: ['ofPage', 'not'] },
];

/** That so much is taken off for each day; how much, stands in the first of its words. */
export const partPerDay: readonly Rule<true>[] = [{ value: true, all: ['part', 'perDay', ['loses', 'late']], none: ['perOther', 'not'] }];

/** That late work is taken for so long; how long, stands in the first of its words. */
export const takenLate: readonly Rule<true>[] = [
  { value: true, all: ['spanLate', 'furthest'], none: ['otherWork', 'lessMarks'] }, { value: true, all: ['spanLate', 'beyondSpan', 'zero'], none: ['otherWork', 'lessMarks'] }, { value: true, all: ['spanLate', 'beyondSpan', 'not', 'taken'], none: ['otherWork', 'lessMarks', 'untilThen'] },
  { value: true, all: ['spanLate', 'upTo', ['mayWord', 'taken']], none: ['otherWork', 'lessMarks', 'not'] },
];
