import { percent, type Sayings, type Tongue } from './sayings.ts';

/** How a language tells how long and how large a paper may be: numbers in words from two on, what they count, what goes beyond a limit, and what then happens to it. Compiled by hand. */
interface Lengths { numbers: string; to: string; pages: string; words: string; beyond: string; refused: string; most: string; least: string; /** “10 % mehr oder weniger” */ eitherWay: string; /** “eine Abweichung”, before “von 10 %” */ tolerance: string; /** what goes beyond, before “um 10 %”, and behind a share */ beyondIt: string; over: string; allowed: string }

const table: Readonly<Record<Tongue, Lengths>> = {
  german: {
    numbers: 'zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf|dreizehn|vierzehn|fünfzehn|achtzehn|zwanzig', to: 'bis|oder|und', pages: 'Seiten', words: 'Wörter(?:n)?|Worte(?:n)?',
    beyond: '(?:(?:Dateien|Arbeiten|Texte|Hausarbeiten|Einreichungen) )?(?:über|mehr als|mit mehr als|größer als|von mehr als|ab)|alles (?:über|jenseits(?: von)?|nach)', refused: '(?:sind|ist) nicht (?:erlaubt|zulässig|gestattet)|(?:werden|wird) (?:von uns )?(?:nicht (?:mehr )?(?:angenommen|akzeptiert|gelesen|bewertet|berücksichtigt|entgegengenommen)|abgelehnt|zurückgewiesen|ignoriert)|lese ich nicht(?: mehr)?',
    most: 'beschränken Sie sich auf|halten Sie sich an|überschreiten Sie nicht|bleiben Sie unter|nicht über', least: 'unter|weniger als',
    eitherWay: 'mehr oder weniger|darüber oder darunter|(?:da)?rüber oder (?:da)?runter|über oder unter(?:schreiten)?|nach oben (?:oder|und|wie) (?:nach )?unten|Abweichung(?:en)?|Toleranz|Spielraum|Über- oder Unterschreitung|in beide Richtungen', tolerance: '(?:(?:eine|mit|bei|die|einer) )*(?:Abweichung(?:en)?|Toleranz|Spielraum|Schwankung(?:en)?|Über- (?:oder|und) Unterschreitung(?:en)?)', beyondIt: 'Überschreitung(?:en)?|Überziehung|überschreiten|mehr', over: 'darüber|mehr|Überschreitung|Überhang', allowed: ' (?:ist|sind|wird|werden|geht|gehen|dürfen|darf|sein)?(?: ?(?:es|auch))? ?(?:erlaubt|zulässig|in Ordnung|okay|ok|möglich|gestattet|toleriert|akzeptiert|sein|kein Problem)',
  },
  french: {
    numbers: 'deux|trois|quatre|cinq|sept|huit|neuf|dix|onze|douze|quinze|vingt', to: 'à|ou|et', pages: 'pages', words: 'mots',
    beyond: '(?:(?:les |tous les )?(?:fichiers|devoirs|travaux|copies|textes) )?(?:de plus de|dépassant|au-dessus de|supérieurs à)|au-delà de', refused: '(?:seront|sera|sont|est) (?:refusée?s?|rejetée?s?|ignorée?s?)|ne (?:seront|sera|sont|est) pas (?:acceptée?s?|lue?s?|corrigée?s?|prise?s? en compte)|,? ?(?:je ne lis plus|on ne lit plus|je ne lis pas)',
    most: 'jusqu[’\']à|(?:la )?longueur maximale (?:est|sera) de|limitez-vous à|ne dépassez pas|pas plus de', least: 'moins de',
    eitherWay: '(?:de |en )?plus ou (?:de |en )?moins|près|au-dessus ou (?:au-dessous|en dessous)|de tolérance|de marge|d[’\']écart|dans les deux sens', tolerance: '(?:(?:avec|une|un|la|de) )*(?:tolérance|marge(?: d[’\']erreur)?|écart|variation|latitude)(?: (?:autorisée?|admise?|permise?|possible))?', beyondIt: 'dépassement|dépasser', over: 'de plus|de dépassement|au-dessus|en sus', allowed: ' (?:(?:est|sont|reste|restent) )?(?:autorisée?s?|admise?s?|tolérée?s?|acceptée?s?|permise?s?|possible)',
  },
  spanish: {
    numbers: 'dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|once|doce|quince|veinte', to: 'a|o|y', pages: 'páginas', words: 'palabras',
    beyond: '(?:(?:los )?(?:archivos|ficheros|trabajos|textos) )?(?:de más de|que superen|superiores a)|más allá de', refused: '(?:serán|son) (?:rechazad[oa]s|devuelt[oa]s|ignorad[oa]s)|no (?:se (?:aceptan|aceptarán|leen|leerán|corrigen|corregirán|admiten|admitirán)|serán (?:aceptad|leíd|corregid)[oa]s)',
    most: '(?:la extensión )?no (?:puede|debe|podrá|deberá) (?:exceder(?: de)?|tener más de|contener más de|pasar de)|no supere|no superen|hasta|limítese a|no exceda', least: 'menos de',
    eitherWay: 'arriba o abajo|más o menos|por encima o por debajo|en más o en menos|de (?:margen|tolerancia|variación)|de más o de menos', tolerance: '(?:(?:con|un|una|el|la|de|se admite|se permite) )*(?:margen|tolerancia|variación|desviación|oscilación)(?: (?:máxim[oa]|permitid[oa]|admitid[oa]))?', beyondIt: 'exceso|superar(?:se)?(?: (?:el límite|la extensión))?|exceder(?:se)?', over: 'de más|por encima|de exceso', allowed: ' (?:(?:está|están|es|son) )?(?:permitid[oa]s?|admitid[oa]s?|aceptad[oa]s?|tolerad[oa]s?)',
  },
  italian: {
    numbers: 'due|tre|quattro|cinque|sei|sette|otto|nove|dieci|undici|dodici|quindici|venti', to: 'a|o|e', pages: 'pagine', words: 'parole',
    beyond: '(?:(?:i )?(?:file|lavori|testi) )?(?:oltre|di più di|superiori a|che superano)|(?:gli )?elaborati (?:oltre|di più di|superiori a|che superano)(?: le| i)?', refused: '(?:saranno|sono|verranno|vengono) (?:rifiutat|respint|ignorat)[ei]|non (?:saranno|sono|verranno|vengono) (?:accettat|lett|corrett|valutat)[ei]',
    most: 'un massimo di|non superate|fino a|limitatevi a', least: 'meno di',
    eitherWay: 'in più o in meno|più o meno|in eccesso o in difetto|di (?:tolleranza|margine|scarto)|per eccesso o per difetto', tolerance: '(?:(?:con|una|uno|un|la|lo|il|di|è ammess[oa]|è consentit[oa]) )*(?:tolleranza|margine|scarto|scostamento|variazione)(?: (?:massim[oa]|ammess[oa]|consentit[oa]))?', beyondIt: 'superamento|sforamento|superare(?: il limite)?|sforare', over: 'in più|in eccesso|di sforamento', allowed: ' (?:(?:è|sono|viene) )?(?:ammess[oaie]|consentit[oaie]|tollerat[oaie]|accettat[oaie]|permess[oaie])',
  },
  portuguese: {
    numbers: 'dois|duas|três|quatro|cinco|seis|sete|oito|nove|dez|onze|doze|quinze|vinte', to: 'a|ou|e', pages: 'páginas', words: 'palavras',
    beyond: '(?:(?:os )?(?:ficheiros|arquivos|trabalhos|textos) )?(?:com mais de|acima de|superiores a)|além d[ae]s?', refused: '(?:serão|são) (?:rejeitad|recusad|ignorad|devolvid)[oa]s|não (?:serão|são) (?:aceit[eo]s|lid[oa]s|corrigid[oa]s|avaliad[oa]s)',
    most: 'não ultrapasse|limite-se a|até', least: 'menos de',
    eitherWay: 'acima ou abaixo|(?:a |para )?mais ou (?:a |para )?menos|de (?:tolerância|margem|variação)', tolerance: '(?:(?:com|uma|um|a|de|admite-se|é permitida) )*(?:tolerância|margem|variação|desvio)(?: (?:máxim[oa]|permitid[oa]|admitid[oa]))?', beyondIt: 'excesso|ultrapassar(?: o limite)?|exceder(?: o limite)?', over: 'a mais|acima|em excesso', allowed: ' (?:(?:é|são) )?(?:permitid[oa]s?|admitid[oa]s?|aceites?|tolerad[oa]s?)',
  },
  dutch: {
    numbers: 'twee|drie|vier|vijf|zes|zeven|acht|negen|tien|elf|twaalf|vijftien|twintig', to: 'tot|of|en', pages: 'pagina[’\']s|bladzijden', words: 'woorden',
    beyond: '(?:bestanden |werkstukken |teksten )?(?:groter dan|boven(?: de)?|van meer dan|met meer dan)|alles (?:boven|na|voorbij)(?: de)?', refused: '(?:worden|wordt) (?:niet (?:meer )?(?:aangenomen|geaccepteerd|gelezen|nagekeken|beoordeeld)|geweigerd|genegeerd)',
    most: 'hooguit|blijf onder(?: de)?|houd je aan|beperk je tot', least: 'minder dan',
    eitherWay: 'meer of minder|(?:er)?(?:boven|over) of (?:er)?onder|naar boven (?:of|en) (?:naar )?beneden|afwijking|marge|speling', tolerance: '(?:(?:met|een|de|maximale|toegestane) )*(?:marge|afwijking|tolerantie|speling)', beyondIt: 'overschrijding|overschrijden', over: 'meer|erboven|overschrijding', allowed: ' (?:(?:is|mag|zijn) )?(?:ook )?(?:toegestaan|mag|goed|prima|toegelaten|geen probleem)',
  },
  swedish: {
    numbers: 'två|tre|fyra|fem|sex|sju|åtta|nio|tio|elva|tolv|femton|tjugo', to: 'till|eller|och', pages: 'sidor', words: 'ord',
    beyond: '(?:filer |uppsatser |texter )?(?:större än|över|på mer än|med mer än)|allt (?:över|efter)', refused: '(?:tas inte emot|godtas inte|accepteras inte|läses inte|bedöms inte|avvisas)',
    most: 'inte mer än|håll (?:dig|er) (?:till|under)', least: 'mindre än',
    eitherWay: 'mer eller mindre|över eller under|uppåt (?:eller|och) nedåt|avvikelse|marginal', tolerance: '(?:(?:med|en|tillåten|högst) )*(?:avvikelse|marginal|tolerans|felmarginal)', beyondIt: 'överskridande|överskrida(?: gränsen)?', over: 'mer|över', allowed: ' (?:(?:är|går) )?(?:tillåtet|tillåten|okej|ok|bra|godtas|accepteras)',
  },
  norwegian: {
    numbers: 'to|tre|fire|fem|seks|sju|syv|åtte|otte|ni|ti|elleve|tolv|femten|tjue|tyve', to: 'til|eller|og', pages: 'sider', words: 'ord',
    beyond: '(?:filer |oppgaver |opgaver |tekster )?(?:større (?:enn|end)|over|på mer enn|på mere end)|alt (?:over|etter|efter)', refused: '(?:godtas|modtages|aksepteres|accepteres|leses|læses|vurderes|rettes) ikke|avvises|afvises|blir ikke (?:lest|vurdert|godtatt)',
    most: 'ikke mere? (?:enn|end)|hold (?:deg|dig|dere|jer) (?:til|under)', least: 'mindre (?:enn|end)',
    eitherWay: 'mere? eller (?:mindre|færre)|over eller under|(?:oppover|opad) (?:eller|og) (?:nedover|nedad)|avvik|afvigelse|margin|slingringsmon', tolerance: '(?:(?:med|en|et|tillatt|tilladt) )*(?:avvik|afvigelse|margin|toleranse|tolerance|slingringsmonn?)', beyondIt: 'overskridelse|overskride(?: grensen| grænsen)?', over: 'mere?|over', allowed: ' (?:(?:er|går) )?(?:tillatt|tilladt|greit|i orden|ok|fint)',
  },
};
/** “bis zu”, “de”, between what is allowed and how much of it; an article before. */
const upTo = '(?:(?:von|um|bis(?: zu)?|maximal|höchstens|max\\.|de|d[’\']au plus|jusqu[’\']à|maximum|del?|hasta(?: un)?|hasta el|di|fino al?|massimo|do|até|van|tot|maximaal|hooguit|på|upp till|högst|på op til|inntil|op til|højst|med|do|da|no máximo|al massimo|como máximo|au plus) ?)', someBefore = '(?:(?:se admite|se permite|è ammesso|admite-se) )?(?:eine?|une?|un|una|uma|een|en|ett|et|il|el|o) ';
const figures = String.raw`(\d[\d.,\u00a0 ]*\d|\d)`, sizes = String.raw`(\d+(?:[.,]\d+)? ?(?:[KMG]B|[KMG]o))`;

