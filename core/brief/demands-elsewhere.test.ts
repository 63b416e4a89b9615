import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Made-up wordings; each tongue says the same. */
const due: Record<string, string> = { Italian: 'Consegna: entro il 12 marzo 2027.', Portuguese: 'Prazo: 12 de março de 2027.', Dutch: 'Inleveren: uiterlijk 12 maart 2027.', Swedish: 'Uppsatsen lämnas in senast den 12 mars 2027.', Norwegian: 'Oppgaven leveres senest 12. mars 2027.' };
const says: [field: string, value: unknown, sentences: Record<string, string[]>][] = [
  ['place', 'Relazioni 2027', { Italian: ['Nella cartella "Relazioni 2027".'], Portuguese: ['Na pasta "Relazioni 2027".'], Dutch: ['Via de map "Relazioni 2027".'], Swedish: ['I mappen ”Relazioni 2027”.'], Norwegian: ['I mappen «Relazioni 2027».'] }],
  ['limits.maxPages', 12, { Italian: ['Lunghezza: da 8 a 12 pagine.', 'Al massimo 12 pagine.'], Portuguese: ['Extensão: entre 8 e 12 páginas.'], Dutch: ['Omvang: maximaal 12 pagina’s.'], Swedish: ['Högst 12 sidor.'], Norwegian: ['Omfang: 8–12 sider.', 'Maks 12 sider.'] }],
  ['anonymous', true, { Italian: ['La valutazione è anonima.', 'Il vostro nome non deve comparire nel testo.'], Portuguese: ['A avaliação é anónima.'], Dutch: ['De stukken worden anoniem nagekeken.'], Swedish: ['Uppsatsen rättas anonymt.'], Norwegian: ['Oppgaven vurderes anonymt.'] }],
  ['similarityChecked', true, { Italian: ['Gli elaborati saranno controllati con un software antiplagio.'], Portuguese: ['Os trabalhos serão verificados com um software anti-plágio.'], Dutch: ['Alle stukken worden op plagiaat gecontroleerd.'], Swedish: ['Texten kontrolleras mot plagiat.'], Norwegian: ['Alle oppgaver sjekkes for plagiat.'] }],
  ['late.cutoffDays', 0, { Italian: ['Le consegne in ritardo non saranno accettate.'], Portuguese: ['Trabalhos entregues fora do prazo não são aceites.'], Dutch: ['Te laat ingeleverde stukken worden niet nagekeken.'], Swedish: ['Sena inlämningar rättas inte.'], Norwegian: ['Sen innlevering godtas ikke.'] }],
  ['late.cutoffDays', 5, { Italian: ['Dopo cinque giorni la tesina non viene più accettata.'], Portuguese: ['Após cinco dias o trabalho não é aceite.'], Dutch: ['Na vijf dagen wordt niets meer aangenomen.'], Swedish: ['Efter fem dagar godtas den inte.'], Norwegian: ['Etter fem dager godtas den ikke.'] }],
  ['late.percentPerDay', 2, { Italian: ['Per ogni giorno di ritardo vengono sottratti due punti.'], Portuguese: ['Cada dia de atraso implica uma penalização de dois valores.'], Dutch: ['Per dag te laat gaan er twee punten af.'], Swedish: ['För varje dag uppsatsen är försenad dras två poäng av.'] }],
  ['attempts.keeps', 'latest', { Italian: ['Vale l’ultima versione.'], Portuguese: ['Só conta a última versão.'], Dutch: ['Alleen de laatste versie telt.'], Swedish: ['Den senaste versionen gäller.'], Norwegian: ['Siste versjon gjelder.'] }],
  ['layout.lineSpacing', 1.5, { Italian: ['Interlinea 1,5.'], Portuguese: ['Espaçamento 1,5.'], Dutch: ['Regelafstand 1,5.'], Swedish: ['Radavstånd 1,5.'], Norwegian: ['Linjeavstand 1,5.'] }],
  ['documents.0.types', ['pdf', 'docx'], { Italian: ['Formato: PDF oppure Word.'], Dutch: ['Bestand: PDF of Word.'], Swedish: ['Format: PDF eller Word.'], Norwegian: ['Filformat: PDF eller Word.'] }],
];
const at = (value: unknown, path: string): unknown => path.split('.').reduce<unknown>((inner, key) => (inner as Record<string, unknown> | null | undefined)?.[key], value);
describe.each(Object.keys(due))('%s', (tongue) => {
  const rows = says.flatMap(([field, value, sentences]) => (sentences[tongue] ?? []).map((s) => [s, field, value] as const));
  test.each(rows)('%s', (sentence, field, value) => {
    const text = `${due[tongue]!} ${sentence}`, { brief } = readBrief(text, '2027-02-10T10:00:00Z');
    expect([brief.due, at(brief, field)]).toEqual(['2027-03-12', value]);
    // What is shown beside a field is whole words of the wording.
    for (const e of brief.evidence) expect([text.slice(e.start, e.end), /^\p{L}/u.test(text.slice(e.end)) && /\p{L}$/u.test(e.quote), e.quote.trim()]).toEqual([e.quote, false, e.quote]);
  });
});
test.each(['The relazione is due on 12 March 2027. Put it in the folder "Interlinea 2027"; only the last one counts.'])('hard negative: loans in an English wording: %s', (text) => expect(readBrief(text, '2027-02-10T10:00:00Z').brief).toMatchObject({ place: 'Interlinea 2027', due: '2027-03-12', layout: { lineSpacing: null } }));
