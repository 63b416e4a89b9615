import { noun, type Mention } from './document-names.ts';
import { negation } from './statements.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** What is not these is refused: these are what is asked for. */
export const otherThan = /\b(?:anything|everything|whatever) (?:other than|but|except) (?:an? )?\.?(?:pdf|docx?|odt|rtf|word)\b[^.;]{0,20}\b(?:refused|rejected|returned|not (?:be )?(?:accepted|opened|marked|read)|sent back|ignored|deleted)\b|\b(?:formats?|types?|kinds?|files?) other than\b[^.;]{0,40}\b(?:cannot|can['’]?t|will not|won['’]t|are not|is not|not|rejected|refused|returned|blocked)\b|\b(?:anything|everything|whatever|files?|documents?) (?:that|which) (?:isn['’]t|is not|aren['’]t|are not)(?= (?:an? |in )?\.?(?:pdf|docx?|odt|rtf|word)\b)/i;
/** Verbs whose second piece ends the sentence. */
const handedInApart = /(?<!\p{L})(?:geben|reichen|laden|gebt|reicht|ladet|lade|reiche|gib|lever|lever je|dien)(?!\p{L})/iu;
const whatToSend = /^\W*(?:Q\s*[:.]\s*)?(?:and )?what (?:exactly )?(?:do|should|must|shall) (?:I|we|you) (?:have to |need to )?(?:hand in|submit|upload|send|deliver)\b[^?]*\?|^\W*(?:Q\s*[:.]\s*)?what\?\W*$|^\W*(?:\d+[.)]?\s*)?what to (?:submit|hand in|upload|send|deliver)\W*$/i;
/** A kind counts as asked for where something is to be handed in, saved, accepted or named by it; not where it is only talked about. */
export function isDemand({ clause, at, to }: Mention): boolean {
  const text = clause.text;
  // “.docx or .odt.”: nothing but kinds.
  if ([...eachIn(text, /(?:^|\.\s+)\W*(?:docx?|odt|rtf|pdf|word)(?:\s*(?:,|\/|or|and)\s*\.?(?:docx?|odt|rtf|pdf|word))+(?=\.(?:\s|$)|\W*$)/gi)].some((m) => m.index <= at - clause.start && at - clause.start < m.index + m[0].length)) return true;
  // “Photos of your pages (JPG, PNG or HEIC), merged to ONE PDF”: what it is made of.
  if (/^\.?(?:jpe?g|png|heic|tiff?|gif)$/i.test(text.slice(at - clause.start, to - clause.start)) && says(text.slice(to - clause.start), /\b(?:merged?|combined?|joined?|put together|collected|turned|converted|made)\b[^.;]{0,60}\b(?:in)?to (?:one|a single)\b[^.;]{0,10}\bpdf\b/i)) return false;
  // “1800–2200 words, PDF, no names on it because …”: an item beside a length.
  if (says(text.slice(0, at - clause.start), /\d (?:words|pages|sides)(?: [^,;.]{0,20})?, (?:as )?(?:an? |one )?\.?$/i) && says(text.slice(to - clause.start), /^(?: (?:file|document|format))?\s*(?:[,;.]|$)/i)) return true;
  // “We'd like a Word document, because we comment electronically.”
  if (says(text.slice(0, at - clause.start), /\b(?:we|I)(?:['’]d| would) like (?:(?:to have |to see )?(?:an? |one )|(?:your|the) \w+ (?:as|in) (?:an? )?)$/i)) return true;
  // “Pack everything into ONE zip.”
  if (says(text.slice(0, at - clause.start), /\b(?:pack|put|zip|bundle|compress|place)\b[^.;]*\b(?:in|into|to|as) (?:one|a single|an?|1) $/i) && /^zip|^\.zip/i.test(text.slice(at - clause.start, to - clause.start))) return true;
  // “A PDF with your texts and, separately, the cover letter”.
  if (says(text.slice(0, at - clause.start), /^\W*(?:(?:A|Answer)\s*[:.]\s*)?(?:an?|one|exactly one)(?: single)? $/i) && says(text.slice(to - clause.start), /^ (?:file |document )?(?:with|containing|holding) (?:your|all)\b(?![^.;]*\b(?:is|are|can|will) (?:be )?(?:on|in|available|found|downloaded|returned|sent back)\b)/i)) return true;
  // “Files in formats other than Word or PDF cannot be opened.”
  if (says(text, otherThan) && at - clause.start > text.search(otherThan)) return true;
  // “(i) the report itself, 2,500 words, in PDF;”.
  if (says(text, /^\W*\(?(?:i{1,3}|iv|v|[a-h]|\d{1,2})[.)]\s/i) && /,\s+(?:in|as) (?:an? |one )?$/i.test(text.slice(0, at - clause.start)) && /^\W*(?:$|[;,.]|and\b)/i.test(text.slice(to - clause.start).replace(/^ (?:format|file)/, ''))) return true;
  // “Die Arbeit geben Sie bis Montag als PDF ab”: a verb in two pieces, around the kind; “lever het als PDF in”.
  const endsInVerb = says(text.slice(to - clause.start), /^(?:-?(?:datei|dokument|bestand|fil))?(?:\s[^.;]{0,60})?\s(?:ab|ein|hoch|in)\W*$/iu), before = text.slice(0, at - clause.start);
  if (endsInVerb && (says(before, /(?<!\p{L})(?:als|as)(?: (?:ein(?:e[ns]?)?|een|eine einzige|einzelnes?))?\s+\.?$/iu) || says(before, handedInApart) && says(before, /(?<!\p{L})(?:ein(?:e[ns]?)?|een|one|1|a)\s+\.?$/iu))) return true;
  // “What do I hand in? A poster as PDF and an abstract as Word or PDF.”
  if (clause.under !== undefined && says(clause.under, whatToSend)) return true;
  // “PDF only, generated from the supplied LaTeX or Word template”: what it is made with.
  if (/template$/i.test(text.slice(at - clause.start, to - clause.start)) && says(text.slice(0, at - clause.start), /\bpdf\b[^.;]*\b(?:from|using|with|in|on|based on) (?:the|our|a|this) (?:[a-z]+ )?(?:LaTeX (?:or|\/|and) )?$/i)) return false;
  // What goes to a supervisor or an ethics board is not handed in here.
  // “Use the template (ethics_form_v4.docx)”: what is filled in, and saved as something else.
  if (says(text.slice(0, at - clause.start), /\b(?:template|blank|supplied form|form provided)\s*\([\w -]*\.?$/i) && /^\w*\s*\)/.test(text.slice(to - clause.start)) && /\bsave\w* (?:it )?as\b/i.test(text.slice(to - clause.start))) return false;
  if (says(text.slice(0, at - clause.start), /\b(?:approval|ethics)\b[^.;]*\bform\b/i) && !says(text, /\b(?:uploads?|submit|hand[- ]in|return it|with the|appendix|save|(?:files|documents|parts|things|items)\b[^.;]{0,40}|consists? of|accompanied by|(?:as|in|must(?: both)? be|should(?: both)? be|has to be(?: submitted| uploaded)?(?: as| in)?)(?: an?)? (?:pdf|word|\.?docx?)|goes)\b|^\W*(?:\p{L}+ ){1,3}form(?:\s*[–—:(-]|\s{2,})/iu) || says(text.slice(to - clause.start), /^[^.;]{0,24}\bto (?:your|the) (?:supervisor|ethics|tutor)\b/i) && /\balso send\b/i.test(text)) return false;
  // “Read the article (PDF)”, “Download the template (Word), fill it in and upload it as a PDF”: what is handed out.
  const givenOut = firstIn(text.slice(0, at - clause.start), /\b(read|watch|study|consult|download|open|look at|work through)\s+(?:the|this|these|our|an?|chapter) (?:[\w’'-]+ ){0,4}\((?:an? )?\.?$/i);
  if (givenOut && /^[\w ,.]{0,24}\)/.test(text.slice(to - clause.start)) && (!/^(?:download|open)$/i.test(givenOut[1]!) || says(text.slice(to - clause.start), /\b(?:it|them|this) (?:back )?(?:as|in|to) (?:an? )?\.?(?:pdf|docx?|word|odt)\b/i))) return false;
  // “Reading: Harding (pp. 1–46), PDF in the folder”.
  if (says(text.slice(to - clause.start), /^s? (?:is |are )?(?:in|on) the (?:folder|module page|course (?:page|site)|site|library|shared drive)\b/i) && !says(text, /\b(?:submit\w*|hand\w*|upload\w*|sav\w+|put|must|should)\b/i)) return false;
  if (says(text, /\b(?:no|any) (?:specific|particular) (?:file )?(?:format|type)\b/i) && /\bprefer\w*\b/i.test(text) || says(text, /\b(?:accept|take|allow) (?:whatever|any) (?:file )?(?:format|type)\b/i)) return false;
  // “Statement of originality signed and scanned into the PDF”.
  if (says(text.slice(0, at - clause.start), /\b(?:signed|scanned|bound|inserted|pasted|copied|included|placed) (?:in|into|inside|within) the (?:same )?$/i)) return false;
  // “The questionnaire (Excel) belongs in the appendix.”
  if (says(text.slice(to - clause.start), /^[^.;]*\b(?:belongs?|goe?s?|comes?) (?:in|into) the appendi(?:x|ces)\b/i)) return false;
  if (says(rewritten(text.slice(0, at - clause.start), [/[“"][^”"\n]{3,80}[”"]/g, ' '], [/^\W*(?:everything|all|the rest|nothing) else(?: in the (?:brief|handbook|instructions|guide))?[^:.;]{0,40}:/i, ' ']), /\b(?:template|reading|handout|slides? (?:are|is)|lecture|available as|can be found|download(?:ed)? (?:the|from)|(?<!interview )guide|instructions?(?! (?:are|remain|stay) (?:unchanged|the same))|rubric|feedback|brief) (?:is|are|as|in|\()?/i) && !says(text, /\b(?:submit|consists? of|hand (?:it |them )?in|upload|(?:make|prepare|create) (?:an?|your|one)(?: [\w-]+)? handout|return it|save|keep (?:it|this|them) (?:as|in)|leave (?:it|this) as|export|convert|provide|deliver|must be|should be|accepted)\b/i)) return false;
  if (text.includes('|') && /\|\s*(?:an? |one )?$/.test(text.slice(0, at - clause.start))) return true;
  if (/\b(?:one|a single|exactly one)\s+$/i.test(text.slice(0, at - clause.start)) && says(text.slice(to - clause.start), /^\s*(?:file |document )?per (?:group|student|person|team|pair)\b/i)) return true;
  // “• 6 final edits, JPEG, sRGB, long side 3000 px”.
  if (says(text.slice(0, at - clause.start), /^\W*(?:\d{1,2}\s+)?(?!and\b|or\b|but\b|if\b|no\b)[\p{L}][\p{L} -]{2,30}[,(]\s*(?:an? |one |as )*$/u) && /^\W*\d/.test(text)) return true;
  // “2. Booklet, A4, 16–24 pages, PDF, max 20 MB: …”
  if (says(text.slice(0, at - clause.start), /^\W*(?!(?:All|Each|Every|Please|Use|Write|Read|No|See|Save|Do|Download|If|When|For)\b)\p{Lu}[\p{L} -]{2,30}(?:,\s+[^,;:.\n]{1,30}){1,3},\s+(?:an? |one |as )*$/u)) return true;
  // “Abstract: 250 words at most, Word, to the folder …”
  if (new RegExp(`^\\W*${noun}\\s*:\\s*[^.;:]{2,60},\\s+(?:an? |one |as )*$`, 'iu').test(text.slice(0, at - clause.start)) && /^\s*(?:[,.]|$)/.test(text.slice(to - clause.start))) return true;
  // “You are asked for (a) a video essay, MP4, and (b) a commentary, PDF”.
  if (/\((?:a|i|1)\)\s[^()]*\((?:b|ii|2)\)\s/.test(text) && /\b(?:asked|required|expected|due)\b/i.test(text)) return true;
  // “A proposal and a timetable, both as PDF”.
  if (says(text.slice(0, at - clause.start), /,\s*(?:both|all(?: three| four)?|each) (?:as|in) (?:an? )?$/i)) return true;
  // “1. Produce a PDF/A-2b version of the thesis.”
  if (says(text.slice(0, at - clause.start), /^\W*(?:\d{1,2}[.)]\s*)?(?:please )?(?:produce|create|generate|prepare|make)\s+(?:an? |one |the )?$/i)) return true;
  // “What should it look like? It’s one PDF with a table of contents.”
  if (says(text.slice(0, at - clause.start), /^\W*(?:A\s*[:.]\s*)?(?:it|that)(?:['’]s| is| should be| must be) (?:one|an?|a single|just one) (?:single )?$/i) && clause.under !== undefined && /\?\W*$/.test(clause.under)) return true;
  // “Whatever your word processor makes, as long as it’s a .docx or a .rtf.”
  if (says(text.slice(0, at - clause.start), /\bas long as it(?:['’]s| is)(?: either)? (?:an? )?\.?$/i)) return true;
  // “All other conditions (2,000 words, PDF, anonymous) remain in force.”
  if (says(text.slice(0, at - clause.start), /\b(?:conditions|requirements|rules|instructions)\s*\([^()]*$/i) && says(text.slice(to - clause.start), /\b(?:remain|stay|apply|hold|are unchanged)/i)) return true;
  // “The working file (docx or odt) is welcome too but not required.”
  if (says(text.slice(to - clause.start), /^[^.;]{0,40}\b(?:(?:is|are) )?(?:welcome|optional|possible|nice to have)\b[^.;]{0,20}\bnot (?:required|needed|necessary|obligatory|compulsory)\b|^[^.;]{0,30}\b(?:is|are) optional\b/i)) return false;
  // “Word files are fine for drafts.” “The PDF version of the reading list is on the course page.” “The form (form.docx on the page)”. “Inside we expect report.pdf and data.csv.”
  if (says(text.slice(to - clause.start), /^[^.;,]{0,20}\b(?:is|are) (?:fine|ok(?:ay)?|enough|welcome|acceptable) for (?:the |your )?drafts?\b/i)) return false;
  if (says(text.slice(to - clause.start), /^(?: (?:version|file|copy))? of the (?:reading list|slides|handbook|handout|articles?|books?|lecture|textbook|brief|guide|template)\b/i) || /\([\w-]*\.?$/.test(text.slice(0, at - clause.start)) && says(text.slice(to - clause.start), /^ on the (?:course |module |class )?(?:page|site)\)/i)) return false;
  if (clause.under !== undefined && says(clause.under, /^\W*(?:contents?|what (?:is|goes|belongs))(?: (?:of|in|into) (?:the|your) (?:archive|zip|folder|package))?\W*$/i)) return false;
  if (/^\W*contents?\s*:/i.test(text) || says(text, /^\W*(?:and )?inside(?: it)?,? (?:we expect|there should be|put|you put|go)\b/i)) return false;
  // “Keep the original Word file in case we ask for it.”
  if (says(text.slice(0, at - clause.start), /\bkeep (?:a copy of )?(?:the|your) (?:original )?$/i) && says(text.slice(to - clause.start), /^ (?:(?:file|version|document) )?(?:in case|for (?:your|the) (?:own )?records|as a (?:backup|copy)|safe(?:ly)?|until)\b/i)) return false;
  // “Your report goes in as PDF (10 MB at most), your data as CSV (50 MB at most).”
  if (says(text.slice(0, at - clause.start), /\b(?:goes?|comes?) (?:in )?(?:as|in) (?:an? |one )?\.?$/i) || says(text.slice(0, at - clause.start), /\b(?:goes?|comes?) (?:in )?(?:as|in) (?:an? |one )?\.?\w+[^.;]*,\s*(?:and |while )?(?:your|the) [\p{L} -]{3,40} (?:as|in) (?:an? |one )?\.?$/iu)) return true;
  // “Entries as PDF to prize@edges.example”.
  if (says(text.slice(0, at - clause.start), /^\W*(?:\d+[.)]\s*)?(?:entries|essays|papers|submissions|reports|manuscripts|abstracts|proposals) (?:as|in) (?:an? )?$/i)) return true;
  // “Word preferred, PDF fine.”
  if (says(text.slice(to - clause.start), /^ (?:files? )?(?:is |are )?preferred\b[,;]? (?:but )?\.?(?:pdf|word|docx|odt|rtf)\b[^.;)]{0,12}\b(?:fine|ok(?:ay)?|accepted|allowed|possible|too|also|works)\b/i)) return true;
  // “PDF preferred, Word accepted.”
  if (says(text.slice(0, at - clause.start), /\bpdf (?:is )?preferred[,;] (?:but )?$/i) && says(text.slice(to - clause.start), /^ (?:files? )?(?:(?:is|are) )?(?:also )?(?:accepted|ok(?:ay)?|allowed|possible|fine)\b/i)) return true;
  // “Budget (Excel tables pasted in)”: what is put into the paper is no file.
  if (says(text.slice(to - clause.start), /^s?(?: \w+){0,2} (?:pasted|copied|embedded|inserted|included) in(?:to)?\b/i)) return false;
  // “Report as PDF, max. 20 MB, max. 30 pages including appendices”.
  if (says(text.slice(0, at - clause.start), /^\W*(?!(?:reading|notes|handouts?|slides|examples?|samples?|templates?|available|if|not)\b)[\p{L}][\p{L} -]{2,40} as (?:an? |one )?$/iu) && /^\s*,/.test(text.slice(to - clause.start))) return true;
  // “Due by noon, on paper in class or as PDF/DOCX on the course page”; “Attach: employer's certificate (PDF or JPG)”.
  if (says(text.slice(0, at - clause.start), /^\W*due\b[^.;]*\b(?:or as (?:an? )?(?:PDF\/)?|electronically\b[^;]*[(,]\s*(?:(?:Word|PDF|DOCX) or )?)$/i) || /^\W*attach(?:ed|ment)?\s*:/i.test(text)) return true;
  // “By the same time, email a PDF to me.” “The handbook (PDF) can be downloaded.”
  if (says(text.slice(0, at - clause.start), /(?:^|[,;.]|\b(?:and|then|please|time)\b)\s*,? e-?mail (?:me |us )?(?:an? |one |your |the |it as (?:an? )?)(?:\w+ ){0,2}$/i)) return true;
  if (says(text, /^\W*(?:the |your )?(?:tutors?|markers?|lecturers?|examiners?|office|I|we)(?:['’]ll| will) (?:e-?mail|send|return|hand|give|post)\b/i)) return false;
  if (says(text.slice(to - clause.start), /^\)? (?:can|may) be (?:downloaded|found|printed|picked up)\b/i)) return false;
  // “Still 1500–2000 words, still PDF”.
  if (/\bstill (?:a |one |as )?$/i.test(text.slice(0, at - clause.start))) return true;
  // “Paper: 10–12 pages, Word or PDF, …”.
  if (/\b\d+\s?(?:words?|pages?|MB)\b/i.test(text) && /^\W*[\p{L} ]{3,60}:/u.test(text)) return true;
  // “1. report.pdf – the written report in two columns, at most 6 pages, 10 MB”.
  const fileName = firstIn(text.slice(0, at - clause.start), /^\W*(?:\d{1,2}[.)]\s*|\([a-z\d]\)\s*)?[\w<>#-]{2,40}(\.?)$/);
  if (fileName && (fileName[1] === '.' || text[at - clause.start] === '.') && /\b\d+\s?(?:words?|pages?|[MK]B)\b/i.test(text)) return true;
  // “Use the template (Word) and convert to PDF”.
  if (/\btemplate\W*$/i.test(text.slice(0, at - clause.start)) && says(text.slice(to - clause.start), /^\W*(?:and |then )*(?:convert|export|save|print)\b[^.;]*\bpdf\b/i)) return false;
  // “One PDF (typed in LaTeX or Word, or a clear scan)”.
  if (says(text.slice(0, at - clause.start), /\bpdf\b[^()]{0,14}\((?:typed|written|typeset|prepared|made) (?:up )?(?:in|with)\b[^()]*$/i)) return false;
  // “Type your answers (LaTeX or Word) and return one PDF”: what it is written with.
  if (says(text.slice(0, at - clause.start), /\b(?:type|typeset|write|prepare|draft)\s+(?:up )?(?:your|the|it|them)\b[^.;]{0,40}(?:\(|\b(?:in|with|using)\s+)[^.;)]*$/i) && says(text.slice(to - clause.start), /\b(?:convert|save|export|return|submit|upload|hand (?:it )?in|save|turn)\b[^.;]*\bpdf\b/i)) return false;
  return says(text, /\b(?:submi|hand|deposit|consist|compris|combin|merg|upload|sav|export|convert|format|accept|allow|only|must|should|file types?|kinds?|file|require(?:d|ments?)|please|need|send|return|attach|turn(?:ed)?(?: it| them| your \w+)? in|deliver|provid|as (?:a|an|one)|single|plus|type|by e-?mail|may be an?|put an?|prefer)\w*/i) || says(text, /^[^:]{3,60}:[^.]*\b(?:max(?:imum)?|by|due|deadline)\b/i) || says(text.slice(0, at - clause.start), /(?:[([–:-]|→|[-=]>)\s*(?:as )?(?:(?:an?|one|single) )*\.?$/) || new RegExp(`\\b${noun}\\s*\\([^()]*$`, 'i').test(text.slice(0, at - clause.start)) || text.length < 60 || says(text.slice(to - clause.start), negation);
}