/** “Zehn Seiten” as “10 Seiten”; “Dateien über 10 MB werden nicht angenommen” as “max. 10 MB”. */
export function lengthsIn(tongue: Tongue): Sayings {
  const { numbers, to, pages, words, beyond, refused, most, least, eitherWay, tolerance, beyondIt, over, allowed } = table[tongue], unit = [[words, 'words'], [pages, 'pages']] as const;
  return [
    // How far from the length one may be: in brackets, since it stands right behind it. What is said of grades and days is no length.
    [`(?<=[\\d ](?:${words}|${pages})[^.\\n]{0,50})(?:,? ?\\(?)${percent} (?:${eitherWay})(?:${allowed})?\\)?`, ' (±$1 %)'], [`(?<=[\\d ](?:${words}|${pages})[^.\\n]{0,50})${tolerance} ?:? ?${upTo}*${percent}(?: (?:${eitherWay}))?(?:${allowed})?`, 'tolerance of $1 %'],
    [`(?<=[\\d ](?:${words}|${pages})[^.\\n]{0,50})(?:${someBefore})?(?:${beyondIt}) ?${upTo}*${percent}(?:${allowed}|(?<=(?:se admite|se permite|è ammess|admite-se).{3,60}))`, '$1 % over is allowed'], [`(?<=[\\d ](?:${words}|${pages})[^.\\n]{0,50})(?:(?:è ammess[oa]|se admite|se permite|è consentit[oa]) (?:il|un|el) )?${percent} (?:${over})(?:${allowed}|(?<=(?:è ammess|se admite|se permite|è consentit).{3,40}))`, '$1 % over is allowed'],
    [`(${numbers})(?= ?(?:${to}|–|-) ?(?:\\d{1,2}|${numbers}) (?:${pages})(?!\\p{L}))`, '$1'], [`(${numbers})(?= (?:${pages})(?!\\p{L}))`, '$1'],
    [`(?:${beyond}) ${sizes},? (?:${refused})`, 'max. $1'],
    ...unit.flatMap(([said, english]): Sayings => [[`(?:${beyond}) ${figures} (?:${said}),? ?(?:${refused})`, `max. $1 ${english}`], [`(?:${most}) ${figures} (?:${said})`, `max. $1 ${english}`], [`(?:${least}) ${figures} (?:${said}),? (?:${refused})`, `min. $1 ${english}`]]),
  ];
}
