import type { NameField } from '../model/brief.ts';

/** What a rule for file names may call a field; `_`, `-` and blanks between the words are all the same, and so are capitals. Compiled by hand. */
export const fieldWords: readonly (readonly [NameField | 'anyName' | 'anyNumber' | 'wordCount', readonly string[]])[] = [
  ['studentNumber', ['student (?:id(?:entification)?(?: (?:number|no\\.?|code|card number))?|numbers?|no\\.?|num|nr\\.?|code|reg(?:istration)?(?: (?:number|no\\.?))?|#)', '(?:reg(?:istration|istr|n)?\\.?|mat(?:r(?:ic(?:ulation)?|ik)?)?\\.?|enrol(?:l?ment|l)?|roll|stud\\.?|university|college|campus|library card|urn|id|p|k) (?:number|no\\.?|nr\\.?|nbr\\.?|id|num|code)', 'matrikel(?:nummer|nr\\.?)?', 'mat(?:r(?:ikel)?)?\\.? nr\\.?', 'matric(?:ulation)?(?: id)?', 'id(?:entification)? (?:number|no\\.?|code)', 'id', 'sid', 'numéro (?:d[’\']?)?étudiante?', 'n[°º] (?:d[’\']?)?étudiante?', 'numéro (?:de )?matricule', 'matricule', 'numero di matricola', 'stud(?:ie|ent)nr\\.?', 'studienummer', 'opiskelijanumero', 'numer albumu', 'nr albumu', 'n[uú]mero (?:de |do )?(?:estudiante|aluno?|alumno|matr[ií]cula)', 'matr[ií]cula', 'uid', 'matricola', 'studentnummer']],
  ['candidateNumber', ['(?:candidate|cand\\.?|exam(?:ination)?s?|anon\\.?|anonymous(?: (?:marking|exam))?|anonymity|blind (?:grading|marking)) (?:number|no\\.?|nr\\.?|nbr\\.?|num|code|id|identifier|key)', 'candidate']],
  ['surname', ['(?:last|family|fam|second|sur|l|s) names?', 'surnames?', '(?:nach|familien)name', 'nom(?: de famille)?', 'apellidos?', 'apelido', 'cognome', 'achternaam', 'e(?:fter|tter)na(?:mn|vn)', 'sukunimi', 'nazwisko', 'student surname']],
  ['givenNames', ['(?:first|given|fore|christian|f) names?', 'forenames?', 'vorname', 'pr[ée]nom', 'nombre', 'nome', 'voornaam', 'f[öo]rnam', 'f[öo]rna(?:mn|vn)', 'etunimi', 'imię']],
  ['initials', ['(?:first |given |your )?(?:name )?initials?']], ['username', ['(?:it |network |university |login |account )?user (?:names?|id)', '(?:network|login|net|account|computing|it) (?:id|name)', 'login', 'account']],
  ['courseCode', ['(?:course|unit|module|class|subject|lesson|paper|kurs|modul) (?:code|number|no\\.?|name|id|abbreviation)', 'course', 'unit', 'module', 'class', 'subject', 'lesson']],
  ['title', ['(?:short |full )?(?:paper|essay|assignment|assessment|coursework|work|report|project|dissertation|thesis) (?:title|name)', '(?:short |full )?title(?: of (?:the )?(?:paper|essay|work|report))?', 'essay', 'assignment', 'titel', 'kurztitel', 'título', 'titre']], ['part', ['part', 'section', 'task', 'week', '(?:assignment|assessment|essay|task|part|week|exercise|question|coursework|group|team|pair|tutorial|seminar|lab|section) (?:number|no\\.?|name|letter)']], ['date', ['(?:submission |hand-in |today[’\']s )?date(?: of (?:submission|hand-in))?', '(?:y{2,4}|mm|dd)(?:[-._]?(?:y{2,4}|mm|dd)){2}']],
  ['wordCount', ['word ?counts?', 'number of words', 'words']],
  ['anyName', ['(?:full |student |author )?names?', 'name of (?:the )?(?:student|author)', 'student']],
  // Figures that stand for the reader's own.
  ['anyNumber', ['[a-z]?12345\\d{0,5}', '0{5,10}', '9{5,10}', '1{5,10}', 'x{4,10}', '#{4,10}', 'n{5,10}', 'number', '[a-z] number']],
];
/** Words that mean a field only where brackets set them apart, or beside each other: “Last_First”. */
export const bracketedWords: readonly (readonly [NameField, readonly string[]])[] = [['surname', ['last', 'family', 'sur']], ['givenNames', ['first', 'given', 'fore']], ['studentNumber', ['number', 'no\\.?', 'n[uú]mero', 'nummer']]];
/** Words for what only the assignment or the reader knows, by what they look like: “YYYY”, “Surname1_Surname2”, “Gruppe”. */
export const openWords: readonly (readonly [string, string])[] = [
  ['y{4}|year|jahr|année|año', '(?:19|20)?\\d{2}'], ['semester|term', '[\\p{L}\\p{N}]{1,12}'], ['program(?:me)?|degree|versuch|kurs|gruppe|groupe|grupo', '[\\p{L}\\p{N} -]{1,40}'], ['(?:centre|center) (?:no\\.?|number)', '\\d{2,8}'],
  // Of two students.
  ['(?:sur ?names?|last ?names?|names?|nachname|apellidos?|nom|member|student|author)[1-4]', "[\\p{L}\\p{M}'’ .-]+?"], ['(?:matr(?:ikel)?\\.? nr\\.?|(?:student )?(?:number|id|no\\.?))[1-4]', '[A-Za-z]{0,3}\\d{4,12}[A-Za-z]?'],
];
