import { loneDay, percent, shown, tail, type Sayings } from './sayings.ts';

const swedishWorks = '(?:uppsatser(?:na)?|arbeten(?:a)?|rapporter(?:na)?|texter(?:na)?|inlämningar(?:na)?|uppsatsen|rapporten|arbetet)', danishWorks = '(?:oppgaver|opgaver|rapporter|besvarelser|tekster|innleveringer|afleveringer|oppgaven|opgaven|besvarelsen|rapporten)';
const swedishCount = '(en|ett|två|tre|fyra|fem|sex|sju|åtta|nio|tio|\\d{1,2})', danishCount = '(en|et|ett|to|tre|fire|fem|seks|sju|syv|åtte|otte|ni|ti|\\d{1,2})';

/** “Kl. 18.”, which ends no sentence before its hour. */
const wholeHour = [String.raw`kl\.? ?(\d{1,2})(?!\d|[:.]\d)`, 'kl $1:00'] as const;

export const swedish: Sayings = [
  wholeHour,
  [String.raw`\(?(?:plus ?\/ ?minus|plus eller minus|med en marginal på) ${percent}\)?`, '(±$1 %)'],
  [`(?:rättningen|bedömningen) är inte anonym|(?:alla )?${swedishWorks} (?:rättas|bedöms) inte anonymt`, 'Marking not anonymous'], [`(?:rättningen|bedömningen) (?:är|sker) anonymt?|(?:alla )?${swedishWorks} (?:rättas|bedöms) anonymt`, 'anonymous marking'],
  [`(?:ingen|inga) plagiat(?:kontroll|granskning)(?: görs| sker)?|(?:alla )?${swedishWorks} (?:kontrolleras|granskas) inte för plagiat`, 'no similarity check'],
  [`(?:kontrolleras|granskas) (?:för|mot) plagiat|(?:kontrolleras|granskas) (?:i|med|av) ett plagiat\\p{L}+|(?:alla )?${swedishWorks} jämförs (?:automatiskt )?med andra texter`, 'similarity check: yes'],
  ['(?:du|ni) (?:kan|får) (?:bara|endast) (?:ladda upp|lämna in)(?: \\p{L}+)? en gång', 'upload once only'], [`(?:du|ni) har ${swedishCount} försök`, '$1 attempts'],
  ['(?:du|ni) (?:kan|får) (?:ladda upp|lämna in|byta ut)(?: \\p{L}+)? (?:hur många gånger (?:du|ni) vill|obegränsat)', 'Unlimited attempts'],
  ['(?:bara|endast) den (?:sista|senaste)(?: versionen)? (?:räknas|bedöms|rättas|gäller)|den (?:sista|senaste)(?: inlämnade)? versionen (?:räknas|gäller)', 'last version counts'], ['(?:tidigare|alla) versioner (?:sparas|bevaras|finns kvar)', 'All versions kept'],
  [`(?:varje (?:dag|dygn)(?:s försening)? (?:kostar|ger|drar av)|för varje (?:dag|dygn)s? (?:försening )?(?:dras|görs)(?: det)?(?: ett avdrag på)?) ${percent}(?: (?:av|avdrag|av poängen))?`, 'late: -$1% per day'],
  [`(?:sena|försenade) (?:${swedishWorks}|inlämningar) (?:tas inte emot|godtas inte|rättas inte|accepteras inte|bedöms inte)`, 'late work not accepted'],
  [`efter ${swedishCount} dag(?:ar)? (?:tas|godtas|rättas|bedöms|accepteras) (?:den|det|\\p{L}+) inte(?: emot| längre)?`, 'zero after $1 days'], [`efter ${swedishCount} veck(?:a|or) (?:tas|godtas|rättas|bedöms|accepteras) (?:den|det|\\p{L}+) inte(?: emot| längre)?`, 'zero after $1*7 days'],
  ['(?:din|er) (?:deadline|inlämningstid|tidsfrist) (?:är|har) (?:förlängd|förlängts|flyttad|flyttats) till(?: den)?(?= (?:\\p{L}+ (?:den )?)?\\d)', 'Own extension until'],
  ['numrera sidorna', 'page numbers'], ['(?:bifoga|lägg till) (?:en|den) (?:undertecknad|undertecknade|signerad|signerade) (?:försäkran|försäkringen|egenförsäkran)', 'signed declaration'],
  [`(?:inlämningen|mappen|inlämningsmappen) (?:öppnar|öppnas|är öppen från)(?: den)?${loneDay}|(?:inlämning|uppladdning) är möjlig från(?: den)?${loneDay}`, 'Opens:'],
  ['filnamnet får inte innehålla ditt namn', 'no names in file name'], [`döp filen till (?:ditt|er) studentnummer,? följt av ${tail}${shown}`, 'File name: [student number]$1$2'],
  [String.raw`(?:texten|uppsatsen|rapporten) får inte överstiga(?= \d)`, 'max.'],
  [String.raw`filen får inte vara större än(?= \d)`, 'max.'],
  [String.raw`dubbelt radavstånd`, 'double line spacing'],
  [String.raw`(\d+) till (\d+)(?= (?:sidor|ord))`, '$1-$2'],
  [String.raw`varje ny version ersätter den (?:förra|gamla|tidigare)`, 'last version counts'],
  [`(?:du|ni) (?:kan|får) lämna in ${swedishCount} gånger`, '$1 attempts'],
  [String.raw`(?:du|ni) har fått (?:förlängd tid|uppskov|förlängning) till(?: den)?(?= \d)`, 'Own extension until'],
  // Short lines of sheets: kinds, lengths, names, declarations.
  ['(?:vi|jag) (?:tar emot|godtar|accepterar) (Word|DOCX|PDF|ODT)-? (?:och|eller) (Word|DOCX|PDF|ODT)-?(?:filer|dokument|format)', '$1 or $2 file'], ['ordgräns ?: ?(\\d[\\d ]*\\d)(?: ord)?', 'max. $1 words'], ['minst (\\d{1,3}) och (?:högst|max) (\\d{1,3}) sidor', '$1-$2 pages'], ['minst (\\d[\\d ]*\\d) och (?:högst|max) (\\d[\\d ]*\\d) ord', '$1-$2 words'],
  ['(?:inget|inga) namn i filnamnet', 'No names in file name'], ['(?:inget|inga) namn på (?:arbetet|uppsatsen|rapporten|inlämningen|försättsbladet|första sidan)', 'anonymous, no name'], ['(?:en )?(?:undertecknad )?försäkran (?:ska|skall|måste) (?:bifogas|lämnas in|finnas med)', 'add a signed declaration'],
  ['filnamn ?: ?(?:ditt )?(?:studentnummer|studentnumret)', 'File name contains student number'], ['filnamn ?: ?(?:din )?(?:anonymitetskod|anonymkod|kod)', 'File name contains candidate number'],
  [String.raw`filnamnet (?:ska|skall|måste) vara (?:din |ditt )?(?:anonymitetskod|tentamenskod)`, 'File name contains candidate number'],
  [String.raw`(?:för )?sent inlämnade \p{L}+ (?:rättas|bedöms|läses|godtas|accepteras) (?:inte|ej)`, 'late work is not marked'],
  [String.raw`(?:du|ni|man) (?:kan|får) lämna in (?:flera gånger|hur många gånger som helst|så många gånger (?:du|ni) vill)`, 'unlimited uploads'],
];
/** Norwegian and Danish. */
export const norwegian: Sayings = [
  ['(?:og )?(?:etter|efter) (en|ett|to|tre|fire|fem|sju|syv|\\d{1,2}) (?:dager|dage|dag) (?:blir|bliver|vil) (?:oppgaven|opgaven|besvarelsen|den|arbeidet) ikke (?:lenger |længere )?(?:bli )?(?:vurdert|rettet|lest|læst|godtatt|bedømt|vurderet|modtaget)', 'zero after $1 days'],
  wholeHour,
  // “Skal afleveres senest fredag den 18. december”.
  ['(?:skal |må )?(?:være |vere )?(?:afleveres|afleveret|indleveres|indleveret|uploades|uploadet|leveres|levert|innleveres|lastes opp|lastet opp|aflevering|indlevering)(?: \\p{L}+){0,3}? (?:senest|seinest|inden|innen)(?: (?:den|fredag|mandag|tirsdag|onsdag|torsdag|lørdag|søndag)){0,2}(?= \\d)', 'due by'],
  [String.raw`\(?(?:pluss ?\/ ?minus|plus ?\/ ?minus|pluss eller minus|plus eller minus|med et slingringsmonn på) ${percent}\)?`, '(±$1 %)'],
  [`(?:sensuren|bedømmelsen|vurderingen|rettingen) er ikke anonym|(?:alle )?${danishWorks} (?:rettes|vurderes|bedømmes) ikke anonymt`, 'Marking not anonymous'], [`(?:bedømmelsen|vurderingen|rettingen) (?:er|foregår) anonymt?|(?:alle )?${danishWorks} (?:rettes|vurderes|bedømmes) anonymt`, 'anonymous marking'],
  [`(?:ingen|ikke noen) plagiatkontroll?(?: foretas)?|(?:alle )?${danishWorks} (?:kontrolleres|tjekkes|sjekkes) ikke for plagiat`, 'no similarity check'], [`(?:alle )?${danishWorks} (?:sammenlignes|sammenliknes) (?:automatisk )?med andre tekster|(?:alle )?${danishWorks} (?:tjekkes|sjekkes) for plagiat`, 'similarity check: yes'],
  ['(?:du|dere|I) (?:kan|får) (?:bare|kun) (?:laste opp|levere|uploade|aflevere)(?: \\p{L}+)? (?:én|en) gang', 'upload once only'], [`(?:du|dere|I) har ${danishCount} forsøk|(?:du|I) har ${danishCount} forsøg`, '$1$2 attempts'],
  ['(?:du|dere|I) (?:kan|får|må) (?:laste opp|levere|bytte ut|uploade|aflevere)(?: \\p{L}+)? (?:så mange ganger (?:du|dere) vil|ubegrenset|så mange gange (?:du|I) vil)', 'Unlimited attempts'],
  ['(?:bare|kun) den (?:siste|nyeste|sist leverte|seneste|sidste)(?: (?:versjonen|version|udgave))? (?:teller|tæller|gjelder|gælder|vurderes|rettes)', 'last version counts'], ['(?:tidligere|alle) (?:versjoner|versioner) (?:lagres|beholdes|gemmes|blir lagret)', 'All versions kept'],
  [`${percent} (?:trekk|fradrag|træk) (?:per|pr\\.) (?:dag|døgn)`, 'late: -$1% per day'], [`(?:hver dags? (?:forsinkelse )?(?:koster|gir)|for hver dags? (?:forsinkelse )?trekkes(?: det)?) ${percent}(?: (?:trekk|fradrag))?`, 'late: -$1% per day'],
  [`(?:for )?(?:sene|forsinkede|forsinkete) (?:${danishWorks}) (?:godtas|modtages|rettes|vurderes|accepteres|aksepteres) ikke`, 'late work not accepted'],
  [`(?:etter|efter) ${danishCount} dag(?:er|e)? (?:godtas|vurderes|modtages|rettes|accepteres) ikke (?:den|det|\\p{L}+)`, 'zero after $1 days'], [`(?:etter|efter) ${danishCount} uker? (?:godtas|vurderes|rettes) (?:ikke )?(?:den|det|\\p{L}+)(?: ikke)?`, 'zero after $1*7 days'],
  ['(?:din|fristen din|din frist) (?:frist )?(?:er|har blitt) (?:forlenget|utsatt|forlænget|udsat) til(?: den)?(?= (?:\\p{L}+ (?:den )?)?\\d)', 'Own extension until'],
  ['(?:med )?(?:sidetall|sidetal)(?=[.,;]|$)|nummerer sidene|nummerér siderne', 'page numbers'], ['(?:legg ved|vedlegg|vedhæft) (?:en )?(?:signert|undertegnet|underskrevet) (?:erklæring|egenerklæring)', 'signed declaration'],
  ['filnavnet (?:skal|må) ikke inneholde navnet ditt|filnavnet må ikke indeholde dit navn', 'no names in file name'], [`filnavnet (?:skal|må) være kandidatnummer(?:et)?(?: ditt)?,? (?:og|fulgt av|etterfulgt av) ${tail}${shown}`, 'File name: [candidate number]$1$2'],
  [String.raw`(?:alle )?rapportene (?:vurderes|rettes|bedømmes) anonymt`, 'anonymous marking'],
  [`for hver dag (?:for sent|forsinket) trekkes(?: det)? ${percent}`, 'late: -$1% per day'],
  [String.raw`(?:teksten|oppgaven|rapporten|opgaven) (?:skal|må|kan) ikke overstige(?= \d)`, 'max.'],
  [String.raw`filen (?:kan|skal|må) ikke være (?:større|over) (?:enn|end)(?= \d)`, 'max.'],
  [String.raw`dobbel(?:t)? linjeavstand`, 'double line spacing'],
  [String.raw`(\d+) til (\d+)(?= (?:sider|ord))`, '$1-$2'],
  [String.raw`(?:levering|innlevering|aflevering) er mulig fra(?: den)?${loneDay}`, 'Opens:'],
  [String.raw`hver ny (?:versjon|version) erstatter den (?:forrige|gamle|tidligere)`, 'last version counts'],
  [`(?:du|dere|I) (?:kan|får|må) (?:levere|aflevere) ${danishCount} gang(?:er|e)`, '$1 attempts'],
  [String.raw`(?:du|dere|I) har fått utsettelse til(?: den)?(?= \d)`, 'Own extension until'],
  // Short lines of sheets: kinds, lengths, names, declarations.
  ['(?:vi|jeg) (?:tar imot|modtager|godtar|godtager|accepterer|aksepterer) (Word|DOCX|PDF|ODT)-? (?:og|eller) (Word|DOCX|PDF|ODT)-?(?:filer|dokumenter|format)', '$1 or $2 file'], ['(?:teksten|oppgaven|opgaven|besvarelsen|rapporten) (?:kan|må|skal) (?:højst )?(?:være|fylde) (?:på )?(?:inntil|op til|opptil|høyst|højst|maks\\.?) (\\d[\\d. ]*\\d) ord', 'max. $1 words'],
  ['(?:minst|mindst) (\\d{1,3}) og (?:høyst|højst|maks\\.?) (\\d{1,3}) sider', '$1-$2 pages'], ['(?:minst|mindst) (\\d[\\d. ]*\\d) og (?:høyst|højst|maks\\.?) (\\d[\\d. ]*\\d) ord', '$1-$2 words'],
  ['ikke skriv (?:navnet ditt|ditt navn) i filnavnet', 'No names in file name'], ['(?:ingen|intet) navn(?:e)? i filnavnet', 'No names in file name'], ['ikke skriv (?:navnet ditt|ditt navn)(?: (?:på|i) (?:oppgaven|besvarelsen|forsiden|teksten|første side))?', 'anonymous, no name'], ['(?:ingen|intet) navn(?:e)? på (?:oppgaven|opgaven|besvarelsen|forsiden|rapporten)', 'anonymous, no name'],
  ['(?:en )?(?:signert |underskrevet |undertegnet )?(?:egen)?erklæring (?:skal|må) (?:legges ved|vedlægges|vedlegges|følge med)', 'add a signed declaration'], ['(?:husk|glem ikke) (?:egen)?erklæringen(?: om (?:selvstændigt|selvstendig|eget) arbe(?:jde|id))?', 'add a signed declaration'],
  ['gi filen (?:kandidatnummeret|eksamensnummeret) ditt som navn|filnavn ?: ?(?:dit |ditt )?(?:kandidatnummer|eksamensnummer)', 'File name contains candidate number'], ['gi filen studentnummeret ditt som navn|filnavn ?: ?(?:dit |ditt )?(?:studentnummer|studienummer)', 'File name contains student number'],
  [String.raw`som én PDF-?fil|som en samlet PDF-?fil|som én samlet PDF`, 'as one PDF'],
  [String.raw`(?:filen|filnavnet) (?:navngives|navngis|gis navn|skal navngives|skal hete|skal være) (?:med |efter |etter )?(?:eksamensnummeret|kandidatnummeret|dit eksamensnummer|ditt kandidatnummer)`, 'File name contains candidate number'],
  [String.raw`(?:du|I|man) (?:kan|må) (?:aflevere|levere|uploade|laste opp) (?:flere gange|flere ganger|så mange gange|så mange ganger)`, 'unlimited uploads'],
];
