import type { Sayings } from './sayings.ts';
import { says } from '../../../text/patterns.ts';

/** When a box is open, and when it opens and closes, said in a sentence; the days themselves stay as they stand. None of these words is English, so that one table serves all. Compiled by hand. */

/** A day with or without its month and hour, up to the word that leads to the other one. */
const day = '((?:[a-zà-ž-]+ )?\\d{1,2}[^;\\n]{0,40}?)', another = '(?= ?(?:le |el |il |l[’\'])?(?:[a-zà-ž-]+ )?\\d)';
/** Where one goes and hands in nothing. */
const elsewhere = '(?<!(?:bibliotec[ah]|bibliotheek|bibliothèque|biblioteket|biblioteket?|archiv[oe]s?|archief|arkivet|sala|salle|aula|museo|musée|museu|museum|oficina|secretaría|secrétariat|segreteria|secretaria|cafetería|tienda|exposición|exposition|mostra|tentoonstelling|inscripción|inscription|iscrizione|matrícula|plazo de inscripción) (?:se )?)';
/** A month's name, or enough of it. */
const month = '(?:jan|gen|ene|f[eé][bv]|m[aä]r|apr|abr|avr|ma[igjy]|jun|juin|giu|jul|juil|lug|ago|aug|ao[uû]|se[pt]|o[ckt]t|out|nov|d[eéi][ckz])[a-zà-ž]*';
/** Where something is handed in, in the same sentence, before or behind. */
const said = '(?:[^.;\\n]|(?<=\\d)\\.|\\.(?= ?\\d)){0,140}', handsIn = '(?:dép[oô][ts]|remi[st]|remett|rend[ru]|envo[iy]|entreg|envi[aeo]|present[ae]|consegn|caric|invi[aeo]|submet|submiss|ingelever|inlever|lever|ingediend|indien|upload|lämna|inlämn|abgabe|abzugeben|abgegeben|geben|einreich|einzureich|eingereicht|reichen|hochlad|hochgelad|hochzulad|laste? opp|ladda)', handedIn = `(?:(?<=${handsIn}${said})|(?=${said}${handsIn}))`;
export const windowsElsewhere: Sayings = [
  // Two days of one month.
  [`${handedIn}(?:zwischen(?: dem)?|entre(?: le| el| os dias| o dia| los días)?|tra il|fra il|tussen(?: de)?|mellan(?: den)?|mellem(?: den)?|mellom(?: den)?) (\\d{1,2})(?:er|\\.|º|°)? (?:und|et|y|ed?|en|och|og)(?: dem| le| el| il| o| den)?(?= ?\\d{1,2}(?:er|\\.|º|°)?(?: de)? ${month})`, 'between $1 and'],
  [`${handedIn}(?:du|del|dal|de|van(?:af)?|från(?: den)?|fra(?: den)?) (\\d{1,2})(?:er|\\.|º|°)? (?:au|al|a|ao|tot en met|tot|t/m|till(?: och med)?|til(?: og med)?)(?: den)?(?= ?\\d{1,2}(?:er|\\.|º|°)?(?: de)? ${month})`, 'between $1 and'],
  [`${elsewhere}(?:está|estará|estarán|queda|permanece|permanecerá) abiert[oa]s? (?:del|desde el) ${day} (?:al|hasta el)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:se )?abr(?:e|irá|en) el ${day},? y (?:se )?cierra(?:n|rá)? el${another}`, 'submissions open on $1 and close on'],
  [`${elsewhere}(?:est|sera|reste|restera) ouverte?s? (?:du|depuis le|dès le) ${day} (?:au|jusqu[’']au)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:è|sarà|resta|rimane) apert[oa] dal(?: |l[’'])?${day} (?:al |all[’']|fino al |fino all[’'])${another}`, 'submissions open from $1 to '],
  [`${elsewhere}(?:está|estará|fica|ficará) abert[oa]s? (?:de|desde) ${day} (?:a|até a|até)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:is|blijft) (?:geopend|open) van ${day} (?:tot en met|tot)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:är|hålls) öppen från ${day} (?:till och med|till)${another}`, 'submissions open from $1 to'], [`${elsewhere}er (?:åben|åpen) fra ${day} (?:til og med|til)${another}`, 'submissions open from $1 to'],
  [`${handedIn}(?:i perioden |i tiden |in de periode |im Zeitraum |dans la période |nel periodo |en el periodo |no período )?(?:den |le |el |il )?(?<![:.\\d])(?<!\\d,? )(\\d{1,2})\\.? ?[–-] ?(?=\\d{1,2}\\.?(?: de)? ${month})`, 'between $1 and '],
  // The hour at which the last of them ends.
  ...[
    '(?:la|el) \\p{L}+ (?:se )?cierra(?:n|rá)? (?:el último día a las AT ?h?(?:oras)?|a las AT ?h?(?:oras)? (?:del|el) último día)', '(?:(?:la|le) ?|l[’\']) ?\\p{L}+(?: de dépôt)? (?:ferme|fermera|est fermée?|sera fermée?) (?:le dernier jour à AT ?h|à AT ?h(?:eures)? le dernier jour)',
    'am letzten Tag (?:schließt|endet) (?:der|die|das) \\p{L}+ um AT Uhr', '(?:der|die|das) \\p{L}+ (?:schließt|endet) (?:am letzten Tag um AT Uhr|um AT Uhr am letzten Tag)',
    '(?:(?:la|il|lo) |l[’\'])\\p{L}+ (?:si )?chiude (?:l[’\']ultimo giorno alle (?:ore )?AT|alle (?:ore )?AT dell[’\']ultimo giorno)', '[ao] \\p{L}+ (?:fecha|encerra) (?:no último dia às AT ?h?(?:oras)?|às AT ?h?(?:oras)? do último dia)',
    '(?:de|het) \\p{L}+ sluit (?:op de laatste dag om AT uur|om AT uur op de laatste dag)', '\\p{L}+ (?:stänger|stängs) (?:sista dagen (?:kl\\.? ?)?AT|(?:kl\\.? ?)?AT (?:den )?sista dagen)', '\\p{L}+ (?:stenger|stenges|lukker) (?:(?:den )?sid?ste? dag(?:en)? (?:kl\\.? ?)?AT|(?:kl\\.? ?)?AT (?:den )?sid?ste? dag(?:en)?)',
  ].flatMap((said): readonly (readonly [string, string])[] => [[said.replaceAll('AT', '(\\d{1,2}) ?[:.h](\\d{2})'), 'the page closes at $1$3:$2$4 on the last day'], [said.replaceAll('AT', '(\\d{1,2})'), 'the page closes at $1$2:00 on the last day']]),
  // “Inleveren kan van … tot …”: from when until when one hands in.
  [`(?:dépôts?|remises?|envois?) (?:possibles? )?entre le ${day} et le${another}`, 'submissions open from $1 to'], [`plazo de (?:entrega|presentación) ?: ?(?:del|desde el) ${day} (?:al|hasta el)${another}`, 'submissions open from $1 to'],
  [`(?:potete|puoi|si può|è possibile) (?:consegnare|caricare|inviare)(?: il (?:lavoro|file))? (?:a partire )?dal(?: |l[’'])${day},? (?:ed? )?(?:entro|fino al)(?: il)?${another}`, 'submissions open from $1 to'],
  [`(?:entrega|submissão) (?:pode ser feita|é possível|decorre) (?:de|desde|entre) ${day} (?:até|a|e)(?: a)?${another}`, 'submissions open from $1 to'], [`podem? (?:entregar|submeter)(?: o trabalho)? (?:a partir de|desde|de) ${day},? (?:e )?até(?: ao?(?: dia)?)?${another}`, 'submissions open from $1 to'],
  [`(?:inleveren|indienen|uploaden) kan van(?:af)? ${day},? tot(?: en met)?${another}`, 'submissions open from $1 to'], [`(?:je|u|jullie) (?:kunt|kan|kunnen|mag|mogen) (?:inleveren|indienen|uploaden) vanaf ${day}[;,] ?(?:de deadline is|en uiterlijk|uiterlijk|tot)(?: op)?${another}`, 'submissions open from $1 to'],
  [`(?:du|ni|man) kan (?:lämna in|ladda upp) från(?: och med)?(?: den)? ${day} (?:fram )?till(?: och med)?${another}`, 'submissions open from $1 to'], [`(?:du|man|I) kan (?:levere|aflevere|laste opp|uploade) fra(?: og med)?(?: den)? ${day} (?:fr[ae]m )?til(?: og med)?${another}`, 'submissions open from $1 to'],
];
export const namesWindow = (text: string): boolean => says(text, /último d[ií]a|dernier jour|letzten tag|ultimo giorno|laatste dag|sista dag|sid?ste? dag|abiert|\babre|ouvert|apert|abert|geopend|\bopen van\b|öppen|åben|åpen|entre le \d|plazo de|consegnare|caricare|inviare|entrega|submiss|submeter|inleveren|indienen|uploaden|lämna in|ladda upp|levere|laste opp|\d\.? ?[–-] ?\d{1,2}\.? |\d(?:er|\.|º|°)? (?:und|et|y|ed?|en|och|og|au|al|a|ao|tot|t\/m|till?)(?: \w+)* ?\d/i);
