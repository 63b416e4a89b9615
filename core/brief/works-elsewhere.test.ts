import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Two works with a day each, in six languages. Made up for this test. */
interface Tongue { pairs: [string, string][]; d: [string, string]; t: [string, string]; shapes: ((a: string, b: string, d: [string, string], t: [string, string]) => string)[] }
function U(s: string): string { return s[0]!.toUpperCase() + s.slice(1); }
function bare(s: string): string { return s.replace(/^(?:der|die|das|le|la|l’|el|het|de|il)(?: |(?<=’))/i, ''); }
function N(s: string): string { return U(bare(s)); }
function acc(a: string): string { return a.replace(/^der /, 'den '); }
function du(a: string): string { return a.startsWith('le ') ? `du ${a.slice(3)}` : a.startsWith('l’') ? `de ${a}` : `de ${a}`; }
function del(a: string): string { return a.startsWith('el ') ? `del ${a.slice(3)}` : `de ${a}`; }
const tongues: Record<string, Tongue> = {
  de: { pairs: [['der Bericht', 'das Protokoll'], ['der Essay', 'die Reflexion'], ['die Hausarbeit', 'das Portfolio'], ['Teil 1', 'Teil 2'], ['die Rezension', 'das Lerntagebuch'], ['Aufgabe 1', 'Aufgabe 2']], d: ['12. März 2027', '19. März 2027'], t: ['17:00 Uhr', '12:00 Uhr'],
    shapes: [
      (a, b, d, t) => `${U(a)} ist bis ${d[0]}, ${t[0]}, abzugeben, ${b} bis ${d[1]}, ${t[1]}.`,
      (a, b, d, t) => `Abgabe ${N(a)}: ${d[0]}, ${t[0]}\nAbgabe ${N(b)}: ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `${N(a)}: ${d[0]}, ${t[0]}\n${N(b)}: ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `${U(a)} muss bis zum ${d[0]} um ${t[0]} eingereicht werden. ${U(b)} muss bis zum ${d[1]} um ${t[1]} eingereicht werden.`,
      (a, b, d, t) => `Abgabetermine: ${N(a)} am ${d[0]}, ${t[0]}; ${N(b)} am ${d[1]}, ${t[1]}.`,
      (a, b, d, t) => `${N(a)} (Abgabe bis ${d[0]}, ${t[0]})\n${N(b)} (Abgabe bis ${d[1]}, ${t[1]})`,
      (a, b, d, t) => `Die Abgabefrist für ${acc(a)} endet am ${d[0]} um ${t[0]}, die für ${acc(b)} am ${d[1]} um ${t[1]}.`,
      (a, b, d, t) => `Laden Sie ${acc(a)} bis ${d[0]}, ${t[0]}, und ${acc(b)} bis ${d[1]}, ${t[1]}, hoch.`,
    ] },
  fr: { pairs: [['le rapport', 'le journal'], ['l’essai', 'la réflexion'], ['la dissertation', 'le portfolio'], ['la partie 1', 'la partie 2'], ['le compte rendu', 'le carnet']], d: ['12 mars 2027', '19 mars 2027'], t: ['17h00', '12h00'],
    shapes: [
      (a, b, d, t) => `${U(a)} est à rendre le ${d[0]} à ${t[0]}, ${b} le ${d[1]} à ${t[1]}.`,
      (a, b, d, t) => `${N(a)} : ${d[0]}, ${t[0]}\n${N(b)} : ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `Remise ${du(a)} : ${d[0]}, ${t[0]}\nRemise ${du(b)} : ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `${U(a)} doit être déposé avant le ${d[0]} à ${t[0]}. ${U(b)} doit être déposé avant le ${d[1]} à ${t[1]}.`,
      (a, b, d, t) => `Dates limites : ${N(a)} le ${d[0]} à ${t[0]} ; ${N(b)} le ${d[1]} à ${t[1]}.`,
      (a, b, d, t) => `Déposez ${a} avant le ${d[0]}, ${t[0]}, et ${b} avant le ${d[1]}, ${t[1]}.`,
    ] },
  es: { pairs: [['el informe', 'el diario'], ['el ensayo', 'la reflexión'], ['el trabajo', 'el portafolio'], ['la parte 1', 'la parte 2']], d: ['12 de marzo de 2027', '19 de marzo de 2027'], t: ['17:00', '12:00'],
    shapes: [
      (a, b, d, t) => `${U(a)} se entrega el ${d[0]} a las ${t[0]} y ${b} el ${d[1]} a las ${t[1]}.`,
      (a, b, d, t) => `${N(a)}: ${d[0]}, ${t[0]}\n${N(b)}: ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `Entrega ${del(a)}: ${d[0]}, ${t[0]}\nEntrega ${del(b)}: ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `${U(a)} debe entregarse antes del ${d[0]} a las ${t[0]}. ${U(b)} debe entregarse antes del ${d[1]} a las ${t[1]}.`,
      (a, b, d, t) => `Fechas de entrega: ${N(a)} el ${d[0]} a las ${t[0]}; ${N(b)} el ${d[1]} a las ${t[1]}.`,
    ] },
  nl: { pairs: [['het verslag', 'het logboek'], ['het essay', 'de reflectie'], ['deel 1', 'deel 2'], ['de paper', 'het portfolio']], d: ['12 maart 2027', '19 maart 2027'], t: ['17:00', '12:00'],
    shapes: [
      (a, b, d, t) => `Lever ${a} uiterlijk ${d[0]} om ${t[0]} in en ${b} uiterlijk ${d[1]} om ${t[1]}.`,
      (a, b, d, t) => `${N(a)}: ${d[0]}, ${t[0]}\n${N(b)}: ${d[1]}, ${t[1]}`,
      (a, b, d, t) => `${U(a)} moet uiterlijk op ${d[0]} om ${t[0]} ingeleverd worden. ${U(b)} moet uiterlijk op ${d[1]} om ${t[1]} ingeleverd worden.`,
      (a, b, d, t) => `Deadlines: ${N(a)} op ${d[0]} om ${t[0]}, ${N(b)} op ${d[1]} om ${t[1]}.`,
    ] },
  it: { pairs: [['la relazione', 'il diario'], ['il saggio', 'la riflessione'], ['la parte 1', 'la parte 2']], d: ['12 marzo 2027', '19 marzo 2027'], t: ['17:00', '12:00'],
    shapes: [
      (a, b, d, t) => `${U(a)} va consegnata entro il ${d[0]} alle ${t[0]}, ${b} entro il ${d[1]} alle ${t[1]}.`,
      (a, b, d, t) => `${N(a)}: ${d[0]}, ore ${t[0]}\n${N(b)}: ${d[1]}, ore ${t[1]}`,
      (a, b, d, t) => `Scadenze: ${N(a)} ${d[0]} ore ${t[0]}; ${N(b)} ${d[1]} ore ${t[1]}.`,
    ] },
  sv: { pairs: [['rapporten', 'loggboken'], ['essän', 'reflektionen'], ['del 1', 'del 2']], d: ['12 mars 2027', '19 mars 2027'], t: ['17:00', '12:00'],
    shapes: [
      (a, b, d, t) => `${U(a)} ska lämnas in senast den ${d[0]} kl. ${t[0]} och ${b} senast den ${d[1]} kl. ${t[1]}.`,
      (a, b, d, t) => `${U(a)}: ${d[0]}, kl. ${t[0]}\n${U(b)}: ${d[1]}, kl. ${t[1]}`,
      (a, b, d, t) => `Inlämning ${a}: ${d[0]} kl. ${t[0]}\nInlämning ${b}: ${d[1]} kl. ${t[1]}`,
    ] },
};

