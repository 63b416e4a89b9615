import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { layoutFonts } from './fonts.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, fonts: ['Times New Roman', 'Arial'] } }), set = (name: string) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ fonts: [{ name, share: 0.9 }] })) }) });
testCheck(layoutFonts, { met: [{ name: 'one of two', given: set('Arial') }, { name: 'by its file’s name', given: set('TimesNewRomanPSMT') }], look: [{ name: 'an open face that sets like it', given: set('Nimbus Roman'), says: ['alike'] }], notMet: [{ name: 'another', given: set('Comic Sans MS'), says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });

const passage = (found: number | string) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, fonts: ['Times New Roman'] } }), facts: madeFacts({ layout: read(madeLayout({ otherSizes: [], outliers: [{ kind: 'face', found, part: 'text', page: 3, box: [72, 100, 500, 180], quote: 'Each flood tide' }] })) }) });
testCheck(layoutFonts, { met: [{ name: 'a passage that is what is asked', given: passage('Times New Roman') }], look: [{ name: 'a passage set otherwise, with its place', given: passage('Arial'), says: ['passage'] }], notMet: [], notAsked: [{ name: 'nothing asked' }] });
