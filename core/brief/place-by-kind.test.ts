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
