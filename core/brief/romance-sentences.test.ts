import { describe, expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** One demand in the ordinary words of French and Spanish departments, alone and below a line of its own language. Invented sentences. */
const get = (text: string): Brief => readBrief(text, '2027-02-10T10:00:00Z').brief;
const french = (t: string): string => `Consignes pour le dossier de fin de semestre HIS 210\n\nLisez les consignes pour votre travail avant le dépôt.\n\n${t}\n`, spanish = (t: string): string => `Instrucciones para el trabajo final HIS 210\n\nLea las instrucciones para su trabajo antes de la entrega.\n\n${t}\n`;
const frenchDays = ['15 mars 2027', '15/03/2027', 'lundi 15 mars 2027'], spanishDays = ['15 de marzo de 2027', '15/03/2027', 'lunes 15 de marzo de 2027'];
const demands: [string, (t: string) => string, string[], (b: Brief) => boolean | undefined][] = [
  ['fr due', french, frenchDays.flatMap((d) => [`À rendre le ${d}`, `À rendre avant le ${d}`, `À rendre pour le ${d}`, `Date limite : ${d}`, `Date limite de dépôt : ${d}`, `Date de remise : ${d}`, `Date de rendu : ${d}`, `Remise le ${d}`, `Remise : ${d}`, `À déposer avant le ${d}`, `Échéance : ${d}`, `Délai : ${d}`, `Le travail est à remettre le ${d}.`, `Le dossier doit être déposé avant le ${d}.`, `Déposez votre travail avant le ${d}.`, `Dépôt au plus tard le ${d}`, `Rendez votre copie au plus tard le ${d}.`]), (b) => b.due?.startsWith('2027-03-15')],
  ['fr time', french, ['23h59', '23 h 59', '17 h', '17h00'].flatMap((h) => [`À rendre le 15 mars 2027 à ${h}`, `Date limite : 15 mars 2027, ${h}`]), (b) => /^2027-03-15T/.test(b.due ?? '')],
  ['fr words', french, ['Maximum 2000 mots', '2000 mots maximum', '2 000 mots au maximum', 'Longueur maximale : 2000 mots', 'Ne pas dépasser 2000 mots', 'au plus 2000 mots', 'pas plus de 2000 mots', 'Le texte ne doit pas dépasser 2000 mots.', 'limite : 2000 mots', '2000 mots max.'], (b) => b.limits.maxWords === 2000],
  ['fr pages', french, ['12 pages maximum', 'Maximum 12 pages'], (b) => b.limits.maxPages === 12],
  ['fr anon', french, ['Correction anonyme', 'Les copies sont anonymes.', 'La correction est anonyme.', 'N’écrivez pas votre nom.', 'Votre nom ne doit pas apparaître.', 'Copies anonymes'], (b) => b.anonymous === true],
  ['fr late', french, ['Aucun retard ne sera accepté.', 'Les travaux remis en retard ne seront pas acceptés.', 'Pas de retard.', 'Aucun travail en retard ne sera accepté.', 'Les retards ne sont pas acceptés.', 'Tout travail en retard sera refusé.'], (b) => b.late.cutoffDays === 0],
  ['fr layout', french, ['Interligne 1,5', 'interligne 1.5', 'Interligne : 1,5'], (b) => b.layout.lineSpacing === 1.5],
  ['fr margin', french, ['Marges : 2,5 cm', 'Marges de 2,5 cm', 'marges 2,5 cm'], (b) => b.layout.marginMm === 25],
  ['fr font', french, ['Police : Times New Roman 12', 'Taille 12', 'Taille de police : 12', 'police 12 points', 'Times New Roman, taille 12'], (b) => b.layout.fontSizePt === 12],
  ['fr name', french, ['Nom du fichier : NOM_Prénom.pdf', 'Le fichier doit être nommé NOM_Prénom.pdf.'], (b) => b.naming.mustContain.includes('surname')],
  ['fr sim', french, ['Les travaux seront passés dans un logiciel anti-plagiat.', 'Contrôle anti-plagiat', 'Les travaux sont analysés par un logiciel de détection du plagiat.', 'Vérification du plagiat : oui'], (b) => b.similarityChecked === true],
  ['es due', spanish, spanishDays.flatMap((d) => [`Fecha de entrega: ${d}`, `Entrega: ${d}`, `Fecha límite: ${d}`, `Fecha límite de entrega: ${d}`, `Plazo: ${d}`, `Plazo de entrega: ${d}`, `Entregar antes del ${d}`, `Entrega hasta el ${d}`, `El trabajo debe entregarse el ${d}.`, `El trabajo debe entregarse antes del ${d}.`, `Entregue su trabajo antes del ${d}.`, `Se entregará el ${d}.`, `La fecha de entrega es el ${d}.`, `Último día de entrega: ${d}`]), (b) => b.due?.startsWith('2027-03-15')],
  ['es time', spanish, ['23:59', 'las 23:59', 'las 17 h', 'las 17:00 horas'].flatMap((h) => [`Fecha de entrega: 15 de marzo de 2027 a ${h}`, `Entrega: 15 de marzo de 2027, ${h}`]), (b) => /^2027-03-15T/.test(b.due ?? '')],
  ['es words', spanish, ['máximo 2000 palabras', 'Máximo: 2000 palabras', '2000 palabras como máximo', 'Extensión máxima: 2000 palabras', 'No más de 2000 palabras', 'hasta 2000 palabras', 'No debe superar las 2000 palabras.', 'un máximo de 2000 palabras', '2.000 palabras máximo'], (b) => b.limits.maxWords === 2000],
  ['es pages', spanish, ['máximo 12 páginas', '12 páginas como máximo', 'entre 10 y 12 páginas', 'de 10 a 12 páginas'], (b) => b.limits.maxPages === 12],
  ['es anon', spanish, ['Corrección anónima', 'La evaluación es anónima.', 'No escriba su nombre.', 'Su nombre no debe aparecer.', 'Los trabajos se evalúan de forma anónima.'], (b) => b.anonymous === true],
  ['es late', spanish, ['No se aceptan trabajos fuera de plazo.', 'No se aceptarán entregas tardías.', 'No se admiten entregas fuera de plazo.', 'Los trabajos entregados tarde no se aceptarán.'], (b) => b.late.cutoffDays === 0],
  ['es layout', spanish, ['Interlineado 1,5', 'Interlineado: 1,5', 'interlineado de 1,5'], (b) => b.layout.lineSpacing === 1.5],
  ['es margin', spanish, ['Márgenes: 2,5 cm', 'márgenes de 2,5 cm'], (b) => b.layout.marginMm === 25],
  ['es font', spanish, ['Letra: Times New Roman 12', 'Tamaño 12', 'Tamaño de letra: 12'], (b) => b.layout.fontSizePt === 12],
  ['es name', spanish, ['Nombre del archivo: Apellido_Nombre.pdf', 'El archivo debe llamarse Apellido_Nombre.pdf.', 'Nombre el archivo Apellido_Nombre.pdf'], (b) => b.naming.mustContain.includes('surname')],
];
describe.each(demands)('%s', (_, framed, sentences, holds) => {
  test.each(sentences)('%s', (sentence) => expect([holds(get(sentence)), holds(get(framed(sentence)))]).toEqual([true, true]));
});
describe('hard negatives', () => {
  test.each<[string, (b: Brief) => boolean]>([
    ['Le cours du 15 mars 2027 est annulé.', (b) => b.due === null], ['Rendez-vous le 15/03/2027 à 17 h', (b) => b.due === null], ['Environ 2000 mots', (b) => b.limits.maxWords === null], ['Au moins 2000 mots', (b) => b.limits.maxWords === null], ['Le plagiat est interdit.', (b) => b.similarityChecked === null], ['Écrivez votre nom sur la première page.', (b) => b.anonymous !== true], ['Les témoins restent anonymes.', (b) => b.anonymous === null],
    ['La clase del 15 de marzo de 2027 no se celebra.', (b) => b.due === null], ['Unas 2000 palabras', (b) => b.limits.maxWords === null], ['Al menos 2000 palabras', (b) => b.limits.maxWords === null], ['El plagio está prohibido.', (b) => b.similarityChecked === null], ['Escriba su nombre en la portada.', (b) => b.anonymous !== true],
  ])('%s', (sentence, holds) => expect(holds(get(sentence))).toBe(true));
});
test('hard negative: words that English has too make no text French', () => expect(get('Police reform essay. Copies: 2. Correction follows. Deadline: Friday 12 March 2027, 17:00. Place: “Police reform 2”').place).toBe('Police reform 2'));
