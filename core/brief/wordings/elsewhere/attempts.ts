import type { Sayings } from './sayings.ts';

/** How often a paper may be handed in, and which of several counts, in the languages here. None of these words is English, so that one table serves all. Compiled by hand. */

const figures = '(\\d{1,2}|zwei|drei|vier|fünf|deux|trois|quatre|cinq|dos|tres|cuatro|cinco|due|tre|quattro|cinque|duas?|dois|três|quatro|twee|drie|vier|vijf|två|fyra|fem|to|fire)';
const once = [
  '(?:die|jede|eine) (?:Abgabe|Einreichung) ist (?:endgültig|final|verbindlich)', 'nach der (?:Abgabe|Einreichung) (?:sind|ist) (?:keine (?:Änderungen?|Korrekturen?)(?: mehr)? möglich|ein(?:e)? (?:Austausch|Änderung) nicht (?:mehr )?möglich)',
  '(?:tout|le|chaque) dépôt (?:est|sera) définitif', '(?:toute|la|chaque) remise (?:est|sera) définitive', 'aucune modification (?:n[’\']est|ne sera) (?:possible|acceptée) après (?:le dépôt|la remise|l[’\']envoi)',
  '(?:la|toda|cada) entrega (?:es|será) (?:definitiva|única)', 'una vez entregado,? no (?:se )?(?:puede|podrá) (?:modificarse|modificar|cambiarse)', '(?:la|ogni) consegna (?:è|sarà) definitiva', 'dopo la consegna non (?:è|sarà) (?:più )?possibile modificar\\p{L}+(?: il file)?',
  '(?:a|cada|toda a) (?:entrega|submissão) (?:é|será) definitiva', '(?:je |de |een )?(?:inlevering|inleveren) is definitief', 'na (?:het )?inleveren (?:kun je|kunt u|kan) (?:niets|niet) (?:meer )?(?:wijzigen|gewijzigd worden)',
  'inlämningen är (?:definitiv|slutgiltig)', '(?:du|man|ni) kan (?:bara|endast) lämna in en gång', 'endast en inlämning(?: är tillåten| tillåts)?', '(?:afleveringen|innleveringen) er endelig', '(?:du|man|I) kan (?:kun|bare) (?:aflevere|levere(?: inn)?|laste opp|uploade) (?:én|en|1) gang', 'kun én (?:aflevering|innlevering)(?: er (?:tilladt|tillatt))?',
].join('|');
const unlimited = [
  'die (?:An)?[Zz]ahl der (?:Abgaben|Versuche|Einreichungen) ist (?:nicht begrenzt|unbegrenzt)', 'unbegrenzt viele (?:Abgaben|Versuche|Einreichungen)', 'le nombre de (?:dépôts|remises|tentatives) (?:n[’\']est pas limité|est illimité)', '(?:dépôts|tentatives) illimité[e]?s', 'el número de (?:entregas|intentos) (?:es ilimitado|no está limitado)', '(?:entregas|intentos) ilimitad[oa]s',
  'il numero (?:di|delle|dei) (?:consegne|tentativi) (?:è illimitato|non è limitato)', '(?:consegne|tentativi) illimitat[ei]', 'o número de (?:entregas|tentativas|submissões) (?:é ilimitado|não é limitado)', '(?:entregas|tentativas|submissões) ilimitadas', 'het aantal (?:inleveringen|pogingen) is (?:onbeperkt|niet beperkt)', 'onbeperkt aantal (?:inleveringen|pogingen)',
  'antalet (?:inlämningar|försök) är (?:obegränsat|inte begränsat)', 'obegränsat antal (?:inlämningar|försök)', 'antallet af (?:afleveringer|forsøg) er (?:ubegrænset|ikke begrænset)', 'ubegrænset antal (?:afleveringer|forsøg)', 'antall (?:innleveringer|forsøk) er (?:ubegrenset|ikke begrenset)', 'ubegrenset antall (?:innleveringer|forsøk)',
].join('|');
const latest = [
  '(?:es )?(?:gilt|zählt)(?: nur| allein)? (?:die|der|das) (?:zuletzt (?:hochgeladene|eingereichte|abgegebene)|jüngste|neueste) (?:Version|Datei|Fassung|Abgabe)', '(?:die|eine) neue (?:Abgabe|Datei|Version) (?:ersetzt|überschreibt) die (?:alte|vorige|vorherige|frühere)',
  '(?:seul )?le dernier (?:fichier|document|devoir|travail|dépôt)(?: déposé| remis)? (?:fait foi|compte|est pris en compte|sera (?:corrigé|pris en compte))', '(?:le|tout) nouveau (?:fichier|dépôt) (?:remplace|écrase) (?:l[’\']ancien|le précédent)',
  '(?:solo )?(?:vale|cuenta|se (?:corrige|califica|tiene en cuenta)) (?:solo )?(?:el último (?:archivo|fichero|trabajo)|la última (?:entrega|versión))(?: entregad[oa]| subid[oa])?', '(?:la|cada) nueva (?:entrega|versión) (?:sustituye|reemplaza) (?:a )?la anterior',
  '(?:vale|conta|fa fede|viene (?:corrett|valutat)a)(?: solo| soltanto)? l[’\']ultim[oa] (?:versione|consegna|file|elaborato)(?: caricat[oa])?', '(?:la|ogni) nuova (?:consegna|versione) sostituisce (?:la|quella) precedente',
  '(?:a|cada) nova (?:entrega|versão|submissão) substitui a anterior', 'o último ficheiro (?:conta|é o que conta|será avaliado)', '(?:de|een|elke) nieuwe (?:versie|inlevering) (?:vervangt|overschrijft) de (?:oude|vorige|eerdere)', '(?:alleen )?de laatst ingeleverde versie (?:telt|wordt beoordeeld)',
  '(?:den |en |varje )?ny(?:a)? (?:version|inlämning|fil)(?:en)? ersätter den (?:gamla|förra|tidigare)', '(?:endast )?den senaste (?:versionen|inlämningen|filen) (?:gäller|räknas|bedöms)', '(?:den|en) nye? (?:version|aflevering|fil|versjon|innlevering)(?:en)? erstatter den (?:gamle|forrige|tidligere)', '(?:kun |bare )?den (?:seneste|sidste|siste|nyeste) (?:version|aflevering|fil|versjonen?|innleveringen?|filen)(?:en)? (?:gælder|tæller|bedømmes|teller|gjelder|vurderes)',
].join('|');
const all = [
  '(?:frühere|ältere|alle|vorherige) (?:Versionen|Fassungen|Abgaben) (?:bleiben|werden) (?:erhalten|gespeichert|einsehbar|aufbewahrt|archiviert)', '(?:les|toutes les) (?:anciennes )?versions(?: précédentes| antérieures)? (?:sont|restent|seront) (?:conservées|archivées|accessibles|enregistrées)', '(?:las|todas las) versiones(?: anteriores)? (?:se conservan|se guardan|quedan (?:guardadas|registradas)|se archivan)',
  '(?:le|tutte le) versioni(?: precedenti)? (?:sono|vengono|restano|rimangono) (?:conservate|archiviate|salvate|visibili)', '(?:eerdere|alle|vorige) versies (?:blijven|worden) (?:bewaard|beschikbaar|zichtbaar|opgeslagen)', '(?:tidigare|alla|äldre) versioner (?:sparas|behålls|finns kvar|arkiveras)', '(?:tidligere|alle) (?:versioner|versjoner) (?:gemmes|bevares|lagres|beholdes|arkiveres)',
].join('|');

