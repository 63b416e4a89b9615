import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const documents = (text: string) => readBrief(text, '2027-02-10T10:00:00Z').brief.documents;
/** Made-up sentences of departments; A and B are the documents. */
const tongues: { tongue: string; names: [string, string][]; kinds: [string, string][]; and: string[]; frames: string[] }[] = [
  { tongue: 'French', names: [['le rapport', 'les données'], ['le mémoire', 'la fiche signée'], ["l'affiche", 'le code source']], kinds: [['(PDF)', 'au format CSV'], ['en PDF', '(CSV)'], ['au format PDF', 'en CSV']], and: [' et ', ' ainsi que ', ', '], frames: ['Vous remettrez A&B.', 'À rendre : A&B, au plus tard le 12 mars 2027.', 'Deux fichiers sont à déposer : A&B.'] },
  { tongue: 'German', names: [['der Bericht', 'die Rohdaten'], ['die Hausarbeit', 'das unterschriebene Formular'], ['das Lerntagebuch', 'der Quellcode']], kinds: [['(PDF)', 'als CSV'], ['als PDF', '(CSV)'], ['als PDF-Datei', 'als CSV-Datei']], and: [' und ', ' sowie ', ', '], frames: ['Abzugeben sind: A&B.', 'Bitte reichen Sie bis zum 12.03.2027 ein: A&B.', 'Abgabe bis 12. März 2027, 12 Uhr: A&B. Verspätete Abgaben werden nicht bewertet.'] },
  { tongue: 'Spanish', names: [['el informe', 'los datos'], ['la memoria', 'la declaración firmada']], kinds: [['(PDF)', 'en formato CSV'], ['en PDF', '(CSV)']], and: [' y ', ' así como '], frames: ['Se entregarán A&B.', 'Fecha límite: 12 de marzo de 2027. Archivos: A&B.'] },
  { tongue: 'Italian', names: [['la relazione', 'i dati'], ['il diario di bordo', 'il modulo firmato']], kinds: [['(PDF)', 'in formato CSV'], ['in PDF', '(CSV)']], and: [' e ', ', '], frames: ['Da consegnare: A&B.', 'Consegna entro il 12 marzo 2027: A&B.'] },
  { tongue: 'Dutch', names: [['het verslag', 'de meetgegevens'], ['het logboek', 'het voorblad']], kinds: [['(PDF)', 'als CSV'], ['als PDF', '(CSV)']], and: [' en ', ', '], frames: ['In te leveren: A&B.', 'Lever twee bestanden in: A&B.'] },
];
describe.each(tongues)('two documents in $tongue', ({ names, kinds, and, frames }) => {
  const texts = names.flatMap(([a, b]) => kinds.flatMap(([k, l]) => and.flatMap((tie) => frames.map((frame) => [frame.replace('A&B', () => `${a} ${k}${tie}${b} ${l}`), a, b] as const))));
  test.each(texts)('%s', (text, a, b) => {
    const own = (name: string): string => name.replace(/^(?:l['’]|\S+ )/, '');
    expect(documents(text)).toMatchObject([{ label: own(a), types: ['pdf'] }, { label: own(b), types: ['csv'] }]);
  });
});
test.each([
  ['Portuguese', 'Entregar até 12 de março de 2027: o relatório (PDF) e a folha de cálculo (xlsx).', [['relatório', 'pdf'], ['folha de cálculo', 'xlsx']]],
  ['Norwegian', 'Lever inn rapporten (PDF) og rådata (CSV) senest 12. mars 2027 kl. 14:00.', [['rapporten', 'pdf'], ['rådata', 'csv']]],
  ['Dutch beside a loan', 'De deadline is 12 maart 2027. In te leveren: het verslag (PDF) en de meetgegevens (CSV).', [['verslag', 'pdf'], ['meetgegevens', 'csv']]],
  ['a document whose name is not known', 'Abzugeben sind: der Bericht (PDF) und der Bauplan (JPG).', [['Bericht', 'pdf'], ['Bauplan', 'jpeg']]],
] as [string, string, string[][]][])('%s', (_, text, says) => { expect(documents(text).map((d) => [d.label, d.types.join()])).toEqual(says); });
test('kinds to choose from, and limits of one of them', () => {
  expect(documents('Le mémoire (25 à 30 pages, annexes non comprises) doit être déposé au format PDF ou Word. Joindre également la fiche signée (PDF).')).toMatchObject([{ label: 'mémoire', types: ['pdf', 'docx'], limits: { minPages: 25, maxPages: 30 } }, { label: 'fiche signée', types: ['pdf'] }]);
});
describe('hard negatives: what is handed out, or not needed', () => {
  test.each([
    ['Le modèle (Word) est sur le site. Le rapport est à rendre en PDF.', 'pdf'], ['Die Vorlage (Word) finden Sie online; der Bericht ist als PDF einzureichen.', 'pdf'], ['La plantilla (Word) está en la página. El informe se entrega en PDF.', 'pdf'],
    ["Lectures : le chapitre 2 (PDF) et l'article de Dubois (PDF). Le devoir est à rendre en Word.", 'docx'], ['Die Hausarbeit ist als PDF abzugeben. Die Rohdaten (CSV) sind nicht erforderlich.', 'pdf'], ['Der Essay wird als PDF oder Word-Datei eingereicht.', 'pdf,docx'],
  ])('%s', (text, types) => { expect(documents(text).map((d) => d.types.join())).toEqual([types]); });
  test('a loan in an English wording', () => expect(documents('Submit the dossier (PDF) by 12 March 2027. The résumé (Word) is not needed.').map((d) => d.types.join())).toEqual(['pdf']));
});
