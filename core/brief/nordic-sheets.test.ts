import { describe, expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** Short lines of Nordic sheets: each way to say it. Compiled by hand; invented, common practice, no published source. */
const says: Readonly<Record<string, (brief: Brief) => boolean>> = {
  PDF: (b) => b.documents.map((d) => d.types.join()).join() === 'pdf', 'Word or PDF': (b) => [...(b.documents[0]?.types ?? [])].sort().join() === 'docx,pdf', 'at most 2,500 words': (b) => b.limits.maxWords === 2500, '12 to 15 pages': (b) => b.limits.minPages === 12 && b.limits.maxPages === 15, '10 MB': (b) => b.limits.maxBytes === 10_000_000,
  'Times New Roman 12': (b) => b.layout.fontSizePt === 12 && b.layout.fonts[0] === 'Times New Roman', 'spacing 1.5': (b) => b.layout.lineSpacing === 1.5, 'margins 2.5 cm': (b) => b.layout.marginMm === 25, 'page numbers': (b) => b.layout.pageNumbers === true, anonymous: (b) => b.anonymous === true, named: (b) => b.anonymous === false,
  'no name in file name': (b) => b.naming.mustNotIdentify === true, declaration: (b) => b.declaration === true, 'number in file name': (b) => b.naming.mustContain.some((f) => ['studentNumber', 'candidateNumber'].includes(f)),
};
interface Tongue { tongue: string; /** what stands before, so that the language is known */ before: string; said: Record<string, string[]> }
const tongues: Tongue[] = [
  { tongue: 'Swedish', before: 'Den här uppgiften handlar om en stads historia som vi har läst källor om i seminariet. Du ska visa att du har förstått texterna och deras idéer.\n\n', said: {
    PDF: ['Uppsatsen ska lämnas in som PDF.', 'Format: PDF', 'Endast PDF godtas.', 'Filen ska vara en PDF.', 'Lämna in en enda PDF-fil.', 'Ladda upp arbetet i PDF-format.'],
    'Word or PDF': ['Word eller PDF.', 'Filen lämnas in som Word eller PDF.', 'Format: .docx eller .pdf', 'Vi tar emot Word- och PDF-filer.'],
    'at most 2,500 words': ['Högst 2 500 ord.', 'Max 2500 ord.', 'Texten får vara högst 2 500 ord.', 'Längd: max 2 500 ord', 'Inte mer än 2500 ord.', 'Texten får inte överstiga 2 500 ord.', 'Ordgräns: 2500'],
    '12 to 15 pages': ['12–15 sidor.', 'Mellan 12 och 15 sidor.', 'Omfång: 12 till 15 sidor', 'Minst 12 och högst 15 sidor.', 'Uppsatsen ska omfatta 12–15 sidor.'],
    '10 MB': ['Filen får vara högst 10 MB.', 'Max 10 MB.', 'Filstorlek: max 10 MB', 'Filer över 10 MB tas inte emot.'],
    'Times New Roman 12': ['Times New Roman 12 punkter.', 'Teckensnitt: Times New Roman, storlek 12', 'Typsnitt Times New Roman 12.'],
    'spacing 1.5': ['Radavstånd 1,5.', 'Radavstånd: 1,5', 'Med 1,5 radavstånd.'],
    'margins 2.5 cm': ['Marginaler 2,5 cm.', 'Marginaler: 2,5 cm', '2,5 cm marginaler på alla sidor.'],
    'page numbers': ['Sidorna ska numreras.', 'Numrera sidorna.', 'Med sidnummer.'],
    anonymous: ['Rättningen är anonym.', 'Uppsatserna bedöms anonymt.', 'Skriv inte ditt namn på uppsatsen.', 'Ditt namn får inte finnas i filen.', 'Inget namn på arbetet.', 'Anonymitet: ja', 'Ange din kod i stället för namn.'],
    named: ['Rättningen är inte anonym.', 'Skriv ditt namn på första sidan.', 'Försättsbladet ska innehålla ditt namn.'],
    'no name in file name': ['Ditt namn får inte stå i filnamnet.', 'Skriv inte ditt namn i filnamnet.', 'Inget namn i filnamnet.'],
    declaration: ['Bifoga en undertecknad försäkran om eget arbete.', 'En försäkran ska bifogas.', 'Glöm inte försäkran om eget arbete.'],
    'number in file name': ['Döp filen med din anonymkod.', 'Filnamnet ska innehålla ditt studentnummer.', 'Filnamn: studentnummer'],
  } },
  { tongue: 'Norwegian', before: 'Denne oppgaven handler om historien til en by som vi har lest kilder om i seminaret. Du skal vise at du har forstått tekstene og ideene i dem.\n\n', said: {
    PDF: ['Oppgaven skal leveres som PDF.', 'Format: PDF', 'Bare PDF godtas.', 'Filen skal være en PDF.', 'Lever én PDF-fil.', 'Last opp oppgaven i PDF-format.'],
    'Word or PDF': ['Word eller PDF.', 'Filen leveres som Word eller PDF.', 'Format: .docx eller .pdf', 'Vi tar imot Word- og PDF-filer.'],
    'at most 2,500 words': ['Maks 2500 ord.', 'Høyst 2 500 ord.', 'Teksten kan være på inntil 2 500 ord.', 'Lengde: maks 2 500 ord', 'Ikke mer enn 2500 ord.', 'Teksten skal ikke overstige 2 500 ord.'],
    '12 to 15 pages': ['12–15 sider.', 'Mellom 12 og 15 sider.', 'Omfang: 12 til 15 sider', 'Minst 12 og høyst 15 sider.', 'Oppgaven skal være på 12–15 sider.'],
    '10 MB': ['Filen kan være på høyst 10 MB.', 'Maks 10 MB.', 'Filstørrelse: maks 10 MB', 'Filer over 10 MB tas ikke imot.'],
    'Times New Roman 12': ['Times New Roman 12 punkt.', 'Skrifttype: Times New Roman, størrelse 12', 'Skrift Times New Roman 12.'],
    'spacing 1.5': ['Linjeavstand 1,5.', 'Linjeavstand: 1,5', 'Med 1,5 linjeavstand.'],
    'margins 2.5 cm': ['Marger 2,5 cm.', 'Marger: 2,5 cm', '2,5 cm marger på alle sider.'],
    'page numbers': ['Sidene skal nummereres.', 'Nummerer sidene.', 'Med sidetall.'],
    anonymous: ['Sensuren er anonym.', 'Oppgavene vurderes anonymt.', 'Ikke skriv navnet ditt på oppgaven.', 'Navnet ditt skal ikke stå i filen.', 'Ingen navn på oppgaven.', 'Anonymitet: ja', 'Bruk kandidatnummer i stedet for navn.'],
    named: ['Sensuren er ikke anonym.', 'Skriv navnet ditt på første side.', 'Forsiden skal inneholde navnet ditt.'],
    'no name in file name': ['Navnet ditt skal ikke stå i filnavnet.', 'Ikke skriv navnet ditt i filnavnet.', 'Ingen navn i filnavnet.'],
    declaration: ['Legg ved en signert egenerklæring.', 'En egenerklæring skal legges ved.', 'Husk egenerklæringen.'],
    'number in file name': ['Gi filen kandidatnummeret ditt som navn.', 'Filnavnet skal inneholde kandidatnummeret ditt.', 'Filnavn: kandidatnummer'],
  } },
  { tongue: 'Danish', before: 'Denne opgave handler om historien i en by, som vi har læst kilder om på seminaret. Du skal vise, at du har forstået teksterne og ideerne i dem.\n\n', said: {
    PDF: ['Opgaven skal afleveres som PDF.', 'Format: PDF', 'Kun PDF accepteres.', 'Filen skal være en PDF.', 'Aflever én PDF-fil.', 'Upload opgaven i PDF-format.'],
    'Word or PDF': ['Word eller PDF.', 'Filen afleveres som Word eller PDF.', 'Format: .docx eller .pdf', 'Vi modtager Word- og PDF-filer.'],
    'at most 2,500 words': ['Maks. 2500 ord.', 'Højst 2.500 ord.', 'Teksten må fylde op til 2.500 ord.', 'Længde: maks. 2.500 ord', 'Ikke mere end 2500 ord.', 'Teksten må ikke overstige 2.500 ord.'],
    '12 to 15 pages': ['12-15 sider.', 'Mellem 12 og 15 sider.', 'Omfang: 12 til 15 sider', 'Mindst 12 og højst 15 sider.', 'Opgaven skal fylde 12-15 sider.'],
    '10 MB': ['Filen må højst fylde 10 MB.', 'Maks. 10 MB.', 'Filstørrelse: maks. 10 MB', 'Filer over 10 MB modtages ikke.'],
    'Times New Roman 12': ['Times New Roman 12 punkt.', 'Skrifttype: Times New Roman, størrelse 12'],
    'spacing 1.5': ['Linjeafstand 1,5.', 'Linjeafstand: 1,5', 'Med 1,5 linjeafstand.'],
    'margins 2.5 cm': ['Margener 2,5 cm.', 'Margener: 2,5 cm', '2,5 cm margener på alle sider.'],
    'page numbers': ['Siderne skal nummereres.', 'Nummerer siderne.', 'Med sidetal.'],
    anonymous: ['Bedømmelsen er anonym.', 'Opgaverne bedømmes anonymt.', 'Skriv ikke dit navn på opgaven.', 'Dit navn må ikke stå i filen.', 'Intet navn på opgaven.', 'Anonymitet: ja', 'Brug eksamensnummer i stedet for navn.'],
    named: ['Bedømmelsen er ikke anonym.', 'Skriv dit navn på første side.', 'Forsiden skal indeholde dit navn.'],
    'no name in file name': ['Dit navn må ikke stå i filnavnet.', 'Skriv ikke dit navn i filnavnet.', 'Intet navn i filnavnet.'],
    declaration: ['Vedlæg en underskrevet erklæring om selvstændigt arbejde.', 'En erklæring skal vedlægges.', 'Husk erklæringen om selvstændigt arbejde.'],
    'number in file name': ['Filnavnet skal indeholde dit eksamensnummer.', 'Filnavn: eksamensnummer'],
  } },
];
describe.each(tongues)('$tongue', ({ before, said }) => {
  const read = (sentence: string): Brief => readBrief(`${before}${sentence}`, '2026-11-30T09:00:00Z').brief;
  describe.each(Object.entries(said))('%s', (what, sentences) => { test.each(sentences)('%s', (sentence) => expect(says[what]!(read(sentence))).toBe(true)); });
});
// Hard negatives: what a sentence says of other things in the same words.
test.each<[string, string, (brief: Brief) => unknown, unknown]>([
  ['Swedish', 'Romanen har 2 500 ord som ingen förstår.', (b) => b.limits.maxWords, null], ['Swedish', 'Ordet står i marginalen på sidan 12.', (b) => b.layout.marginMm, null], ['Norwegian', 'Boken er på 15 sider og har et navn på forsiden.', (b) => b.anonymous, null], ['Danish', 'Byen fik sit navn i 1250, og navnet står på et skilt.', (b) => b.anonymous, null],
])('%s: %s', (tongue, sentence, of, value) => expect(of(readBrief(`${tongues.find((t) => t.tongue === tongue)!.before}${sentence}`, '2026-11-30T09:00:00Z').brief)).toEqual(value));
