/** Words by which a wording is taken for German; three of them and more. */
const signs = /(?<!\p{L})(?:der|die|das|und|ist|sind|wird|werden|als|bis|zum|nicht|Abgabe\p{L}*|Datei\p{L}*|Hausarbeit|Frist|Umfang|Seiten|Wörter|Uhr|Ihre?|Matrikelnummer)(?!\p{L})/gu;
export const isGerman = (text: string): boolean => new Set((text.slice(0, 20_000).match(signs) ?? []).map((w) => w.toLowerCase())).size >= 5;

/** What departments ask for in German, by what it is in English; the English is never the longer one, so that places in the wording stay. Compiled by hand. */
const phrases: readonly [RegExp, string][] = ([
  ['nach ablauf der (?:abgabe)?frist ist keine abgabe mehr möglich|verspätete? (?:abgaben?|eingereichte arbeiten) (?:werden|wird) nicht (?:mehr )?(?:angenommen|akzeptiert|bewertet|berücksichtigt)|verspätete? abgaben? (?:ist|sind) (?:leider )?nicht möglich', 'late work is not accepted'],
  ['(?:bis )?spätestens (?:bis )?(?:zum|am)?', 'by'], ['bis (?:zum|am)', 'by'], ['(?<=\\d\\s?)bis(?=\\s?\\d)', 'to'], ['bis', 'by'], ['abgabe(?:frist|termin|datum|schluss|ende)|einreichungsfrist', 'deadline'], ['fällig', 'due'],
  ['(?:maximal|höchstens|nicht mehr als)', 'at most'], ['nicht (?:größer|mehr|länger) (?:als|sein als)|nicht über', 'not over'], ['mindestens', 'at least'], ['(?<=\\d\\s?)seiten', 'pages'], ['(?<=\\d\\s?)(?:wörtern?|worte)', 'words'], ['ca\\.', 'c.'], ['umfang(?=\\s*:)', 'length'], ['dateigröße', 'file size'],
  ['schriftgröße', 'font size'], ['schrift(?:art)?', 'font'], ['seitenränder|ränder', 'margin'], ['seitenzahlen', 'page numbers'], ['zeilenabstand', 'line spacing'], ['benennung', 'filename'], ['form(?=\\s*:)', 'file'], ['zitierweise|zitierstil', 'references'], ['word-(?:datei|dokument)', 'Word file'], ['(?:für die )?plagiats(?:prüfung|kontrolle)', 'text-matching'], ['ordner', 'folder'], ['verspätete? (?:arbeiten|abgaben?|einreichungen?) (?:werden|wird) mit (?:5,0|nicht ausreichend|null punkten) (?:bewertet|benotet)', 'late work is not accepted'], ['(?<=\\d[:.]\\d\\d\\s)uhr', 'hrs'], ['in den ordner|in dem ordner', 'in the folder'],
  ['wird anonym (?:bewertet|korrigiert|begutachtet)', 'is marked blind'], ['werden anonym (?:bewertet|korrigiert|begutachtet)', 'are marked blind'], ['(?:eigenständigkeits|selbstständigkeits|selbständigkeits)erklärung', 'declaration of own work'], ['eidesstattliche (?:erklärung|versicherung)', 'signed declaration'],
  ['hochzuladen|hochgeladen|hochladen|einzureichen|eingereicht|einreichen|abzugeben|abgegeben|abgeben', 'upload'], ['als(?= (?:pdf|word|docx|odt|rtf|zip|eine?))', 'as'], ['ohne(?= (?:literatur|anhang|deckblatt|titel|verzeichnis))', 'excl'], ['anhang', 'annex'], ['literaturverzeichnis', 'bibliography'], ['deckblatt', 'cover'], ['dateinamen?', 'filename'], ['beliebig oft (?:ersetzen|austauschen|hochladen|einreichen)', 'unlimited uploads'],
  ['(?:mit (?:einer |der )?)?plagiats\\p{L}*software (?:geprüft|überprüft)|auf plagiate? (?:geprüft|überprüft)', 'similarity checked'], ['einzeilig', 'spacing 1'], ['(?<=1[.,]5)-?\\s?zeilig', ' spaced'], ['benennen sie (?:sie|die datei|ihre datei|das dokument)(?: nach dem muster)?', 'file name:'],
  ['(?:je|pro) (?:angefangene[mn] )?(?:kalender|werk)?tag', 'per day'], ['prozent(?:punkte)?', 'percent'], ['(?:wird|werden)(?= (?:je|pro|per) )', 'are'], ['abgezogen', 'deducted'], ['bei verspäteter (?:abgabe|einreichung)', 'late work:'], ['nach(?= \\d{1,2} tagen)', 'past'], ['(?<=\\d )tagen?', 'days'], ['(?:als )?nicht bestanden', 'failed'], ['die letzte (?:fassung|version|datei|abgabe|einreichung) (?:zählt|gilt|wird (?:bewertet|gewertet))', 'the last file counts'], ['(?:mehrfaches|wiederholtes) (?:hochladen|einreichen)|mehrfache (?:abgaben?|einreichungen?)', 'unlimited uploads'], ['anonymisiert', 'anonymous'], ['anonym', 'blind'],
  ['MESZ', 'CEST'], ['MEZ', 'CET'],
  ['soll(?:te|ten|en)?(?: aus)?', 'must'], ['muss|müssen', 'must'], ['enthalten', 'contain'],
  ['montag', 'Mon'], ['dienstag', 'Tue'], ['mittwoch', 'Wed'], ['donnerstag', 'Thu'], ['freitag', 'Fri'], ['samstag|sonnabend', 'Sat'], ['sonntag', 'Sun'],
] as const).map(([german, english]) => [new RegExp(`(?<![\\p{L}_])(?:${german})(?![\\p{L}_])`, 'giu'), english]);
const months = { Januar: 'Jan', Februar: 'Feb', März: 'Mar', April: 'Apr', Mai: 'May', Juni: 'Jun', Juli: 'Jul', August: 'Aug', September: 'Sep', Oktober: 'Oct', November: 'Nov', Dezember: 'Dec' } as const;
const dayAndMonth = new RegExp(`(?<!\\d)(\\d{1,2})\\.(\\s+)(${Object.keys(months).join('|')})(?!\\p{L})`, 'gu');

/** A German wording with its telling words in English and every letter of the rest in its place; others as they are. */
export function germanAsEnglish(wording: string): string {
  if (!isGerman(wording)) return wording;
  let text = wording.replace(dayAndMonth, (whole, day: string, gap: string, month: keyof typeof months) => `${day} ${gap}${months[month]}`.padEnd(whole.length, '\u00a0')).replace(/„([^“”"\n]{1,80})[“”"]/g, '“$1”');
  // “Im Ordner „X““ is via it: what stands before the mark has to stay beside it.
  text = text.replace(/(?<!\p{L})(?:im (?:kurs|abgabe)?ordner|unter)(?= [“"])/giu, (found) => 'via'.padStart(found.length));
  // Filled up with spaces that make no columns: plain ones in a row are the gaps of a table.
  for (const [german, english] of phrases) text = text.replace(german, (found) => english.length > found.length ? found : english.padEnd(found.length, '\u00a0'));
  return text;
}
