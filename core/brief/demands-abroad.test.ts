import { describe, expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** What is asked for, field by field, in eight languages: in a sentence of a letter, and as an item of a list. Made up for this test. */
const ways: Record<string, Record<string, [said: string, settled: string | number | boolean][]>> = {
 de: {
  words: [['Umfang: 2.500 Wörter maximal', 'max 2500'], ['höchstens 2.500 Wörter', 'max 2500'], ['maximal 2500 Wörter', 'max 2500'], ['nicht mehr als 2.500 Wörter', 'max 2500'], ['Umfang: 2.000 bis 2.500 Wörter', '2000-2500'], ['mindestens 2.000 Wörter', 'min 2000'], ['zwischen 2.000 und 2.500 Wörtern', '2000-2500'], ['Der Text darf 2.500 Wörter nicht überschreiten.', 'max 2500'], ['2.500 Wörter (±10 %)', '2250-2750'], ['Wortzahl: 2.500 (+/- 10 %)', '2250-2750']],
  pages: [['Umfang: 12 bis 15 Seiten', '12-15'], ['höchstens 15 Seiten', 'max 15'], ['maximal 15 Seiten ohne Literaturverzeichnis', 'max 15'], ['mindestens 12 Seiten', 'min 12'], ['12–15 Seiten', '12-15'], ['nicht länger als 15 Seiten', 'max 15']],
  type: [['Abgabe als PDF', 'pdf'], ['Bitte reichen Sie die Arbeit im PDF-Format ein.', 'pdf'], ['Format: PDF', 'pdf'], ['Dateiformat: PDF oder Word', 'pdf,docx'], ['nur PDF-Dateien', 'pdf'], ['ausschließlich als PDF', 'pdf'], ['als Word-Datei', 'docx'], ['Die Arbeit ist als PDF-Datei hochzuladen.', 'pdf'], ['in einer einzigen PDF-Datei', 'pdf']],
  anon: [['Die Arbeiten werden anonym korrigiert.', true], ['Anonyme Korrektur', true], ['Bitte geben Sie Ihren Namen nicht an.', true], ['Ihr Name darf nicht in der Arbeit erscheinen.', true], ['Die Korrektur erfolgt nicht anonym.', false], ['Nennen Sie auf dem Deckblatt nur Ihre Matrikelnummer, nicht Ihren Namen.', true], ['Anonymisiert einreichen', true]],
  size: [['maximale Dateigröße: 20 MB', 20], ['Die Datei darf höchstens 20 MB groß sein.', 20], ['max. 20 MB', 20], ['nicht größer als 20 MB', 20], ['Dateigröße bis 20 MB', 20]],
  late: [['Verspätete Abgaben werden nicht angenommen.', 'c0'], ['Pro Tag Verspätung werden 5 % abgezogen.', 'p5'], ['Abzug von 10 % pro Tag', 'p10'], ['Nach Fristablauf ist keine Abgabe mehr möglich.', 'c0'], ['Für jeden Tag Verspätung werden 5 Prozentpunkte abgezogen, nach 7 Tagen wird die Arbeit nicht mehr angenommen.', 'p5c7']],
  att: [['Sie können bis zur Frist beliebig oft hochladen; nur die letzte Version zählt.', 'unlimited/latest'], ['Nur ein Versuch.', '1/'], ['Es ist nur eine Abgabe möglich.', '1/'], ['Mehrfache Abgabe ist möglich, es zählt die letzte.', 'unlimited/latest'], ['maximal drei Versuche', '3/']],
  sim: [['Die Arbeiten werden mit Plagiatssoftware geprüft.', true], ['Alle Arbeiten werden auf Plagiate überprüft.', true], ['Es findet keine Plagiatsprüfung statt.', false]],
  place: [['Abgabe im Ordner „Hausarbeit 2“', 'Hausarbeit 2'], ['Laden Sie die Datei unter „Hausarbeit 2“ hoch.', 'Hausarbeit 2'], ['Abgabeort: „Hausarbeit 2“', 'Hausarbeit 2'], ['über „Hausarbeit 2“ einreichen', 'Hausarbeit 2']],
  name: [['Dateiname: Matrikelnummer_Kurs.pdf', 'studentNumber'], ['Benennen Sie die Datei nach dem Muster Nachname_Kurs.pdf.', 'surname'], ['Der Dateiname muss Ihre Matrikelnummer enthalten.', 'studentNumber'], ['Der Dateiname darf Ihren Namen nicht enthalten.', 'notIdentify']],
  layout: [['Schriftgröße 12, Zeilenabstand 1,5, Rand 2,5 cm', 'f12 l1.5 m25'], ['Times New Roman, 12 Punkt, 1,5-zeilig', 'f12 l1.5'], ['Schriftart Arial 11, Zeilenabstand 1,5', 'f11 l1.5'], ['Ränder 3 cm, doppelter Zeilenabstand', 'l2 m30'], ['Seiten nummerieren', 'n'], ['Seitenzahlen', 'n'], ['DIN A4', 'a4']],
 },
 fr: {
  words: [['2 500 mots maximum', 'max 2500'], ['au maximum 2500 mots', 'max 2500'], ['entre 2 000 et 2 500 mots', '2000-2500'], ['de 2 000 à 2 500 mots', '2000-2500'], ['au moins 2 000 mots', 'min 2000'], ['2 500 mots (±10 %)', '2250-2750'], ['ne doit pas dépasser 2 500 mots', 'max 2500'], ['Longueur : 2 500 mots maximum', 'max 2500']],
  pages: [['12 à 15 pages', '12-15'], ['15 pages maximum', 'max 15'], ['entre 12 et 15 pages', '12-15'], ['au moins 12 pages', 'min 12'], ['15 pages au plus, bibliographie non comprise', 'max 15']],
  type: [['au format PDF', 'pdf'], ['Format : PDF', 'pdf'], ['en un seul fichier PDF', 'pdf'], ['en format Word ou PDF', 'pdf,docx'], ['un fichier PDF unique', 'pdf'], ['uniquement en PDF', 'pdf'], ['Format du fichier : PDF', 'pdf']],
  anon: [['Les copies sont anonymes.', true], ['Correction anonyme', true], ['Votre nom ne doit pas apparaître.', true], ['Ne mentionnez pas votre nom.', true], ['La correction n’est pas anonyme.', false]],
  size: [['taille maximale : 20 Mo', 20], ['20 Mo maximum', 20], ['Le fichier ne doit pas dépasser 20 Mo.', 20]],
  late: [['Aucun retard ne sera accepté.', 'c0'], ['Pénalité de 5 % par jour de retard', 'p5'], ['Les travaux remis en retard ne seront pas acceptés.', 'c0'], ['Tout retard entraîne une pénalité de 5 % par jour.', 'p5'], ['5 % de pénalité par jour de retard, refusé après 7 jours', 'p5c7']],
  att: [['Un seul dépôt possible', '1/'], ['Vous pouvez déposer plusieurs versions, seule la dernière compte.', 'unlimited/latest'], ['trois tentatives au maximum', '3/']],
  sim: [['Les travaux seront analysés par un logiciel anti-plagiat.', true], ['Tous les travaux sont soumis à un logiciel de détection du plagiat.', true]],
  place: [['Déposez le fichier dans « Devoir 2 »', 'Devoir 2'], ['Dépôt dans l’espace « Devoir 2 »', 'Devoir 2'], ['À déposer sous l’onglet « Devoir 2 »', 'Devoir 2']],
  name: [['Nom du fichier : NOM_cours.pdf', 'surname'], ['Le nom du fichier doit contenir votre numéro d’étudiant.', 'studentNumber'], ['Le nom du fichier ne doit pas contenir votre nom.', 'notIdentify']],
  layout: [['Times New Roman 12, interligne 1,5, marges de 2,5 cm', 'f12 l1.5 m25'], ['police Arial 11, interligne double', 'f11 l2'], ['pages numérotées', 'n'], ['format A4', 'a4'], ['interligne simple, marges 2 cm', 'l1 m20']],
 },
 es: {
  words: [['máximo 2.500 palabras', 'max 2500'], ['entre 2.000 y 2.500 palabras', '2000-2500'], ['al menos 2.000 palabras', 'min 2000'], ['no debe superar las 2.500 palabras', 'max 2500'], ['Extensión: 2.500 palabras como máximo', 'max 2500'], ['2.500 palabras (±10 %)', '2250-2750']],
  pages: [['de 12 a 15 páginas', '12-15'], ['máximo 15 páginas', 'max 15'], ['entre 12 y 15 páginas', '12-15'], ['un mínimo de 12 páginas', 'min 12']],
  type: [['en formato PDF', 'pdf'], ['Formato: PDF', 'pdf'], ['en un único archivo PDF', 'pdf'], ['en Word o PDF', 'pdf,docx'], ['solo PDF', 'pdf']],
  anon: [['Corrección anónima', true], ['Los trabajos se corrigen de forma anónima.', true], ['Su nombre no debe aparecer en el trabajo.', true], ['La corrección no es anónima.', false]],
  size: [['tamaño máximo: 20 MB', 20], ['El archivo no debe superar los 20 MB.', 20]],
  late: [['No se aceptan trabajos fuera de plazo.', 'c0'], ['Se descontará un 5 % por día de retraso.', 'p5'], ['No se admitirán entregas tardías.', 'c0']],
  att: [['Un único intento', '1/'], ['Puede entregar varias veces; solo cuenta la última versión.', '/latest']],
  sim: [['Los trabajos se revisarán con un programa antiplagio.', true]],
  place: [['Suba el archivo en «Trabajo 2»', 'Trabajo 2'], ['Entrega en la carpeta «Trabajo 2»', 'Trabajo 2']],
  name: [['Nombre del archivo: Apellido_curso.pdf', 'surname'], ['El nombre del archivo debe incluir su número de estudiante.', 'studentNumber']],
  layout: [['Times New Roman 12, interlineado 1,5, márgenes de 2,5 cm', 'f12 l1.5 m25'], ['letra Arial 11, interlineado doble', 'f11 l2'], ['páginas numeradas', 'n'], ['tamaño A4', 'a4']],
 },
 nl: {
  words: [['maximaal 2.500 woorden', 'max 2500'], ['tussen 2.000 en 2.500 woorden', '2000-2500'], ['minimaal 2.000 woorden', 'min 2000'], ['niet meer dan 2.500 woorden', 'max 2500'], ['Omvang: 2.500 woorden (±10%)', '2250-2750'], ['ten hoogste 2.500 woorden', 'max 2500'], ['2.000 tot 2.500 woorden', '2000-2500']],
  pages: [['12 tot 15 pagina’s', '12-15'], ['maximaal 15 pagina’s', 'max 15'], ['ten minste 12 pagina’s', 'min 12']],
  type: [['als pdf', 'pdf'], ['in pdf-formaat', 'pdf'], ['Bestandsformaat: PDF', 'pdf'], ['als één pdf-bestand', 'pdf'], ['Word of PDF', 'pdf,docx']],
  anon: [['De beoordeling is anoniem.', true], ['Uw naam mag niet in het werk staan.', true], ['Anoniem inleveren', true], ['De beoordeling is niet anoniem.', false]],
  size: [['maximale bestandsgrootte: 20 MB', 20], ['Het bestand mag niet groter zijn dan 20 MB.', 20]],
  late: [['Te laat ingeleverd werk wordt niet geaccepteerd.', 'c0'], ['Per dag te laat wordt 5% afgetrokken.', 'p5'], ['Te laat inleveren is niet mogelijk.', 'c0']],
  att: [['U kunt maar één keer inleveren.', '1/'], ['U mag meerdere keren inleveren; alleen de laatste versie telt.', '/latest']],
  sim: [['Het werk wordt gecontroleerd op plagiaat.', true]],
  place: [['Lever in via ‘Opdracht 2’', 'Opdracht 2'], ['in de map “Opdracht 2”', 'Opdracht 2']],
  name: [['Bestandsnaam: achternaam_vak.pdf', 'surname'], ['De bestandsnaam moet uw studentnummer bevatten.', 'studentNumber']],
  layout: [['Times New Roman 12, regelafstand 1,5, marges 2,5 cm', 'f12 l1.5 m25'], ['paginanummers', 'n'], ['A4-formaat', 'a4']],
 },
 it: {
  words: [['massimo 2.500 parole', 'max 2500'], ['al massimo 2.500 parole', 'max 2500'], ['tra 2.000 e 2.500 parole', '2000-2500'], ['almeno 2.000 parole', 'min 2000'], ['non più di 2.500 parole', 'max 2500'], ['2.500 parole (±10 %)', '2250-2750'], ['Lunghezza: 2.500 parole al massimo', 'max 2500'], ['da 2.000 a 2.500 parole', '2000-2500']],
  pages: [['da 12 a 15 pagine', '12-15'], ['massimo 15 pagine', 'max 15'], ['tra 12 e 15 pagine', '12-15'], ['almeno 12 pagine', 'min 12']],
  type: [['in formato PDF', 'pdf'], ['Formato: PDF', 'pdf'], ['in un unico file PDF', 'pdf'], ['in Word o PDF', 'pdf,docx'], ['solo PDF', 'pdf']],
  anon: [['La correzione è anonima.', true], ['Correzione anonima', true], ['Il suo nome non deve comparire.', true], ['La correzione non è anonima.', false]],
  size: [['dimensione massima: 20 MB', 20], ['Il file non deve superare i 20 MB.', 20]],
  late: [['Le consegne in ritardo non saranno accettate.', 'c0'], ['Penalità del 5 % per ogni giorno di ritardo', 'p5'], ['Non si accettano consegne tardive.', 'c0']],
  att: [['È consentita una sola consegna.', '1/'], ['Vale solo l’ultima consegna.', '/latest'], ['al massimo tre tentativi', '3/']],
  sim: [['Gli elaborati saranno controllati con un software antiplagio.', true]],
  place: [['Caricare il file nella cartella «Relazione 2»', 'Relazione 2'], ['Consegna nella sezione “Relazione 2”', 'Relazione 2']],
  name: [['Nome del file: cognome_corso.pdf', 'surname'], ['Il nome del file deve contenere il numero di matricola.', 'studentNumber']],
  layout: [['Times New Roman 12, interlinea 1,5, margini 2,5 cm', 'f12 l1.5 m25'], ['carattere Arial 11, interlinea doppia', 'f11 l2'], ['pagine numerate', 'n'], ['formato A4', 'a4']],
 },
 pt: {
  words: [['máximo de 2.500 palavras', 'max 2500'], ['no máximo 2.500 palavras', 'max 2500'], ['entre 2.000 e 2.500 palavras', '2000-2500'], ['pelo menos 2.000 palavras', 'min 2000'], ['não deve exceder 2.500 palavras', 'max 2500'], ['2.500 palavras (±10 %)', '2250-2750'], ['de 2.000 a 2.500 palavras', '2000-2500']],
  pages: [['de 12 a 15 páginas', '12-15'], ['máximo de 15 páginas', 'max 15'], ['entre 12 e 15 páginas', '12-15'], ['no mínimo 12 páginas', 'min 12']],
  type: [['em formato PDF', 'pdf'], ['Formato: PDF', 'pdf'], ['num único ficheiro PDF', 'pdf'], ['em Word ou PDF', 'pdf,docx'], ['apenas PDF', 'pdf']],
  anon: [['A avaliação é anónima.', true], ['Correção anónima', true], ['O seu nome não deve aparecer no trabalho.', true], ['A avaliação não é anónima.', false]],
  size: [['tamanho máximo: 20 MB', 20], ['O ficheiro não deve exceder 20 MB.', 20]],
  late: [['Não são aceites trabalhos fora do prazo.', 'c0'], ['Penalização de 5 % por cada dia de atraso', 'p5'], ['Trabalhos entregues em atraso não serão aceites.', 'c0']],
  att: [['Apenas uma única entrega', '1/'], ['Só conta a última versão.', '/latest'], ['no máximo três tentativas', '3/']],
  sim: [['Os trabalhos serão verificados com um software antiplágio.', true]],
  place: [['Entregue na pasta “Trabalho 2”', 'Trabalho 2'], ['Submeta o ficheiro na tarefa «Trabalho 2»', 'Trabalho 2']],
  name: [['Nome do ficheiro: apelido_curso.pdf', 'surname'], ['O nome do ficheiro deve conter o número de estudante.', 'studentNumber']],
  layout: [['Times New Roman 12, espaçamento 1,5, margens de 2,5 cm', 'f12 l1.5 m25'], ['letra Arial 11, espaçamento duplo', 'f11 l2'], ['páginas numeradas', 'n'], ['formato A4', 'a4']],
 },
 sv: {
  words: [['högst 2 500 ord', 'max 2500'], ['max 2500 ord', 'max 2500'], ['mellan 2 000 och 2 500 ord', '2000-2500'], ['minst 2 000 ord', 'min 2000'], ['2 000–2 500 ord', '2000-2500'], ['2500 ord (±10 %)', '2250-2750']],
  pages: [['12–15 sidor', '12-15'], ['högst 15 sidor', 'max 15'], ['mellan 12 och 15 sidor', '12-15'], ['minst 12 sidor', 'min 12']],
  type: [['som PDF', 'pdf'], ['i PDF-format', 'pdf'], ['Filformat: PDF', 'pdf'], ['Word eller PDF', 'pdf,docx'], ['endast PDF', 'pdf']],
  anon: [['Rättningen är anonym.', true], ['Anonym rättning', true], ['Ditt namn får inte finnas i uppsatsen.', true], ['Rättningen är inte anonym.', false]],
  size: [['max filstorlek: 20 MB', 20], ['Filen får vara högst 20 MB.', 20]],
  late: [['Sena inlämningar godtas inte.', 'c0'], ['5 % avdrag per dag', 'p5']],
  att: [['Endast ett försök', '1/'], ['Endast den senaste versionen räknas.', '/latest']],
  sim: [['Uppsatserna kontrolleras mot plagiat.', true]],
  place: [['Lämna in i mappen “Uppgift 2”', 'Uppgift 2']],
  name: [['Filnamn: efternamn_kurs.pdf', 'surname']],
  layout: [['Times New Roman 12, radavstånd 1,5, marginaler 2,5 cm', 'f12 l1.5 m25'], ['sidnumrering', 'n'], ['A4-format', 'a4']],
 },
 da: {
  words: [['højst 2.500 ord', 'max 2500'], ['maks. 2500 ord', 'max 2500'], ['mellem 2.000 og 2.500 ord', '2000-2500'], ['mindst 2.000 ord', 'min 2000'], ['2500 ord (±10 %)', '2250-2750']],
  pages: [['12-15 sider', '12-15'], ['højst 15 sider', 'max 15'], ['mellem 12 og 15 sider', '12-15'], ['mindst 12 sider', 'min 12']],
  type: [['som PDF', 'pdf'], ['i PDF-format', 'pdf'], ['Filformat: PDF', 'pdf'], ['Word eller PDF', 'pdf,docx'], ['kun PDF', 'pdf']],
  anon: [['Bedømmelsen er anonym.', true], ['Anonym bedømmelse', true], ['Dit navn må ikke fremgå af opgaven.', true], ['Bedømmelsen er ikke anonym.', false]],
  size: [['maks. filstørrelse: 20 MB', 20], ['Filen må højst være 20 MB.', 20]],
  late: [['For sent afleverede opgaver bedømmes ikke.', 'c0'], ['5 % trækkes fra per dag', 'p5']],
  att: [['Kun ét forsøg', '1/'], ['Kun den seneste version tæller.', '/latest']],
  sim: [['Opgaverne kontrolleres for plagiat.', true]],
  place: [['Aflever i mappen “Opgave 2”', 'Opgave 2']],
  name: [['Filnavn: efternavn_kursus.pdf', 'surname']],
  layout: [['Times New Roman 12, linjeafstand 1,5, margener 2,5 cm', 'f12 l1.5 m25'], ['A4-format', 'a4']],
 },
};
const ended = (s: string): string => (/[.!?]$/.test(s) ? s : `${s}.`);
const sentence: Record<string, (s: string) => string> = { de: (s) => `Hausarbeit Küstengeographie\n\nDie Hausarbeit ist bis zum 12. März 2027 um 17:00 Uhr abzugeben. ${ended(s)} Bei Fragen wenden Sie sich an das Sekretariat.`,
  fr: (s) => `Dossier de géographie\n\nLe dossier est à rendre le 12 mars 2027 à 17h00. ${ended(s)} Pour toute question, écrivez au secrétariat.`,
  es: (s) => `Trabajo de geografía\n\nEl trabajo se entrega el 12 de marzo de 2027 a las 17:00. ${ended(s)} Para cualquier pregunta escriba a la secretaría.`,
  nl: (s) => `Opdracht geografie\n\nDe opdracht moet uiterlijk 12 maart 2027 om 17:00 ingeleverd worden. ${ended(s)} Voor vragen kunt u het secretariaat mailen.`,
  it: (s) => `Relazione di geografia\n\nLa relazione va consegnata entro il 12 marzo 2027 alle 17:00. ${ended(s)} Per domande scrivete alla segreteria.`,
  pt: (s) => `Trabalho de geografia\n\nO trabalho deve ser entregue até 12 de março de 2027 às 17:00. ${ended(s)} Para dúvidas escreva à secretaria.`,
  sv: (s) => `Uppgift i geografi\n\nUppsatsen ska lämnas in senast den 12 mars 2027 kl. 17:00. ${ended(s)} Vid frågor kontakta kansliet.`,
  da: (s) => `Opgave i geografi\n\nOpgaven skal afleveres senest den 12. marts 2027 kl. 17:00. ${ended(s)} Ved spørgsmål kontakt sekretariatet.` };
const item: Record<string, (s: string) => string> = { de: (s) => `Hausarbeit Küstengeographie\n\n- Abgabe: 12. März 2027, 17:00 Uhr\n- ${s}\n- Fragen an das Sekretariat`,
  fr: (s) => `Dossier de géographie\n\n- Date limite : 12 mars 2027, 17h00\n- ${s}\n- Questions au secrétariat`,
  es: (s) => `Trabajo de geografía\n\n- Fecha de entrega: 12 de marzo de 2027, 17:00\n- ${s}\n- Preguntas a la secretaría`,
  nl: (s) => `Opdracht geografie\n\n- Deadline: 12 maart 2027, 17:00\n- ${s}\n- Vragen aan het secretariaat`,
  it: (s) => `Relazione di geografia\n\n- Scadenza: 12 marzo 2027, ore 17:00\n- ${s}\n- Domande alla segreteria`,
  pt: (s) => `Trabalho de geografia\n\n- Prazo: 12 de março de 2027, 17:00\n- ${s}\n- Dúvidas à secretaria`,
  sv: (s) => `Uppgift i geografi\n\n- Inlämning: senast 12 mars 2027 kl. 17:00\n- ${s}\n- Frågor till kansliet`,
  da: (s) => `Opgave i geografi\n\n- Aflevering: senest 12. marts 2027 kl. 17:00\n- ${s}\n- Spørgsmål til sekretariatet` };
const range = (a: number | null | undefined, b: number | null | undefined): string => (a && b ? `${a}-${b}` : a ? `min ${a}` : b ? `max ${b}` : '-');
/** A field as the rows above write it. */
const settled: Record<string, (b: Brief) => unknown> = {
  words: (b) => range(b.limits.minWords, b.limits.maxWords), pages: (b) => range(b.limits.minPages, b.limits.maxPages), type: (b) => [...new Set(b.documents.flatMap((d) => d.types))].sort().reverse().join(), anon: (b) => b.anonymous, size: (b) => Math.round((b.limits.maxBytes ?? 0) / 1e6),
  late: (b) => `${b.late.percentPerDay !== null ? `p${b.late.percentPerDay}` : ''}${b.late.cutoffDays !== null ? `c${b.late.cutoffDays}` : ''}`, att: (b) => `${b.attempts.allowed ?? ''}/${b.attempts.keeps ?? ''}`, sim: (b) => b.similarityChecked, place: (b) => b.place, name: (b) => `${b.naming.mustContain.join()}${b.naming.mustNotIdentify ? 'notIdentify' : ''}`,
  layout: (b) => [b.layout.fontSizePt ? `f${b.layout.fontSizePt}` : '', b.layout.lineSpacing ? `l${b.layout.lineSpacing}` : '', b.layout.marginMm ? `m${b.layout.marginMm}` : '', b.layout.pageNumbers ? 'n' : '', b.layout.pageSize ? b.layout.pageSize.toLowerCase() : ''].filter(Boolean).join(' '),
};
describe.each(Object.entries(ways))('%s', (tongue, fields) => {
  describe.each(Object.entries(fields))('%s', (field, rows) => {
    test.each(rows)('%s', (said, expected) => {
      for (const [set, make] of [['sentence', sentence[tongue]!], ['item', item[tongue]!]] as const) {
        const { brief } = readBrief(make(`${said[0]!.toUpperCase()}${said.slice(1)}`), '2026-11-29T10:00:00Z');
        expect([set, settled[field]!(brief), brief.due]).toEqual([set, expected, '2027-03-12T17:00:00']);
      }
    });
  });
});
test.each(['Hand in your essay as Word / PDF.', 'Hand in your essay as PDF / Word.', 'Hand in your essay in Word / PDF.'])('two kinds with a stroke between: %s', (text) => expect([...readBrief(text, '2026-11-29T10:00:00Z').brief.documents[0]!.types].sort()).toEqual(['docx', 'pdf']));
test('marking that is not blind, and hard negative: for some work only', () => {
  expect(readBrief('Essay due 5 March 2027. Marking is not blind.', '2026-11-29T10:00:00Z').brief.anonymous).toBe(false);
  expect(readBrief('Marking is not anonymous for presentations; essays are marked anonymously.', '2026-11-29T10:00:00Z').brief.anonymous).toBe(true);
});

/** What does not count, and what a file is to be called. */
const lengths: Record<string, string[]> = { de: ['2.500 Wörter ohne Literaturverzeichnis', '2.500 Wörter (exkl. Literaturverzeichnis)', 'höchstens 2.500 Wörter, Literaturverzeichnis nicht mitgezählt', 'maximal 2.500 Wörter exklusive Literaturverzeichnis'],
  fr: ['2 500 mots maximum, bibliographie non comprise', '2 500 mots maximum hors bibliographie', '2 500 mots maximum (bibliographie exclue)', '2 500 mots maximum sans compter la bibliographie'],
  es: ['máximo 2.500 palabras sin bibliografía', 'máximo 2.500 palabras, excluida la bibliografía', 'máximo 2.500 palabras (sin contar la bibliografía)'],
  nl: ['maximaal 2.500 woorden exclusief literatuurlijst', 'maximaal 2.500 woorden zonder literatuurlijst', 'maximaal 2.500 woorden (literatuurlijst niet meegerekend)'],
  it: ['massimo 2.500 parole, bibliografia esclusa', 'massimo 2.500 parole esclusa la bibliografia', 'massimo 2.500 parole senza bibliografia'],
  pt: ['máximo de 2.500 palavras, excluindo bibliografia', 'máximo de 2.500 palavras sem bibliografia'],
  sv: ['högst 2 500 ord exklusive referenslista', 'högst 2 500 ord utan referenslista'],
  da: ['højst 2.500 ord eksklusive litteraturliste', 'højst 2.500 ord uden litteraturliste'] };
const names: Record<string, [said: string, details: string][]> = {
 de: [['Dateiname: Matrikelnummer_Nachname.pdf', 'studentNumber,surname'], ['Benennen Sie die Datei mit Ihrer Matrikelnummer.', 'studentNumber'], ['Der Dateiname besteht aus Nachname und Matrikelnummer.', 'studentNumber,surname'], ['Die Datei soll Nachname_Vorname.pdf heißen.', 'givenNames,surname'], ['Dateibenennung: Nachname_Hausarbeit.pdf', 'surname'], ['Bitte nennen Sie die Datei Nachname_Hausarbeit.pdf.', 'surname'], ['Speichern Sie die Datei als Nachname_Hausarbeit.pdf.', 'surname'], ['Der Dateiname darf keine Namen enthalten.', 'notIdentify']],
 fr: [['Le fichier doit être nommé NOM_Prenom.pdf.', 'givenNames,surname'], ['Nommez votre fichier NOM_dossier.pdf.', 'surname'], ['Le fichier portera votre numéro d’étudiant.', 'studentNumber'], ['Le nom du fichier comportera votre nom et votre numéro d’étudiant.', 'studentNumber,surname']],
 es: [['Nombre del archivo: Apellido_Nombre.pdf', 'givenNames,surname'], ['El archivo debe llamarse Apellido_trabajo.pdf.', 'surname'], ['Nombre el archivo con su número de estudiante.', 'studentNumber'], ],
 nl: [['Bestandsnaam: studentnummer_achternaam.pdf', 'studentNumber,surname'], ['Noem het bestand achternaam_opdracht.pdf.', 'surname'], ['Het bestand heet achternaam_opdracht.pdf.', 'surname']],
 it: [['Nome del file: matricola_cognome.pdf', 'studentNumber,surname'], ['Il file deve chiamarsi cognome_nome.pdf.', 'givenNames,surname'], ['Nominate il file cognome_relazione.pdf.', 'surname']],
 pt: [['O ficheiro deve chamar-se apelido_trabalho.pdf.', 'surname']],
 sv: [['Filnamn: efternamn_förnamn.pdf', 'givenNames,surname'], ['Döp filen till efternamn_uppgift.pdf.', 'surname'], ['Filen ska heta efternamn_uppgift.pdf.', 'surname']],
 da: [['Filnavn: studienummer_efternavn.pdf', 'studentNumber,surname'], ['Navngiv filen efternavn_opgave.pdf.', 'surname'], ['Filen skal hedde efternavn_opgave.pdf.', 'surname']] };
const inLetter = (tongue: string, s: string): Brief => readBrief(sentence[tongue]!(`${s[0]!.toUpperCase()}${s.slice(1)}`), '2026-11-29T10:00:00Z').brief;
describe.each(Object.entries(lengths))('%s', (tongue, rows) => { test.each(rows)('%s', (s) => { const { limits, counting } = inLetter(tongue, s); expect([limits.maxWords, counting?.left]).toEqual([2500, ['references']]); }); });
describe.each(Object.entries(names))('%s', (tongue, rows) => { test.each(rows)('%s', (s, details) => { const { naming } = inLetter(tongue, s); expect([...[...naming.mustContain].sort(), ...(naming.mustNotIdentify ? ['notIdentify'] : [])].join()).toBe(details); }); });
