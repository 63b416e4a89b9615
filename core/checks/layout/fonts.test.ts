import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { layoutFonts } from './fonts.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, fonts: ['Times New Roman', 'Arial'] } }), set = (name: string) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ fonts: [{ name, share: 0.9 }] })) }) });
testCheck(layoutFonts, { met: [{ name: 'one of two', given: set('Arial') }, { name: 'by its file’s name', given: set('TimesNewRomanPSMT') }], look: [{ name: 'an open face that sets like it', given: set('Nimbus Roman'), says: ['alike'] }], notMet: [{ name: 'another', given: set('Comic Sans MS'), says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });

const passage = (found: number | string) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, fonts: ['Times New Roman'] } }), facts: madeFacts({ layout: read(madeLayout({ otherSizes: [], outliers: [{ kind: 'face', found, part: 'text', page: 3, box: [72, 100, 500, 180], quote: 'Each flood tide' }] })) }) });
testCheck(layoutFonts, { met: [{ name: 'a passage that is what is asked', given: passage('Times New Roman') }], look: [{ name: 'a passage set otherwise, with its place', given: passage('Arial'), says: ['passage'] }], notMet: [], notAsked: [{ name: 'nothing asked' }] });

const kind = (faceKind: 'serif' | 'sans serif', name: string, fonts: string[] = []) => ({ ...set(name), brief: madeBrief({ layout: { ...madeBrief().layout, faceKind, fonts, ...(fonts.length > 0 ? { fontsAreExamples: true as const } : {}) } }) });
testCheck(layoutFonts, {
  met: [{ name: 'any sans serif', given: kind('sans serif', 'Verdana-Bold') }, { name: 'any serif', given: kind('serif', 'EBGaramond-Regular') }, { name: 'one like the examples', given: kind('sans serif', 'Lato', ['Arial', 'Calibri']) }, { name: 'the example itself', given: kind('serif', 'Times New Roman', ['Times New Roman']) }],
  look: [{ name: 'a face that nobody knows', given: kind('serif', 'Marsh Hand'), says: ['kindUnknown'] }, { name: 'an example was named and no kind', given: { ...set('Georgia'), brief: madeBrief({ layout: { ...madeBrief().layout, fonts: ['Arial'], fontsAreExamples: true } }) }, says: ['example'] }],
  notMet: [{ name: 'a serif where none is wanted', given: kind('sans serif', 'Times New Roman'), says: ['kind'] }, { name: 'of the other kind than the examples', given: kind('serif', 'Arial', ['Times New Roman']), says: ['kind'] }],
  notAsked: [{ name: 'nothing asked' }],
});
