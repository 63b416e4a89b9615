import type { NameField } from '../model/brief.ts';

/** What a rule for file names may call a field; `_`, `-` and blanks between the words are all the same, and so are capitals. Compiled by hand. */
export const fieldWords: readonly (readonly [NameField | 'anyName' | 'anyNumber' | 'wordCount', readonly string[]])[] = [
  ['studentNumber', ['student (?:id(?:entification)?(?: (?:number|no\\.?|code|card number))?|numbers?|no\\.?|num|nr\\.?|code|reg(?:istration)?(?: (?:number|no\\.?))?|#)', '(?:registration|matriculation|matric(?:ulation)?\\.?|enrol(?:l)?ment|roll|reg\\.?|matr\\.?|university|college|campus|library card|urn|p|k) (?:number|no\\.?|nr\\.?|id|num|code)', 'matrikel(?:nummer|nr\\.?)', 'matric(?:ulation)?(?: id)?', 'id(?:entification)? (?:number|no\\.?|code)', 'id', 'sid', 'numéro (?:d[’\']?)?étudiant', 'número de (?:estudiante|alumno|matrícula)', 'matricola', 'studentnummer']],
  ['candidateNumber', ['(?:candidate|cand\\.?|exam(?:ination)?s?|anonymous(?: (?:marking|exam))?|anonymity|blind (?:grading|marking)) (?:number|no\\.?|nr\\.?|code|id|identifier|key)', 'candidate']],
  ['surname', ['(?:last|family|second|sur) names?', 'surnames?', '(?:nach|familien)name', 'nom(?: de famille)?', 'apellidos?', 'cognome', 'achternaam', 'student surname']],
  ['givenNames', ['(?:first|given|fore|christian) names?', 'forenames?', 'vorname', 'prénom', 'nombre', 'nome', 'voornaam']],
  ['initials', ['(?:first |given |your )?(?:name )?initials?']], ['username', ['(?:it |network |university |login |account )?user (?:names?|id)', '(?:network|login|net|account|computing|it) (?:id|name)', 'login', 'account']],
  ['courseCode', ['(?:course|unit|module|class|subject|lesson|paper|kurs|modul) (?:code|number|no\\.?|name|id|abbreviation)', 'course', 'unit', 'module', 'class', 'subject', 'lesson']],
  ['title', ['(?:short |full )?(?:paper|essay|assignment|assessment|coursework|work|report|project|dissertation|thesis) (?:title|name)', '(?:short |full )?title(?: of (?:the )?(?:paper|essay|work|report))?', 'essay', 'assignment', 'titel']], ['part', ['part', 'section', 'task', 'week', '(?:assignment|essay|task|part|week|exercise|question|coursework|group|team|pair|tutorial|seminar|lab|section) (?:number|no\\.?|name|letter)']], ['date', ['(?:submission |hand-in |today[’\']s )?date(?: of (?:submission|hand-in))?', '(?:y{2,4}|mm|dd)(?:[-._]?(?:y{2,4}|mm|dd)){2}']],
  ['wordCount', ['word ?counts?', 'number of words', 'words']],
  ['anyName', ['(?:full |student |author )?names?', 'name of (?:the )?(?:student|author)', 'student']],
  // Figures that stand for the reader's own.
  ['anyNumber', ['[a-z]?12345\\d{0,5}', '0{5,10}', '9{5,10}', '1{5,10}', 'x{4,10}', '#{4,10}', 'n{5,10}']],
];
/** Words that mean a field only where brackets set them apart, or beside each other: “Last_First”. */
export const bracketedWords: readonly (readonly [NameField, readonly string[]])[] = [['surname', ['last', 'family', 'sur']], ['givenNames', ['first', 'given', 'fore']], ['studentNumber', ['number', 'no\\.?']]];
