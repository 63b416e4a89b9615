import type { Rewrite } from '../alike.ts';
import { says } from '../../../text/patterns.ts';

/** Hours as other languages than English say them, with the part of the day in words: “a las dos de la tarde”, “6 Uhr abends”, “à midi”. Each becomes an hour in figures; what stands around it stays. Compiled by hand. */

const names: readonly (readonly string[])[] = [
  [], ['una', 'une', 'uma', 'één', 'een', 'ein', 'ett'], ['dos', 'deux', 'due', 'duas', 'twee', 'zwei', 'två', 'to'], ['tres', 'trois', 'tre', 'três', 'drie', 'drei'], ['cuatro', 'quatre', 'quattro', 'quatro', 'vier', 'fyra', 'fire'],
  ['cinco', 'cinq', 'cinque', 'vijf', 'fünf', 'fem'], ['seis', 'six', 'sei', 'zes', 'sechs', 'sex', 'seks'], ['siete', 'sept', 'sette', 'sete', 'zeven', 'sieben', 'sju', 'syv'], ['ocho', 'huit', 'otto', 'oito', 'acht', 'åtta', 'åtte', 'otte'],
  ['nueve', 'neuf', 'nove', 'negen', 'neun', 'nio', 'ni'], ['diez', 'dix', 'dieci', 'dez', 'tien', 'zehn', 'tio', 'ti'], ['once', 'onze', 'undici', 'elf', 'elva', 'elleve'], ['doce', 'douze', 'dodici', 'doze', 'twaalf', 'zwölf', 'tolv'],
];
const hour = `(\\d{1,2}(?:[.:h]\\d\\d)?|${names.flat().join('|')})`;
const later = /tarde|noche|après|soir|pomeriggio|sera|tarde|noite|middag|avond|nachm|abend|eftermiddag|kväll|ettermiddag|kveld|aften/i;
/** @param part - of the day, as it is said; @param more - “y media”, “e mezza”; @param before - “halb”, “half”: half an hour before it */
function inFigures(said: string, part: string, more = '', before = ''): string {
  const at = names.findIndex((all) => all.includes(said.toLowerCase())), [h = '0', m = '0'] = at > 0 ? [String(at)] : said.split(/[.:h]/i);
  const half = /medi|demi|mezz|meia/i.test(more) ? 30 : /cuarto|quart/i.test(more) ? 15 : 0, noon = /mittags$|'s middags/i.test(part);
  const minutes = Number(h) * 60 + Number(m) + half - (before ? 30 : 0) + (says(part, later) && Number(h) < 12 && !(noon && Number(h) > 10) ? 720 : 0);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}
const letters = 'A-Za-z\u00c0-\u024f';
const rewrite = (said: string, told: (groups: readonly (string | undefined)[]) => string): Rewrite => [new RegExp(`(?<![${letters}\\d.:,])(?:${said})(?![${letters}])`, 'gi'), (_, groups) => told(groups)];

/** A day right before, or right behind: the middle of the day alone is said of much else. */
const dayBefore = '(?<=(?:20\\d\\d|\\d{1,2}[./]\\d{1,2}\\.?),? ?(?:[a-zàéíè]{1,6} ){0,2})', dayBehind = `(?=,? (?:de[l]?|di|do|le|van|op|am|des|den|du|dell[ao'])? ?(?:[${letters}]{4,12},? )?(?:de |den )?\\d{1,2}(?:\\.|º|er)? ?(?:de |di |[./]|[${letters}]))`;
export const timesOfDay: readonly Rewrite[] = [
  rewrite(`${hour}( y (?:media|cuarto))?(?: horas)? de la (mañana|tarde|noche)`, ([h, more, part]) => inFigures(h!, part!, more)),
  rewrite(`${hour} heures?( et (?:demie|quart))? (du matin|de l['’]après-midi|du soir)`, ([h, more, part]) => inFigures(h!, part!, more).replace(':', 'h')),
  rewrite(`${hour}( e (?:mezza|mezzo|un quarto))? (d(?:i|el|ella) (?:mattin[ao]|pomeriggio|sera))`, ([h, more, part]) => inFigures(h!, part!, more)),
  rewrite(`${hour}(?: horas)?( e meia)? (da (?:manhã|tarde|noite))`, ([h, more, part]) => inFigures(h!, part!, more)),
  rewrite(`(half )?${hour}(?: uur)? (['’]s (?:ochtends|morgens|middags|avonds))`, ([before, h, part]) => `${inFigures(h!, part!.replace('’', "'"), '', before)} uur`),
  rewrite(`(halb )?${hour}(?: Uhr)? (morgens|früh|vormittags|mittags|nachmittags|abends|am (?:Morgen|Vormittag|Nachmittag|Abend))`, ([before, h, part]) => `${inFigures(h!, part!, '', before)} Uhr`),
  rewrite(`(mittags|nachmittags|abends|morgens|vormittags) um ${hour}(?: Uhr)?`, ([part, h]) => `um ${inFigures(h!, part!)} Uhr`),
  rewrite(`(?:klockan|klokk[ea]n?|kl\\.?) (?:halv )?${hour} (på (?:morgonen|förmiddagen|eftermiddagen|kvällen|dagen)|om (?:morgenen|formiddagen|[et]*ttermiddagen|eftermiddagen|kvelden|aftenen))`, ([h, part]) => `kl. ${inFigures(h!, part!)}`),
  rewrite(`(?:klockan|klokk[ea]n?) (tolv|\\d{1,2})(?![.:]?\\d)`, ([h]) => `kl. ${h === 'tolv' ? 12 : h}:00`),
  rewrite(`${dayBefore}(?:a|al|antes del?) medio ?día|(?:(?:antes|hasta) de?l )?medio ?día${dayBehind}`, () => 'a las 12:00'),
  rewrite(`${dayBefore}(avant )(?<!après-)midi|(avant )midi${dayBehind}`, () => 'avant 12h00'),
  rewrite(`${dayBefore}(?:a|entro) mezzogiorno|(?:entro |a )?mezzogiorno${dayBehind}`, () => 'entro le 12:00'),
  rewrite(`${dayBefore}(?:ao|até ao) meio[- ]dia|(?:até )?ao meio[- ]dia${dayBehind}`, () => 'até às 12:00'),
];
/** Whether a wording has any of their words. */
export const namesTimeOfDay = (text: string): boolean => says(text, /de la (?:mañana|tarde|noche)|medio ?día|du matin|de l['’]après-midi|du soir|midi|mattin|pomeriggio|di sera|della sera|mezzogiorno|da (?:manhã|tarde|noite)|meio[- ]dia|['’]s (?:ochtends|morgens|middags|avonds)|morgens|früh|mittags|abends|am (?:Morgen|Vormittag|Nachmittag|Abend)|klockan|klokk[ea]/i);
