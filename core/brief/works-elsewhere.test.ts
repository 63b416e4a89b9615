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

/** Windows, declarations, styles, zones and extensions in eight languages. */
interface Said { open: string[]; decl: string[]; ref: [string, string][]; tz: [string, string][]; ext: string[] }
const said: Record<string, Said> = {
 de: { open: ['Die Abgabe ist vom 1. März 2027 bis zum 12. März 2027, 17:00 Uhr möglich.', 'Der Ordner öffnet am 1. März 2027 und schließt am 12. März 2027 um 17:00 Uhr.', 'Abgabezeitraum: 1. März 2027 – 12. März 2027, 17:00 Uhr', 'Öffnet: 1. März 2027\nSchließt: 12. März 2027, 17:00 Uhr', 'Hochladen können Sie ab dem 1. März 2027; Abgabeschluss ist am 12. März 2027 um 17:00 Uhr.', 'Freigeschaltet ab 1. März 2027, Frist: 12. März 2027, 17:00 Uhr', 'Beginn: 1. März 2027\nEnde: 12. März 2027, 17:00 Uhr'],
   decl: ['Fügen Sie eine unterschriebene Eigenständigkeitserklärung bei.', 'Eine Selbstständigkeitserklärung ist beizufügen.', 'mit eidesstattlicher Erklärung', 'Die Erklärung zur Eigenständigkeit muss enthalten sein.'],
   ref: [['Zitierweise: APA', 'APA'], ['Zitieren Sie nach Chicago.', 'Chicago'], ['Literaturangaben nach Harvard', 'Harvard'], ['Bitte verwenden Sie MLA.', 'MLA']],
   tz: [['12. März 2027, 17:00 Uhr MEZ', '+01:00'], ['12. März 2027, 17:00 Uhr (Berliner Zeit)', '+01:00']],
   ext: ['Frist: 12. März 2027, 17:00 Uhr. Ihre Frist wurde bis zum 19. März 2027, 17:00 Uhr verlängert.', 'Abgabe bis 12. März 2027, 17:00 Uhr. Ihnen wurde eine Verlängerung bis zum 19. März 2027, 17:00 Uhr gewährt.'] },
 fr: { open: ['Le dépôt est possible du 1er mars 2027 au 12 mars 2027 à 17h00.', 'L’espace ouvre le 1er mars 2027 et ferme le 12 mars 2027 à 17h00.', 'Ouverture : 1er mars 2027\nFermeture : 12 mars 2027, 17h00', 'Dépôt ouvert à partir du 1er mars 2027 ; date limite : 12 mars 2027, 17h00', 'Période de dépôt : 1er mars 2027 – 12 mars 2027, 17h00'],
   decl: ['Joignez une déclaration sur l’honneur signée.', 'Une attestation de non-plagiat doit être jointe.', 'avec la déclaration de non-plagiat'], ref: [['Norme de citation : APA', 'APA'], ['Citez selon le style Chicago.', 'Chicago'], ['Références au format Harvard', 'Harvard']], tz: [['12 mars 2027, 17h00 (heure de Paris)', '+01:00']],
   ext: ['Date limite : 12 mars 2027, 17h00. Un délai vous est accordé jusqu’au 19 mars 2027, 17h00.'] },
 es: { open: ['La entrega es posible del 1 de marzo de 2027 al 12 de marzo de 2027 a las 17:00.', 'El buzón abre el 1 de marzo de 2027 y cierra el 12 de marzo de 2027 a las 17:00.', 'Apertura: 1 de marzo de 2027\nCierre: 12 de marzo de 2027, 17:00', 'Plazo de entrega: del 1 de marzo de 2027 al 12 de marzo de 2027, 17:00'],
   decl: ['Adjunte una declaración de autoría firmada.', 'con la declaración de originalidad'], ref: [['Estilo de citas: APA', 'APA'], ['Cite según Chicago.', 'Chicago'], ['Referencias en formato Harvard', 'Harvard']], tz: [['12 de marzo de 2027, 17:00 (hora peninsular)', '+01:00']], ext: ['Fecha límite: 12 de marzo de 2027, 17:00. Se le concede una prórroga hasta el 19 de marzo de 2027, 17:00.'] },
 nl: { open: ['Inleveren kan van 1 maart 2027 tot 12 maart 2027, 17:00.', 'De map opent op 1 maart 2027 en sluit op 12 maart 2027 om 17:00.', 'Opent: 1 maart 2027\nSluit: 12 maart 2027, 17:00', 'Inleverperiode: 1 maart 2027 – 12 maart 2027, 17:00'],
   decl: ['Voeg een ondertekende verklaring van eigen werk toe.'], ref: [['Citeerstijl: APA', 'APA'], ['Verwijs volgens Chicago.', 'Chicago']], tz: [], ext: ['Deadline: 12 maart 2027, 17:00. U hebt uitstel gekregen tot 19 maart 2027, 17:00.'] },
 it: { open: ['La consegna è possibile dal 1 marzo 2027 al 12 marzo 2027 alle 17:00.', 'La cartella apre il 1 marzo 2027 e chiude il 12 marzo 2027 alle 17:00.', 'Apertura: 1 marzo 2027\nChiusura: 12 marzo 2027, ore 17:00'], decl: ['Allegare una dichiarazione di originalità firmata.'], ref: [['Stile di citazione: APA', 'APA']], tz: [], ext: [] },
 pt: { open: ['A entrega é possível de 1 de março de 2027 a 12 de março de 2027 às 17:00.', 'A pasta abre a 1 de março de 2027 e fecha a 12 de março de 2027 às 17:00.', 'Abertura: 1 de março de 2027\nFecho: 12 de março de 2027, 17:00'], decl: ['Anexe uma declaração de autoria assinada.'], ref: [['Estilo de citação: APA', 'APA']], tz: [], ext: [] },
 sv: { open: ['Inlämning är möjlig från den 1 mars 2027 till den 12 mars 2027 kl. 17:00.', 'Mappen öppnar den 1 mars 2027 och stänger den 12 mars 2027 kl. 17:00.', 'Öppnar: 1 mars 2027\nStänger: 12 mars 2027 kl. 17:00'], decl: ['Bifoga en undertecknad försäkran om eget arbete.'], ref: [['Referensstil: APA', 'APA']], tz: [], ext: [] },
 da: { open: ['Aflevering er mulig fra 1. marts 2027 til 12. marts 2027 kl. 17:00.', 'Mappen åbner den 1. marts 2027 og lukker den 12. marts 2027 kl. 17:00.', 'Åbner: 1. marts 2027\nLukker: 12. marts 2027 kl. 17:00'], decl: ['Vedlæg en underskrevet erklæring om eget arbejde.'], ref: [['Referencestil: APA', 'APA']], tz: [], ext: [] },
};
const lead: Record<string, string> = { de: 'Die Hausarbeit wird als PDF abgegeben.', fr: 'Le dossier est à rendre au format PDF.', es: 'El trabajo se entrega en formato PDF.', nl: 'De opdracht wordt als pdf ingeleverd.', it: 'La relazione va consegnata in formato PDF.', pt: 'O trabalho deve ser entregue em formato PDF.', sv: 'Uppsatsen ska lämnas in som PDF.', da: 'Opgaven skal afleveres som PDF.' };
const told = (tongue: string, s: string) => read(`GEO 3107\n\n${lead[tongue]!}\n\n${s[0]!.toUpperCase()}${s.slice(1)}${/[.!?]$/.test(s) || s.includes('\n') ? '' : '.'}\n`);
describe.each(Object.entries(said))('%s', (tongue, { open, decl, ref, tz, ext }) => {
  test.each(open)('a window: %s', (s) => { const { opens, due, parts } = told(tongue, s); expect([opens, due, parts]).toEqual(['2027-03-01', '2027-03-12T17:00:00', []]); });
  test.each(decl)('a declaration: %s', (s) => expect(told(tongue, s).declaration).toBe(true));
  test.each(ref)('a style: %s', (s, style) => expect(told(tongue, s).referenceStyle).toBe(style));
  if (tz.length > 0) test.each(tz)('a zone: %s', (s, offset) => expect(told(tongue, `Deadline: ${s}`).due).toBe(`2027-03-12T17:00:00${offset}`));
  if (ext.length > 0) test.each(ext)('an extension: %s', (s) => { const { due, extension } = told(tongue, s); expect([due, extension]).toEqual(['2027-03-12T17:00:00', '2027-03-19T17:00:00']); });
});
test.each(['Die Bibliothek öffnet am 1. März 2027 und schließt am 12. März 2027. Abgabe als PDF.', 'La biblioteca abre el 1 de marzo de 2027 y cierra el 12 de marzo de 2027. Entrega en PDF.'])('hard negative: %s', (text) => expect(read(text).opens).toBeNull());
