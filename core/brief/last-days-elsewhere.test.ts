import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const brief = (text: string) => readBrief(text, '2027-02-10T10:00:00Z').brief;

describe('the last day for late work in other languages than English', () => {
  test.each([
    ['French', "À rendre le lundi 8 mars 2027. Aucun travail ne sera accepté après le 12 mars."],
    ['French, the day first', "À rendre le lundi 8 mars 2027. Après le 12 mars, plus aucun travail n'est accepté."],
    ['French, what comes in', 'À rendre le 8 mars 2027. Les travaux reçus après le 12 mars ne seront pas corrigés.'],
    ['French, behind a penalty', 'À rendre le lundi 8 mars 2027. Retard : 2 points par jour de retard ; aucun devoir accepté après le 12 mars.'],
    ['Spanish', 'Entrega: 8 de marzo de 2027. No se aceptarán trabajos después del 12 de marzo.'],
    ['Spanish, from a day on', 'Fecha límite: 8 de marzo de 2027. A partir del 13 de marzo no se acepta ningún trabajo.'],
    ['Italian', 'Consegna: 8 marzo 2027. Dopo il 12 marzo non si accettano elaborati.'],
    ['Portuguese', 'Entrega: 8 de março de 2027. Não serão aceites trabalhos após 12 de março.'],
    ['German', 'Abgabe: 8. März 2027. Nach dem 12. März werden keine Arbeiten mehr angenommen.'],
    ['German, behind a penalty', 'Abgabe der Hausarbeit bis zum 8. März 2027. Pro Tag Verspätung werden 5 Prozent abgezogen, nach dem 12. März nehmen wir nichts mehr an.'],
    ['German, what comes in', 'Die Arbeiten sind bis zum 8. März 2027 abzugeben. Arbeiten, die nach dem 12. März eingehen, werden nicht mehr bewertet.'],
    ['German, from a day on', 'Abgabe bis 8. März 2027. Ab dem 13. März werden keine Arbeiten mehr angenommen.'],
    ['Dutch', 'Inleveren vóór 8 maart 2027. Na 12 maart worden geen papers meer aangenomen.'],
    ['Swedish', 'Inlämning senast 8 mars 2027. Efter 12 mars godtas inga uppsatser.'],
    ['Norwegian', 'Innlevering: 8. mars 2027. Etter 12. mars godtas ingen oppgaver.'],
    ['English', 'Essay due 8 March 2027. Papers that come in after 12 March are not accepted.'],
    ['English, nothing that arrives', 'Essay due 8 March 2027. Nothing that arrives after 12 March is marked.'],
  ])('%s', (_, text) => { expect(brief(text)).toMatchObject({ due: '2027-03-08', late: { cutoffDays: 4 } }); });

  test.each([
    ['the deadline itself', 'À rendre le 8 mars 2027. Les travaux reçus après le 8 mars ne seront pas corrigés.', 0],
    ['what is accepted', 'Abgabe: 8. März 2027. Nach dem 12. März werden die Arbeiten bewertet.', null],
    ['another matter', 'Abgabe: 8. März 2027. Nach dem 12. März ist die Bibliothek geschlossen.', null],
    ['marks that come later', 'À rendre le 8 mars 2027. Les notes seront publiées après le 12 mars.', null],
  ])('and %s', (_, text, days) => { expect(brief(text)).toMatchObject({ due: '2027-03-08', late: { cutoffDays: days } }); });

  test('quotes what the wording says', () => {
    const text = 'Abgabe: 8. März 2027. Nach dem 12. März werden keine Arbeiten mehr angenommen.', said = brief(text).evidence.find((e) => e.field === 'late.cutoffDays')!;
    expect(text.slice(said.start, said.end)).toBe(said.quote);
    expect(said.quote).toContain('12. März');
  });
});
