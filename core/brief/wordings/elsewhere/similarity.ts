/** Whether a text is compared with others by a machine, as German, French, Spanish, Italian, Portuguese, Dutch and the Nordic languages say it: a check or a tool that is called so, a tool beside
 * what it looks for, or a comparison that a machine makes. One table for all, since none of these words is English. Compiled by hand. */

const letters = 'A-Za-z\\u00c0-\\u024f', start = `(?<![${letters}])`, end = `(?![${letters}])`;
const copying = 'copias?|plagio|plágio|plagiat|du plagiat', alike = 'similitud(?:es)?|similitudes?|similarité[s]?|coincidencias?|semelhanças?|similaridades?|similarità|somiglianz[ae]|coincidenze|originalidade?|originalité|originalità|concordances?';
const romanceTool = 'control|comprobación|verificación|análisis|revisión|detector|detección|programa|software|sistema|herramienta|contrôle|vérification|analyse|détecteur|détection|logiciel|outil|programme|système|controllo|verifica|analisi|rilevamento|rilevatore|programma|strumento|sistema|controlo|controle|verificação|análise|detec?tor|detec?ção|ferramenta';
const compound = 'software|programm?|prüf|kontroll?|erkennung|scann?er|check|suche|abgleich|überprüfung|controle|detectie|verktyg|verktøy|værktøj|sjekk|tjek|søgning|granskning|detektering|skanning|søk';
/** A check or a tool that is called so. */
const named = [
  `anti-?(?:plagio|plágio|plagiat)`, `(?:${romanceTool})(?: automati(?:que|ca|co)| automátic[ao]| informatique| electrónic[ao])? (?:de |de la |di |do |da |des |della |delle |per la |per il |du |d[’']|de l[’']|dell[’'])?(?:(?:${romanceTool}) (?:de |di |do |da |des |della |delle |du |d[’']|de l[’']|de la )?)?(?:${copying}|${alike})`,
  `(?:plagiats?|plagiaat|ähnlichkeits|originalitäts|textabgleichs?)-?(?:${compound})[${letters}]*`,
];
/** Something that looks, and what it looks for, in either order. */
const tool = 'software|programm?[ae]?|programme|logiciel|outil|herramienta|sistema|detec?tor|détecteur|scanner|elektronisch|automatisch|maschinell|automatiquement|automáticamente|automaticamente|electrónicamente|eletronicamente|automatiskt?|maskinellt?';
const sought = 'plagiate?n?|plagiaat|plagio|plágio|übereinstimmung(?:en)?|ähnlichkeit(?:en)?|textgleichheit|originalität|originalidade?|originalité|originalità|similitud(?:es)?|similitudes?|similarità|coincidencias|coincidenze|semelhanças|overeenkomsten|likheter|ligheder|originaliteit|originalitet';
const compared = 'verglichen|abgeglichen|vergleicht|comparée?s?|compare|se compara[n]?|comparad[oa]s?|confrontat[oaie]|confronta|vergeleken|vergelijkt|jämförs|jämför|sammenlignes|sammenligner|sammenholdes';
/** Two editions that a program sets side by side are the paper's matter. */
const others = '(?:quellen|texten|arbeiten|sources|textes|travaux|devoirs|fuentes|textos|trabajos|fonti|testi|elaborati|fontes|trabalhos|bronnen|teksten|werkstukken|källor|texter|kilder|tekster|opgaver|oppgaver|internet)(?! (?:de |von |aus |van |di |från |fra |i )?(?:deux|zwei|zweier|dos|due|duas|dois|twee|två|to)(?![a-z]))';
const checked = '(?:über)?geprüft|kontrolliert|untersucht|gescannt|gecontroleerd|gescand|nagekeken|kontrolleras|granskas|kontrolleres|sjekkes|tjekkes';
const near = '[^.;:]{0,70}';

const whole = (said: string): RegExp => new RegExp(`${start}(?:${said})${end}`, 'i');
/** What no English page says. */
export const checkNamedAbroad: readonly RegExp[] = named.map(whole);
export const checkedAbroad: readonly RegExp[] = [
  `(?:${tool})${near}${start}(?:${sought})`, `(?:${sought})${near}${start}(?:${tool})`, `auf (?:${sought})${near}(?:${checked})`, `op plagiaat (?:${checked})`, `(?:på|for|mot) plagiat (?:${checked})`, `(?:${checked}) (?:för|for) plagiat`,
  `(?:${compared})${near}${start}(?:${others})${near}${start}(?:${tool})`, `(?:${tool})${near}${start}(?:${compared})${near}${start}(?:${others})`, `(?:${compared}) (?:${tool})${near}${start}(?:${others})`, `(?:${tool})${near}${start}(?:${others})${near}${start}(?:${compared})`,
].map(whole);
/** That there is none, or that it is somebody else's. */
export const deniedAbroad = new RegExp(`${start}(?:no|ning[uú]n[oa]?|sin|kein[a-z]*|nicht|ohne|aucune?|pas|sans|non|nessun[oa]?|alcun[oa]?|senza|não|nenhuma?|sem|geen|niet|zonder|ingen|inga|inte|ikke|intet|uden|uten|utan|nej|nei|nein|nee)${end}(?! (?:nur|seulement|solo|soltanto|apenas|alleen|bara|kun|sólo|solamente))`, 'i');
/** What is kept open: “si riserva di controllare”. */
export const reservedAbroad = new RegExp(`${start}(?:behäl?t? (?:sich|uns) vor|behalten (?:sich|uns)|vorbehalten|(?:se|nous) réserve[nr]?t?|réservons|se reserva[n]?|nos reservamos|(?:si|ci) riserva(?:no)?|riserviamo|reserva-se|reservamo-nos|behoudt zich|behouden ons|förbehåller|forbeholder|ggf\\.|gegebenenfalls|le cas échéant)${end}`, 'i');
/** What the writer is free to do. */
export const ownCheckAbroad = new RegExp(`${start}(?:(?:sie|ihr|du) (?:dürfen|dürft|darfst|können|könnt|kannst)|(?:dürfen|können) sie|vous pouvez|tu peux|puede[ns]? (?:usar|utilizar)|podéis|potete|puoi|pode(?:m)? (?:usar|utilizar)|u kunt|je kunt|jullie kunnen|(?:du|ni|I) (?:kan|får|må))${end}`, 'i');
/** A page of English says these things in English; a word that it shares with others (“software”, “detection”) tells nothing. */
export const isAbroad = new RegExp(`${start}(?:de|del|los|las|el|la|se|un|una|der|die|das|den|dem|des|ein|eine|einer|es|wird|werden|wir|findet|les|le|du|par|est|sont|nous|chaque|tous|il|gli|con|per|viene|vengono|ogni|verrà|o|os|as|por|com|são|é|será|ser|het|een|worden|wordt|met|door|alla|ett|med|och|et|alle|igennem|gennem|gjennom|ja|nein|nej|nei|nee|sí|oui|non|sì|sim|não|en|i|av|af)${end}`, 'i');
