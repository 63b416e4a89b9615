import { describe, expect, test } from '@jest/globals';
import { readBrief } from '../brief/read.ts';
import { readFields } from '../receipt/fields.ts';

/** By language: the months in order, in full or short, and where a date with its hour stands in a receipt and in a wording. */
const languages: Record<string, { months: string; receipt: string; wording?: string }> = {
  Danish: { months: 'januar februar marts april maj juni juli august september oktober november december', receipt: 'Modtaget: 18. # 2027 kl. 11.52', wording: 'Afleveringsfrist: 18. # 2027 kl. 11.52' },
  'Danish, short': { months: 'jan. feb. mar. apr. maj jun. jul. aug. sep. okt. nov. dec.', receipt: 'Modtaget: 18. # 2027 kl. 11.52', wording: 'Afleveringsfrist: 18. # 2027 kl. 11.52' },
  Norwegian: { months: 'januar februar mars april mai juni juli august september oktober november desember', receipt: 'Mottatt: 18. # 2027 kl. 11.52', wording: 'Innleveringsfrist: 18. # 2027 kl. 11.52' },
  'Norwegian, short': { months: 'jan. feb. mars apr. mai juni juli aug. sep. okt. nov. des.', receipt: 'Mottatt: 18. # 2027 kl. 11.52', wording: 'Innleveringsfrist: 18. # 2027 kl. 11.52' },
  Swedish: { months: 'januari februari mars april maj juni juli augusti september oktober november december', receipt: 'Mottagen: 18 # 2027 kl. 11.52', wording: 'Inlämning senast den 18 # 2027 kl. 11.52' },
  'Swedish, short': { months: 'jan feb mar apr maj jun jul aug sep okt nov dec', receipt: 'Mottagen: 18 # 2027 kl. 11.52', wording: 'Inlämning senast den 18 # 2027 kl. 11.52' },
  German: { months: 'Januar Februar März April Mai Juni Juli August September Oktober November Dezember', receipt: 'Eingegangen am: 18. # 2027, 11.52 Uhr', wording: 'Abgabefrist: 18. # 2027, 11.52 Uhr' },
  'German, short': { months: 'Jan. Feb. Mrz. Apr. Mai Jun. Jul. Aug. Sept. Okt. Nov. Dez.', receipt: 'Eingegangen am: 18. # 2027, 11:52 Uhr', wording: 'Abgabefrist: 18. # 2027, 11:52 Uhr' },
  Austrian: { months: 'Jänner Feber März April Mai Juni Juli August Sep. Okt. Nov. Dez.', receipt: 'Eingegangen am: 18. # 2027, 11:52 Uhr', wording: 'Abgabefrist: 18. # 2027, 11:52 Uhr' },
  French: { months: 'janvier février mars avril mai juin juillet août septembre octobre novembre décembre', receipt: 'Reçu le : 18 # 2027 à 11 h 52', wording: 'À rendre avant le 18 # 2027 à 11 h 52' },
  'French, short': { months: 'janv. févr. mars avr. mai juin juil. août sept. oct. nov. déc.', receipt: 'Reçu le : 18 # 2027 à 11:52', wording: 'À rendre avant le 18 # 2027 à 11:52' },
  Spanish: { months: 'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre', receipt: 'Recibido: 18 de # de 2027, 11:52', wording: 'Fecha límite de entrega: 18 de # de 2027, 11:52' },
  'Spanish, short': { months: 'ene feb mar abr may jun jul ago sep oct nov dic', receipt: 'Recibido: 18 # 2027, 11:52', wording: 'Fecha límite de entrega: 18 # 2027, 11:52' },
  Italian: { months: 'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre', receipt: 'Ricevuto il: 18 # 2027 alle 11.52', wording: 'Scadenza della consegna: 18 # 2027 alle 11.52' },
  'Italian, short': { months: 'gen feb mar apr mag giu lug ago set ott nov dic', receipt: 'Ricevuto il: 18 # 2027, 11:52', wording: 'Scadenza della consegna: 18 # 2027, 11:52' },
  Portuguese: { months: 'janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro', receipt: 'Recebido em: 18 de # de 2027 às 11h52', wording: 'Prazo de entrega: 18 de # de 2027 às 11h52' },
  'Portuguese, short': { months: 'jan. fev. mar. abr. mai. jun. jul. ago. set. out. nov. dez.', receipt: 'Recebido em: 18 # 2027, 11:52', wording: 'Prazo de entrega: 18 # 2027, 11:52' },
  Dutch: { months: 'januari februari maart april mei juni juli augustus september oktober november december', receipt: 'Ontvangen op: 18 # 2027 om 11.52 uur', wording: 'Inleveren uiterlijk 18 # 2027 om 11.52 uur' },
  'Dutch, short': { months: 'jan. feb. mrt. apr. mei jun. jul. aug. sep. okt. nov. dec.', receipt: 'Ontvangen op: 18 # 2027, 11:52', wording: 'Inleveren uiterlijk 18 # 2027, 11:52' },
  Finnish: { months: 'tammikuuta helmikuuta maaliskuuta huhtikuuta toukokuuta kesäkuuta heinäkuuta elokuuta syyskuuta lokakuuta marraskuuta joulukuuta', receipt: 'Vastaanotettu: 18. # 2027 klo 11.52' },
  Polish: { months: 'stycznia lutego marca kwietnia maja czerwca lipca sierpnia września października listopada grudnia', receipt: 'Otrzymano: 18 # 2027, godz. 11:52' },
  Czech: { months: 'ledna února března dubna května června července srpna září října listopadu prosince', receipt: 'Přijato: 18. # 2027 v 11:52' },
  English: { months: 'Jan. Feb. Mar. Apr. May Jun. Jul. Aug. Sept. Oct. Nov. Dec.', receipt: 'Received: 18 # 2027, 11:52', wording: 'Due 18 # 2027, 11:52' },
};

describe.each(Object.entries(languages))('months in %s', (_, { months, receipt, wording }) => {
  test.each(months.split(' ').map((name, i) => [name, `2027-${String(i + 1).padStart(2, '0')}-18T11:52:00`]))('%s', (name, instant) => {
    const text = `Reference: 55-77\n${receipt.replace('#', name)}\nFile: 104422.pdf (3.4 MB)`;
    expect(readFields(text, [], null, '2028-07-01T09:00:00Z').fields.receivedAt).toBe(instant);
    if (wording) expect(readBrief(wording.replace('#', name), '2026-11-30T09:00:00Z').brief.due).toBe(instant);
  });
});

// What looks like a month and is none: no day or no year beside it.
test('a word that is also a short name of a month', () => {
  for (const text of ['Il set di dati va consegnato in PDF.', 'A leitura fica out of scope.', 'Le mag 12 contient le texte.']) expect(readBrief(text, '2026-11-30T09:00:00Z').brief.due).toBeNull();
});
