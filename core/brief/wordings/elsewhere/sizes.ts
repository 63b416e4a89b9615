import type { Rewrite } from '../alike.ts';
import { says } from '../../../text/patterns.ts';

/** How the languages here limit the size of a file. A unit of bytes says that a size is meant, so one table serves all. Compiled by hand. */

const size = String.raw`\d{1,4}(?:[.,]\d)? ?(?:[kmg]i?b|[kmg]o|méga-?octets|megabytes?|megabajt|mégas?)(?![A-Za-z\u00c0-\u024f])`, small = String.raw`(?:(?:de|di|los|i|os|a|al|zu|zum|sein als|til|på|tot|e|kun|nur|circa) ){0,2}`;
const most = [
  // German
  '(?:die )?größte (?:erlaubte|zulässige|mögliche) Datei (?:ist|hat)', 'bis(?: zu)?(?: maximal| höchstens| max\\.)?', '(?:darf |dürfen |sollte |muss )?(?:nicht (?:größer|mehr|schwerer) als|kleiner als|weniger als|maximal|höchstens)', 'mit (?:maximal|höchstens|weniger als|bis zu)', '(?:ist |sind |bleibt )?auf(?: maximal| höchstens)?(?= [^.;]{1,14}(?:begrenzt|beschränkt|limitiert))',
  // French
  'au (?:plus|maximum)', 'de moins de', 'moins de', "jusqu['’]à", '(?:ne d(?:oit|oivent|evra|evront) pas|ne peut(?: pas)?|sans) (?:dépasser|excéder)', "n['’]excédant pas", 'ne dépassant pas', 'limitée?s? à', 'inférieure?s? à',
  // Spanish
  'no se (?:admiten|aceptan|admitirán) (?:archivos|ficheros) (?:de más|mayores) de', '(?:está|estará|queda) limitado a', 'de hasta', 'hasta', '(?:un )?máximo(?: de)?', 'como máximo', 'menos de', 'no (?:puede|pueden|debe|deben|podrá|deberá) (?:superar|exceder|sobrepasar|pesar más)', 'no (?:excederá|superará|supere|exceda|excedan|superen)', 'inferior a',
  // Italian
  '(?:è|sarà) limitat[ao] a', 'fino a', '(?:al |di |un )?massimo(?: di)?', 'non (?:deve|devono|può|possono|dovrà) (?:superare|eccedere|pesare più)', 'meno di', '(?:non )?superiore a(?<=non superiore a)', 'inferiore a', 'che non superi(?:no)?',
  // Portuguese
  'até', '(?:no )?máximo(?: de)?', 'com no máximo', 'não (?:pode|podem|deve|devem|poderá) (?:exceder|ultrapassar|ter mais)', 'não (?:exceda|ultrapasse)',
  // Dutch
  'tot', '(?:van )?(?:maximaal|hoogstens|ten hoogste)', '(?:mag |mogen )?niet (?:groter|meer|zwaarder) (?:zijn )?dan', 'minder dan', '(?:moet |dient )?kleiner (?:te )?(?:zijn )?dan',
  // The North
  '(?:på )?(?:högst|höjst|højst|høyst|som mest|maximalt|maksimalt|maks\\.?)(?: fylde| fylla)?', '(?:på |upp |op |opp )?(?:till|til)(?<=\\b(?:upp till|op til|opp til))', 'mindre (?:än|end|enn)', '(?:får |må |skal |ska |kan )?(?:inte|ikke) (?:vara |være )?(?:större|mer|over|större|større) ?(?:än|end|enn)?', '(?:får |må |skal )?(?:inte|ikke) (?:överstiga|overstige|överskrida|overskride)',
];
const labels = '(?:Datei)?[Gg]röße|Umfang der Datei|[Tt]aille(?: maximale)?(?: du fichier)?|[Pp]oids(?: maximal)?(?: du fichier)?|[Tt]amaño(?: máximo)?(?: del (?:archivo|fichero))?|[Pp]eso(?: máximo| massimo)?|[Dd]imension[ei](?: massima)?(?: del file)?|[Tt]amanho(?: máximo)?(?: do (?:ficheiro|arquivo))?|(?:[Mm]aximale )?[Bb]estandsgrootte|(?:[Mm]ax(?:imal)? )?[Ff]ilstorlek|(?:[Mm]aks(?:imal)? )?[Ff]ilstørrelse(?:n)?';
const over = 'über|mehr als|größer als|mit mehr als|de plus de|dépassant|supérieurs? à|de más de|que superen|que pesen más de|oltre(?: i)?|superiori a|che superano(?: i)?|com mais de|acima de|que excedam|groter dan|meer dan|boven(?: de)?|större än|över|større (?:end|enn)|over';
const refused = String.raw`(?:können|kann|werden|wird|sind|ist) (?:vom System )?nicht|(?:werden|wird) (?:abgelehnt|zurückgewiesen|abgewiesen)|(?:sont|seront|est|sera) (?:refus|rejet)|ne (?:sont|seront|peuvent)|(?:no|não|non) (?:se|serán|son|podrán|serão|são|podem|saranno|sono|possono|vengono)|(?:serán|son|serão|são|saranno|sono|vengono) (?:recha|rejeit|recus|rifiut|respint)|(?:worden|kunnen) (?:niet|geweigerd)|(?:kan|tas|tages|godtas|accepteras|accepteres|aksepteres|tas) (?:inte|ikke)|avvisas|avvises`;

/** Whether a wording names a size. */
export const namesSize = (text: string): boolean => says(text, sized);
const sized = new RegExp(size, 'i');
/** Limits of size, as English has them. */
export const sizesElsewhere: readonly Rewrite[] = [
  [new RegExp(String.raw`(?<![A-Za-z\u00c0-\u024f])(?:${over}) (?=${size} (?:${refused}))`, 'gi'), () => 'larger than max. '],
  [new RegExp(String.raw`(?<=^[ \t]*(?:[-*•] )?)(?:${labels})[ \t]*:[ \t]*(?:(?:${most.join('|')}) ${small})?(?=${size})`, 'gim'), () => 'File size: max. '],
  [new RegExp(String.raw`(?<![A-Za-z\u00c0-\u024f\d])(?:${most.join('|')}) ${small}(?=${size})`, 'gi'), () => 'max. '],
  // “20 MB nicht überschreiten”, “20 Mo au maximum”, “20 MB como máximo”, “20 MB begrenzt”.
  [new RegExp(String.raw`(?<![\d.,])(?<!max\. )(?=${size} ?\(?(?:nicht (?:überschreiten|übersteigen|überschreitet)|nicht überschritten|maximal(?![A-Za-z\u00c0-\u024f])|au (?:maximum|plus)|como máximo|(?:al )?massimo|no máximo|maximaal|som (?:mest|højst|høyst)|(?:begrenzt|beschränkt|limitiert)))`, 'gi'), () => 'max. '],
];
