import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const place = (text: string): string | null => readBrief(text, '2027-02-10T10:00:00Z').brief.place;
const kinds = ['box', 'folder', 'tray', 'drop zone', 'inbox', 'tile', 'tab', 'section', 'channel', 'forum', 'portal', 'workspace', 'locker', 'directory', 'drive', 'mailbox', 'hand-in box', 'upload page'];
describe.each<[string, (kind: string) => string]>([
  ['the name before it', (k) => `Upload it to the “Tides One” ${k}.`], ['the name behind it', (k) => `Submit your essay via the ${k} “Tides One”.`], ['called', (k) => `It goes into the ${k} called “Tides One”.`], ['used', (k) => `Please use the “Tides One” ${k}.`], ['where it has to be', (k) => `The essay has to be in the “Tides One” ${k} by 3 March 2027.`],
  ['a label', (k) => `Where: the “Tides One” ${k}`], ['found first', (k) => `You will find a ${k} “Tides One” on the course page; upload your file there.`], ['collected', (k) => `Essays are collected in the ${k} “Tides One”.`],
])('a place by the kind of thing it is, %s', (_, says) => {
  test.each(kinds)('%s', (kind) => expect(place(says(kind))).toBe('Tides One'));
});
// Hard negatives: what is read, asked or fetched there, what is not to be used, a title, one of two.
test.each([
  'The slides are in the folder “Week 5”.', 'Ask your questions in the forum “Help”.', 'Download the template from the page “Forms”.', 'Do not use the “Old One” tray.', 'Assignment “Salt roads”: write 2,000 words.', 'Fill in the form “Choice of topic”.', 'Submit it in the tab “Groups A–D” or “Groups E–H”.', 'Essay topics are on the page “Essays”.',
])('%s', (text) => expect(place(text)).toBeNull());
// Without quotation marks: a name is capitalised, a box has a number or a letter, a portal is called after what goes into it.
describe.each(['tray', 'slot', 'box', 'folder', 'area', 'inbox', 'drop zone', 'locker', 'channel', 'upload area'])('%s', (kind) => {
  test.each<[string, string]>([
    ['Submit your essay in the Tides One K by 4 March.', `Tides One ${kind}`], ['Still PDF only, still in the Essay 1 K.', `Essay 1 ${kind}`], ['Your report is to be lodged in the History of Art K of the course site (not the Practice K) by noon.', `History of Art ${kind}`], ['Use the Essay (Resit) K for your file.', `Essay (Resit) ${kind}`], ['Due 4 March 2027, 5 pm, in the Week 6 K.', `Week 6 ${kind}`], ['The thesis must be delivered in PDF format, not larger than 30 MB, in the field report K by 15 April.', `field report ${kind}`],
  ])('%s', (text, says) => expect([says, says.slice(0, -kind.length - 1)]).toContain(place(text.replaceAll('K', kind))));
});
test.each(['Put it in Box B by 10 am on 9 March.', 'Leave your essay in locker 4 by Friday.', 'Upload the files through the thesis portal.'])('%s', (text) => expect(place(text)).toMatch(/^(?:Box B|locker 4|thesis portal)$/));
test.each([
  'Place the figure in the Results section.', 'Put your name on the Title page.', 'Your report covers soils in the Upper Rhine area.', 'Essays about the Black Sea area are due on 4 March.', 'Answers go in Box 3 of the form.', 'Type your number in the Student ID box and submit.', 'Readings for the essay are in the Week 6 folder.', 'Use the APA Style page for your references.', 'Hand in a paper on the school system by 4 March.', 'Submit it through the course portal.',
])('%s', (text) => expect(place(text)).toBeNull());
// German: what leads to a place, and what is fetched there or written about.
test.each(['im Ordner', 'im Bereich', 'in der Rubrik', 'über die Kachel', 'auf der Seite', 'in das Fach', 'im Abgabebereich', 'über das Formular'])('%s', (leads) => { for (const says of ['Die Abgabe erfolgt K.', 'Abgabe bis 8.3.2027, 12 Uhr, K.', 'Reichen Sie Ihre Hausarbeit als PDF K ein.']) expect(place(says.replace('K', `${leads} „Gezeiten Eins“`))).toBe('Gezeiten Eins'); });
test.each(['Die Folien finden Sie im Ordner „Woche 5“. Umfang: 2000 Wörter.', 'Schreiben Sie einen Essay über „Faust“ bis zum 8.3.2027.', 'Die Vorlage liegt im Bereich „Formulare“ bereit.'])('%s', (text) => expect(place(text)).toBeNull());