export const attemptsElsewhere: Sayings = [
  ['(?:ein )?einmaliges (?:Ersetzen|Austauschen) (?:der|des) \\p{L}+ (?:ist )?(?:bis zu[rm] \\p{L}+ |vor \\p{L}+ )?(?:ist )?(?:möglich|erlaubt|zulässig)|(?:die Datei|die Arbeit) (?:kann|darf) einmal (?:ersetzt|ausgetauscht) werden|le fichier peut être remplacé une (?:seule )?fois|el archivo puede (?:sustituirse|reemplazarse) una (?:sola )?vez|il file può essere sostituito una (?:sola )?volta|het bestand (?:mag|kan) (?:één|een) keer (?:worden )?vervangen(?: worden)?|filen (?:får|kan|må) (?:bytas ut|udskiftes|erstattes|byttes ut) (?:en|én) gång?', 'One replacement is allowed'],
  [once, 'upload once only'], [unlimited, 'unlimited attempts'], [latest, 'last version counts'], [all, 'All versions kept'],
  [`${figures} (?:Abgaben|Abgabeversuche|Hochladeversuche)(?: (?:sind )?(?:möglich|erlaubt|maximal))?|${figures} (?:dépôts|tentatives|essais) (?:au maximum|possibles|autorisés|autorisées|permis)|(?:hay|se permiten|dispone de|tiene) ${figures} (?:intentos|entregas)|(?:sono (?:consentit[ei]|ammess[ei])|ci sono|avete|si hanno) ${figures} (?:tentativi|consegne)|(?:je hebt|u hebt|er zijn) ${figures} pogingen|(?:du har|ni har|det finns) ${figures} försök|(?:du har|der er|det er) ${figures} (?:forsøg|forsøk)`, '$1$2$3$4$5$6$7 attempts'],
];
