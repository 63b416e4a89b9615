import { describe, expect, test } from '@jest/globals';
import { compareFiles } from '../../verbs/compare.ts';

/** Ways to say whose words they are in other languages, § standing for the words. Made up; the translations are ours. */
const text = (name: string, words: string) => ({ name, path: name, bytes: new TextEncoder().encode(words) });
const ways: Record<string, { filler: string; copied: string; yes: string[]; no: string[] }> = {
 de: { filler: 'Die Höhen wurden entlang von vier Linien jeweils im März bei Niedrigwasser mit derselben Latte gemessen.', copied: 'eine zurückverlegte Marsch wird länger und tiefer überflutet als jede ältere Marsch und nimmt am Anfang gierig Sediment aus der Flut auf',
  yes: ['So § (vgl. Ekwall 2020, S. 14).', 'Laut Ekwall (2020) §.', 'Nach Ekwall (2020: 14) §.', 'Ekwall (2020, 14) schreibt, dass §.', 'Wie Ekwall betont, §.', 'Ekwall zufolge §.', '„§“ (Ekwall 2020: 14).', '„§“, so Ekwall.', '„§“, schreibt Ekwall.', 'Ekwall stellt fest: „§“.', 'In den Worten von Ekwall: „§“.', '§ (siehe Ekwall 2020).', '§ (Ekwall 2020; Hesketh 1998).', '§ (s. Ekwall, 2020, S. 14 f.).', 'Bei Ekwall heißt es: „§“.', 'Dem Aufsatz von Ekwall (2020) nach §.', 'Folgt man Ekwall, §.'],
  no: ['§.', '„§“, so Ekwall mochte es nicht.', '§ (Hesketh 1998).', 'Laut Hesketh (1998) §.', 'Anders als Ekwall (2020) meint Hesketh (1998), dass §.', '„§“, so Hesketh.'] },
 fr: { filler: 'Les niveaux ont été relevés le long de quatre lignes en mars de chaque année à marée basse avec la même mire.', copied: 'un marais reculé est inondé plus longtemps et plus profondément que tout marais plus ancien et prend d’abord avidement les sédiments du flot',
  yes: ['Selon Ekwall (2020), §.', 'D’après Ekwall (2020), §.', 'Ekwall (2020) écrit que §.', 'Pour Ekwall, §.', 'Comme l’écrit Ekwall, §.', '« § » (Ekwall, 2020, p. 14).', '« § », écrit Ekwall.', '« § », selon Ekwall.', '§ (voir Ekwall, 2020).', '§ (cf. Ekwall 2020 : 14).', 'Ekwall affirme : « § ».', 'Ekwall souligne que §.', 'Comme le note Ekwall (2020), §.'], no: ['§.', '§ (Hesketh, 1998).', 'Selon Hesketh, §.', '« § », écrit Hesketh.'] },
 es: { filler: 'Los niveles se midieron a lo largo de cuatro líneas en marzo de cada año en marea baja con la misma mira.', copied: 'una marisma retirada se inunda durante más tiempo y con más profundidad que cualquier marisma antigua y al principio toma con avidez el sedimento',
  yes: ['Según Ekwall (2020), §.', 'De acuerdo con Ekwall (2020), §.', 'Ekwall (2020) escribe que §.', 'Para Ekwall, §.', 'Como señala Ekwall, §.', '«§» (Ekwall, 2020, p. 14).', '«§», escribe Ekwall.', '«§», según Ekwall.', '§ (véase Ekwall, 2020).', '§ (cf. Ekwall, 2020: 14).', 'Ekwall afirma: «§».', 'Ekwall sostiene que §.'], no: ['§.', '§ (Hesketh, 1998).', 'Según Hesketh, §.'] },
 it: { filler: 'I livelli furono rilevati lungo quattro linee in marzo di ogni anno con la bassa marea e con la stessa asta.', copied: 'una palude arretrata viene inondata più a lungo e più a fondo di qualsiasi palude antica e all’inizio prende avidamente il sedimento della marea',
  yes: ['Secondo Ekwall (2020), §.', 'Ekwall (2020) scrive che §.', 'Per Ekwall, §.', 'Come scrive Ekwall, §.', '«§» (Ekwall, 2020, p. 14).', '«§», scrive Ekwall.', '§ (si veda Ekwall, 2020).', 'Ekwall afferma: «§».', 'Ekwall sostiene che §.'], no: ['§.', '§ (Hesketh, 1998).', 'Secondo Hesketh, §.'] },
 nl: { filler: 'De hoogten werden langs vier lijnen in maart van elk jaar bij laag water met dezelfde baak gemeten.', copied: 'een teruggelegde kwelder wordt langer en dieper overspoeld dan elke oudere kwelder en neemt in het begin gretig sediment op uit de vloed',
  yes: ['Volgens Ekwall (2020) §.', 'Ekwall (2020) schrijft dat §.', 'Zoals Ekwall opmerkt, §.', '“§” (Ekwall, 2020, p. 14).', '“§”, aldus Ekwall.', '“§”, schrijft Ekwall.', '§ (zie Ekwall, 2020).', 'Ekwall stelt: “§”.', 'Ekwall stelt dat §.'], no: ['§.', '§ (Hesketh, 1998).', 'Volgens Hesketh §.', '“§”, aldus Hesketh.'] },
 da: { filler: 'Højderne blev målt langs fire linjer i marts hvert år ved lavvande med den samme stang.', copied: 'en tilbagetrukket strandeng bliver oversvømmet længere og dybere end nogen ældre strandeng og tager i begyndelsen grådigt sediment ud af vandet',
  yes: ['Ifølge Ekwall (2020) §.', 'Ekwall skriver at §.', 'Som Ekwall påpeger, §.', '”§” (Ekwall, 2020, s. 14).', '”§”, skriver Ekwall.'], no: ['§.', 'Ifølge Hesketh §.', 'Hesketh skriver at §.', 'Ekwall boede længe at vinter ved kysten, og §.'] },
 sv: { filler: 'Höjderna mättes längs fyra linjer i mars varje år vid lågvatten med samma stång.', copied: 'en tillbakaflyttad strandäng översvämmas längre och djupare än någon äldre strandäng och tar i början girigt upp sediment ur floden',
  yes: ['Enligt Ekwall (2020) §.', 'Ekwall (2020) skriver att §.', 'Som Ekwall påpekar, §.', '”§” (Ekwall, 2020, s. 14).', '”§”, skriver Ekwall.', '§ (se Ekwall 2020).', 'Ekwall hävdar att §.'], no: ['§.', '§ (Hesketh, 1998).', 'Enligt Hesketh §.'] },
};

describe.each(Object.entries(ways))('%s', (_tongue, { filler, copied, yes, no }) => {
  const passage = async (line: string) => {
    const source = text('Ekwall_2020.txt', `Wave height over lowering flats\nS. Ekwall (2020)\n\nXx ${copied} yy.`), said = line.replace(/^§/, copied[0]!.toUpperCase() + copied.slice(1)).replace('§', copied);
    return (await compareFiles(text('paper.txt', `${filler} ${filler}\n\n${said} ${filler}`), [source])).passages[0];
  };
  test.each(yes)('%s', async (line) => expect(await passage(line)).toMatchObject({ cited: true, quoted: /[„“«”]\s?§/.test(line) }));
  test.each(no)('hard negative: %s', async (line) => expect(await passage(line)).toMatchObject({ cited: false }));
});
