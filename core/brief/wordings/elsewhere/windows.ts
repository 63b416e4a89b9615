import type { Sayings } from './sayings.ts';

/** When a box is open, and when it opens and closes, said in a sentence; the days themselves stay as they stand. None of these words is English, so that one table serves all. Compiled by hand. */

/** A day with or without its month and hour, up to the word that leads to the other one. */
const day = '((?:[a-zà-ž-]+ )?\\d{1,2}[^;\\n]{0,40}?)', another = '(?= ?(?:le |el |il |l[’\'])?(?:[a-zà-ž-]+ )?\\d)';
/** Where one goes and hands in nothing. */
const elsewhere = '(?<!(?:bibliotec[ah]|bibliotheek|bibliothèque|biblioteket|biblioteket?|archiv[oe]s?|archief|arkivet|sala|salle|aula|museo|musée|museu|museum|oficina|secretaría|secrétariat|segreteria|secretaria|cafetería|tienda|exposición|exposition|mostra|tentoonstelling|inscripción|inscription|iscrizione|matrícula|plazo de inscripción) (?:se )?)';
export const windowsElsewhere: Sayings = [
  [`${elsewhere}(?:está|estará|estarán|queda|permanece|permanecerá) abiert[oa]s? (?:del|desde el) ${day} (?:al|hasta el)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:se )?abr(?:e|irá|en) el ${day},? y (?:se )?cierra(?:n|rá)? el${another}`, 'submissions open on $1 and close on'],
  [`${elsewhere}(?:est|sera|reste|restera) ouverte?s? (?:du|depuis le|dès le) ${day} (?:au|jusqu[’']au)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:è|sarà|resta|rimane) apert[oa] dal(?: |l[’'])?${day} (?:al |all[’']|fino al |fino all[’'])${another}`, 'submissions open from $1 to '],
  [`${elsewhere}(?:está|estará|fica|ficará) abert[oa]s? (?:de|desde) ${day} (?:a|até a|até)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:is|blijft) (?:geopend|open) van ${day} (?:tot en met|tot)${another}`, 'submissions open from $1 to'],
  [`${elsewhere}(?:är|hålls) öppen från ${day} (?:till och med|till)${another}`, 'submissions open from $1 to'], [`${elsewhere}er (?:åben|åpen) fra ${day} (?:til og med|til)${another}`, 'submissions open from $1 to'],
  // “Inleveren kan van … tot …”: from when until when one hands in.
  [`(?:dépôts?|remises?|envois?) (?:possibles? )?entre le ${day} et le${another}`, 'submissions open from $1 to'], [`plazo de (?:entrega|presentación) ?: ?(?:del|desde el) ${day} (?:al|hasta el)${another}`, 'submissions open from $1 to'],
  [`(?:potete|puoi|si può|è possibile) (?:consegnare|caricare|inviare)(?: il (?:lavoro|file))? (?:a partire )?dal(?: |l[’'])${day},? (?:ed? )?(?:entro|fino al)(?: il)?${another}`, 'submissions open from $1 to'],
  [`(?:entrega|submissão) (?:pode ser feita|é possível|decorre) (?:de|desde|entre) ${day} (?:até|a|e)(?: a)?${another}`, 'submissions open from $1 to'], [`podem? (?:entregar|submeter)(?: o trabalho)? (?:a partir de|desde|de) ${day},? (?:e )?até(?: ao?(?: dia)?)?${another}`, 'submissions open from $1 to'],
  [`(?:inleveren|indienen|uploaden) kan van(?:af)? ${day},? tot(?: en met)?${another}`, 'submissions open from $1 to'], [`(?:je|u|jullie) (?:kunt|kan|kunnen|mag|mogen) (?:inleveren|indienen|uploaden) vanaf ${day}[;,] ?(?:de deadline is|en uiterlijk|uiterlijk|tot)(?: op)?${another}`, 'submissions open from $1 to'],
  [`(?:du|ni|man) kan (?:lämna in|ladda upp) från(?: och med)?(?: den)? ${day} (?:fram )?till(?: och med)?${another}`, 'submissions open from $1 to'], [`(?:du|man|I) kan (?:levere|aflevere|laste opp|uploade) fra(?: og med)?(?: den)? ${day} (?:fr[ae]m )?til(?: og med)?${another}`, 'submissions open from $1 to'],
];
export const namesWindow = (text: string): boolean => /abiert|\babre|ouvert|apert|abert|geopend|\bopen van\b|öppen|åben|åpen|entre le \d|plazo de|consegnare|caricare|inviare|entrega|submiss|submeter|inleveren|indienen|uploaden|lämna in|ladda upp|levere|laste opp/i.test(text);
