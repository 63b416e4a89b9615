import { read, unread, type PhotoFacts } from '../../model/facts.ts';
import { madeFacts, madePhoto } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { photoChecks } from './photo.ts';

const photo = (change: Partial<PhotoFacts>) => ({ facts: madeFacts({ file: { name: 'p.jpg', kind: 'jpeg' }, photo: read(madePhoto(change)) }) });
const named = (id: string) => photoChecks.find((c) => c.id === id)!;
const met = [{ name: 'a good photo', given: photo({}) }], broken = [{ name: 'cannot be decoded', given: { facts: madeFacts({ file: { name: 'p.jpg', kind: 'jpeg' }, photo: unread('damaged') }) } }];

testCheck(named('photo.sharpness'), { met, notMet: [{ name: 'smeared', given: photo({ sharpness: 0.12 }), says: ['lost'] }], look: [{ name: 'soft', given: photo({ sharpness: 0.33 }), says: ['soft'] }, { name: 'an empty sheet', given: photo({ sharpness: null }), says: ['nothing'] }], unread: broken });
testCheck(named('photo.exposure'), { met, look: [{ name: 'dusk', given: photo({ paper: 60 }), says: ['dark'] }, { name: 'faint pencil', given: photo({ ink: 180 }), says: ['faint'] }, { name: 'a shadow', given: photo({ shade: 0.3 }), says: ['shadow'] }, { name: 'a reflection', given: photo({ glare: 0.03 }), says: ['glare'] }] });
testCheck(named('photo.edges'), { met: [...met, { name: 'fills the photo', given: photo({ whole: true, edgeSeen: 0 }) }], look: [{ name: 'cut off', given: photo({ cut: 1 }), says: ['cut'] }, { name: 'edges hardly seen', given: photo({ edgeSeen: 0.1 }), says: ['unsure'] }] });
testCheck(named('photo.ghost'), { met: [...met, { name: 'pale because blurred', given: photo({ ghost: 0.4, sharpness: 0.2 }) }, { name: 'pencil is pale all over', given: photo({ ghost: 0.95, ink: 143 }) }], look: [{ name: 'shining through', given: photo({ ghost: 0.3 }), says: ['ghost'] }, { name: 'shining through beside a few lines in ink', given: photo({ ghost: 0.9, ink: 51 }), says: ['ghost'] }] });
testCheck(named('photo.turn'), { met, look: [{ name: 'on its side', given: photo({ turn: 90 }), says: ['turned'] }] });
testCheck(named('photo.resolution'), { met, notMet: [{ name: 'a thumbnail', given: photo({ dpi: 40 }), says: ['coarse'] }], look: [{ name: 'from far away', given: photo({ dpi: 110 }), says: ['coarse'] }] });
