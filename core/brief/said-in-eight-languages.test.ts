import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented wordings; what they ask for was written down beside them by hand. */
const read = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief;

describe('limits of size in eight languages', () => {
  test.each([
    "Zulässig sind ausschließlich PDF-Dateien bis 20 MB.", "PDF-Dateien bis maximal 20 MB.", "Eine PDF-Datei (max. 20 MB).",
    "Dateigröße: max. 20 MB", "Die Datei darf nicht größer als 20 MB sein.", "Die Datei darf 20 MB nicht überschreiten.",
    "Die Datei darf maximal 20 MB groß sein.", "Größe: bis zu 20 MB", "Maximale Dateigröße 20 MB.",
    "Die Größe ist auf 20 MB begrenzt.", "Akzeptiert werden PDF und DOCX bis 20 MB.", "Dateien über 20 MB können nicht hochgeladen werden.",
    "Es können nur Dateien mit weniger als 20 MB hochgeladen werden.", "Bitte achten Sie darauf, dass die Datei nicht größer als 20 MB ist.", "Das Hochladen ist auf 20 MB beschränkt.",
    "Un seul fichier PDF de 20 Mo au maximum.", "Taille maximale du fichier : 20 Mo", "Le fichier ne doit pas dépasser 20 Mo.",
    "Fichier PDF (20 Mo max.).", "Le poids du fichier est limité à 20 Mo.", "Les fichiers de plus de 20 Mo sont refusés.",
    "PDF de moins de 20 Mo.", "Le fichier pèsera au plus 20 Mo.", "El archivo no puede superar los 20 MB.",
    "Tamaño máximo: 20 MB", "Un único archivo PDF de 20 MB como máximo.", "El tamaño máximo del archivo es de 20 MB.",
    "Solo se admiten archivos PDF de hasta 20 MB.", "El peso del fichero no excederá de 20 MB.", "Il file non deve superare i 20 MB.",
    "Dimensione massima: 20 MB", "Un unico file PDF di massimo 20 MB.", "Sono ammessi solo file PDF fino a 20 MB.",
    "Il file può pesare al massimo 20 MB.", "O ficheiro não pode exceder 20 MB.", "Tamanho máximo: 20 MB",
    "Um único ficheiro PDF com no máximo 20 MB.", "Só são aceites ficheiros PDF até 20 MB.", "Het bestand mag niet groter zijn dan 20 MB.",
    "Maximale bestandsgrootte: 20 MB", "Eén pdf-bestand van maximaal 20 MB.", "Alleen pdf-bestanden tot 20 MB worden geaccepteerd.",
    "Filen får inte vara större än 20 MB.", "Endast pdf-filer på högst 20 MB godtas.", "Filen må højst fylde 20 MB.",
    "Kun PDF-filer på op til 20 MB accepteres.", "Filen kan være maksimalt 20 MB.", "Filstørrelsen må ikke overstige 20 MB.",
  ])('%s', (text) => { expect(read(text).limits.maxBytes).toBe(20_000_000); });
  test.each(['Die Aufnahme ist 20 MB groß.', 'Le corpus fait 20 Mo.', 'Los datos ocupan 20 MB.'])('how large the data are limits nothing: %s', (text) => { expect(read(text).limits.maxBytes).toBeNull(); });
});

