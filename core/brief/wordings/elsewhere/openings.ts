import type { Sayings } from './sayings.ts';
import { says } from '../../../text/patterns.ts';

/** When a box opens and closes, each with its own day, in eight languages. None of these words is English, so that one table serves all. Compiled by hand. */
interface Words { /** what opens */ box: string; opens: string; closes: string; /** before the day */ on: string; /** “Opening:”, where nothing else knows it */ label: string | null }

const languages: readonly Words[] = [
  { box: '(?:der |die |das )?(?:Ordner|Abgabeordner|Abgabe|Upload|Abgabeseite|Fach|Abgabefach|Kasten|Link)', opens: 'öffnet|ist (?:geöffnet|offen|verfügbar)|wird (?:geöffnet|freigeschaltet)|öffnet sich', closes: 'schließt|wird geschlossen', on: '(?: ab(?: dem)?| am)?', label: 'geöffnet(?= ab)|Abgabe (?:geöffnet|offen|möglich) ab|(?:Öffnung(?: der Abgabe)?|Freischaltung) ?:' },
  { box: '(?:les? |la |l[’\']|un )?(?:dépôts?|espace|plateforme|dossier|page|casier)(?: de (?:dépôt|remise))?', opens: '(?:s[’\'])?ouvr(?:e|ent|ira)|(?:est|sera|seront) (?:ouverte?s?|accessible|disponible)', closes: '(?:se )?ferme(?:ra)?|(?:est|sera) fermée?', on: '(?: à partir du| à compter du| dès le| le)?', label: 'ouverture(?: du dépôt| des dépôts| de la plateforme| de l[’\']espace)? ?:|dépôt (?:ouvert|possible) (?:à partir du|dès le)' },
  { box: '(?:la |el |las |los )?(?:carpeta|buzón|entregas?|plataforma|tarea|aplicación|espacio|página)', opens: '(?:se )?abr(?:e|irá|en)|est(?:á|ará|arán) (?:abiert[ao]s?|disponibles?)', closes: '(?:se )?cierra(?:n|rá)?', on: '(?: (?:a partir )?del| desde el| el)?', label: 'apertura(?: de (?:la entrega|las entregas))? ?:' },
  { box: '(?:la |il |lo |l[’\']|le )?(?:cartella|spazio|area|pagina|piattaforma|consegn[ae])', opens: '(?:si )?apr(?:e|irà|ono|iranno)|(?:è|sarà|sono|saranno) (?:apert[aeo]|disponibil[ei]|accessibil[ei])', closes: '(?:si )?chiud(?:e|erà|ono)', on: '(?: (?:a partire )?dal(?:l[’\'])?| il| l[’\'])?', label: 'apertura(?: delle consegne| della cartella)? ?:' },
  { box: '(?:as? |os? )?(?:submissões|submissão|entregas?|pasta|plataforma|área|página|tarefa)', opens: 'abr(?:e|em|irá|irão)|est(?:á|ão|ará|arão) (?:abert[ao]s?|disponíve(?:l|is))|fica(?:rá|m)? (?:abert[ao]s?|disponíve(?:l|is))', closes: 'fecha(?:m|rá)?|encerra(?:m|rá)?', on: '(?: a partir d[eo](?: dia)?| a| em| desde| no dia)?', label: 'abertura(?: das (?:submissões|entregas))? ?:' },
  { box: '(?:de |het )?(?:map|inlevermap|pagina|link|inlevering|inleverbox|inlevermodule)', opens: 'opent|gaat open|(?:is|staat) (?:open|geopend|beschikbaar)|wordt geopend', closes: 'sluit|gaat dicht', on: '(?: vanaf| op)?', label: 'opening(?: van de inlevering)? ?:|inleveren (?:kan )?vanaf' },
  { box: '(?:mappen|inlämningsmappen|inlämningen|inlämningssidan|sidan|länken|rutan|ytan)', opens: 'öppnar|öppnas|är (?:öppen|tillgänglig)', closes: 'stänger|stängs', on: '(?: från(?: och med)?)?(?: den)?', label: null },
  { box: '(?:mappen|innleveringsmappen|afleveringsmappen|innleveringen|afleveringen|siden|lenken|linket|boksen|der|det)', opens: 'åpner|åpnes|åbner|åbnes|er (?:åpen|åben|tilgjengelig|tilgængelig)', closes: 'stenger|stenges|lukker|lukkes', on: '(?: for (?:innlevering(?:er)?|aflevering(?:er)?))?(?: fra(?: og med)?)?(?: den)?', label: '(?:åpning|åbning) ?:' },
];
const day = '(?= (?:\\p{L}+,? (?:den |dem |le |el |il )?)?\\d{1,2}(?:[./ -]|er |º |° ))';

/** A day whose stop would end the sentence; one behind a space; one behind an apostrophe. */
const days = (on: string): readonly (readonly [string, string])[] => [[`${on} ((?:\\p{L}+,? )?(?:den |dem )?\\d{1,2})\\.(?= ?\\p{L})`, ' $1'], [`${on}${day}`, ''], [`${on}(?<=[’'])(?=\\d)`, ' ']];

export const openingsElsewhere: Sayings = languages.flatMap(({ box, opens, closes, on, label }) => [
  ...days(on).flatMap(([said, told]): (readonly [string, string])[] => [
    [`${box} (?:${opens})${said}`, `submissions open on${told}`], [`${box} (?:${closes})${said}`, `submissions close on${told}`], ...(label === null ? [] : [[`(?<=(?:^|[\\n•*(.;] ?|[-–] ))(?:${label})${said}`, `Opens:${told}`] as const]),
  ]),
  ...days(on).map(([said, told]): readonly [string, string] => [`(?<=submissions open on [^;\\n]{6,50}?)(?:,? (?:und|et|y|e|en|och|og) |, )(?:${closes})${said}`, ` and close on${told}`]),
]);
export const namesOpening = (text: string): boolean => says(text, /öffn|schließ|stäng|steng|lukke|sluit|ferme|cierra|chiud|fecha|freischalt|freigeschalt|(?<!\p{L})(?:ouvr|ouvert|abr(?:e|ir|em)|abiert|apr(?:e|ir|ono)|apert|abert|opent|geopend|gaat open|öppn|åpn|åbn|åben|åpen)|disponib|disponív/iu);
