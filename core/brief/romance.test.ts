import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';
import { romanceAsEnglish } from './romance.ts';

const french = 'Devoir à rendre pour le lundi 12 avril 2027, 12 h, au format PDF ou Word (5 Mo maximum) dans l’espace « Devoirs » du cours : 2 000 à 2 500 mots, hors bibliographie. Copies anonymes. Un seul dépôt possible. Tout retard sera sanctionné d’un point par jour.';
const spanish = 'Entrega del trabajo: antes del 20 de abril de 2027 a las 23:59 (hora peninsular) en la tarea «Práctica 2». Formato: PDF, tamaño máximo 10 MB. Extensión máxima: 1.500 palabras. La corrección es anónima. No se admitirán entregas fuera de plazo.';

test.each([['French', french], ['Spanish', spanish]])('%s: what is told in English has its place, letter by letter', (_, text) => {
  const told = romanceAsEnglish(text);
  expect(told).toHaveLength(text.length);
  expect(told).not.toBe(text);
  const { brief } = readBrief(text, '2027-02-10T10:00:00Z');
  for (const e of brief.evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
test('French', () => expect(readBrief(french, '2027-02-10T10:00:00Z').brief).toMatchObject({ place: 'Devoirs', documents: [{ types: ['pdf', 'docx'] }], limits: { maxBytes: 5_000_000, minWords: 2000, maxWords: 2500 }, anonymous: true, due: '2027-04-12T12:00:00', attempts: { allowed: 1 }, late: { percentPerDay: 1 } }));
test('Spanish', () => expect(readBrief(spanish, '2027-02-10T10:00:00Z').brief).toMatchObject({ place: 'Práctica 2', documents: [{ types: ['pdf'] }], limits: { maxBytes: 10_000_000, maxWords: 1500 }, anonymous: true, due: '2027-04-20T23:59:00+02:00', timeZone: 'Europe/Madrid', late: { cutoffDays: 0 } }));
test.each([
  'Write a commentary on “Le dépôt” (in the anthology), 1,500 words, in English. Hand in one PDF by 12 April 2027.',
  'Essay on the word “entrega” in Spanish trade letters: 2,000 words, no more. Due 12 April 2027, 12:00.',
])('hard negative, an English wording that quotes a word: %s', (text) => expect(romanceAsEnglish(text)).toBe(text));