const read = (text: string) => readBrief(text, '2026-11-29T10:00:00Z').brief;
describe.each(Object.entries(tongues))('%s', (_, { pairs, d, t, shapes }) => {
  test.each(shapes.map((s) => [s(...pairs[0]!, d, t), s] as const))('%s', (_example, shape) => {
    for (const [a, b] of pairs) expect(read(`GEO 3107\n\n${shape(a, b, d, t)}\n`).parts.map((p) => [p.label.toLowerCase(), p.due])).toEqual([[bare(a).toLowerCase(), '2027-03-12T17:00:00'], [bare(b).toLowerCase(), '2027-03-19T12:00:00']]);
  });
});
test.each<[string, string[][]]>([
  ['Leistungen:\n1. Exkursionsbericht (40 %), Abgabe: 15. Januar 2027, 12:00 Uhr\n2. Kartenentwurf (20 %), Abgabe: 5. Februar 2027, 12:00 Uhr\n3. Hausarbeit (40 %), Abgabe: 31. März 2027, 12:00 Uhr', [['Exkursionsbericht', '2027-01-15T12:00:00'], ['Kartenentwurf', '2027-02-05T12:00:00'], ['Hausarbeit', '2027-03-31T12:00:00']]],
  ['Calendrier\nNote d’intention : 15 janvier 2027\nPlan détaillé : 12 février 2027\nDossier final : 12 mars 2027, 23h59\nÀ déposer au format PDF.', [['Note d’intention', '2027-01-15'], ['Plan détaillé', '2027-02-12'], ['Dossier final', '2027-03-12T23:59:00']]],
  ['Eerste versie: 12 februari 2027. Definitieve versie: 12 maart 2027, 17:00 uur. Lever in als PDF.', [['Eerste versie', '2027-02-12'], ['Definitieve versie', '2027-03-12T17:00:00']]],
  ['Fristen: Thema melden bis 15.01.2027, Gliederung bis 01.02.2027, fertige Arbeit bis 31.03.2027, jeweils 12 Uhr.', [['Thema melden', '2027-01-15T12:00:00'], ['Gliederung', '2027-02-01T12:00:00'], ['fertige Arbeit', '2027-03-31T12:00:00']]],
])('whole lists: %s', (text, parts) => expect(read(text).parts.map((p) => [p.label, p.due])).toEqual(parts));
test.each<[string, string]>([
  ['Die Hausarbeit ist bis 12. März 2027, 23:59 Uhr abzugeben. Die Anmeldung endet am 1. Februar 2027.', '2027-03-12T23:59:00'], ['Bitte reichen Sie Ihre Hausarbeit bis zum 12. März 2027 um 18:00 Uhr ein. Die Klausur findet am 5. März 2027 statt. Umfang: 3.000 Wörter.', '2027-03-12T18:00:00'],
  ['Abgabe der Hausarbeit: 31. März 2027. Verspätete Arbeiten werden bis 7. April 2027 mit Abzug angenommen.', '2027-03-31'], ['Le mémoire est à rendre le 12 mars 2027 à 17h00. La soutenance aura lieu le 26 mars 2027.', '2027-03-12T17:00:00'],
  ['Le dossier est à déposer avant le 12 mars 2027 à 23h59. Les notes seront publiées le 2 avril 2027.', '2027-03-12T23:59:00'], ['Entrega del trabajo: 12 de marzo de 2027 a las 23:59. La presentación oral será el 19 de marzo de 2027.', '2027-03-12T23:59:00'],
  ['El ensayo se entrega el 12 de marzo de 2027. Se publicarán las notas el 2 de abril de 2027.', '2027-03-12'], ['Het essay moet uiterlijk 12 maart 2027 om 17:00 ingeleverd worden. Het tentamen is op 26 maart 2027.', '2027-03-12T17:00:00'],
  ['Rapporten ska lämnas in senast den 12 mars 2027 kl. 17:00. Seminariet hålls den 19 mars 2027.', '2027-03-12T17:00:00'], ['La relazione va consegnata entro il 12 marzo 2027. L’esame orale si terrà il 26 marzo 2027.', '2027-03-12'],
])('hard negative, one work and what happens on another day: %s', (text, due) => { const { parts, due: found } = read(text); expect([parts, found]).toEqual([[], due]); });
test.each([['each at noon', 'T12:00:00'], ['at 17:00 on both days', 'T17:00:00'], ['both at 17:00', 'T17:00:00']])('a time for both days: %s', (said, time) => expect(read(`The essay is due on 1 March 2027 and the log on 8 March 2027, ${said}.`).parts.map((p) => p.due)).toEqual([`2027-03-01${time}`, `2027-03-08${time}`]));
