import type { NameField } from '../model/brief.ts';
import { isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';
import { aboutFileNames } from './wordings/naming.ts';
import { explainedName } from './explained-names.ts';
import { introducedName } from './introduced-names.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** What identifies a student, as departments call it. Registration, matriculation and roll numbers are student numbers; exam numbers are candidate numbers. */
const fieldWords: readonly [RegExp, NameField][] = [
  [/\b(?:your)?(?:candidate|cand|exam(?:ination)?)[\s_-]?(?:number|no\.?|code|id|#)\b|\bcandidateNumber\b|\banonym(?:ous|ity)[\s_-](?:(?:marking|grading)[\s_-])?(?:code|number|ID)\b|(?<![\p{L}])(?:pr(?:ü|ue)fungsnummer|anonymitetskod(?:en)?|kandidatnummer(?:et)?|eksamensnummer(?:et)?)(?![\p{L}])/iu, 'candidateNumber'],
  [/\b(?:reg(?:istration)?|matr)[\s_.-]{0,2}(?:no|nr|num)\b|\bid[\s_-]?number\b|\b(?:your)?(?:student|registration|matriculation|roll|enrol?ment|university|library card)[\s_-]?(?:ID(?: number)?|number|no\.?|#)|\bstudent ?(?:ID|code)\b|\bnumber (?:on|from) your (?:library|student|ID|university|campus) card\b|\bCID\b|\bmatricola\b|\bmatricule(?![a-z])|\bstudent(?:en)?nummer\b|\bstudie(?:nummer|nr)\b|\bnum[ée]ro[\s_-]?(?:d[’'])?[ée]tudiante?(?![a-z])|\bmatr[ií]cula(?=[_. -]|$)|\bn[uú]mero[_ ]?(?:do[_ ]?)?aluno(?![a-z])|(?<![a-z])n[uú]mero(?=[_ -](?:apelidos?|apellidos?|nome|nombre|sobrenome|cognome)(?![a-z]))|(?<=(?:apelidos?|apellidos?|nome|nombre|sobrenome|cognome)[_ -])n[uú]mero(?![a-z])|\bn[uú]mero[_ ]?(?:de[_ ]?)?(?:estudiante|alumno|aluno|matr[ií]cula|expediente)(?![a-z])|\bn[°º][_ ]?(?:d[’'])?[ée]tudiante?(?![a-z])|\bnum[ée]ro_?(?:d['’]?)?[ée]tudiant(?![a-z])|\b\d{1,2}-digit ID\b|(?<=\byour )ID\b(?= (?:in|as|to) (?:the|your) (?:file ?name|name of))|\bmatric(?:ulation)?[\s_]?(?:number|no\.?)|\bmatr\b\.?\s*no\b|\bmatrikel(?:[\s_-]?(?:nummer|nr\.?)|\b)|\bmat(?:r|rikel)?[\s_.-]?nr\b|\b(?:SID|ID number)\b|\bstudentNumber\b/i, 'studentNumber'],
  [/\b(?:surnames?|nachname|cognome|achternaam|efternamn|etternavn|efternavn|apellidos?\d?|apelido|sobrenome|nom(?=[\s_-]pr[ée]nom)|(?<=^)nom(?=[_ -](?!d[eu]s?\b|figure))|last[\s_-]?name|family[\s_-]?name|last(?=[\s_-]first\b))\b/i, 'surname'], [/\b(?:given|first|fore)[\s_-]?names?\b|\bfirst(?= and (?:last|family) names?\b)|\b(?:vorname|pr[ée]nom|nombre|voornaam|förnamn|fornamn|fornavn)\b|(?<=\b(?:cognome|apelido)[_ -])nome\b|\bnome(?=[_ -](?:cognome|apelido)\b)|(?<=\blast(?:[\s_-]?name)?[\s_-])first\b(?![\s_-]?initial)/i, 'givenNames'], [/\b(?:first ?)?initials?\b/i, 'initials'], [/\b(?:user[\s_-]?(?:name|id)|login|net ?id)\b/i, 'username'],
  [/\b(?:course|module|unit|class|subject|lesson|paper)[\s_-]?(?:code|(?<!paper[\s_-]?)(?:number|name|no\.?))\b/i, 'courseCode'], [/\b(?:assignment|essay|paper|assessment|coursework)[\s_-]?(?:title|name|number)\b|\b(?<!\bfile |\bwhose )(?:the )?title\b(?! page| (?:it|them|your)\b| of (?:your|the) (?:submission|file|document|upload)\b)/i, 'title'], [/\bpart number\b/i, 'part'], [/(?<!\b(?:due|closing|hand-?in|end|start|release) )\b(?:submission )?date\b/i, 'date'],
];
const ofStudent = String.raw`(?:the |your |any |either your )?(?:own )?(?:(?:student|registration|matriculation|matric|roll|enrol?ment|candidate|exam(?:ination)?|library card|university)(?:['’]s)? (?:ID(?: number)?|number|no\.|code)|(?:student|university) ID|(?:full |first |last |family |student['’]?s? )?name|surname|initials|username)s?`, nameOfFile = String.raw`(?:file ?names?|names? of (?:the|your|any|each) (?:files?|documents?)|titles? of (?:the|your) files?)`;
/** A detail that the name of the file must not have, said either way round. */
const refusedInName = new RegExp([
  String.raw`\b${nameOfFile}\s+(?:(?:must|should|may|can|shall)\s?(?:not|never)|cannot|(?:must|should|ca)n['’]t)\s+(?:contain|include|show|have|bear|carry|give|use|state|reveal|mention)\s+${ofStudent}(?=\s*(?:[,.;]|$|\bor\b|\band\b|\banywhere\b))`,
  String.raw`\b(?:do not|don['’]t|never|you (?:must|should|may) not)\s+(?:put|use|write|include|give|state|mention|show)\s+${ofStudent}\b[^.;:]{0,30}\b(?:in|including|include|even in|or in|nor in)\s+(?:the |your |any )?${nameOfFile}`,
  String.raw`\b${ofStudent}\s+(?:(?:must|should|may|can|shall)\s?(?:not|never)|cannot|(?:must|should)n['’]t)\s+(?:appear|be|stand|occur|feature|be used|be given|be mentioned)\b[^.;:]{0,24}\b${nameOfFile}`,
].join('|'), 'i'), contrasted = /\b(?:but|instead|only|rather|except|apart from|(?:number|ID|code) (?:goes|belongs|must go|should go|has to go) (?:in|into) the file ?name|(?<!\b(?:not|never|n['’]t) )use (?:your|the)|with your|just)\b|[:;–]/i;
/** How the details are shortened inside a name: “RegNumber”, “studnum”, “ExamNo”, “LName”. */
const shortened = /(?<![\p{L}\d])(?:((?:reg(?:n|istr|istration)?|matr(?:ic|ik|ikel|iculation)?|mat|stud(?:ent)?|roll|enrol(?:l|ment|lment)?|id) ?(?:no|num|nr|nbr|numb|number)|stud ?ID|reg ?ID|matric ?ID|SID)|((?:cand(?:idate)?|exam(?:ination)?|anon(?:ym(?:ous|ity))?) ?(?:no|num|nr|nbr|numb|number|ID|code))|(l(?:ast)? ?name|s ?name|fam ?name)|(f(?:irst)? ?name))(?![\p{L}])/giu;
/** Words of a name with blanks where its joints are. */
const spacedOut = (name: string): string => rewritten(name, [/([a-z])([A-Z])/g, '$1 $2'], [/your(?=name|user|login|net-?id|student|candidate|exam|surname|initials|last|first|family|group|matric|reg|number)/gi, 'your '], [/(?<![A-Za-z0-9]|(?:course|module|class|unit|group|paper|essay|net|user|exam|candidate|anonymous)[ _-]?)ID(?![A-Za-z0-9])/gi, 'ID number'], [/[_\-[\]<>{}.]/g, ' '], [/(name|number|nr)\d\b/gi, '$1'], [shortened, (_, ofStudentNumber?: string, ofExam?: string, last?: string) => (ofStudentNumber ? 'student number' : ofExam ? 'candidate number' : last ? 'last name' : 'first name')]);
const personalFieldsIn = (name: string): NameField[] => { const spaced = spacedOut(name); return fieldWords.flatMap(([words, field]) => (personal.has(field) && says(spaced, words) ? [field] : [])); };
const personal = new Set<NameField>(['candidateNumber', 'studentNumber', 'surname', 'givenNames', 'initials', 'username']);

/** “The initial of the given name” asks for a letter, not for the name. */
const letterOfName = /\b(?:initials?|first letters?) of (?:your |the |each |all )?(?:given|first|fore)[\s_-]?names?\b/gi;

export interface NamingRead { pattern: Statement<string>[]; mustContain: Statement<NameField>[]; mustNotIdentify: Statement<boolean>[] }

const refusal = /^["”’']?(?:\s*(?:[–—,;(-]|\band\b|\bbut\b))+\s*(?=(?:please )?(?:your (?:own |full |real )?(?:sur)?names?|the author['’]s names?|no (?:student |sur|last |first |real )?names?|do not|don['’]t|never|without|not your|(?:leave|keep|omit)(?: out)? your)\b)/i;
const bareRefusal = /^(?:without|not|no|(?:leave|keep) out|omit|(?:do not|don['’]t|never) use) (?:your |any )?(?:own |full |real |sur|last |first |family )?names?(?:,? please)?\W*$|^(?:leave|keep) your (?:own |full )?name out(?: of it)?\W*$/i;
/** “Call it FP_<number>.pdf – your name should appear neither in the file name nor in the document.”: what the name is, and what it is not, one after the other. */
function apartFromRefusal(clause: Clause): Clause[] {
  const named = says(clause.text, /\b(?:name|named|call|called|save|saved|title)\b/i) && /\b(?:sur)?names?\b/i.test(clause.text) ? findPattern(clause) : null, rest = named ? clause.text.slice(named.end - clause.start) : '', parted = firstIn(rest, refusal);
  if (!named || !parted || !/\b(?:sur)?names?\b/i.test(rest) || /[_<[]/.test(rest)) return [clause];
  const at = named.end - clause.start + parted[0].length;
  return [{ ...clause, text: clause.text.slice(0, named.end - clause.start), end: named.end }, { ...clause, text: clause.text.slice(at), start: clause.start + at }];
}
/** The rule for the file's name: a pattern, details it must carry, or that it must not identify. Only the name of the file counts here. */
export function readNaming(said: Clause[]): NamingRead {
  const out: NamingRead = { pattern: [], mustContain: [], mustNotIdentify: [] }, clauses = said.flatMap(apartFromRefusal);
  // “File name: exam number_report. No surnames!”
  said.forEach((clause, i) => { const before = said[i - 1]; if (before && says(clause.text.replace(/^\W+/, ''), bareRefusal) && says(before.text, aboutFileNames)) out.mustNotIdentify.push({ value: true, start: clause.start, end: clause.end, override: isCorrection(clause) }); });
  // “… (without your name)”, right behind the name.
  for (const clause of said) { const [, behind] = apartFromRefusal(clause); if (behind && says(behind.text, bareRefusal)) out.mustNotIdentify.push({ value: true, start: behind.start, end: behind.end, override: isCorrection(clause) }); }
  clauses.forEach((clause, index) => {
    // “Your own name must not be in the file, its name or its properties.”
    const nowhere = firstIn(clause.text, /\bnames?\b[^.;]{0,20}\b(?:must|should|may) not (?:be|appear) in\b[^.;]{0,40}\b(?:its|the file)['’]?s? name\b/i);
    if (nowhere) out.mustNotIdentify.push({ value: true, start: clause.start + nowhere.index, end: clause.start + nowhere.index + nowhere[0].length, override: isCorrection(clause) });
    // “The file name must not contain your registration number.” “Do not use your exam number anywhere, including the file name.”
    const refused = says(clause.text, contrasted) ? null : firstIn(clause.text, refusedInName);
    if (refused) { out.mustNotIdentify.push({ value: true, start: clause.start + refused.index, end: clause.start + refused.index + refused[0].length, override: isCorrection(clause) }); return; }
    // “I don't need your name in the file name”: nor is it forbidden there.
    if (says(clause.text, /\b(?:do not|don['’]t|does not|doesn['’]t) (?:need|mind|require|insist on|care about|ask for)\b[^.;]{0,20}\bnames?\b[^.;]{0,12}\bfile ?names?\b/i)) return;
    // “Nothing in the essay, the file name or the properties may reveal who wrote it.”
    // “Students' names shall appear neither in the file nor in its name.”
    const neither = firstIn(clause.text, /\bnames?\b[^.;]{0,20}\b(?:shall|must|should|may|will|to) (?:appear|be|stand|occur)\b[^.;]{0,10}\bneither (?:in|on)\b[^.;]{0,40}\bnor (?:in|on) (?:its|the (?:file(?:['’]s)?|document['’]s)) ?(?:file ?)?name\b/i);
    if (neither) { out.mustNotIdentify.push({ value: true, start: clause.start + neither.index, end: clause.start + neither.index + neither[0].length, override: isCorrection(clause) }); return; }
    const nothing = firstIn(clause.text, /\bnothing in\b[^.;]*\bfile ?name\b[^.;]*\b(?:may|must|should|can) (?:reveal|identify|show|disclose|give away|tell)\b/i);
    if (nothing) { out.mustNotIdentify.push({ value: true, start: clause.start + nothing.index, end: clause.start + nothing.index + nothing[0].length, override: isCorrection(clause) }); return; }
    // “Who will see my name? Nobody. Keep it out of the files and the file names.”
    const outside = firstIn(clause.text, /\bkeep (?:it|your names?) out of\b[^.;]{0,30}\bfile names?\b/i);
    if (outside && (/\bnames?\b/i.test(clause.under ?? '') || /your name/i.test(outside[0]))) { out.mustNotIdentify.push({ value: true, start: clause.start + outside.index, end: clause.start + outside.index + outside[0].length, override: isCorrection(clause) }); return; }
    // “What should the file be? … The name doesn't matter as long as you're not in it.”
    const noMatter = firstIn(clause.text, /\bnames? (?:doesn['’]t|does not|don['’]t) matter\b[^.;]{0,14}\b(?:as long as|so long as|provided)\b[^.;]{0,20}\b(?:you(?:['’]re| are) not in it|(?:doesn['’]t|does not) (?:contain|include|show|give away|reveal|say) (?:your name|you|who you are))\b/i);
    if (noMatter && /\bfiles?\b/i.test(`${clause.under ?? ''} ${clause.text}`)) { out.mustNotIdentify.push({ value: true, start: clause.start + noMatter.index, end: clause.start + noMatter.index + noMatter[0].length, override: isCorrection(clause) }); return; }
    // “File names must be anonymous.” “Please avoid using your name in the file name.”
    const unnamed = firstIn(clause.text, /\bfile ?names? (?:must|should|has to|have to|is to|are to|need to) be (?:completely |fully )?(?:anonymous|anonymised|anonymized|neutral)\b|\bremove your (?:own |full )?names? from (?:the |your )?file ?names?\b|\bfile ?names? (?:that|which) contain (?:your |student )?names?\b[^.;]{0,14}\b(?:rejected|refused|returned|not (?:be )?accepted)\b|\b(?:avoid|refrain from) (?:using |putting |writing |including |mentioning )?your (?:own |full )?name\b[^.;]{0,20}\bfile ?names?\b/i);
    if (unnamed) { out.mustNotIdentify.push({ value: true, start: clause.start + unnamed.index, end: clause.start + unnamed.index + unnamed[0].length, override: isCorrection(clause) }); return; }
    // “Put your CID (not your name) in the filename.”
    const instead = firstIn(clause.text, /\b(?:put|use|give|include|write)\s+(?:only )?(?:your|the) ([\w -]{2,30}?),? \(?(?:and )?(?:not|never|no|instead of|rather than) (?:your )?(?:own )?names?\)?,? (?:in|as|for) (?:the|your) (?:file ?name|name of (?:the|your) file)/i) ?? firstIn(clause.text, /(?:^|[,;:]\s*|\b(?:your|the) )((?:candidate|exam(?:ination)?|student|registration|matriculation) (?:number|code|ID)) in the file ?name,? (?:and not|not|instead of|rather than) your (?:own )?name\b/i);
    if (instead) { collectFields({ text: instead[1]!, start: clause.start + instead.index + instead[0].indexOf(instead[1]!), end: clause.end }, 0, out, isCorrection(clause)); out.mustNotIdentify.push({ value: true, start: clause.start + instead.index, end: clause.start + instead.index + instead[0].length, override: isCorrection(clause) }); return; }
    // “Your name must appear nowhere in the document or its name.”
    const anywhere = firstIn(clause.text, /\bnames? (?:must|should|may) (?:appear|stand|be|go) nowhere\b[^.;]{0,40}\b(?:(?:its|the file['’]?s?|file) ?name)\b/i);
    if (anywhere) { out.mustNotIdentify.push({ value: true, start: clause.start + anywhere.index, end: clause.start + anywhere.index + anywhere[0].length, override: isCorrection(clause) }); return; }
    // “Their name appears nowhere in the dissertation, in the name of the file or in its properties.”
    const inNone = firstIn(clause.text, /\bnames? (?:appears?|stands?|is|are|be|occurs?) nowhere\b[^;]*\b(?:the )?(?:name of the (?:file|document)|file ?name)\b/i);
    if (inNone) { out.mustNotIdentify.push({ value: true, start: clause.start + inNone.index, end: clause.start + inNone.index + inNone[0].length, override: isCorrection(clause) }); return; }
    // “Should my name be on it? No. Use your exam code only (front page and file name).”
    if (index > 0 && /^\W*(?:A(?:nswer)?\s*[:.]\s*)?No\W*$/i.test(clauses[index - 1]!.text) && /\b(?:my|our) names?\b/i.test(clause.under ?? '') && says(clause.text, /\b(?:only|instead)\b[^.;]{0,30}\bfile ?name\b/i)) out.mustNotIdentify.push({ value: true, start: clause.start, end: clause.end, override: isCorrection(clause) });
    // “Do not put your name in the file or its name.”
    const either = firstIn(clause.text, /\b(?:do not|don['’]t|never) (?:put|write|include|use|give) your (?:own )?names? (?:anywhere )?in the (?:file|document|pdf)(?: itself)? or (?:in )?its (?:file ?)?name\b/i);
    if (either) { out.mustNotIdentify.push({ value: true, start: clause.start + either.index, end: clause.start + either.index + either[0].length, override: isCorrection(clause) }); return; }
    // “Any name will do as long as it isn't yours.”
    const anyName = firstIn(clause.text, /\bany (?:file ?)?names? (?:will do|is fine|is ok(?:ay)?),? (?:as|so) long as it(?: isn['’]t| is not) (?:yours|your own)\b/i);
    if (anyName) { out.mustNotIdentify.push({ value: true, start: clause.start + anyName.index, end: clause.start + anyName.index + anyName[0].length, override: isCorrection(clause) }); return; }
    // “Save as: EN305 [space] your candidate number [space] Essay 1.”
    const spelt = firstIn(clause.text, /^(\W*(?:save|name|call)(?: (?:it|the file|your file|them))?(?: as)?\s*:\s*)([^\n]{2,60}? ?[[(]space[\])][^\n]{2,80}?)\.?\s*$/i);
    if (spelt) { out.pattern.push({ value: spelt[2]!.replace(/\s*[[(]space[\])]\s*/gi, ' '), start: clause.start + spelt[1]!.length, end: clause.start + spelt[1]!.length + spelt[2]!.length, override: isCorrection(clause) }); collectFields(clause, 0, out, isCorrection(clause)); return; }
    // “Files without the matriculation number in their name will be ignored.” “Give the file a name that includes your surname.” “Do use it in the file name.”
    const without = firstIn(clause.text, /\b(?:files? |^\W*)?without (?:the|your|a) ([\w -]{3,40}?) in (?:their|its|the) (?:file ?names?|names?(?: of (?:the|your) (?:file|document))?)\b[^.;]{0,40}(?:\b(?:ignored|rejected|refused|not (?:be )?(?:accepted|marked|matched|found|sorted|assigned)|returned|deleted|lost|cannot|unable to|impossible)\b|\bcan['’]t\b)/i), sensible = firstIn(clause.text, /\bgive (?:the|your|each|every) (?:file|document)s? an? (?:[\w-]+ )?names? (?:that|which) (?:includes?|contains?|shows?|has)\b/i);
    if (without) { collectFields({ text: without[1]!, start: clause.start + without.index + without[0].indexOf(without[1]!), end: clause.end }, 0, out, isCorrection(clause)); return; }
    if (sensible) { collectFields(clause, sensible.index + sensible[0].length, out, isCorrection(clause)); return; }
    // “My name is nowhere: not in the text, not in the file name.”
    if (says(clause.text, /\bname is nowhere\b[^.;]*\bnot in the file ?name\b/i)) { out.mustNotIdentify.push({ value: true, start: clause.start, end: clause.end }); return; }
    // “Name the file with your exam number. Your own name must not be in it.”
    const itself = index > 0 && says(clauses[index - 1]!.text, aboutFileNames) ? firstIn(clause.text, /^\W*(?:your|the author['’]s) (?:own )?(?:name|surname) (?:must|should|may) (?:not|never) (?:be|appear|stand|occur) (?:in|on) (?:it|there)\b/i) : null;
    if (itself) { out.mustNotIdentify.push({ value: true, start: clause.start + itself.index, end: clause.start + itself.index + itself[0].length, override: isCorrection(clause) }); return; }
    // “Name on it? Yes, and in the filename too (Last, First).”
    const both = firstIn(clause.text, /\bin (?:the|your) file ?name (?:too|as well|also)\s*\(\s*(?:last|surname|family)(?: name)?\s*[,_ -]+\s*(?:first|given)(?: name)?\s*\)/i);
    if (both && clause.under !== undefined && /\bname\b/i.test(clause.under) && !/\b(?:no|not)\b/i.test(clause.text)) { for (const field of ['surname', 'givenNames'] as const) out.mustContain.push({ value: field, start: clause.start + both.index, end: clause.start + both.index + both[0].length, override: isCorrection(clause) }); return; }
    // “Please keep your student ID out of the file and its name.”
    const numbered = firstIn(clause.text, /\b(?:give|put|write|use) (?:only )?your ([a-z]+ (?:number|code|ID|no\.?))\b(?:[^.;]{0,40}\b(?:and|or) in (?:the|both|all|each) file ?names?,? (?:and |but )?(?:never|not) your (?:own )?name\b| ?[–,(-] ?(?:and )?not your (?:own )?name ?[–,)-][^.;]{0,30}\bin (?:the|both|all|each) (?:of the )?file ?names?\b)/i);
    if (numbered) { collectFields({ text: numbered[1]!, start: clause.start + numbered.index + numbered[0].indexOf(numbered[1]!), end: clause.end }, 0, out, isCorrection(clause)); out.mustNotIdentify.push({ value: true, start: clause.start + numbered.index, end: clause.start + numbered.index + numbered[0].length, override: isCorrection(clause) }); return; }
    // “Your student number but not your name in the document and in the file name.”
    const ownNumber = firstIn(clause.text, /(?:^\W*|[,;]\s+)(?:only |please )?your ([a-z]+ (?:number|code|ID|no\.?)),? (?:\()?(?:and |but )?(?:not|never|no|instead of|rather than) (?:your )?(?:own )?names?\)?,? (?:in|on) [^.;]{0,60}?\bfile ?names?\b/i);
    if (ownNumber) { collectFields({ text: ownNumber[1]!, start: clause.start + ownNumber.index + ownNumber[0].indexOf(ownNumber[1]!), end: clause.end }, 0, out, isCorrection(clause)); out.mustNotIdentify.push({ value: true, start: clause.start + ownNumber.index, end: clause.start + ownNumber.index + ownNumber[0].length, override: isCorrection(clause) }); return; }
    const kept = firstIn(clause.text, /\b(?:keep|leave)\b[^.;]{0,40}\bout of (?:the )?(?:file|document|paper|text)(?: itself)? and (?:its|the file) ?name\b/i);
    if (kept) { out.mustNotIdentify.push({ value: true, start: clause.start + kept.index, end: clause.start + kept.index + kept[0].length, override: isCorrection(clause) }); return; }
    // “Your name must not appear in the name of the file, which shall take the form DISS-<exam number>.pdf.”
    const form = firstIn(clause.text, /\b(?:file ?name|name of the (?:electronic |digital )?(?:file|document))\b[^.;]{0,20}\b(?:which|it) (?:shall|must|should|has to|is to) (?:take the form|be(?: of the form)?|read|follow(?: the pattern)?)\s+/i), formed = form ? findPattern({ ...clause, text: clause.text.slice(form.index + form[0].length), start: clause.start + form.index + form[0].length }) : null;
    if (form && formed) {
      out.pattern.push({ ...formed, override: isCorrection(clause) });
      collectFields({ ...clause, text: formed.value, start: formed.start }, 0, out, isCorrection(clause));
      if (says(clause.text.slice(0, form.index), /\bnames? (?:must|should|may|shall) (?:not|never)\b/i)) out.mustNotIdentify.push({ value: true, start: clause.start, end: clause.start + form.index + form[0].length, override: isCorrection(clause) });
      return;
    }
    // “The file name must carry your exam number and nothing that identifies you.”
    const otherwise = says(clause.text, aboutFileNames) ? firstIn(clause.text, /\b(?:and|but) nothing (?:else )?(?:that|which) (?:could |might |may )?(?:identif(?:y|ies)|names?|gives? away|points? to) (?:you|the (?:student|author|writer))\b|\b(?:and|but) (?:nothing|no) (?:other )?(?:personal (?:details?|data|information)|identifying (?:details?|information))\b/i) : null;
    if (otherwise) out.mustNotIdentify.push({ value: true, start: clause.start + otherwise.index, end: clause.start + otherwise.index + otherwise[0].length, override: isCorrection(clause) });
    const here = says(clause.text, aboutFileNames);
    const example = says(clause.text, /^(?:e\.g\.|for example|example|i\.e\.)/i);
    const follows = index > 0 && says(clauses[index - 1]!.text, aboutFileNames) && clauses[index - 1]!.text.length < 200 && (/:\s*$/.test(clauses[index - 1]!.text) || says(clauses[index - 1]!.text, /^\W*(?:\d+(?:\.\d+)*\.?\s+)?file ?names?\.?$/i) || says(clause.text, /^(?:now )?(?:use|it (?:must|should|shouldn['’]t|mustn['’]t)|this (?:must|should)|(?:do not|don['’]t)(?![^.;]*\b(?:in|on) (?:the |your |any )?(?:report|paper|essay|text|document|work|assignment|dissertation|thesis|scores?|commentary|answers?|scripts?|slides|poster|pages?|header|cover|drawings?|tags|recordings?)\b)|include|format|please use)\b/i));
    // “3. File name” as a heading, “What should I call the file?” as a question.
    const headed = clause.under !== undefined && clause.under.length < 60 && !/:\s*\S/.test(clause.under.replace(/^\W*Q(?:uestion)?\s*\d*\s*[:.]\s*/i, '')) && says(clause.under, aboutFileNames) && clauses[index - 1]?.under !== clause.under;
    if ((!here && !follows && !headed) || example) return;
    const override = isCorrection(clause);
    const forbids = !says(clause.text, /\bname (?:your|the) (?:intended |proposed |own )?(?:supervisor|tutor|adviser|advisor|company|school|client|patient|host|employer)s?\b/i) && !says(clause.text, /^\W*(?:please )?(?:do not|don['’]t|never) (?:forget|omit|leave out|fail)\b/i) && says(clause.text, /(?:\b(?:not(?! (?:more|larger|bigger|longer|greater|over|above|exceed\w*)\b)|never|no(?! (?:longer|more|larger|bigger) than| \d|[>\])}])|neither|without|must not|should not)|n['’]t)\b[^.;]*\b(?:name|identif\w*|identity|surname|student (?:number|ID)|who you are)\b|\bno (?:student |personal |own |real )?(?:names?|identifying)\b|\bfree of (?:names|identifying)\b|(?<!\bfile )\bnames? (?:must|should|may|can|shall) (?:not|never) (?:be|appear|stand|occur|feature)(?: anywhere)? (?:on|in)\b/i);
    // “Put your student number at the top and use it in the file name too.”
    const again = firstIn(clause.text, /\b(?:use|put|include|repeat) (?:it|that|this number|the same(?: number)?) in the (?:(?:footer|header|text|head|title)(?:,| and)? (?:also )?(?:in )?(?:the )?)?file ?name\b|\buse (?:it|that|this number) to name (?:your|the) file\b|\bit (?:also )?goes (?:in|into|on)\b[^.;]{0,30}\b(?:the |in the |into the )?file ?name\b/i);
    if (again && (/^\W*it\b/i.test(clause.text) || says(clause.text, /^\W*(?:please )?(?:use|put|include|repeat) (?:it|that)\b/i)) && index > 0) { collectFields(clauses[index - 1]!, 0, out, override); return; }
    if (again) { const from = [...eachIn(clause.text.slice(0, again.index), /\b(?:put|write|give|type|state|include|add)\b/gi)].at(-1)?.index ?? 0; collectFields({ ...clause, text: clause.text.slice(0, again.index) }, from, out, override); return; }
    const contrast = firstIn(clause.text, /(?<!\b(?:not|never|n['’]t) )\b(?:but|only|instead|use)\b[^.;]*\b(?:candidate|exam(?:ination)?|student|registration)\b[^.;]*\b(?:number|code|id)\b|\b(?:put|use|write|give|include|with)\b[^.;,]*\b(?:candidate|exam\w*|student|registration|matriculation|roll)[- ]?(?:number|code|ID|no\.?)\b(?=(?: in the file ?name)?,?\s+\(?(?:and\s+|but\s+)?(?:not|never)\b)|\b(?:candidate|exam|student|registration|matriculation|roll)[- ]?(?:number|code|ID|no\.?) \((?:and |but )?not your names?\)|\b(?:candidate|exam|student|registration|matriculation|roll)[- ]?(?:number|code|ID|no\.?)(?: \((?:and |but )?no names?\)|, no names?,)(?=[^.;]*\bfile ?name\b)|(?<=\bno names? anywhere,? (?:and |but )?(?:your |the )?)(?:candidate|exam|student|registration|matriculation|roll)[- ]?(?:number|code|ID|no\.?) in the file ?name\b/i);
    // “… named Portfolio_<your candidate number>, and no names anywhere”: what comes behind the pattern is about the paper.
    const patterned = forbids ? findPattern(clause) : null, refusal = firstIn(clause.text, /\b(?:no|never|not)\b[^.;,]*\bnames?\b[^.;,]*\b(?:anywhere|in (?:the|your) (?:text|paper|essay|document|work|pdf)|on (?:the|any|every|each) page)\b/i);
    const ahead = patterned !== null && says(clause.text.slice(0, patterned.start - clause.start), /(?:\b(?:not|never)\b|n['’]t\b)[^:]*:\s*(?:so |please )*(?:save|name|call|submit|upload|give)\b[^:]*$/i);
    const elsewhere = ahead || patterned !== null && refusal !== null && clause.start + refusal.index >= patterned.end && /^[^.;]*$/.test(clause.text.slice(patterned.end - clause.start, refusal.index)) && !/\bfile ?name/i.test(refusal[0]);
    if (forbids && !elsewhere && !/\bnot (?:forget|omit|leave out)\b/i.test(clause.text)) {
      const quote = firstIn(clause.text, /(?:\b(?:not(?! (?:more|larger|bigger|longer|greater|over|above|exceed\w*)\b)|never|no(?!\.|[>\])}])|neither|without)|[a-z]+n['’]t)\b[^.;]*/i)!;
      // “Do not rename the file” and “do not use spaces in the name” say nothing about identity.
      if (says(quote[0] + (says(clause.text.slice(0, quote.index), /\byour (?:own )?names? (?:must|should|may|can)\s*$/i) || says(clause.text.slice(0, quote.index), /\b(?<!\bfile )names? (?:must|should|may|can|shall)\s*$/i) && says(quote[0], /^not (?:be|appear|stand|occur|feature)(?: anywhere)? (?:on|in)\b/i) ? ' your' : ''), /\b(?:your|own|identif|identity|surname|names?\b(?! of)|student|who you are)/i) && (!says(quote[0], /\b(?:spaces?|special characters|rename|change|alter|modify|symbols|punctuation)\b/i) || /\byour (?:own |full )?names?\b/i.test(quote[0]))) out.mustNotIdentify.push({ value: true, start: clause.start + quote.index, end: clause.start + quote.index + quote[0].length, override });
      // “Student no. in header and filename, no names”.
      const first = quote.index > 0 ? firstIn(clause.text.slice(0, quote.index), /\b(?:candidate|exam\w*|student|registration|matriculation|roll)[- ]?(?:number|code|ID|no\.)[^.;,]{0,30}\bfile ?name\b|\bfile ?name (?:must|should|has to|needs to|is to) (?:include|contain|have|carry|show|be|consist of)\b[^.;]*\b(?:number|code|ID)\b[^.;,]*$/i) : null;
      // “No names: your 7-digit ID in header and file name is enough.”
      const instead = firstIn(clause.text, /^\W*no names?\s*[:;,–-]\s*(?=[^.;]*\b(?:number|code|ID)\b[^.;]*\bfile ?name\b)/i);
      if (instead) collectFields(clause, instead[0].length, out, override);
      // “Named UP101_[student ID]_site.pdf – don't use your name.”
      if (patterned && patterned.end <= clause.start + quote.index && says(clause.text.slice(0, patterned.start - clause.start), /\b(?:named|called|name|call|save[d]?)\b/i)) { out.pattern.push({ ...patterned, override }); collectFields({ text: patterned.value.replace(/[_\-[\]<>{}.]/g, ' '), start: patterned.start, end: patterned.end }, 0, out, override); }
      // “No names in the file name: use StudentNumber_RA.pdf.”
      else if (patterned && patterned.start > clause.start + quote.index && says(clause.text.slice(quote.index, patterned.start - clause.start), /\b(?:use|name|named|call|called|save|saved as|instead|but|rather|format|so)\b[^.]*$/i) && !/\b(?:not|never|no)\b[^,;:.]{0,12}$/i.test(clause.text.slice(0, patterned.start - clause.start))) { out.pattern.push({ ...patterned, override }); collectFields({ text: patterned.value.replace(/[_\-[\]<>{}.]/g, ' '), start: patterned.start, end: patterned.end }, 0, out, override); }
      else if (contrast) collectFields(clause, contrast.index, out, override);
      else if (first) collectFields({ ...clause, text: clause.text.slice(0, quote.index) }, 0, out, override);
      return;
    }
    if (says(clause.text, /\b(?:may|can|are free to)\b[^.;]*\b(?:your (?:own )?name|any name)\b/i)) { out.mustNotIdentify.push({ value: false, start: clause.start, end: clause.end }); return; }
    // “Section, last name, “report”: A_Okafor_report.pdf”.
    const isDetail = (words: string): boolean => fieldWords.some(([p]) => says(words, p));
    const explained = explainedName(clause, clauses[index + 1], isDetail), already = explained ? findPattern(clause) ?? spokenPattern(clause) ?? summedPattern(clause) : null;
    if (explained && (already === null || already.start <= explained.start && explained.start < already.end && !isDetail(spacedOut(already.value)) || /\][A-Za-z]|[A-Za-z]\[/.test(already.value))) { out.pattern.push({ ...explained, override }); collectFields({ ...clause, text: explained.value.replace(/[[\]_]/g, ' '), start: explained.start }, 0, out, override); return; }
    const met = findPattern(clause), told = introducedName(clause, personalFieldsIn), sum = summedPattern(clause), /* what stands in quotation marks is said in words */ summed = sum && !/[“”"]/.test(sum.value) ? sum : null, found = summed ?? (told && (met === null || told.start <= met.start && told.end >= met.end) ? told : met);
    const pattern = (found && / \+ /.test(found.value) ? sum : found && (/^[_-]/.test(found.value) || clause.text[found.start - clause.start - 1] === '(') ? spokenPattern(clause) : null) ?? found ?? spokenPattern(clause) ?? sum ?? listedPattern(clause, isDetail) ?? givenName(clause);
    if (pattern) {
      out.pattern.push({ ...pattern, override });
      // What a pattern stands for of the student is in the name whatever the rest of it is.
      const spaced = spacedOut(pattern.value);
      for (const [words, field] of fieldWords) if (personal.has(field) && says(spaced, words) && !out.mustContain.some((s) => s.value === field)) out.mustContain.push({ value: field, start: pattern.start, end: pattern.end, override });
      if (/(?<![\p{L}])NOM(?=[_-])/u.test(pattern.value) && !out.mustContain.some((s) => s.value === 'surname')) out.mustContain.push({ value: 'surname', start: pattern.start, end: pattern.end, override });
      if (/(?:^|[_-])Last(?=[_.-]|$)/.test(pattern.value) && !out.mustContain.some((s) => s.value === 'surname')) out.mustContain.push({ value: 'surname', start: pattern.start, end: pattern.end, override });
      if (/\byour ?name\b/i.test(spaced)) for (const field of ['surname', 'givenNames'] as const) if (!out.mustContain.some((s) => s.value === field)) out.mustContain.push({ value: field, start: pattern.start, end: pattern.end, override });
      if (says(pattern.value, /\bfollowed by\b| \+ |^\[[^\]]+\](?:[_-]\[[^\]]+\])+$/i) || says(clause.text.slice(0, pattern.start - clause.start), /\bfile ?name (?:begins|starts|consists|is made up)\b/i) || says(pattern.value, /\[(?:module|course|unit|paper)[\s-]code\]/i)) collectFields(clause, 0, out, override);
      // “Number_Essay2.docx where Number is your student number”.
      const meaning = firstIn(clause.text.slice(pattern.end - clause.start), /\((?:please )?(?:use|with|replace|insert|put in|fill in|and )\b|\bwhere\b|\bbeing\b|\bstand(?:s|ing) for\b|\b[A-Z]{2,}\s*=\s*(?:your|the)\b/i);
      if (meaning) collectFields(clause, pattern.end - clause.start + meaning.index, out, override);
      // “Put your surname first in the file name, then the essay number (Okafor_1.pdf)”: the example shows what was said before it.
      const before = clause.text.slice(0, pattern.start - clause.start);
      if (personalFieldsIn(pattern.value).length === 0 && says(before, /(?:\(|:\s|\b(?:e\.g\.,?|like|for example,?|for instance,?|such as|so|i\.e\.,?)\s*[“"‘(]?)\s*$/i) && says(before, /\b(?:file ?name|name (?:of )?(?:it|them|the file|your file|your \w+|the \w+)|save (?:it|your \w+|the \w+)|(?:naming|named|called)|call (?:it|your \w+|the \w+))\b/i) && !says(before, /\b(?:pages?|header|footer|cover|title page|sheet|not|never|n['’]t|no)\b/i)) collectFields({ ...clause, text: before }, 0, out, override);
      // “Your Student Number (SN) goes into the file name: SN_CRIM2020.pdf.”
      if (says(clause.text, /\b(?:goes|comes|belongs) (?:on|in|into)\b[^.;]*\bfile ?name\b/i)) collectFields(clause, 0, out, override);
      // “Please name them with your 8-digit candidate number: 12345678_report.pdf and 12345678_code.zip.”
      else if (says(clause.text.slice(0, pattern.start - clause.start), /\b(?:name|call|label) (?:it|them|(?:the|your|both|all|each) (?:\w+ )?files?) (?:with|by|after|using) your [^.;:]{4,50}:\s*$/i)) collectFields({ ...clause, text: clause.text.slice(0, pattern.start - clause.start) }, 0, out, override);
      // “Use your exam number on the title page and in the file name: B123456_Essay.pdf.”
      else if (says(clause.text.slice(0, pattern.start - clause.start), /\b(?:use|put|give|write|state|include) your \b[^.;:]*\b(?:and|,) in (?:the|your) file ?name\b[^.;:]{0,4}:/i)) collectFields(clause, 0, out, override);
      // “NAME_First name”: beside the first name, the other is the surname.
      if (says(pattern.value, /(?<![\p{L}])(?:NAME(?![\p{L}])|[Nn]ame(?=[_-][Vv]orname))/u) && out.mustContain.some((s) => s.value === 'givenNames') && !out.mustContain.some((s) => s.value === 'surname')) out.mustContain.push({ value: 'surname', start: pattern.start, end: pattern.end, override });
      return;
    }
    // “Your candidate number only”: the name is that and nothing else.
    const only = new RegExp(String.raw`\b(?:only|just|nothing but)\s+(?:your\s+|the\s+)?(${identifier})(?!\s*(?:,|and|plus|followed|\+|_))|\b(${identifier})(?:\s+\(?(?:only|alone|and nothing else)|,\s+nothing else)\b|\bfile ?(?:name|title)\s+(?:(?:must|should|has to|is to) be|is)\s+(?:just\s+)?(?:your|the)\s+(${identifier})(?=\s*(?:[.,;(]|$))(?!,?\s*(?:and|plus|followed))`, 'i').exec(clause.text), named = only?.[1] ?? only?.[2] ?? only?.[3];
    if (only && named && !/\b(?:not only|page|header|cover)\b/i.test(clause.text)) { const at = clause.start + only.index + only[0].indexOf(named); out.pattern.push({ value: named, start: at, end: at + named.length, override }); collectFields({ text: named, start: at, end: at + named.length }, 0, out, override); }
    if (says(clause.text, /\brename (?:it|them|the|your)\b[^.;]{0,20}\bto\b|\b(?:must|should|includes?|contains?|carry|carries|shows?|starts?|begins?|with|has to|have to|needs?|consists?|use|using|by|as|under|after|beginning|starting|also|add|append|what to call it)\b|\bfile ?name is (?:just )?(?:your|the)\b|\bin (?:(?:the|your|each|every|both|all) )?(?:the )?(?:(?:header|footer|text|paper|document),? and (?:in )?(?:the )?)?file ?names?\b|\bin the name of (?:the|your|each|every) (?:file|document|pdf)\b|\bbear\b|(?:^\W*(?:required |your )?|[,;]\s*)(?:file ?nam\w*|names?|file title|naming)\b[^:,;]{0,20}[:=–-]/i)) collectFields(clause, 0, out, override);
  });
  // “Use the author-date system.”: how sources are named, not files.
  return { ...out, pattern: out.pattern.filter((p) => !says(p.value, /^(?:author|name)[-–](?:date|year|page|title|number)$/i)) };
}

/** “… and check that your name appears nowhere.” */
const absent = /^s?[’']?s? (?:(?:does|do|is|are|must|should|may|can|shall|will) ?(?:not|never)|(?:does|is|must|should|can)n['’]t|(?:is|are|appears?|stands?) (?:nowhere|in neither|not))\b/i;
/** The details that a clause names, for one that is known to be about the name of the file. */
export function detailsIn(clause: Clause): Statement<NameField>[] { const out: NamingRead = { pattern: [], mustContain: [], mustNotIdentify: [] }; collectFields(clause, 0, out, isCorrection(clause)); return out.mustContain; }
function collectFields(clause: Clause, from: number, out: NamingRead, override: boolean): void {
  const part: Clause = { text: clause.text.slice(from).replace(letterOfName, (s) => 'initial'.padEnd(s.length)), start: clause.start + from, end: clause.end };
  const taken: { at: number; to: number }[] = [];
  for (const [pattern, field] of fieldWords) for (const m of matchesIn(part, new RegExp(pattern.source, 'gi'))) {
    if (taken.some((t) => t.at < m.to && m.at < t.to)) continue;
    taken.push(m);
    if (ruledOut(part, m.at) || says(part.text.slice(m.to - part.start), absent)) continue;
    if (!out.mustContain.some((s) => s.value === field)) out.mustContain.push({ value: field, start: m.at, end: m.to, override });
  }
  // “your name” in a file name means the surname and the given name.
  for (const m of matchesIn(part, /\byour (?:full )?name\b(?!\s+of|\s+(?:and [a-z ]{3,24} )?on (?:the|every|each|page)\b)/gi)) { if (taken.some((t) => t.at < m.to && m.at < t.to) || ruledOut(part, m.at) || says(part.text.slice(m.to - part.start), absent)) continue; for (const f of ['surname', 'givenNames'] as const) if (!out.mustContain.some((s) => s.value === f)) out.mustContain.push({ value: f, start: m.at, end: m.to, override }); }
}

/** A name said in words: “GEO3107_ followed by your registration number”, “the family name, an underscore and the matriculation number”.
 * What stands for a detail is put in brackets. Null where the order or the marks between are not said. */
function spokenPattern(clause: Clause): { value: string; start: number; end: number } | null {
  // “Your ID number followed by “_report” or “_code””: a name for each of two files; without a mark between the order alone is said.
  const each = firstIn(clause.text, /\b(?:your |the )?((?:[a-z]+ )?(?:number|code|ID|surname|username|login|name)),? (?:directly )?followed by (?:the word )?[“"‘']([^”"’'\n]{2,20})[”"’'] or [“"‘']([^”"’'\n]{2,20})[”"’']/i);
  if (each) return /^[_-]/.test(each[2]!) && /^[_-]/.test(each[3]!) ? { value: `[${each[1]!}]${each[2]!} or [${each[1]!}]${each[3]!}`, start: clause.start + each.index, end: clause.start + each.index + each[0].length } : null;
  const detail = String.raw`(?:(?:candidate|exam(?:ination)?|student|registration|matriculation|roll|assignment|essay|group)[\s-](?:number|code|ID(?: number| no\.?)?|no\.?)|ID[\s-](?:number|no\.?)|(?:matric|reg)\.?\s(?:no\.?|number)|(?:family|last|first|given|full)[\s-]name|surname|(?:module|course|unit|paper)[\s-](?:code|number)|group[\s-]letter|(?:week|bench|seat|desk|team|table|section|station|place)[\s-]number|initials?|year(?=\s*(?:[,.;:)]|$)))`;
  const mark = '(?:underscore|hyphen|dash|full stop)', literal = String.raw`(?<=\bwords? )[A-Z][a-z]+|(?<=\b(?:underscore|hyphen|dash), )[A-Z][A-Za-z]{1,12}(?=, (?:an? )?(?:underscore|hyphen|dash)\b)|[“"‘'][^”"’'\n]{1,40}[”"’']|(?!\d+\b)(?=[A-Za-z0-9_-]*(?:\d|_))[A-Za-z0-9][A-Za-z0-9_-]+`;
  const element = `(?:(?:your|the|an?)\\s+)?(?:words?\\s+)?(?:${detail}(?:\\s+of the (?:student|candidate|author))?|${mark}|${literal})`;
  const m = new RegExp(`${element}(?:\\s*(?:,\\s*(?:and\\s+|then\\s+)?(?:followed by\\s+)?|\\band(?: then)?\\s|\\bthen\\s|\\bplus\\s|\\+|\\(?(?:directly |immediately )?followed by\\s)\\s*${element})+`, 'i').exec(clause.text);
  if (!m || !new RegExp(detail, 'i').test(m[0])) return null;
  // “It should contain your family name and the word “semantics””: in which order is not said.
  if (says(clause.text.slice(0, m.index), /\b(?:contains?|includes?)\b[^.;:]{0,14}$/i) && !new RegExp(`${mark}|followed by|then|plus|\\+|[_-]`, 'i').test(m[0])) return null;
  // “Your surname, your first name and the words “policy brief”, separated by underscores”.
  const between = firstIn(clause.text.slice(m.index + m[0].length), /^[,\s]*(?:in (?:that|this) order,? )?(?:all )?(?:separated|joined|connected|linked) by (?:an? |single )?(underscore|hyphen|dash|full stop)(?:s|es)?\b/i)?.[1]?.toLowerCase();
  let joined = '', marks = false, fields = 0, plain = 0;
  const pieces: string[] = [];
  for (const part of m[0].matchAll(new RegExp(`${detail}|${mark}|${literal}`, 'gi'))) {
    const said = part[0].replace(/^[“"‘']|[”"’']$/g, '');
    if (between && joined) joined += markOf[between]!;
    pieces.push(new RegExp(`^${detail}$`, 'i').test(said) ? `[${said}]` : said);
    if (new RegExp(`^${mark}$`, 'i').test(said)) { joined += markOf[said.toLowerCase()]!; marks = true; }
    else if (new RegExp(`^${detail}$`, 'i').test(said)) { joined += `[${said}]`; fields++; }
    else { joined += said; marks ||= /[_-]$/.test(said) || fields > 0 && !/\s/.test(said) && !/^[A-Z][a-z]+$/.test(part[0]); if (++plain > 1 && fields === 0) return null; }
  }
  // “Named with your surname and “Paper2””: in which order and with what between is not said.
  if (between === undefined && fields === 1 && plain === 1 && !new RegExp(`${mark}|followed by|then|plus|\\+|[_-]`, 'i').test(m[0]) && /\band\b/i.test(m[0])) return null;
  // “Your group letter and your table number, e.g. C_14”, “your candidate number followed by HIS2207, e.g. 48213_HIS2207”: the example shows what stands between them.
  const shown = between !== undefined || pieces.some((piece) => says(piece, /^(?:underscore|hyphen|dash|full stop)$/i) || /^[_-]|[_-]$/.test(piece)) ? null : firstIn(clause.text.slice(m.index + m[0].length), /^[\s,(]*(?:e\.?g\.?|for example|for instance|such as|like|example:|so)[\s,:]*[“"‘'(]?([A-Za-z\d]+(?:([_-])[A-Za-z\d]+(?:\2[A-Za-z\d]+)*))(\.(?:pdf|docx?|odt|rtf|txt|zip)\b)?(?![A-Za-z\d_-])/i);
  if (shown && pieces.length > 1 && pieces.every((piece) => !/^[a-z]+$|_followed$/.test(piece)) && shown[1]!.split(shown[2]!).length === pieces.length) return { value: pieces.join(shown[2]!) + (plain > 0 ? shown[3] ?? '' : ''), start: clause.start + m.index, end: clause.start + m.index + m[0].length };
  // “The registration number followed by the surname”: in the text's own words, where no mark is named.
  if (!marks && between === undefined && fields > 1 && plain === 0 && /\bfollowed by\b/i.test(m[0])) return { value: m[0].replace(/^(?:the|your)\s+/i, ''), start: clause.start + m.index + /^(?:(?:the|your)\s+)?/i.exec(m[0])![0].length, end: clause.start + m.index + m[0].length };
  // “An underscore and then reflection, log or poster”: one of these words closes the name.
  const last = /[_-]$/.test(joined) ? firstIn(clause.text.slice(m.index + m[0].length), /^,? (?:and )?(?:then )?(?:(?:one of )?the words? )?((?:[a-z]{3,14}, )*[a-z]{3,14},? or [a-z]{3,14})(?=\s*[,.;(]|$)/) : null;
  if (last) return { value: `${joined}[${last[1]!}]`, start: clause.start + m.index, end: clause.start + m.index + m[0].length + last[0].length };
  return (marks || between !== undefined) && !/\]\[/.test(joined) ? { value: joined, start: clause.start + m.index, end: clause.start + m.index + m[0].length } : null;
}

/** “Name it: group number + corridor names”: what the name is made of, after a colon and with plus signs. */
function summedPattern(clause: Clause): { value: string; start: number; end: number } | null {
  const m = firstIn(rewritten(clause.text, [/\s*(?:[(,:–-]\s*)(?:so|e\.?g|i\.e|like|for example|for instance|such as|example)\b(?:[^\n]*)$/i, '']), /^(\W*(?:(?:please )?(?:name|call|save) (?:it|them|(?:the|your) files?)(?: as)?|(?:file ?)?names?(?: convention| format| pattern| rule)?|name of the file)\s*[:=|]\s*)([\p{L}\d][\p{L}\d ()'’_-]*(?:\s\+\s[\p{L}\d ()'’“”"_-]+)+)(?:,? (?:e\.g\.|for example)[^\n]*)?[.\s]*$/iu);
  return m ? { value: m[2]!.trim(), start: clause.start + m[1]!.length, end: clause.start + m[1]!.length + m[2]!.trim().length } : null;
}

/** “File name: last name, first initial, Journal (e.g. OkaforT_Journal.docx)”: what the name is made of, one after the other, and an example of it. */
function listedPattern(clause: Clause, isDetail: (words: string) => boolean): { value: string; start: number; end: number } | null {
  const m = firstIn(clause.text, /^(\W*(?:file ?names?|name (?:the |your )?(?:file|it)|naming)(?: convention| format| as)?\s*[:=|]\s*)((?:[\p{L}\d][\p{L}\d ’'-]{1,28},\s+)+(?:and )?[\p{L}\d][\p{L}\d ’'-]{1,28}?)\s*\(?(?:e\.g\.|for example|for instance|such as|like|so)[,:]?\s+[“"‘']?[\w-]+(?:[_-]|\.\w{3,4})/iu);
  return m && m[2]!.split(/,\s+/).filter(isDetail).length > 0 ? { value: m[2]!.trim(), start: clause.start + m[1]!.length, end: clause.start + m[1]!.length + m[2]!.trim().length } : null;
}

/** “The file should be called essay.pdf”, “File name: GA1_GroupXX”: a name without a detail of the student. */
function givenName(clause: Clause): { value: string; start: number; end: number } | null {
  // “Name your file lastname.firstname.hw3.pdf.”
  const dotted = firstIn(clause.text, /\b((?:last|first|sur|family|given|user)_?name\.(?:[\w-]+\.)*[\w-]+\.(?:pdf|docx?|odt|rtf|zip|txt))\b/i);
  if (dotted) return { value: dotted[1]!, start: clause.start + dotted.index, end: clause.start + dotted.index + dotted[1]!.length };
  const labelled = firstIn(clause.text, /^(\W*file ?name\s*[:=|]\s*)([A-Za-z0-9]+(?:[_-][A-Za-z0-9]+)+(?:\.\w{2,4})?)\W*$/i);
  if (labelled) return { value: labelled[2]!, start: clause.start + labelled[1]!.length, end: clause.start + labelled[1]!.length + labelled[2]!.length };
  const m = firstIn(clause.text, /\b(?:files?|documents?|submission|it|PDF|paper|report|essay) (?:(?:must|should|shall|is to|has to|needs to) be |is (?:to be )?)(?:called|named|saved as) [“"‘']?([A-Za-z][\w-]{2,40}\.(?:pdf|docx?|odt|rtf|zip|txt))\b/i);
  return m && !/\b(?:template|e\.g|not|never)\b/i.test(clause.text) && !/^,? (?:and|or|&) [\w-]+\.\w{2,4}\b/.test(clause.text.slice(m.index + m[0].length)) ? { value: m[1]!, start: clause.start + m.index + m[0].lastIndexOf(m[1]!), end: clause.start + m.index + m[0].lastIndexOf(m[1]!) + m[1]!.length } : null;
}

const markOf: Readonly<Record<string, string>> = { underscore: '_', hyphen: '-', dash: '-', 'full stop': '.' };

/** “… your number, not your name, …” */
const ruledOut = (part: Clause, at: number): boolean => says(part.text.slice(0, at - part.start), /\b(?:do not|don['’]t|never|must not|should not) (?:give|put|write|include|use|state|add|mention|show)\s+(?:your |the )?$/i) || says(part.text.slice(0, at - part.start), /\b(?:not|never|instead of|in place of|rather than|and no|or)\s+(?:your |the )?$/i) && says(part.text.slice(0, at - part.start), /\b(?:not|never|instead of|in place of|rather than|no)\b[^.;,]{0,40}$/i);

const identifier = String.raw`(?:candidate|exam(?:ination)?|student|registration|matriculation|roll)[\s-](?:number|code|ID(?: number)?|no\.?)|Matrikelnummer|Prüfungsnummer`;
/** Fields of two words that stand in a pattern as they are: “GEO3107_candidate number_Report”. */
const twoWords = String.raw`(?:your\s)?(?:candidate|student|exam(?:ination)?|registration|matriculation|enrol?ment|roll|university|anonymous(?:\smarking)?|network|ID)\s(?:number|code|ID|no\.?)|(?:user|university|student)\s(?:user)?name|(?:first|given|last|family)\sname|(?:module|course|unit)\scode|(?:short|module|course|essay|paper|assignment|seminar|project|thesis|work)\stitle|(?:assessment|assignment|essay|coursework|group)\snumber|num[ée]ro\s(?:d[’'])?[ée]tudiante?|n[°º]\s(?:d[’'])?[ée]tudiante?|n[úu]mero\sde\s(?:estudiante|alumno|aluno|matr[íi]cula)|numero\sdi\smatricola`;
const patternWords = new RegExp(String.raw`(?:(?<![A-Za-z0-9])[“"‘'\x60]([^”"’'\x60\n]{4,80})[”"’'\x60])|((?:[[<{](?![\s=])[^\]>}<[{(),\n]{1,30}[\]>}]|FIELD|[A-Za-zÀ-ÖØ-öø-ÿ0-9]+#*)+(?:(?:\s?[_\-–+]\s?|(?<=[\]>}])\s(?=[[<{]))(?:[[<{](?![\s=])[^\]>}<[{(),\n]{1,30}[\]>}]|FIELD|[A-Za-zÀ-ÖØ-öø-ÿ0-9]+#*)+)+(?:\.(?:pdf|docx?|odt|rtf|txt|zip|jpe?g|png|mp[34]|wav|xlsx|pptx|csv|html?|ext))?|[A-Za-z0-9]*[[<{](?![\s=])[^\]>}<[{(),\n]{1,30}[\]>}](?:\.(?:pdf|docx?|odt|zip))?|[A-Za-z][A-Za-z0-9]*(?:ID|Number|Code|Name)[A-Za-z0-9]*\.(?:pdf|docx?|odt))`.replaceAll('FIELD', twoWords), 'gi');
/** A pattern: words joined by underscores, hyphens or brackets that stand for fields, in or out of quotation marks. */
function findPattern(clause: Clause): { value: string; start: number; end: number } | null {
  const tokens = [...matchesIn(clause, patternWords)];
  const scored = tokens.map((m) => {
    const value = (m[1] ?? m[2]!).trim().replace(/[.,;]$/, '');
    const spaced = rewritten(value, [/([a-z])([A-Z])/g, '$1 $2'], [/your(?=name|user|login|net-?id|student|candidate|exam|surname|initials|last|first|family|group|matric|reg|number)/i, 'your '], [/[_\-[\]<>{}]/g, ' '], [/(name|number)\d\b/gi, '$1']);
    const fields = fieldWords.filter(([p]) => says(spaced, p)).length + (says(spaced, /\b(?:name|number|id|code|surname|title|assignment|essay)\b/i) ? 0.5 : 0);
    const joined = /[_[\]<>{}]|\w-\w/.test(value);
    const at = m[1] !== undefined ? m.at + 1 : m.at;
    return { value, start: at, end: at + (m[1] ?? m[2]!).trim().replace(/[.,;]$/, '').length, score: fields + (joined ? 1 : 0) + (says(value, /(?<![A-Za-z])(?:X{3,}|N{3,}|#{3,})(?![A-Za-z])|(?:[Gg]roup|[Tt]eam|[Pp]air|GROUP|TEAM|PAIR)[_-]?(?:#{1,3}|NN?|XX?|YY|nn|xx|No|Nr|Number|Letter|ID)(?![A-Za-z])/) ? 0.5 : 0) + (m[1] !== undefined && fields > 0 ? 0.5 : 0) + (fields === 0 && /[<[{][a-z]{1,12}[>\]}]/i.test(value) ? 0.5 : 0) + (/\.(pdf|docx?|odt|mp[34]|xlsx|pptx)$/i.test(value) ? 0.5 : 0), example: says(clause.text.slice(0, at - clause.start), /\b(?:e\.g\.,?|for example|for instance|such as|example:?|like)\s*(?:[^\s,;_]+_?[^\s,;]*\.\w{2,5}(?:,| and| or|;)\s*)*[“"‘'\x60(]?$/i) || (fields < 1 && /^\d/.test(value) && says(clause.text.slice(0, at - clause.start), /\b(?:with|by|of) your [a-z ]{3,30}\b\s*:[^;]*$/i)) || (fields < 1 && /\blike (?:so|this):?\s*[“"‘'(]?$/i.test(clause.text.slice(0, at - clause.start))) || (fields < 1 && /\d/.test(value) && says(clause.text.slice(0, at - clause.start), /\b(?:with|by|of) your [a-z ]{3,30}\b\s*\($/i)) || (fields < 1 && /\d/.test(value) && says(clause.text.slice(0, at - clause.start), /\b(?:with|by|of) your [a-z ]{3,30}\([^()]*,\s*$/i)) };
  }).filter((t) => t.score >= 1.5 && !t.example && !says(clause.text.slice(0, t.start - clause.start), /\btemplates?\b[^.;]{0,20}\(\s*[“"'‘]?$|\btemplates?,? [“"'‘]?$/i) && !says(t.value, /^(?:file-?name|e-mail|double-spaced|one-page)$/i) && !(/^[a-z]-numbers?$/i.test(t.value) && /\b(?:number|code|ID|no\.) \($/i.test(clause.text.slice(0, t.start - clause.start))) && !says(t.value, /\s[-–]\s?(?:nothing|not|no|never|only|without|and)$/i));
  // “GroupNo_CIV5021_a, _b, _c”: the ends of the other names.
  for (const t of scored) {
    const ends = firstIn(clause.text.slice(t.end - clause.start), /^(?:,? (?:and |or )?_[A-Za-z\d]{1,12}(?![\w]))+/)?.[0], base = /^(.+)_[A-Za-z\d]{1,12}$/.exec(t.value)?.[1];
    if (ends && base) return { value: [t.value, ...ends.match(/_[A-Za-z\d]+/g)!.map((end) => base + end)].join(' or '), start: t.start, end: t.end + ends.length };
  }
  // “podcast_[group].mp3 and script_[group].pdf”: a name for each document.
  const ending = (name: string): string => /\.\w+$/.exec(name)?.[0].toLowerCase() ?? '';
  const inOrder = [...scored].sort((a, b) => a.start - b.start), names = inOrder.filter((t, i) => inOrder.findIndex((o) => o.value === t.value) === i), listed = inOrder.slice(1).every((t, i) => says(clause.text.slice(inOrder[i]!.end - clause.start, t.start - clause.start), /^[”"’'\x60)]?\s*(?:[,;/&+]|\band\b|\bor\b|\bbzw\.|\b(?:und|oder|et|ou|y)\b|[,;]? (?:and|or|plus)\b)[^.]{0,40}$/i));
  if (names.length > 1 && names.every((t) => ending(t.value) !== '' && !/\s/.test(t.value.replace(/[<[{][^<>[\]{}]{1,40}[>\]}]/g, ''))) && (listed || new Set(names.map((t) => ending(t.value))).size > 1)) return { value: names.map((t) => t.value).join(' or '), start: inOrder[0]!.start, end: inOrder.at(-1)!.end };
  // “StudentNumber_RA and StudentNumber_Hours”, “Thesis_StudentNumber and Data_StudentNumber”.
  if (names.length > 1 && listed && names.every((t) => ending(t.value) === '' && /^[^\s.]+[_-][^\s.]+$/.test(t.value)) && [0, -1].some((i) => new Set(names.map((t) => t.value.split(/[_-]/).at(i)!.toLowerCase())).size === 1)) return { value: names.map((t) => t.value).join(' or '), start: inOrder[0]!.start, end: inOrder.at(-1)!.end };
  // “T3_Poster_[group letter].pdf and T3_Note_[group letter]”.
  if (names.length > 1 && listed && names.every((t) => /_/.test(t.value) && /[<[{][^<>[\]{}]{1,40}[>\]}]/.test(t.value))) return { value: names.map((t) => t.value).join(' or '), start: inOrder[0]!.start, end: inOrder.at(-1)!.end };
  return scored.sort((a, b) => b.score - a.score)[0] ?? null;
}
