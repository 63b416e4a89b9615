/** Words by which a wording is taken for French or Spanish; four of them and more. */
const frenchSigns = /(?<!\p{L})(?:le|la|les|des|du|est|sont|sera|seront|une|pour|avec|votre|vos|pages?|mots|copies?|rendre|remise|dépôt|déposer|devoir|fichier|format|maximum|avant|au|sur)(?!\p{L})/giu;
const spanishSigns = /(?<!\p{L})(?:el|la|los|las|del|es|son|será|serán|una|para|con|su|páginas|palabras|entrega|trabajos?|archivo|formato|máximo|hasta|antes|no|por|tarea|plazo)(?!\p{L})/giu;
const isWrittenIn = (wording: string, signs: RegExp, telling: RegExp): boolean => telling.test(wording) && new Set((wording.slice(0, 20_000).match(signs) ?? []).map((w) => w.toLowerCase())).size >= 4;

type Phrases = readonly (readonly [string, string])[];
/** What departments ask for in French, by what it is in English; the English is never the longer one, so that places in the wording stay. Compiled by hand. */
const french: Phrases = [
  ['(?:les )?(?:travaux|devoirs|copies|dossiers) (?:rendus?|remis|déposés?|rendues|remises|déposées) (?:en retard|hors délai) ne seront pas (?:acceptée?s|corrigée?s|notée?s|évaluée?s)|aucun (?:retard|devoir en retard|travail en retard|dépôt tardif) ne sera (?:accepté|toléré|admis)|aucune copie en retard ne sera acceptée', 'late work is not accepted'],
  ['tout retard (?:sera|est) (?:sanctionné|pénalisé) (?:de |d[’\'])(?:un|1) points? par jour', 'late work: -1 point per day'], ['tout retard (?:sera|est) (?:sanctionné|pénalisé) de deux points par jour', 'late work: -2 points per day'], ['tout retard (?:sera|est) (?:sanctionné|pénalisé) de(?= \\d)', 'late work: minus'], ['(?<=\\d )points? par jour(?: de retard)?', 'points per day'], ['(?:un|1) point de moins par jour de retard', 'late: -1 point per day'], ['(?:un|1) point de moins par jour', '-1 point per day'], ['(?:deux|2) points de moins par jour(?: de retard)?', '-2 points per day'], ['par jour de retard', 'per day late'],
  ['un seul (?:dépôt|envoi|essai)(?: (?:est|sera))?(?: (?:possible|autorisé|accepté))', 'upload once only'], ['(?:nombre de dépôts|dépôts) illimités?|autant de fois que (?:vous le souhaitez|nécessaire)', 'unlimited uploads'], ['seule la dernière version (?:déposée )?(?:sera|est) (?:corrigée|évaluée|notée|prise en compte)|seul le dernier (?:dépôt|fichier) (?:sera|est) (?:corrigé|évalué|noté|pris en compte)', 'only the last version is marked'],
  ['copies? anonymes?|correction anonyme|anonymat des copies', 'marked blind'], ['(?:n[’\']écrivez|ne mettez|n[’\']indiquez) pas votre nom', 'anonymous, no name'], ['n[’\']indiquez que votre numéro d[’\']étudiant', 'student number, no name'],
  ['compte[- ]rendu de lecture', 'review'], ['fiche de lecture', 'review'], ['corps(?= \\d)', 'size'], ['attestation (?:de non-plagiat|sur l[’\']honneur|d[’\']originalité)(?: signée)?', 'signed declaration'],
  ['(?:(?:sera|seront) )?(?:soumis(?:e?s)?|passée?s|analysée?s) (?:à|par) un logiciel (?:de détection )?(?:de|des) similitudes?', 'similarity checked'],
  ['(?:vérifiée?s|contrôlée?s|analysée?s) par un logiciel (?:anti-?plagiat|de détection du plagiat)|logiciel (?:anti-?plagiat|de détection (?:du|de) plagiat)', 'similarity checked'], ['déclaration (?:sur l[’\']honneur|de non-plagiat|d[’\']originalité)(?: signée)?', 'signed declaration'],
  ['taille maximale(?: du fichier)?', 'maximum size'], ['(?<=\\d\\s?)Mo', 'MB'], ['(?<=\\d\\s?)Go', 'GB'], ['(?<=\\d\\s?)Ko', 'KB'], ['longueur', 'length'], ['(?<=\\d)\\s+mots', 'words'], ['entre(?= \\d)', ''], ['(?<=\\d)\\s+et(?=\\s[\\d \\u00a0.]{1,7}\\s?(?:mots|words|pages))', ' to'], ['(?<=\\d)\\s+à(?=\\s[\\d \\u00a0.]{1,7}\\s?(?:mots|words|pages))', '-'], ['pour le(?= (?:(?:lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche) )?\\d)', 'due by'], ['(?<=(?:PDF|Word|docx|ODT),? )ou(?= (?:PDF|Word|docx|ODT))', 'or'], ['(?:selon les )?normes(?= [A-Z])', 'style'], ['au maximum|maximum', 'maximum'], ['au minimum', 'minimum'],
  ['notes (?:de bas de page )?(?:comprises|incluses)', 'incl. notes'], ['hors (?:la )?bibliographie et annexes', 'excl. references, appendix'], ['hors (?:la )?bibliographie', 'excl. references'], ['hors annexes', 'excl. annex'], ['un seul fichier', 'a single file'],
  ['(?:merci de |veuillez )?nomme[rz] (?:votre|le) fichier', 'filename'], ['nom du fichier', 'filename'], ['interligne simple', 'single spaced'], ['(?:vous )?(?:pouvez|pourrez) déposer plusieurs versions(?=[^.]{0,6}seule la dernière)', 'unlimited uploads'], ['seule la dernière (?:sera|est) (?:corrigée|évaluée|notée|prise en compte)', 'only the last is marked'], ['numéro d[’\']étudiant', 'student number'], ['police', 'font'], ['marges', 'margin'], ['double interligne', 'double spaced'], ['pages numérotées', 'page numbers'],
  ['(?:dans|via|sur) (?:l[’\']espace(?: de dépôt)?|le dossier|la rubrique|l[’\']onglet|le dépôt)(?=\\s{1,3}[«“"])', 'in the box'],
];
/** The same for Spanish. */
const spanish: Phrases = [
  ['no se (?:admitirán|aceptarán|admiten|aceptan) (?:entregas|trabajos) (?:por correo electrónico ni )?(?:fuera de plazo|con retraso|tardí[oa]s)|no se (?:admitirán|aceptarán) (?:entregas|trabajos) después de(?:l plazo| la fecha)', 'late work is not accepted'],
  ['(?:se (?:restará|descontará|penalizará con) )(?:un|1) punto por (?:cada )?día(?: de retraso)?', 'late: -1 point per day'], ['(?<=\\d )puntos por (?:cada )?día(?: de retraso)?', 'points per day'], ['por (?:cada )?día de retraso', 'per day late'],
  ['(?:solo|sólo|únicamente) se (?:permite|admite) (?:un|una) (?:único |sola? )?(?:envío|entrega|intento)|un (?:único|solo) (?:envío|intento)', 'once only'], ['(?:envíos|intentos|entregas) ilimitad[oa]s', 'unlimited uploads'], ['(?:solo|sólo) se (?:calificará|corregirá|evaluará|tendrá en cuenta) (?:la última versión|el último envío)(?: entregada| recibido)?', 'only the last version is marked'],
  ['(?:la )?(?:corrección|evaluación|calificación) (?:es|será) anónima', 'marked blind'], ['de forma anónima', 'marked blind'], ['no (?:escrib|pong|incluy|indiqu)[ae]s? (?:tu|su) nombre', 'anonymous, no name'],
  ['(?:serán|son|será|es) (?:analizad[oa]s?|revisad[oa]s?|comprobad[oa]s?) (?:con|mediante|por) (?:una herramienta|un programa|un software|software) anti-?plagio', 'will be similarity checked'], ['declaración (?:jurada|de autoría|de originalidad|responsable) firmada', 'signed declaration'], ['se (?:revisarán|analizarán|comprobarán|pasarán) (?:con|mediante|por) (?:una herramienta|un programa|un software|software) anti-?plagio', 'are similarity checked'], ['sin (?:contar|incluir) (?:la )?bibliografía ni (?:los )?anexos', 'excl. references, annexes'], ['declaración (?:jurada|de autoría|de originalidad)(?: firmada)?', 'declaration'],
  ['tamaño máximo(?: del (?:archivo|fichero))?', 'max. size'], ['extensión(?= máxima)', 'length'], ['extensión(?=\\s*:)', 'length'], ['(?<=\\d\\s)páginas', 'pages'], ['(?<=\\d\\s)palabras', 'words'], ['entre(?= \\d)', ''], ['(?<=\\d)\\s+[ya](?=\\s[\\d.]{1,6}\\s(?:pal|pág|page|word))', '-'], ['(?<=(?:PDF|Word|docx|ODT),? )o(?= (?:PDF|Word|docx|ODT))', '/'], ['formato(?=\\s*:)', 'format'], ['interlineado doble', 'double spaced'], ['interlineado (?:sencillo|simple)', 'single spaced'], ['citas (?:según|en)(?: formato| estilo)?', 'citation'], ['(?:según )?las normas', 'style'], ['como máximo|máximo|máxima', 'max.'], ['como mínimo|mínimo', 'min.'],
  ['excluid[oa]s? (?:la )?bibliografía', 'excl. references'], ['sin (?:contar )?(?:la )?bibliografía', 'no references'], ['interlineado', 'line spacing'], ['márgenes', 'margins'], ['letra|fuente', 'font'], ['páginas numeradas', 'page numbers'], ['un (?:único|solo) archivo', 'one file'],
  ['nombre del (?:archivo|fichero)', 'filename'], ['número de (?:estudiante|expediente|matrícula)', 'student number'], ['hora peninsular', 'Madrid time'],
  ['(?:(?:en|a través de|mediante) (?:la (?:tarea|carpeta|sección|actividad)|el (?:buzón|apartado|espacio))|a través del (?:buzón|apartado|espacio))(?=\\s{1,3}[«“"])', 'in the box'],
];
const patternsOf = (phrases: Phrases): readonly [RegExp, string][] => phrases.map(([other, english]) => [new RegExp(`(?<![\\p{L}_])(?:${other})(?![\\p{L}_])`, 'giu'), english]);
const tongues = [{ signs: frenchSigns, telling: /(?<!\p{L})(?:dépôt|déposer|remise|rendre|rendu|devoirs?|mots|fichier|étudiante?s?)(?!\p{L})/iu, phrases: patternsOf(french) }, { signs: spanishSigns, telling: /(?<!\p{L})(?:entregas?|páginas|palabras|archivo|fichero|trabajos?|plazo)(?!\p{L})/iu, phrases: patternsOf(spanish) }];

/** A French or Spanish wording with its telling words in English and every letter of the rest in its place; others as they are. */
export function romanceAsEnglish(wording: string): string {
  const tongue = tongues.find(({ signs, telling }) => isWrittenIn(wording, signs, telling));
  if (!tongue) return wording;
  // Marks of quotation with their inner spaces.
  let text = wording.replace(/«[ \u00a0]/g, ' “').replace(/[ \u00a0]»/g, '” ').replace(/«/g, '“').replace(/»/g, '”');
  for (const [other, english] of tongue.phrases) text = text.replace(other, (found) => {
    if (english.length > found.length) return found;
    // What begins a sentence goes on beginning one.
    return (/^\p{Lu}/u.test(found) ? english.replace(/^\p{Ll}/u, (c) => c.toUpperCase()) : english).padEnd(found.length, '\u00a0');
  });
  return text;
}
