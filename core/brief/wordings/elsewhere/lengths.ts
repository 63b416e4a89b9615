import type { Sayings, Tongue } from './sayings.ts';

/** How a language tells how long and how large a paper may be: numbers in words from two on, what they count, what goes beyond a limit, and what then happens to it. Compiled by hand. */
interface Lengths { numbers: string; to: string; pages: string; words: string; beyond: string; refused: string; most: string; least: string }

const table: Readonly<Record<Tongue, Lengths>> = {
  german: {
    numbers: 'zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf|dreizehn|vierzehn|fünfzehn|achtzehn|zwanzig', to: 'bis|oder|und', pages: 'Seiten', words: 'Wörter(?:n)?|Worte(?:n)?',
    beyond: '(?:(?:Dateien|Arbeiten|Texte|Hausarbeiten|Einreichungen) )?(?:über|mehr als|mit mehr als|größer als|von mehr als|ab)|alles (?:über|jenseits(?: von)?|nach)', refused: '(?:sind|ist) nicht (?:erlaubt|zulässig|gestattet)|(?:werden|wird) (?:von uns )?(?:nicht (?:mehr )?(?:angenommen|akzeptiert|gelesen|bewertet|berücksichtigt|entgegengenommen)|abgelehnt|zurückgewiesen|ignoriert)|lese ich nicht(?: mehr)?',
    most: 'beschränken Sie sich auf|halten Sie sich an|überschreiten Sie nicht|bleiben Sie unter|nicht über', least: 'unter|weniger als',
  },
  french: {
    numbers: 'deux|trois|quatre|cinq|sept|huit|neuf|dix|onze|douze|quinze|vingt', to: 'à|ou|et', pages: 'pages', words: 'mots',
    beyond: '(?:(?:les |tous les )?(?:fichiers|devoirs|travaux|copies|textes) )?(?:de plus de|dépassant|au-dessus de|supérieurs à)|au-delà de', refused: '(?:seront|sera|sont|est) (?:refusée?s?|rejetée?s?|ignorée?s?)|ne (?:seront|sera|sont|est) pas (?:acceptée?s?|lue?s?|corrigée?s?|prise?s? en compte)|,? ?(?:je ne lis plus|on ne lit plus|je ne lis pas)',
    most: 'jusqu[’\']à|(?:la )?longueur maximale (?:est|sera) de|limitez-vous à|ne dépassez pas|pas plus de', least: 'moins de',
  },
  spanish: {
    numbers: 'dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|once|doce|quince|veinte', to: 'a|o|y', pages: 'páginas', words: 'palabras',
    beyond: '(?:(?:los )?(?:archivos|ficheros|trabajos|textos) )?(?:de más de|que superen|superiores a)|más allá de', refused: '(?:serán|son) (?:rechazad[oa]s|devuelt[oa]s|ignorad[oa]s)|no (?:se (?:aceptan|aceptarán|leen|leerán|corrigen|corregirán|admiten|admitirán)|serán (?:aceptad|leíd|corregid)[oa]s)',
    most: '(?:la extensión )?no (?:puede|debe|podrá|deberá) (?:exceder(?: de)?|tener más de|contener más de|pasar de)|no supere|no superen|hasta|limítese a|no exceda', least: 'menos de',
  },
  italian: {
    numbers: 'due|tre|quattro|cinque|sei|sette|otto|nove|dieci|undici|dodici|quindici|venti', to: 'a|o|e', pages: 'pagine', words: 'parole',
    beyond: '(?:(?:i )?(?:file|lavori|testi) )?(?:oltre|di più di|superiori a|che superano)|(?:gli )?elaborati (?:oltre|di più di|superiori a|che superano)(?: le| i)?', refused: '(?:saranno|sono|verranno|vengono) (?:rifiutat|respint|ignorat)[ei]|non (?:saranno|sono|verranno|vengono) (?:accettat|lett|corrett|valutat)[ei]',
    most: 'un massimo di|non superate|fino a|limitatevi a', least: 'meno di',
  },
  portuguese: {
    numbers: 'dois|duas|três|quatro|cinco|seis|sete|oito|nove|dez|onze|doze|quinze|vinte', to: 'a|ou|e', pages: 'páginas', words: 'palavras',
    beyond: '(?:(?:os )?(?:ficheiros|arquivos|trabalhos|textos) )?(?:com mais de|acima de|superiores a)|além d[ae]s?', refused: '(?:serão|são) (?:rejeitad|recusad|ignorad|devolvid)[oa]s|não (?:serão|são) (?:aceit[eo]s|lid[oa]s|corrigid[oa]s|avaliad[oa]s)',
    most: 'não ultrapasse|limite-se a|até', least: 'menos de',
  },
  dutch: {
    numbers: 'twee|drie|vier|vijf|zes|zeven|acht|negen|tien|elf|twaalf|vijftien|twintig', to: 'tot|of|en', pages: 'pagina[’\']s|bladzijden', words: 'woorden',
    beyond: '(?:bestanden |werkstukken |teksten )?(?:groter dan|boven(?: de)?|van meer dan|met meer dan)|alles (?:boven|na|voorbij)(?: de)?', refused: '(?:worden|wordt) (?:niet (?:meer )?(?:aangenomen|geaccepteerd|gelezen|nagekeken|beoordeeld)|geweigerd|genegeerd)',
    most: 'hooguit|blijf onder(?: de)?|houd je aan|beperk je tot', least: 'minder dan',
  },
  swedish: {
    numbers: 'två|tre|fyra|fem|sex|sju|åtta|nio|tio|elva|tolv|femton|tjugo', to: 'till|eller|och', pages: 'sidor', words: 'ord',
    beyond: '(?:filer |uppsatser |texter )?(?:större än|över|på mer än|med mer än)|allt (?:över|efter)', refused: '(?:tas inte emot|godtas inte|accepteras inte|läses inte|bedöms inte|avvisas)',
    most: 'inte mer än|håll (?:dig|er) (?:till|under)', least: 'mindre än',
  },
  norwegian: {
    numbers: 'to|tre|fire|fem|seks|sju|syv|åtte|otte|ni|ti|elleve|tolv|femten|tjue|tyve', to: 'til|eller|og', pages: 'sider', words: 'ord',
    beyond: '(?:filer |oppgaver |opgaver |tekster )?(?:større (?:enn|end)|over|på mer enn|på mere end)|alt (?:over|etter|efter)', refused: '(?:godtas|modtages|aksepteres|accepteres|leses|læses|vurderes|rettes) ikke|avvises|afvises|blir ikke (?:lest|vurdert|godtatt)',
    most: 'ikke mere? (?:enn|end)|hold (?:deg|dig|dere|jer) (?:til|under)', least: 'mindre (?:enn|end)',
  },
};
const figures = String.raw`(\d[\d.,\u00a0 ]*\d|\d)`, sizes = String.raw`(\d+(?:[.,]\d+)? ?(?:[KMG]B|[KMG]o))`;

/** “Zehn Seiten” as “10 Seiten”; “Dateien über 10 MB werden nicht angenommen” as “max. 10 MB”. */
export function lengthsIn(tongue: Tongue): Sayings {
  const { numbers, to, pages, words, beyond, refused, most, least } = table[tongue], unit = [[words, 'words'], [pages, 'pages']] as const;
  return [
    [`(${numbers})(?= ?(?:${to}|–|-) ?(?:\\d{1,2}|${numbers}) (?:${pages})(?!\\p{L}))`, '$1'], [`(${numbers})(?= (?:${pages})(?!\\p{L}))`, '$1'],
    [`(?:${beyond}) ${sizes},? (?:${refused})`, 'max. $1'],
    ...unit.flatMap(([said, english]): Sayings => [[`(?:${beyond}) ${figures} (?:${said}),? ?(?:${refused})`, `max. $1 ${english}`], [`(?:${most}) ${figures} (?:${said})`, `max. $1 ${english}`], [`(?:${least}) ${figures} (?:${said}),? (?:${refused})`, `min. $1 ${english}`]]),
  ];
}