describe('how often, and which of several counts', () => {
  test.each<[string, number | 'unlimited' | null, 'latest' | 'all' | null]>([
    ["Tout dépôt est définitif.", 1, null], ["Le dépôt est définitif.", 1, null], ["Un seul dépôt est possible.", 1, null],
    ["Vous ne pouvez déposer qu'une seule fois.", 1, null], ["Vous pouvez remplacer votre fichier jusqu'à la date limite ; seule la dernière version sera corrigée.", null, "latest"], ["Le nombre de dépôts n'est pas limité.", "unlimited", null],
    ["Deux dépôts au maximum.", 2, null], ["Le dernier fichier déposé fait foi.", null, "latest"], ["Es ist nur eine Abgabe möglich.", 1, null],
    ["Eine einmal abgegebene Arbeit kann nicht mehr geändert werden.", 1, null], ["Sie können beliebig oft hochladen; es zählt die letzte Version.", "unlimited", "latest"], ["Die Abgabe ist endgültig.", 1, null],
    ["Maximal drei Versuche.", 3, null], ["Sie haben zwei Versuche.", 2, null], ["Frühere Versionen werden überschrieben.", null, "latest"],
    ["Frühere Versionen bleiben erhalten.", null, "all"], ["Solo se permite una entrega.", 1, null], ["La entrega es definitiva.", 1, null],
    ["Se puede entregar tantas veces como se quiera; se califica la última versión.", "unlimited", "latest"], ["Hay dos intentos.", 2, null], ["È consentita una sola consegna.", 1, null],
    ["La consegna è definitiva.", 1, null], ["È possibile caricare il file più volte; vale l'ultima versione.", null, "latest"], ["Só é permitida uma entrega.", 1, null],
    ["A entrega é definitiva.", 1, null], ["Je kunt maar één keer inleveren.", 1, null], ["Inleveren is definitief.", 1, null],
    ["Je mag zo vaak inleveren als je wilt; de laatste versie telt.", "unlimited", "latest"], ["Du kan bara lämna in en gång.", 1, null], ["Inlämningen är definitiv.", 1, null],
    ["Du kan kun aflevere én gang.", 1, null], ["Afleveringen er endelig.", 1, null], ["Innleveringen er endelig.", 1, null],
    ["Second tries: none", 1, null], ["Second attempts: no", 1, null], ["Resubmission: none", 1, null],
    ["Second chance: no", 1, null], ["Re-uploads: none", 1, null], ["More than one try: no", 1, null],
    ["Retries: none", 1, null], ["Retakes: none", null, null], ["Repeat submissions: not possible", 1, null],
    ["Changes after submission: none", 1, null], ["Corrections afterwards: not possible", 1, null], ["Nach der Abgabe sind keine Änderungen mehr möglich.", 1, null],
    ["Jede Einreichung ist endgültig.", 1, null], ["Unbegrenzt viele Versuche.", "unlimited", null], ["Drei Abgaben möglich.", 3, null],
    ["Es zählt die zuletzt hochgeladene Datei.", null, "latest"], ["Eine neue Abgabe ersetzt die alte.", null, "latest"], ["Toute remise est définitive.", 1, null],
    ["Aucune modification n'est possible après le dépôt.", 1, null], ["Trois dépôts possibles.", 3, null], ["Les versions précédentes sont conservées.", null, "all"],
    ["Le nouveau fichier remplace le précédent.", null, "latest"], ["Entregas ilimitadas.", "unlimited", null], ["Tiene tres intentos.", 3, null],
    ["La nueva entrega sustituye a la anterior.", null, "latest"], ["Las versiones anteriores se conservan.", null, "all"], ["Ogni consegna è definitiva.", 1, null],
    ["Avete due tentativi.", 2, null], ["Le versioni precedenti vengono conservate.", null, "all"], ["Conta solo l'ultima versione caricata.", null, "latest"],
    ["A nova entrega substitui a anterior.", null, "latest"], ["De nieuwe versie vervangt de oude.", null, "latest"], ["Je hebt twee pogingen.", 2, null],
    ["Eerdere versies blijven bewaard.", null, "all"], ["Onbeperkt aantal pogingen.", "unlimited", null], ["Endast en inlämning är tillåten.", 1, null],
    ["Du har två försök.", 2, null], ["Endast den senaste versionen bedöms.", null, "latest"], ["Tidigare versioner sparas.", null, "all"],
    ["Obegränsat antal inlämningar.", "unlimited", null], ["Kun én aflevering er tilladt.", 1, null], ["Den nyeste version tæller.", null, "latest"],
    ["Du har to forsøg.", 2, null], ["Tidligere versjoner lagres.", null, "all"], ["Kun den siste versjonen teller.", null, "latest"],
    ["Du kan bare levere én gang.", 1, null], ["Die letzte Fassung des Kapitels wird im Seminar besprochen.", null, null], ["La entrega de premios es el 12 de mayo.", null, null],
    ["Zwei Abgabetermine im Jahr.", null, null],
  ])('%s', (text, allowed, keeps) => { expect(read(text).attempts).toEqual({ allowed, keeps }); });
});

test.each<[string, boolean | null]>([
  ["Overlap check: yes", true], ["Similarity scan: on", true], ["Text matching: yes", true], ["Plagiarism check: no", false],
  ["Checked for overlap: yes", true], ["Matching check: applied", true], ["Originality check: yes", true], ["Overlap screening: yes", true],
  ["Copy check: yes", true], ["Source check: yes", null], ["Overlap with other modules: yes", null],
])('%s', (text, checked) => { expect(read(text).similarityChecked).toBe(checked); });

describe('what each day of lateness costs', () => {
  test.each<[string, number | null, number | null]>([
    ["Due: 9 Dec 2026. Late: -5/day, 5 days max", 5, 5],
    ["Due: 9 Dec 2026\nLate: -5/day, max 5 days", 5, 5],
    ["Due: 9 Dec 2026\nLate: -5 per day (5 days max)", 5, 5],
    ["Due: 9 Dec 2026\nLate: 5/day up to 5 days", 5, 5],
    ["Due: 9 Dec 2026\nLate: 5%/day for 5 days, then 0", 5, 5],
    ["Due: 9 Dec 2026\nLate: minus 5 a day, at most 5 days", 5, 5],
    ["Due: 9 Dec 2026\nLate: five per cent a day; closed after five days", 5, 5],
    ["Due: 9 Dec 2026\nLate: 5 marks/24h, 0 after 5 days", 5, 5],
    ["Due: 9 Dec 2026\nLate: –5 pts/day; max. 5 d", 5, 5],
    ["Due: 9 Dec 2026\nPenalty: 5 marks per day late", 5, null],
    ["Due: 9 Dec 2026\nLate penalty: 5% per calendar day (up to 5 days)", 5, 5],
    ["Due: 9 Dec 2026\nCost of lateness: 5 % a day", 5, null],
    ["Due: 9 Dec 2026\nLateness: 5% each day, nothing after the 14th", 5, 5],
    ["Due: 9 Dec 2026\nLate work: 5% daily, five days at most", 5, 5],
    ["Coursework submitted up to 24 hours late shall have 5 percentage points deducted; up to 48 hours, 10 percentage points; up to 72 hours, 15 percentage points. After 72 hours a mark of zero shall be recorded.", 5, 3],
    ["Up to one day late: 5 marks off. Up to two days late: 10 marks off. Up to three days late: 15 marks off. More than three days late: 0.", 5, 3],
    ["1 day late: -10%\n2 days late: -20%\n3 days late: -30%\n4 or more days late: 0", 10, 3],
    ["One day late 10 %, two days late 15 %, three days late 30 %, then zero.", null, 3],
    ["First day: 5 marks, second day: 10 marks, third day: 15 marks, later: not marked (late work).", 5, 3],
    ["Late by less than 24 h: −10 %; 24–48 h: −20 %; over 48 h: no marks.", 10, 2],
    ["Late 0–24 hours: 10 marks deducted. Late 24–48 hours: 20 marks deducted. Late over 48 hours: zero.", 10, 2],
  ])('%j', (text, percent, days) => { expect(read(text).late).toMatchObject({ percentPerDay: percent, cutoffDays: days }); });
});
