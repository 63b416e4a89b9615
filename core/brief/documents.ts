import type { DocumentDemand, Limits } from '../model/brief.ts';
import type { Kind } from '../model/kinds.ts';
import { pairedDocuments } from './foreign-documents.ts';
import { isGerman } from './german.ts';
import { mostMentions, noun, type DocumentLabel, type Mention } from './document-names.ts';
import { mainAndSecond } from './second-document.ts';
import { shapedDocuments, withBareItem } from './document-shapes.ts';
import { isDemand, otherThan } from './is-demand.ts';
import { isLastOfList, jointDocuments } from './joint-documents.ts';
import { packedList } from './packed-list.ts';
import { listedDocuments } from './listed-documents.ts';
import { labelOfItem } from './list-items.ts';
import { clausesWith, isRefused, matchesIn, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** Names of kinds as departments write them. The bare name of a word processor means its present document kind. */
const kindWords: readonly [RegExp, Kind[]][] = [
  [/\.?\bdocx\b/gi, ['docx']], [/\.doc\b(?!x)|\bdoc files?\b|(?<=\b(?:PDF|DOCX|RTF|ODT|TXT)(?:,| or| and|\s?\/)\s?)\bdoc\b(?=\s*(?:[,/.)]|or\b|and\b|$))|(?<!Word )\bdoc\b(?=\s*(?:[,/]|or\b|and\b)\s*(?:or |and )?(?:docx|pdf|rtf|odt)\b)/gi, ['doc']], [/\bpdfs?\b|\bportable document format\b/gi, ['pdf']], [/\b(?:open ?document(?: text)?|odt)\b/gi, ['odt']],
  [/\b(?:MS |Microsoft )?Word (?:document|file|format|version|copy|attachment|doc|original|source|manuscript|template(?! (?:is|can|on|from the library)))s?\b|\b(?:MS|Microsoft) Word\b|\bWord(?=(?: is|,)? \(?(?:is )?prefer)|(?<=\bPDF\s{1,8}(?:or|and|\/)\s{1,8})Word(?![\w-])|(?<=^\W*[A-Z][A-Za-z -]{2,30}: [^.;:\n]{2,60}, )Word(?=, (?:to|in|into|via|by)\b)|(?<=\([^()\n]{0,40}[,;]\s?|\()Word(?=\s?[,;)/])|\b[Ii]n Word\b(?! and (?:then )?(?:export|save|convert|print)\b)|\bWord(?=\s?\/\s?(?:PDF|ODT|RTF|docx?)\b)|(?<=\b(?:PDF|ODT|RTF|docx?)\s?\/\s?)Word(?! (?:limit|count))\b|(?<=\b(?:[Uu]se|[Ss]end (?:me|us)|be|[Ss]tick to|[Uu]pload|[Ss]ubmit|hand in|as) )Word(?=\s*(?:[.,;!)]|$|and nothing\b|so (?:that )?(?:I|we)\b|because\b|since\b|[–—-] ))|(?<=\b(?:accept|accepts|accepted:?|formats?:?|as|either) )Word(?=(?:, | or |\/)(?:RTF|PDF|ODT|\.?docx?)\b)|(?<=PDF\/)Word\b|\bWord(?=-? or\s{1,4}(?:an? )?(?:PDF|RTF|ODT|OpenDocument|Open Document|Excel|PowerPoint|LaTeX)\b|,? and (?:PDF|RTF|ODT|Excel|PowerPoint)\b|, (?:Excel|PowerPoint|PDF|RTF|ODT)\b|\/(?:PDF|Excel))|(?<=PDF-? (?:or|and)\s{1,3}(?:as |in )?(?:a )?)Word\b|(?<=\()Word(?=\)|,)|(?<=[,;]\s)Word(?=\s*(?:[;.)]|$|,? \d+(?:\s?[-–]\s?\d+)? ?(?:words|pages)))|(?<=\bi\.e\.,? )Word\b|(?<=[:–-] )Word\b(?! limits?\b| counts?\b| length\b)|(?<=\|\s?)Word\b|\bWord(?= only\b| will do\b| is (?:also )?(?:OK|ok|okay|fine|accepted|possible|allowed)\b)|(?<=\bor )Word(?=[,.;)]| by\b)|(?<=\bprefer(?:red|ably)?:? )Word\b(?! limit| count)|(?<=\b[Bb]oth )Word(?=\s*(?:[.;,)]|$))|(?<=\bas )Word(?=\s*(?:[.,;:()!]|$)|\s(?:and|plus|or|by|to|via|on|with|not|before|for)\b)|\bWord(?=,? please\b| for (?:both|all|each|either|everything)\b)|^Word(?=\W*$)|\bWord(?= (?:is |are )?(?:also )?accepted\b)|(?<=\b(?:in addition to|besides|as well as|alongside) )Word\b/g, ['docx']], [/(?<!\d[ -])\bword (?:docs?|documents?|files?)\b/g, ['docx']], [/\bword[- ]process(?:or|ed|ing)\b (?:file|document)s?/gi, ['docx']],
  [/(?<=(?<!\b(?:and|so|is it) )\b(?:pdf|docx?|odt|rtf)(?: or | ?\/ ?)(?:as )?(?:an? )?)word\b(?=\s*(?:[,.;)!?]|$|files?\b|documents?\b|doesn|(?:is|are) (?:fine|ok|both|all)|both|whichever))|\bword(?= or (?:an? )?(?:pdf|odt|rtf)\b)/gi, ['docx']],
  [/\brtf\b|\brich text\b/gi, ['rtf']], [/\.txt\b|\bplain text\b|\btxt\b/gi, ['txt']], [/\bjpe?g\b|\.jpg\b|(?<=\bas )jpe?gs\b/gi, ['jpeg']], [/\bpng\b/gi, ['png']], [/\btiff?\b/gi, ['tiff']], [/\.?\bcsv\b|\bcomma-separated\b/gi, ['csv']], [/\b(?:xlsx|Excel(?: (?:spreadsheet|workbook|file|sheet))?|spreadsheet(?!\s*[,:–-]?\s*\(?\.?(?:xlsx|csv|ods)))\b/gi, ['xlsx']], [/\b(?:pptx|PowerPoint(?: (?:slides|presentation|file))?|slide deck(?!\s*\(?\.?(?:pptx|pdf)))\b/gi, ['pptx']], [/\bmarkdown\b|\.md\b/gi, ['markdown']], [/\bhtml\b/gi, ['html']], [/\bLaTeX source\b|\.tex\b/gi, ['tex']], [/\bzip\b(?! (?:nothing|neither|them not)\b)|(?<=\b(?:code|project|files|folder|data|scripts?|sources?),? (?:\()?)(?:zipped|as a zipped (?:file|folder))\b/gi, ['zip']], [/\.?\bepub\b/gi, ['epub']], [/\.?\bheic\b/gi, ['heic']], [/\.gif\b|\bGIFs?\b/g, ['gif']], [/\.ods\b|\bODS\b/g, ['ods']], [/\.odp\b|\bODP\b/g, ['odp']], [/\.json\b|\bJSON\b/g, ['json']], [/\.?\bmp4\b/gi, ['mp4']], [/\.?\bmp3\b/gi, ['mp3']], [/\.?\bwav\b(?! and noise)/gi, ['wav']], [/\.ipynb\b/gi, ['ipynb']],
];
/** “The page is wrong. It says you should submit an .odt file; please submit a PDF.” */
const saidWrongly = (clause: Clause, clauses: Clause[]): boolean => says(clause.text, /^\W*(?:it|the (?:course |module )?page|the site|the handbook) (?:says|said|tells you|states)\b/i) && says(`${clauses[clauses.indexOf(clause) - 1]?.text ?? ''}\n${clauses[clauses.indexOf(clause) + 1]?.text ?? ''}`, /\b(?:mistake|wrong|error|incorrect)\b|^\W*(?:but |instead,? )?please (?:submit|upload|hand)\b/i);

/** “Odt files make trouble with our marking tool.” */
const isTrouble = /^(?:(?:,| and|\/|,? und) ?\.?\w{2,5})?(?: files?| documents?| formats?| versions?)? (?:often |always |usually |sometimes |regularly |tend to |can |just )*(?:(?:make|makes|cause|causes|give|gives|lead|leads|create|creates) [^.;]{0,16}\b(?:trouble|problems?|difficult\w*|issues|errors|headaches?)\b|(?:are|is) (?:a |an )?(?:problem|trouble|nuisance|issue|pain)\b|(?:do not|does not|don['’]t|doesn['’]t|won['’]t|will not|cannot|can['’]t|never) (?:work|open|display|load|be opened|be read|be displayed)\b|(?:arrives?|comes? out|get|gets|break|breaks|crash|crashes|lose|loses)\b(?: (?:broken|garbled|damaged|corrupted|their|its|the|our)|$|[.,;]|\W*$))/i;
/** Mentions of kinds, each with whether it is asked for or refused. */
export function mentions(clauses: Clause[]): Mention[] {
  const found: Mention[] = [];
  for (const clause of clausesWith(clauses, /pdf|doc|odt|rtf|rich text|txt|plain text|jpe?g|png|tiff?|csv|comma-separated|xlsx|excel|spreadsheet|pptx|powerpoint|slide deck|markdown|\.md|html|latex|\.tex|zip|mp[34]|word|epub|heic|gif|ods|odp|json|wav|ipynb/i)) {
    const here: Mention[] = [];
    for (const [pattern, kinds] of kindWords) {
      for (const m of matchesIn(clause, pattern)) {
        if (here.some((h) => h.at < m.to && m.at < h.to)) continue;
        // The ending of a name that is given as an example.
        if (/\be\.g\.[^()]*\w\.?$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
        here.push({ kinds, at: m.at, to: m.to, clause, refused: saidWrongly(clause, clauses) || says(clause.text.slice(m.to - clause.start), isTrouble) && !says(clause.text.slice(0, m.at - clause.start), /\b(?:other than|except|but|besides|apart from|not) [^.;]*$/i) || says(clause.text.slice(0, m.at - clause.start), /\b(?:please )?convert (?:your|the|any|all) (?:\w+ )?\.?$/i) && says(clause.text, /\bonly pdfs?\b|\b(?:to|into) (?:a )?pdf\b/i) || !says(clause.text, otherThan) && isRefused(clause.text.slice(0, m.at - clause.start), rewritten(clause.text.slice(m.to - clause.start), [/\b(?:because|since|as) (?:the|our|your|we|I|they|you)\b.*$/s, ''])) });
      }
    }
    here.sort((a, b) => a.at - b.at);
    // “One zip file with your notebook and a README.txt”: what is in it is no document of its own.
    const pack = here.findIndex((h) => h.kinds[0] === 'zip' && says(clause.text.slice(h.to - clause.start), /^(?: (?:file|archive|folder))?(?: per (?:group|student|person|team|pair))?(?:,? \S+\.zip)?(?: \([^)]*\)|,[^()]{0,30}\)|, (?:not exceeding|(?:not|no) (?:larger|bigger|more|over|above)(?: than)?|of (?:at most|up to)|at most|max(?:imum|\.)?|under|up to|smaller than) [^,();]{2,20})?,? (?:with|containing|holding|comprising|made up of|of|that contains|that holds|must contain|should contain|has to contain|contains)\b/i));
    found.push(...(pack >= 0 ? here.slice(0, pack + 1) : here));
  }
  return found.slice(0, mostMentions);
}

/** “APA paper”: how it refers is not its name. */
const unstyled = (label: DocumentLabel): DocumentLabel => { const style = firstIn(label.label, /^(?:APA|MLA|IEEE|Harvard|Chicago|Vancouver)(?:[- ]style)? (?=\p{L})/u)?.[0].length ?? 0; return { label: label.label.slice(style), at: label.at + style }; };

/** Label of what a kind is asked for: “your essay as a PDF”, “Report (PDF)”, “Cover sheet – DOCX”. */
function labelBefore(mention: Mention, previousEnd: number, besideDraft: boolean): DocumentLabel | null {
  const before = mention.clause.text.slice(0, mention.at - mention.clause.start);
  // “The draft (Word) goes to your tutor. The final version must be a PDF.”
  const last = firstIn(before, /^\W*(?:the|your) (final (?:version|text))\b/i);
  if (last && besideDraft) return { label: last[1]!, at: mention.clause.start + last[0].length - last[1]!.length };
  // “Submit the spreadsheet you used along with the write-up (PDF).”
  if (/^(?:spreadsheet|slide deck)$/i.test(mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start)) && says(before, /\b(?:submit|upload|hand in|send|deliver) (?:the|your) $/i) && says(mention.clause.text.slice(mention.to - mention.clause.start), /^ (?:(?:that |which )?you (?:used|made|built) )?(?:along with|together with|and) (?:the|your)\b/i)) return { label: mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), at: mention.at };
  // “The accompanying spreadsheet shall be uploaded in XLSX format as a second file.”
  if (/^(?:spreadsheet|slide deck)$/i.test(mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start)) && says(before, /^\W*(?:\(?[a-h1-9]\)\s*)?the (?:accompanying |completed |finished )$/i)) return { label: mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), at: mention.at };
  // “… and the spreadsheet with your calculations”: the word for the kind is the name as well.
  if (says(mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), /^(?:spreadsheet|slide deck|presentation)$/i) && previousEnd > mention.clause.start && says(before, /(?:\band|\bplus|,)\s+(?:the|your|an?|one)\s+(?:[a-z]+ )?$|\s\+\s+(?:(?:the|your|an?|one) )?$/i)) return { label: mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), at: mention.at };
  // “Spreadsheet: xlsx.”
  if (says(mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), /^(?:spreadsheet|slide deck|presentation|slides)$/i) && /^\W*$/.test(before) && /^\s*:/.test(mention.clause.text.slice(mention.to - mention.clause.start))) return { label: mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), at: mention.at };
  // “- report.pdf (no more than 12 pages)”: an item of a list that is a file.
  const item = firstIn(mention.clause.text, /^[\s•▪◦*–-]*(?:\(?(?:\d{1,2}|[a-h])[.)]\s*)?([A-Za-z][A-Za-z-]{2,})\.(?:pdf|docx?|odt|zip|xlsx|csv|pptx|mp[34])\b(?=\s*(?:\(|[–:;,|-]|$)|\s{2,})/i);
  if (item && item[0].length >= mention.to - mention.clause.start && item[0].length - (mention.to - mention.clause.start) < 2) return { label: item[1]!, at: mention.clause.start + item[0].indexOf(item[1]!) };
  // “Submit report.pdf and src.zip”: the names of files name the documents; elsewhere an ending says only the kind.
  if (/[\w>\])}]\.?$/.test(before) && (before.endsWith('.') || mention.clause.text[mention.at - mention.clause.start] === '.')) {
    const names = [...eachIn(mention.clause.text, /(?<![\w<[{.-])([A-Za-z][\w-]*)\.(?:pdf|docx?|odt|zip|xlsx|csv|pptx|mp[34])\b/gi)].filter((m) => !/_/.test(m[1]!)), own = names.find((m) => m.index + m[1]!.length <= mention.at - mention.clause.start && m.index + m[0].length >= mention.to - mention.clause.start);
    // “report.pdf and calc.xlsx”, “Two files: report.pdf, calc.xlsx”: nothing stands there but names.
    const onlyNames = says(names.reduce((t, m) => t.replace(m[0], ''), mention.clause.text).replace('(s)', ''), /^(?:[\s,;:&+()\d.•–-]|\b(?:and|plus|with|as well as|together|files?|two|three|both|the|your|upload|please)\b)*$/i);
    return own && new Set(names.map((m) => m[0].toLowerCase())).size > 1 && (onlyNames || says(mention.clause.text.slice(0, own.index), /\b(?:submit|hand in|upload|deliver|consists? of)\b|\bfiles (?:should|must|are to|have to) be (?:named|called)\b|^\W*(?:what(?: (?:is|must be|to be) (?:uploaded|submitted|handed in|delivered))?|deliverables?|files?(?: to (?:submit|hand in|upload))?)\s*:/i)) && (!says(mention.clause.text.slice(0, own.index), /\b(?:e\.g|example|name[ds]?|naming|called)\b/i) || says(mention.clause.text.slice(0, names[0]!.index), /\bfiles (?:should|must|are to|have to) be (?:named|called) $/i)) ? { label: own[1]!, at: mention.clause.start + own.index } : null;
  }
  // “Deliver your video as MP4, along with a PDF transcript.”
  const behind = previousEnd > mention.clause.start && says(before, /(?:\band|\bwith|\bplus|,)\s+(?:an?|the|your|one)\s+$/i) ? new RegExp(`^\\s((?!file|document|version|copy)${noun})\\b`, 'i').exec(mention.clause.text.slice(mention.to - mention.clause.start)) : null;
  if (behind) return { label: behind[1]!, at: mention.at };
  const from = Math.max(previousEnd, mention.clause.start);
  const text = mention.clause.text.slice(from - mention.clause.start, mention.at - mention.clause.start);
  // “The dissertation (10,000 words, excluding references and appendices) … in PDF format”.
  const plain = rewritten(text, [/\([^()]*\b(?:excluding|excluded|excl|including|included|incl|not counting|counted|(?:not|n['’]t) count|without)\b[^()]*\)|[\w.+-]+@[\w.-]+|\b(?:exclusive of|inclusive of|excluding|including|incl\.?|excl\.?|not counting)(?: the)? [\p{L}]+(?:,? (?:and|or) (?:the )?[\p{L}]+)?/giu, (aside) => ' '.repeat(aside.length)]);
  const nouns = [...plain.matchAll(new RegExp(`\\b(${noun})\\b`, 'gi'))], inBrackets = nouns.at(-1);
  // “The ethics form (template on the module page; Word)”.
  // “A proposal with annotated bibliography (500 words; PDF)”.
  const holder = nouns.at(-2), whole = inBrackets && holder && says(plain.slice(holder.index + holder[0].length, inBrackets.index), /^ (?:(?:with|including) (?:an? |the |its |your )?|(?:on|about) (?:the|its|your|that) )(?:[a-z]+ )?$/i) ? holder : inBrackets;
  // “A signed declaration of originality (form D4)”.
  const numberOfForm = inBrackets && holder && /^form$/i.test(inBrackets[1]!) && /\(\s*$/.test(plain.slice(0, inBrackets.index)) && /^ [A-Z\d][\w.-]{0,6}\)/.test(plain.slice(inBrackets.index + inBrackets[0].length)) ? holder : null;
  const m = numberOfForm ?? (inBrackets && nouns.length > 1 && /^template$/i.test(inBrackets[1]!) && says(text.slice(0, inBrackets.index), /\(\s*(?:(?:the|our|a) )?(?:(?:Word|Excel) )?$|\([^()]*\b(?:in|using|with|on) (?:our|the|this|your) (?:[a-z-]+ )?$/) ? nouns.at(-2) : whole);
  // “Each must be accompanied by the meeting log (Excel).”
  const beside = firstIn(text, /\baccompanied by (?:an?|the|your) ((?:[a-z-]+ ){0,2}[a-z-]+)\s*\(\s*\.?$/i);
  if (beside) return { label: beside[1]!, at: from + beside.index + beside[0].indexOf(beside[1]!) };
  // “We also need the meeting minutes as a separate PDF.”
  const apart = firstIn(text, /\b(?:need|want|require|submit|upload|include|add|attach)\s+(?:the|your|an?)\s+([a-z-]+(?: [a-z-]+)?)\s+as a separate\s*\.?$/i);
  if (apart) return { label: apart[1]!, at: from + apart.index + apart[0].indexOf(apart[1]!) };
  // “Three poems plus a commentary, all in one PDF”.
  if (says(text, /,\s*(?:all|both|everything) in (?:one|a single)\s*\.?$/i)) return null;
  // “Export your slides as PDF and add speaker notes as a Word file.”
  const besides = firstIn(text, /\band (?:add|attach|include|upload|hand in) (?:the |your |an? )?([a-z]+(?: [a-z]+)?) (?:as|in) (?:an? )?$/i);
  if (besides && previousEnd > mention.clause.start && !says(besides[1]!, /^(?:it|them|this|that|the|all|everything)\b/i)) return { label: besides[1]!, at: from + besides.index + besides[0].indexOf(besides[1]!) };
  // “Part A is a PDF of no more than 4 pages, Part B an Excel file”; “the written part counts 70 % (PDF), the screencast 30 % (MP4)”; “Code: one zip. Documentation: one PDF.”; “File 2: title page with names (docx)”.
  const lettered = firstIn(text, /\b((?:part|component|element|section) (?:[A-D]|\d))\b,? (?:is |must be |should be )?(?:an? |one )?\.?$/i), weighed = firstIn(text, /\b(?:the|your) ([a-z]+(?: [a-z]+)?) (?:counts (?:for )?|is worth )?\d{1,3} ?%,? \(\.?$/i), coloned = previousEnd === mention.clause.start ? firstIn(text, /^\W*(\p{Lu}\p{L}+(?: \p{Ll}+)?):\s+(?:one|an?|a single|1)\s+$/u) : null, numberedFile = previousEnd === mention.clause.start ? firstIn(text, /^\W*(?:file|document|upload|item) \d{1,2}\s*[:–-]\s*(?:the |your |an? )?([a-z]+(?: [a-z]+)?)(?: with(?:out)? [a-z ]{3,24})?\s*\(\.?$/i) : null;
  if (numberedFile) return { label: numberedFile[1]!, at: from + numberedFile[0].indexOf(numberedFile[1]!) };
  if (coloned && says(coloned[1]!, /\b(?:text|code|documentation|manual|slides?|images|pictures|figures|log|diary|portfolio|plan|essay|report|translation|commentary|poster|video|script|notebook|data ?set|questionnaire|appendix|thesis|reflection|summary|abstract|pitch|design|model|drawings?)$/i)) return { label: coloned[1]!, at: from + coloned[0].indexOf(coloned[1]!) };
  if (lettered) return { label: lettered[1]!, at: from + lettered.index };
  if (weighed) return { label: weighed[1]!, at: from + weighed.index + weighed[0].indexOf(weighed[1]!) };
  // “Essay + declaration in one PDF”: the first of them is the name.
  const joined = new RegExp(`(?:^|[;,:])\\W*((?:your |the )?${noun}) (?:\\+|and|&) (?:your |the |a )?(?:declaration|cover ?sheet|cover page|form|title page) (?:in|as) (?:one|a single) (?:single )?$`, 'i').exec(text);
  if (joined) return { label: joined[1]!, at: from + joined.index + joined[0].indexOf(joined[1]!) };
  // “Audio → mp3”, “CAD files – 1 per group – ZIP”.
  const arrow = previousEnd === mention.clause.start ? firstIn(text, /^\W*(?!(?:formats?|types?|files?|what|where|when|upload|submit|how|name|length|size)\b)(\p{Lu}\p{L}*(?: \p{L}+){0,2})\s*(?:(?:→|->|=>)\s*(?:an? |one )?|[–-]\s+\d{1,2} per (?:group|person|student|team|pair)\s+[–-]\s+)\.?$/u) : null;
  if (arrow) return { label: arrow[1]!, at: from + arrow[0].indexOf(arrow[1]!) };
  // “… and the financial model as an Excel workbook”.
  const second = firstIn(text, /(?:^|\band|,)\s+(?:the|your|an?)\s+((?!(?:same|final|complete|whole|other|latter|file|document|work|text)\b)[a-z-]+(?: (?!as\b|in\b|must|should|is\b|may\b)[a-z-]+){0,2})\s+(?:as|in) (?:an? )?$/i);
  if (!m && second && previousEnd > mention.clause.start) return { label: second[1]!, at: from + second.index + second[0].indexOf(second[1]!) };
  // “1 x business plan (PDF), 1 x financial model (Excel)”.
  const counted = firstIn(text, /(?:^|[,;:]|\band)\s*(?:\d{1,2}\s?[x×]\s+)([a-z][a-z-]*(?: [a-z-]+){0,3})\s*\((?:(?:scanned|saved|exported|converted|scan) (?:as|to|into|in) (?:an? )?)?$/i);
  if (counted) return { label: counted[1]!, at: from + counted.index + counted[0].indexOf(counted[1]!) };
  // “Two things: your translation (docx) and your commentary (docx too)”.
  const own = firstIn(text, /(?:^|[,;:]|\band|\bplus)\s*(?:your|the|an?|one)\s+((?!(?:final|complete|whole|finished)\b)[a-z][a-z-]*(?: (?!itself\b)[a-z-]+){0,2})(?: itself)?\s*\(\.?$/i);
  if (!m && own && !says(own[1]!, /\b(?:work|files?|documents?|submission|upload|text|version|copy|format|one|names?)$/i) && says(mention.clause.text, /\b(?:two|three|four|five|[2-5]|both) (?:things|files|documents|items|parts|pieces)\b/i)) return { label: own[1]!, at: from + own.index + own[0].indexOf(own[1]!) };
  // “The thesis (PDF, up to 100 MB) and its LaTeX sources (zip)”.
  // “… and a photograph of your model (JPG, maximum 5 MB)”: the picture, not what is on it.
  const ofThing = firstIn(text, /\b(?:an?|one|two|three|the|your)\s+((?:[a-z]+ )?(?:photo(?:graph)?|picture|image|scan|screenshot|video|recording|drawing)s? of (?:the |your |an? |their |each )?[a-z-]+(?: [a-z-]+)?)\s*\((?:[^()]*[,;]\s*)?(?:an? )?\.?$/i);
  if (ofThing) return { label: ofThing[1]!, at: from + ofThing.index + ofThing[0].indexOf(ofThing[1]!) };
  // “Everybody uploads an individual contribution statement (1 page, Word or PDF)”.
  const handed = firstIn(text, /\b(?:uploads?|submits?|hands? in|sends?(?: in)?|includes?|adds?|attach(?:es)?|provides?|delivers?|brings?)\s+(?:in )?(?:an?|the|your|one)\s+((?!(?:final|complete|whole|finished|single|separate|second)\b)[a-z][a-z-]*(?: (?!(?:of|for|with|in|on|and|or|to|from|by|about|as)\b)[a-z-]+){0,3})\s*\((?:[^()]*[,;]\s*)?(?:an? )?\.?$/i);
  if (handed && new RegExp(`(?:^|[ -])${noun}$`, 'i').test(handed[1]!)) return { label: handed[1]!, at: from + handed.index + handed[0].lastIndexOf(handed[1]!) };
  const itsOwn = previousEnd > mention.clause.start ? firstIn(text, /\band (?:its|their|the accompanying) ((?:[A-Za-z-]+ )?[a-z-]+)\s*\(\.?$/) : null;
  if (itsOwn) return { label: itsOwn[1]!, at: from + itsOwn.index + itsOwn[0].indexOf(itsOwn[1]!) };
  // “Poster (PDF) + 1-page abstract (DOCX) + 90-second pitch (MP4)”.
  const plusOne = previousEnd > mention.clause.start ? firstIn(text, /\s\+\s+(?:an? |one |the |your |\d{1,4}-\w+ )?([a-z][a-z-]+(?: [a-z-]+)?)\s*\(\.?$/i) : null;
  if (plusOne) return { label: plusOne[1]!, at: from + plusOne.index + plusOne[0].indexOf(plusOne[1]!) };
  // “… and one image (JPG, at least 300 dpi)”.
  const pictured = firstIn(text, /\b(?:one|an?|two|three)\s+((?:[a-z]+ )?(?:image|photo|photograph|picture)s?)(?: of [a-z ]{3,30})?\s*\(\s*$/i);
  if (pictured && says(text.slice(0, pictured.index), /\b(?:and|include|attach|plus|add)\s+$/i)) return { label: pictured[1]!, at: from + pictured.index + pictured[0].indexOf(pictured[1]!) };
  // “≤ 5 pages, figures captioned, PDF”.
  if (m && /^(?:figures?|tables?)$/i.test(m[1]!.trim()) && says(text.slice(m.index + m[0].length), /^ (?:captioned|numbered|labelled|labeled|included|embedded)\b/i)) return null;
  // “Because you drew figures by hand) merge them into one PDF”.
  if (m && /^(?:figures?|pictures|maps?|photos)$/i.test(m[1]!.trim()) && says(text.slice(m.index + m[0].length), /\b(?:merge|combine|join|put) (?:them|everything|it all|all of them)\b/i)) return null;
  // “Photos must be merged to one PDF” says what the PDF is made of.
  if (m && says(m[1]!.trim(), /^(?:photos|photographs|pictures|scans|images|pages)$/i) && says(text.slice(m.index + m[0].length), /^ (?:must|should|have to|are to|need to) be (?:merged|combined|joined|put|collected)\b/i)) return null;
  // “English summary for exchange students: …” says for whom it is written.
  if (m && /^ for (?:[a-z]+ )?students\b/i.test(text.slice(m.index + m[0].length))) return null;
  // “(Double-column, ABCD template, PDF)” tells how it is set.
  if (m && /template$/i.test(m[1]!) && says(text.slice(0, m.index), /\b(?:[A-Z]{3,}|(?:one|two|single|double|1|2)-column|LaTeX|conference|journal)\s+$|\b[A-Z]{3,}(?:[-\s]\w+)?\s+$/)) return null;
  // “PART 1 (data collection sheet): …”.
  const aside = m ? new RegExp(`\\(((?:[a-z][a-z-]* ){1,3}${noun})\\)\\s*:`).exec(text) : null;
  if (aside && m && aside.index < m.index && aside.index + aside[0].length >= m.index + m[0].length) return { label: aside[1]!, at: from + aside.index + 1 };
  // “Group report, max 25 pages + appendices max 10 pages, PDF”: what is added is not the name.
  const added = m && /^append/i.test(m[1]!) && says(plain.slice(0, m.index), /(?:\+|\bplus|\band)\s+(?:the |up to \d+ pages of )?$/i) ? new RegExp(`^\\W*(${noun})\\b`, 'i').exec(text) : null;
  if (added && added[0].length < m!.index) return { label: added[1]!, at: from + added[0].indexOf(added[1]!) };
  // “Report: max 20 pages + appendices (max 10 pages), PDF”: what the line is about stands before the colon.
  const lead = previousEnd === mention.clause.start ? new RegExp(`^\\W*(${noun}):\\s`, 'i').exec(text) : null;
  if (m && lead && m.index > lead[0].length && /^append/i.test(m[1]!)) return { label: lead[1]!, at: from + lead[0].indexOf(lead[1]!) };
  // What stands in quotation marks is a name on a screen.
  if (m && /[“"‘']$/.test(text.slice(0, m.index)) && /^[”"’']/.test(text.slice(m.index + m[0].length))) return null;
  // “Attach the declaration as the last page of the PDF.”
  if (m && says(text.slice(m.index + m[0].length), /\b(?:as|on|at|to|before|behind|after) (?:the |a )?(?:first|last|final|second|very first|very last|separate|beginning|end|front|back)?\s?(?:pages? (?:\d{1,3}(?: ?[–-] ?\d{1,3})? )?|end |beginning |front )?(?:of|in|inside|within) (?:the|your|this|that)(?: same| one)? $/i)) return null;
  // “A completed originality statement must be part of the PDF.”
  if (m && says(text.slice(m.index + m[0].length), /^[^.;]{0,40}\b(?:part of|inside|within|included in|contained in|(?:bound|scanned|inserted|pasted|merged|copied) into) (?:the|your|this)(?: same| one| single)? $/i)) return null;
  // “On paper and as a file”.
  if (!m || (/^text$/i.test(m[1]!) && /\bsame $/i.test(text.slice(0, m.index))) || (/^sheet$/i.test(m[1]!) && /\b(?:on|see|as in|in) the $/i.test(text.slice(0, m.index))) || (/^paper$/i.test(m[1]!) && (/\bon\s$|\($/i.test(text.slice(0, m.index)) || /^ cop(?:y|ies)\b/i.test(text.slice(m.index + m[0].length)))) || /\bin the same\b/i.test(text.slice(m.index))) return null;
  // “Your raw data as a spreadsheet” are the data.
  const as = /^(?:spread|work)?sheet$/i.test(m[1]!) ? new RegExp(`\\b(${noun})\\s+(?:as|in) (?:an? |the form of an? )?$`, 'i').exec(text.slice(0, m.index)) : null;
  if (as) return { label: as[1]!.trim(), at: from + as.index };
  // “Part A: Lesson plan (Word)”: after a mark, the word before belongs to the name.
  const wider = firstIn(text.slice(0, m.index), /(?:^|[:–-]\s+)\W*((?!(?:an?|the|your|our|my|his|her|one|two|both|each|every|this|all|submit|upload|hand|send|save|write|use|and|or|as|in|of|for|with|file|format|please|only|main|single|my|our|attach|include|plus|also)\b)[\p{L}-]+)\s+$/iu);
  if (wider) return { label: `${wider[1]!} ${m[1]!.trim()}`, at: from + m.index - (text.slice(0, m.index).length - text.slice(0, m.index).lastIndexOf(wider[1]!)) };
  // “An individual contribution statement”: what kind of statement it is.
  const kindOf = firstIn(text.slice(0, m.index), /\b(?:an?|the|your)\s+((?:(?:individual|group|signed|completed) )?(?!(?:following|same|own|short|brief|complete|new|separate|second|first|single|one|two|other|main|whole|entire|full|finished|corrected|revised|printed|electronic|digital|blank|attached|supplied|provided|original|anonymi[sz]ed|anonymous|clean|simple|relevant|required|standard|usual|corresponding|accompanying|typed|scanned|handwritten|good|bound|hard|soft|paper|pdf|word|further|additional|extra|compulsory|optional|mandatory|longer|shorter|\w+ed|\w+ing)\b)[a-z][a-z-]+ )$/);
  if (kindOf && says(m[1]!.trim().replace(/^individual /i, ''), /^(?:statement|form|report|analysis|plan|review|log|sheet|list|summary|text|assessment|proposal|script|essay)$/i)) return { label: `${kindOf[1]!}${m[1]!.trim()}`, at: from + m.index - kindOf[1]!.length };
  return { label: m[1]!.trim().replace(/^your /i, ''), at: from + m.index };
}

/** “PDF/A for the thesis; a ZIP with the data”: the name behind the kind. */
function labelFor(mention: Mention): DocumentLabel | null {
  const behind = new RegExp(`^(?:/A(?:-\\d\\w?)?)?(?: (?:file|format|document|version|copy|archive))? (?:(?:for|of) (?:the|your) (${noun})|(?:with|of) (?:the|your|all) ((?:raw |research |source )?(?:data|code)))\\b`, 'i').exec(mention.clause.text.slice(mention.to - mention.clause.start));
  // “One PDF holding the report”; of one with several things in it none is the name.
  const holding = new RegExp(`^(?: file| document)? (?:holding|containing|that (?:holds|contains)|which (?:holds|contains)|comprising|made up of|with) (?:the|your) (${noun})\\b(?!\\s*(?:,|and|&|\\+|or) (?!(?:plus|by|before|no later)\\b)|,? with\\b| (?:first|last|at|on|as|before|after|behind|following)\\b)`, 'i').exec(mention.clause.text.slice(mention.to - mention.clause.start));
  return behind ? { label: (behind[1] ?? behind[2])!, at: mention.at } : holding ? { label: holding[1]!, at: mention.to + holding[0].lastIndexOf(holding[1]!) } : null;
}

/** “PDF (main report), XLSX (calculations)”: where each kind has its own words behind it. */
function labelBehind(mention: Mention, all: Mention[]): DocumentLabel | null {
  const behind = (m: Mention): RegExpExecArray | null => firstIn(m.clause.text.slice(m.to - m.clause.start), /^ ?\(((?!(?:preferred|only|max|recommended|if|or|both|not|as|no)\b)[a-z]+(?: [a-z]+)?)\)/i), own = behind(mention);
  // “.pdf (LaTeX) or .docx (everything else)”: one paper, however it was written.
  if (own && all.some((m) => m.clause === mention.clause && /^ ?\([^()]*\),? or\b/i.test(m.clause.text.slice(m.to - m.clause.start)))) return null;
  return own && all.filter((m) => m.clause === mention.clause).length > 1 && all.every((m) => m.clause !== mention.clause || behind(m)) ? { label: own[1]!, at: mention.at } : null;
}

export interface DocumentsRead { documents: DocumentDemand[]; evidence: Statement<string>[]; /** where each document's clause stands, for limits of its own */ spans: { start: number; end: number }[]; /** lengths that are said with their names */ lengths?: { document: number; field: keyof Limits; value: number; start: number; end: number }[] }

/** Which documents are asked for and of which kinds. One document where only kinds are named; several where each has a name of its own.
 * @param demanded - whatever kind is named is asked for, as under a heading that names one piece of work */
export function readDocuments(clauses: Clause[], text: string, demanded = false): DocumentsRead {
  const paired = pairedDocuments(text);
  if (paired.length > 0) return { documents: paired.map(({ label, types }) => ({ label, types })), evidence: paired.map(({ start, end }) => ({ value: 'documents', start, end })), spans: paired.map(({ start, end }) => ({ start, end })) };
  const lineAt = (at: number): string => { const end = text.indexOf('\n', at); return text.slice(text.lastIndexOf('\n', at - 1) + 1, end < 0 ? text.length : end); };
  const packedIn = packedList(text), asked = mentions(clauses).filter((m, i, all) => {
    // “The zip can be as large as 50 MB”: one that is asked for before.
    if (/\bthe $/i.test(m.clause.text.slice(0, m.at - m.clause.start)) && says(m.clause.text.slice(m.to - m.clause.start), /^(?: (?:file|archive|document))? (?:can|may|must|should|has to|cannot|is)\b[^.;]{0,40}\d\s?[KMG]B\b/i) && all.slice(0, i).some((o) => o.clause !== m.clause && o.kinds.join() === m.kinds.join())) return false;
    const before = all[i - 1];
    if (packedIn && m.at >= packedIn.start && m.at < packedIn.end) return false;
    // “DOCX or PDF”: what is said of the first is said of the second.
    return !m.refused && !says(m.clause.text.slice(0, m.at - m.clause.start), /\b(?:as|on|at) (?:the |a )?(?:(?:first|last|final|second) )?page (?:\d{1,3} )?(?:of|in) (?:the|your|this|that)(?: same| one)? \.?$/i) && !says(m.clause.text.slice(0, m.at - m.clause.start), /^\W*templates?\s*:\s*(?:the |our |an? )?$/i) && (demanded || isDemand(m) || (before !== undefined && !before.refused && before.clause === m.clause && says(m.clause.text.slice(before.to - m.clause.start, m.at - m.clause.start), /^[\s,/.]*(?:or|and|&)?(?: an?)?[\s,/.]*$/i) && isDemand(before)));
  });
  // “Filenames: report_<ID>.pdf, data_<ID>.csv”: the ending of a name asks for no kind that is asked for in words.
  const ofName = (m: Mention): boolean => (/[_>\])}][\w<>{}[\]-]*\.?$/.test(m.clause.text.slice(0, m.at - m.clause.start)) && says(m.clause.text, /\bfile ?nam(?:es?|ing)\b|\bnam(?:es?|ed|ing)\b/i) || says(m.clause.text, /^\W*(?:please )?(?:name|call|label|rename) (?:the|your|all|both|these) (?:\w+ )?files?\b/i) && /\w\.?$/.test(m.clause.text.slice(0, m.at - m.clause.start)) && m.clause.text[m.at - m.clause.start - (m.clause.text[m.at - m.clause.start] === '.' ? 0 : 1)] === '.'), worded = asked.filter((m) => !ofName(m));
  if (worded.length > 1) for (let i = asked.length - 1; i >= 0; i--) if (ofName(asked[i]!) && worded.some((m) => m.kinds.join() === asked[i]!.kinds.join())) asked.splice(i, 1);
  let apart = asked.some((m) => says(m.clause.text, /\b(?:must|should|has to|is to) be accompanied by (?:an?|the|your)\b/i) || says(m.clause.text, /^\W*(?:in addition|additionally),|^\W*(?:attach|separate file)\s*:|\bin (?:two|both) formats\b/i)) || clauses.some((c) => says(c.text, /\b(?:as|in|is) (?:a|the) (?:second|separate|additional|further) (?:(?:PDF|Word|DOCX|ZIP|Excel)(?: file| document)?|file|document|upload)\b|\bgo(?:es)? (?:in(?:to)?|to|via|through) (?:the (?:box|folder|area|link|slot) (?:below|underneath|above|beneath|beside it|next to it)|(?:an?|the) (?:second|other|different|separate) (?:box|folder|link|area|slot)|another (?:box|folder|link|area|slot))\b/i));
  const documents: (DocumentDemand & { start: number; end: number })[] = [];
  let previous: Mention | null = null;
  // “Three PDFs: portfolio (max. 40 MB), commentary and CV”: each item of the list is a document.
  const listed = new Set<Clause>();
  for (const mention of asked) {
    const count = firstIn(mention.clause.text.slice(0, mention.at - mention.clause.start), /\b(two|three|four|five)\s+(?:separate\s+)?$/i), list = count && (firstIn(mention.clause.text.slice(mention.to - mention.clause.start), /^(?:s| files| documents)?\s*[:–-]\s*(.+)$/is) ?? firstIn(mention.clause.text.slice(mention.to - mention.clause.start), /^(?:s| files| documents)?\s*\((?=[^()]{5,80}\))([^()]+)/i));
    if (!list || listed.has(mention.clause)) continue;
    const from = mention.to + list[0].length - list[1]!.length, items = [...eachIn(list[1]!, /(?:^|,\s*(?:and\s+)?|\s+and\s+)(?:the |your |an? )?([\p{L}][\p{L} -]{1,40}?)(?=\s*(?:\([^)]*\))?\s*(?:,|\band\b|[.;]|$))(?:\s*\([^)]*\))?/giu)];
    if (items.length !== ({ two: 2, three: 3, four: 4, five: 5 } as Record<string, number>)[count[1]!.toLowerCase()]) continue;
    listed.add(mention.clause);
    for (const item of items) { const at = from + item.index + item[0].indexOf(item[1]!); documents.push({ label: item[1]!.trim(), types: [...mention.kinds], start: at, end: at + item[1]!.length }); }
  }
  // “Two PDF files, one with the transcription and one with the commentary”.
  for (const mention of asked) {
    const rest = /\b(?:two|2)\s+(?:separate\s+)?$/i.test(mention.clause.text.slice(0, mention.at - mention.clause.start)) && !listed.has(mention.clause) ? firstIn(mention.clause.text.slice(mention.to - mention.clause.start), /^s?(?: files| documents)?[,:]\s*one (?:with|containing|for|holding) (?:the |your |an? )?([a-z][a-z-]*(?: [a-z-]+){0,2}?),? (?:and )?(?:one|the other|another)(?: one)? (?:with|containing|for|holding) (?:the |your |an? )?([a-z][a-z-]*(?: [a-z-]+){0,2}?)(?=\s*(?:[,.;(]|$|\beach\b))/i) : null;
    if (!rest) continue;
    listed.add(mention.clause);
    for (const name of [rest[1]!, rest[2]!]) { const at = mention.to + rest[0].indexOf(name); documents.push({ label: name, types: [...mention.kinds], start: at, end: at + name.length }); }
  }
  // “Each team files two memorials, one for the Applicant and one for the Respondent, each as a PDF”.
  for (const clause of new Set(asked.map((m) => m.clause))) {
    const own = asked.filter((m) => m.clause === clause), pair = listed.has(clause) ? null : firstIn(clause.text, /\b(?:two|2)\s+(?:separate\s+)?[a-z]+s\b,?\s*[:(–-]?\s*one (?:with|containing|for|on|about|holding) (?:the |your |an? )?([a-z][a-z-]*(?: [a-z-]+){0,2}?),? (?:and )?(?:one|the other|another)(?: one)? (?:with|containing|for|on|about|holding) (?:the |your |an? )?([a-z][a-z-]*(?: [a-z-]+){0,2}?)(?=\s*(?:[,.;()]|$|\b(?:each|both|as)\b))/i);
    if (!pair || !own.some((m) => m.at - clause.start > pair.index + pair[0].length && /\b(?:each|both|all)\b[^.;]{0,30}$/i.test(clause.text.slice(pair.index + pair[0].length, m.at - clause.start)))) continue;
    listed.add(clause);
    const types: Kind[] = []; for (const m of own) add(types, m.kinds);
    for (const name of [pair[1]!, pair[2]!]) { const at = clause.start + pair.index + pair[0].indexOf(name); documents.push({ label: name, types: [...types], start: at, end: at + name.length }); }
  }
  // “(i) a commentary of no more than 1,500 words (.docx), (ii) the storyboard as a PDF and (iii) a link sheet (.pdf)”: so are they where the sentence counts them.
  for (const clause of new Set(asked.map((m) => m.clause))) {
    const marks = [...eachIn(clause.text, /\((?:i{1,3}|iv|v|[a-e]|\d)\)\s+(?:an? |the |your |one )?((?!(?:and|or|if|the|when)\b)[\p{L}][\p{L}-]*(?: (?!(?:of|as|in|with|on|to|for|at|and|that|which|is|must|should|may|itself|proper)\b)[\p{L}-]+){0,3})/giu)], parts = marks.map((m, i) => asked.filter((a) => a.clause === clause && a.at - clause.start > m.index && a.at - clause.start < (marks[i + 1]?.index ?? Infinity)));
    if (marks.length < 2 || listed.has(clause) || parts.some((p) => p.length === 0)) continue;
    listed.add(clause);
    marks.forEach((m, i) => { const at = clause.start + m.index + m[0].indexOf(m[1]!), types: Kind[] = []; for (const a of parts[i]!) add(types, a.kinds); documents.push({ label: m[1]!.trim(), types, start: at, end: parts[i]!.at(-1)!.to }); });
  }
  // “Hand in: the audio (mp3, max 60 MB), a transcript (docx) and a source list (docx or pdf)”.
  for (const clause of new Set(asked.map((m) => m.clause))) {
    const items = [...eachIn(clause.text, /(?:[:,]|\band|\bplus|\b(?:in|submit|upload|deliver|send|return|of))\s*(?:the|an?|your|one)\s+(?:(?:\d{1,3}|one|two|three|four|five|six)-(?:page|word|minute)\s+)?((?!(?:final|complete|whole|same)\b)[\p{L}][\p{L}-]*(?: [\p{L}-]+){0,2})\s*\(([^()]{2,60})\)/giu)], kindsOf = items.map((m) => asked.filter((a) => a.clause === clause && a.at >= clause.start + m.index && a.to <= clause.start + m.index + m[0].length));
    if (items.length < 2 || listed.has(clause) || kindsOf.some((k) => k.length === 0) || !says(clause.text.slice(0, items[0]!.index + items[0]![0].indexOf(items[0]![1]!)), /\b(?:hand in|submit|upload|deliver|send|return|consists of)\b[^.;]{0,30}$|\b(?:two|three|four|[2-4]) (?:files|documents|items|things) (?:are )?(?:required|needed|expected)\b[^.;]{0,8}$/i) || asked.some((a) => a.clause === clause && !kindsOf.some((k) => k.includes(a)))) continue;
    listed.add(clause);
    items.forEach((m, i) => { const at = clause.start + m.index + m[0].indexOf(m[1]!), types: Kind[] = []; for (const a of kindsOf[i]!) add(types, a.kinds); documents.push({ label: rewritten(m[1]!.trim(), [/ (?:(?:as|in) (?:an? )?\S+|itself|only|alone|proper)$/i, '']), types, start: at, end: clause.start + m.index + m[0].length }); });
    apart = true;
  }
  // “1) Translate the text -> DOCX”, “2) Write a commentary -> PDF”: tasks in a list, each with what comes of it.
  const tasks = [...new Set(asked.map((m) => m.clause))].flatMap((clause) => { const own = asked.filter((m) => m.clause === clause); return own.length === 1 && says(lineAt(clause.start), /^\s*\d{1,2}[.)]\s+(?:write|translate|prepare|record|draw|make|create|produce|design|compile|analy[sz]e|film|describe|summari[sz]e|transcribe|annotate)\b/i) && /(?:→|[-=]>)\s*(?:an? |one )?\.?$/.test(clause.text.slice(0, own[0]!.at - clause.start)) && /^\W*$/.test(clause.text.slice(own[0]!.to - clause.start)) ? [{ clause, mention: own[0]! }] : []; });
  if (tasks.length > 1 && tasks.every(({ clause }) => !listed.has(clause))) for (const { clause, mention } of tasks) {
    listed.add(clause);
    const label = labelBefore(mention, clause.start, false);
    documents.push({ label: label?.label ?? null, types: [...mention.kinds], start: label?.at ?? mention.at, end: mention.to });
    apart = true;
  }
  // “In two copies: one anonymised (PDF) and one with a title page (PDF)”.
  for (const clause of new Set(asked.map((m) => m.clause))) {
    const two = firstIn(clause.text, /\b(?:two|2) (?:copies|versions|files)\s*[:,–-]\s*one ([^().;]{3,60}?) \(([^()]{2,12})\),? (?:and )?one ([^().;]{3,60}?) \(([^()]{2,12})\)/i), own = asked.filter((m) => m.clause === clause && two && m.at >= clause.start + two.index);
    if (!two || own.length !== 2 || listed.has(clause)) continue;
    listed.add(clause);
    [two[1]!, two[3]!].forEach((name, i) => { const at = clause.start + clause.text.indexOf(name, two.index); documents.push({ label: name.split(' ').slice(0, 4).join(' '), types: [...own[i]!.kinds], start: at, end: own[i]!.to }); });
    apart = true;
  }
  // “1. A zip archive containing the source files / 2. The report as a PDF”: what has things in it is no other kind of what stands beside it.
  if (asked.some((m) => m.kinds[0] === 'zip' && says(lineAt(m.at), /^[ \t]*(?:[-*•–]|\(?[a-h\d]{1,2}[.)])[ \t]/i) && says(text.slice(m.to, m.to + 40), /^(?: (?:file|archive|folder))?,? (?:containing|with|holding|that contains)\b/i) && asked.some((o) => lineAt(o.at) !== lineAt(m.at)))) apart = true;
  // “Report and poster, both as PDF”: the kind is said once for all.
  const taken = new Set<Mention>();
  for (const mention of asked) {
    if (listed.has(mention.clause) || taken.has(mention)) continue;
    const { clause } = mention, ahead = clause.text.slice(0, mention.at - clause.start), earlier = says(ahead, sayOfAll) ? clauses[clauses.indexOf(clause) - 1] : undefined;
    const names = jointDocuments(earlier ? `${rewritten(earlier.text, [/(?:\s(?:by|before|on|via|through|to|in|at|until)\s.*|[.;:\s]*)$/is, ''])}, both as ` : ahead, mention.clause.text.slice(mention.at - mention.clause.start, mention.to - mention.clause.start), mention.clause.text.slice(mention.to - mention.clause.start));
    if (names.length === 0) continue;
    const types = [...mention.kinds];
    taken.add(mention);
    // “Both as PDF or Word”.
    for (let i = asked.indexOf(mention) + 1, last = mention; asked[i]?.clause === mention.clause && says(mention.clause.text.slice(last.to - mention.clause.start, asked[i]!.at - mention.clause.start), /^(?: files?| documents?)?\s*(?:or|\/)\s*(?:as )?(?:an? )?\.?$/i); last = asked[i++]!) { add(types, asked[i]!.kinds); taken.add(asked[i]!); }
    for (const name of names) documents.push({ label: name.label, types: [...types], start: (earlier ?? clause).start + name.at, end: (earlier ?? clause).start + name.end });
    apart = true;
  }
  for (const mention of asked.filter((m) => !listed.has(m.clause) && !taken.has(m))) {
    // “Photos named surname_1.jpg, surname_2.jpg”: endings of names say nothing new of a kind that is asked for.
    if (says(mention.clause.text.slice(0, mention.at - mention.clause.start), /(?:\b(?:named|called)\b|\bfile ?nam(?:es?|ing)\s*:)[^;]*\w\.?$/i) && documents.some((d) => sameKinds(d.types, mention.kinds))) continue;
    if (mention.clause.under && says(mention.clause.under, /^\W*(?:\d+[.)]?\s*)?(?:file ?names?|naming|names? of (?:the )?files?)\W*$/i) && /[\w\]>}]\.?$/.test(mention.clause.text.slice(0, mention.at - mention.clause.start)) && documents.some((d) => sameKinds(d.types, mention.kinds))) continue;
    const sameClause = previous !== null && previous.clause === mention.clause;
    const between = sameClause ? mention.clause.text.slice(previous!.to - mention.clause.start, mention.at - mention.clause.start) : '';
    const found = labelBehind(mention, asked) ?? labelFor(mention) ?? labelOfItem(mention, previous, { asked, clauses, text }) ?? labelOfSubject(mention, asked, clauses) ?? labelBefore(mention, sameClause ? previous!.to : mention.clause.start, asked.some((m) => m.clause !== mention.clause && says(m.clause.text, /^\W*(?:the|your|an?) (?:first |rough )?drafts?\b/i))), label = found && unstyled(found);
    const last = documents[documents.length - 1];
    // “The notebook as PDF + the CSV with your measurements”.
    const added = sameClause && /\s\+\s*(?:the|an?|your|one)\s*$/i.test(between) && last !== undefined && !sameKinds(last.types, mention.kinds);
    if (added) apart = true;
    // “Enclose the signed statement of authorship (scan, PDF)”.
    if (label && documents.length > 0 && /^\W*(?:please )?(?:enclose|attach)\b/i.test(mention.clause.text) && says(label.label, /\b(?:statement|declaration|certificate|form)$/i) && !documents.some((d) => d.label && sameLabel(d.label, label.label))) { apart = true; documents.push({ label: label.label, types: [...mention.kinds], start: label.at, end: mention.to }); previous = mention; continue; }
    // “The essay as PDF and as Word file”: two files of one work; “we accept it as PDF and as Word” leaves the choice.
    if (sameClause && last && sameKinds(last.types, previous!.kinds) && !sameKinds(last.types, mention.kinds) && says(between, /^\s*(?:files?|documents?|versions?|format)?,? (?:and|und|et|y|e|en|och|og) (?:also |auch )?(?:as|in|als|comme)\s+(?:an? )?$/i) && /\b(?:as|in|als|comme)\s+(?:an? )?$/i.test(mention.clause.text.slice(0, previous!.at - mention.clause.start)) && !says(mention.clause.text, /\b(?:accept\w*|allow\w*|possible|can|may|either|available|fine|permitted|or)\b/i)) { apart = true; documents.push({ label: last.label, types: [...mention.kinds], start: mention.at, end: mention.to }); previous = mention; continue; }
    if (sameClause && last && !added && (!label || says(between, /^[\s,/()&.]*(?:or|and\/or|\/|,|as well as)?[\s,/(.]*(?:a |an |as )*$/i))) {
      // “PDF or DOCX”, “PDF, DOCX”: alternatives of one document.
      add(last.types, mention.kinds);
      last.end = mention.to;
    } else {
      const known = label ? documents.find((d) => d.label && sameLabel(d.label, label.label)) : documents.length === 1 ? documents[0] : undefined;
      const unlabelled = documents.find((d) => d.label === null);
      if (known && sameKinds(known.types, mention.kinds)) { /* said twice */ }
      else if (known && says(mention.clause.text, /\b(?:or|also|alternatively|accepted|either)\b/i)) add(known.types, mention.kinds);
      else if (known && label && known.label) documents.push({ label: label.label, types: [...mention.kinds], start: label.at, end: mention.to });
      else if (!label && documents.length > 0 && documents.some((d) => sameKinds(d.types, mention.kinds))) { /* a remark about a kind already asked for */ }
      // “Signed declaration uploaded as a separate PDF”.
      else if (label && unlabelled && says(mention.clause.text.slice(0, mention.at - mention.clause.start), /\bseparate(?:ly)? (?:file |document )?(?:as (?:an? )?)?$/i) && (apart = true)) documents.push({ label: label.label, types: [...mention.kinds], start: label.at, end: mention.to });
      else if (label && unlabelled && documents.length === 1 && sameKinds(unlabelled.types, mention.kinds) && !/^\W*(?:attach|separate file)\s*:/i.test(mention.clause.text)) { unlabelled.label = label.label; }
      // “The zip, plus a README as PDF”.
      else if (sameClause && label && says(between, /\b(?:plus|together with|as well as)\s+(?:an?|the|your|one)\b|\s\+\s/i) && (apart = true)) documents.push({ label: label.label, types: [...mention.kinds], start: label.at, end: mention.to });
      else documents.push({ label: label?.label ?? null, types: [...mention.kinds], start: label?.at ?? mention.at, end: mention.to });
    }
    previous = mention;
  }
  // Without names, several remarks about kinds are about one document.
  const named = documents.filter((d) => d.label !== null);
  let settled = documents;
  if (named.length <= 1 && documents.length > 1 && !apart && !clauses.some((c) => says(c.text, /\b(?:two|2|three|3|both)\s+(?:separate\s+)?(?:files|documents|parts|uploads)\b|\bthe (?:PDF|DOCX|Word file|ZIP|spreadsheet)\b[^;]*\d[^;]*\bthe (?:PDF|DOCX|Word file|ZIP|spreadsheet)\b[^;]*\d/i)) && !documents.some((d) => clauses.some((c) => c.start <= d.start && d.start < c.end && /\bseparate(?:ly)?\b/i.test(c.text))) && !named.some((d) => says(d.label!, /\b(?:data|code|audio file|sound file|appendix|appendices|declaration|spreadsheet|cover ?sheet|form)\b/i) && documents.some((o) => o.label === null && o.types.some((t) => ['pdf', 'docx', 'doc', 'odt', 'rtf'].includes(t)) && !d.types.some((t) => o.types.includes(t))))) {
    const main = named[0] ?? documents[0]!;
    for (const d of documents) if (d !== main) add(main.types, d.types);
    settled = [main];
  }
  // “Handwritten answers: scan to one PDF. Typed answers: PDF as well.”: the same, however it was made.
  if (settled.length === 2 && sameKinds(settled[0]!.types, settled[1]!.types) && settled.some((d) => says(d.label ?? '', /^(?:hand-?written|scanned|photographed)\b/i)) && settled.some((d) => /^(?:typed|typeset|word-processed)\b/i.test(d.label ?? ''))) settled = [{ ...settled[0]!, label: null }];
  // “Put cover sheet and essay into ONE PDF”: what the one file holds is not its name.
  if (settled.length === 1 && settled[0]!.label && clauses.some((c) => says(c.text, /\b(?:put|combine|merge|join|collect)\b[^.;]*\b(?:and|plus|with|photos|scans|pictures|images)\b[^.;]*\binto (?:one|a single)(?: single)? pdf\b/i))) settled[0]!.label = null;
  if (settled.length === 1 && settled[0]!.label && taken.size === 0 && asked.some((m) => m.at >= settled[0]!.start && m.to <= settled[0]!.end && isLastOfList(m.clause.text.slice(0, m.at - m.clause.start), settled[0]!.label!))) settled[0]!.label = null;
  // “Both components are to be placed in a zip archive”: what is handed in is that one.
  const packed = clauses.find((c) => says(c.text, /\bzipped (?:up )?together\b|\bput (?:the |your )?\w+(?: \([^()]{1,30}\))?(?:, \w+(?: \([^()]{1,30}\))?)*,? (?:and|plus) (?:the |your )?\w+(?: \w+)?(?: \([^()]{1,30}\))? (?:in|into) (?:one|a single|a|an) (?:\.?zip|archive)\b|\bzip (?:everything|all(?: files| of it| three)?|them|it all)(?: up| together)? and (?:submit|upload|hand in|send) (?:the|that|one|this) (?:zip|archive)\b|\bpack (?:both|all|everything|them|the files)\b[^;]{0,60}\.zip\b|\b(?:both|all|everything|the|your)\b[^.;]{0,60}\b(?:placed|put|packed|combined|bundled|compressed|collected|zipped|compress)\b[^.;]{0,30}\b(?:zip|archive)\b|\b(?:both|all(?: of (?:it|them|these)| two| three| four| five| six)?|everything)(?: files| items| parts)? (?:in|as|into) (?:one|a single|1|an?) (?:\.?zip|archive)\b/i)), zipped = packed ? undefined : clauses.find((c) => says(c.text, /\b(?:all|everything|both)(?: (?:items|files|parts|pieces|of (?:it|them)|documents))?\b[^.;]{0,50}\b(?:zipped|compressed into an archive)\b/i) && !/\b(?:not|never|no)\b/i.test(c.text)), zip = packed && settled.find((d) => d.types.includes('zip'));
  // “All items are to be put in a folder and zipped.”
  const allZipped = zipped !== undefined && !settled.some((d) => d.types.includes('zip'));
  if (allZipped) settled = [{ label: null, types: ['zip'], start: zipped.start, end: zipped.end }];
  if (packed && zip && asked.some((m) => m.kinds[0] === 'zip' && m.clause === packed)) { const own = asked.find((m) => m.kinds[0] === 'zip' && m.clause === packed)!; settled = [{ label: null, types: ['zip'], start: own.at, end: own.to }]; }
  // Two and more by the shape of the sentences, where their names are not among those that are known.
  const shaped = !(packed && zip) && !allZipped && (settled.length < 2 || settled.some((d) => d.label === null)) ? shapedDocuments(asked, text) : [];
  if (shaped.length > 1 && shaped.length >= settled.length) settled = withBareItem(shaped.map((d) => ({ ...d })), asked, text);
  // A list with a work and a kind on each of its lines.
  const items = packed && zip || allZipped || packedIn ? [] : listedDocuments(asked, mentions(clauses), text);
  if (items.length > settled.length || items.length === settled.length && (settled.some((d) => d.label === null) || new Set(settled.map((d) => d.label?.toLowerCase())).size < settled.length)) settled = items.map(({ mentions: _, ...d }) => d);
  // What the rest of such a line says is said of its document.
  else if (items.length === settled.length) for (const d of settled) { const line = items.find((item) => item.start <= d.end && d.start <= item.end); if (line) { d.start = Math.min(d.start, line.start); d.end = Math.max(d.end, line.end); if (line.label.toLowerCase().endsWith(` ${d.label!.toLowerCase()}`)) d.label = line.label; } }
  // “Submit your policy brief … The covering letter has to be handed in as a second file. PDF for both.”
  if (settled.length === 1) settled = mainAndSecond(clauses)?.map((d) => ({ ...d, types: [...settled[0]!.types] })) ?? settled;
  // “Do not upload the Word file.”
  const unwanted = clauses.flatMap((c) => (says(c.text, /^\W*(?:\d+[.)]\s*)?(?:please )?(?:do not|don['’]t|never) (?:upload|submit|hand in|send|turn in) (?:the|your|any|a) /i) && c.text.length < 60 || says(c.text, /\bbut (?:please )?(?:do not|don['’]t) (?:use|send|upload|submit|hand in) (?:them|it|that|those)\b/i) ? mentions([c]).flatMap((m) => m.kinds) : []));
  if (unwanted.length > 0) for (const d of settled) { const kept = d.types.filter((k) => !unwanted.includes(k)); if (kept.length > 0) d.types = kept; }
  // “Docx and pdf (both)”: two files.
  settled = settled.flatMap((d) => { const clause = clauses.find((c) => c.start <= d.start && d.start < c.end); return d.types.length === 2 && clause && says(clause.text.replace(/\u00a0+ ?/g, ' '), /\b(?:and|&|\+) (?:an? )?(?:as (?:an? )?)?\.?(?:pdf|docx?|word|odt|rtf)(?: (?:file|document|version|format))? (?:\((?:both|(?:the )?same)\b|(?:of|for) the same\b)|\b(?:pdf|word|docx) (?:and|&|\+) (?:pdf|word|docx),? \(?(?:each|je|both)\b/i) ? d.types.map((type) => ({ ...d, types: [type] })) : [d]; });
  // “The portfolio is due on 12 April. It should be a single document, PDF or Word.”
  if (settled.length === 1 && settled[0]!.label === null) { const i = clauses.findIndex((c) => c.start <= settled[0]!.start && settled[0]!.start < c.end), of = /^\W*it\b/i.test(clauses[i]?.text ?? '') ? new RegExp(`\\b(?:the|your) (${noun}) (?:is|has|must|should)\\b`, 'i').exec(clauses[i - 1]?.text ?? '')?.[1] : undefined; if (of) settled[0]!.label = of; }
  // “1) Answer sheet: complete the template … hand it in as a Word document.”: the head of the line is the name.
  if (settled.length > 1) for (const d of settled) if (d.label === null) { const head = new RegExp(`^\\W*(?:\\d+[.)])?\\W*(${noun})\\s*(?:\\([^)]*\\)\\s*)?[:–-]`, 'i').exec(lineAt(d.start)); if (head && !settled.some((o) => o.label && sameLabel(o.label, head[1]!))) d.label = head[1]!; }
  // “A single PDF report and a completed cover form”: among several, the noun behind the kind is the name.
  if (settled.length > 1) for (const d of settled) if (d.label === null) { const clause = clauses.find((c) => c.start <= d.start && d.start < c.end), behind = clause && new RegExp(`^\\s(${noun})\\b`, 'i').exec(clause.text.slice(d.end - clause.start)); if (behind) d.label = behind[1]!; }
  // “(i) an electronic copy of your dissertation”: what it is a copy of is the name.
  for (const d of settled) if (d.label && /\b(?:copy|version)$/i.test(d.label)) { const of = firstIn(text.slice(d.start, d.start + 120), /^[\p{L} -]{0,30}?\b(?:copy|version) of (?:your|the|an?) ([\p{L}][\p{L} -]{2,30}?)(?=\s(?:as|in|to|via|by|and|must|should|has|on)\b|\s?[,.;(])/iu); if (of) d.label = of[1]!; }
  return {
    documents: settled.map(({ label, types }) => ({ label: label && !/^formato$/i.test(label) && !(/^form$/i.test(label) && (isGerman(text) || says(text, /^[ \t]*[-*•]?[ \t]*Form:[ \t]*(?:an? |one )?\.?(?:PDF|Word|DOCX)\b/m))) ? capital(label.replace(/^[\s•*–-]+/, '').replace(/^(?:your|an?|the) /i, '').replace(/ (?:size|due)$/i, '')) : null, types })),
    evidence: settled.map((d) => ({ value: 'documents', start: d.start, end: d.end })),
    spans: settled.map((d) => ({ start: d.start, end: d.end })),
  };
}

/** “Both must be PDF”, of what the sentence before lists. */
const sayOfAll = /^\W*(?:both|each|all(?: (?:three|four))?)(?: of (?:them|these|which))?(?: (?:files|documents|items|parts))?\s(?:must|should|have to|need to|are|shall|will|as|in)\b[^.;,]{0,40}$/i;
/** “The essay has 3,000 words. It is to be submitted as a PDF.”: the subject of the sentence before, where another document has a name as well. */
function labelOfSubject(mention: Mention, asked: Mention[], clauses: Clause[]): { label: string; at: number } | null {
  const before = clauses[clauses.indexOf(mention.clause) - 1], told = before && says(mention.clause.text, aboutIt) ? firstIn(before.text, subject) : null;
  if (!told || !asked.some((m) => m.clause !== mention.clause && m.clause !== before && namedSubject(m, told[1]!))) return null;
  return { label: told[1]!, at: before!.start + told[0].length - told[1]!.length };
}
const ofClause = '^\\W*(?:\\d+(?:\\.\\d+)*[.)]?\\s+)?', subject = new RegExp(`${ofClause}(?:the|your|an?|this) (${noun})\\b`, 'i');
const aboutIt = new RegExp(`${ofClause}(?:it (?:must|should|shall|is|has|needs|will|may|can)\\b|(?:please )?(?:submit|upload|hand|send|save|export|convert|deliver|turn) it\\b)`, 'i');
const namedSubject = (mention: Mention, other: string): boolean => { const own = firstIn(mention.clause.text, subject); return own !== null && own[1]!.toLowerCase() !== other.toLowerCase(); };

/** “Essay: by 16:00 on 26 April. Reflective log: by 16:00 on 10 May. Both in Word format.”: what is said of both makes a document of each.
 * @param parts - what is handed in at times of its own, with where that stands */
export function documentsOfParts(read: DocumentsRead, parts: readonly { label: string; start: number; end: number }[], clauses: Clause[]): DocumentsRead {
  const [only] = read.documents, at = read.spans[0]?.start ?? -1, clause = clauses.find((c) => c.start <= at && at < c.end);
  const work = new RegExp(`(?:^|[ -])(?:${noun}|log|quiz|memo)(?: \\d{1,2}| [A-E])?$`, 'i');
  // “Coursework 1 and 2” are work of one kind.
  const kind = (label: string): string => label.toLowerCase().replace(/ (?:\d{1,2}|[a-e])$/, '').split(' ').at(-1)!;
  if (new Set(parts.map((p) => kind(p.label))).size < parts.length) return read;
  if (!only || read.documents.length > 1 || only.label !== null || parts.length < 2 || !clause || !says(clause.text, /^\W*(?:both|all(?: (?:three|four|parts|of them))?|each(?: (?:one|part|of them))?)\b(?! (?:files|groups|students))/i) || parts.some((p) => !says(p.label, work) || says(p.label, /\b(?:draft|outline|first version|mock-?up)\b/i))) return read;
  return { documents: parts.map((p) => ({ label: capital(p.label), types: [...only.types] })), evidence: read.evidence, spans: parts.map(({ start, end }) => ({ start, end })) };
}

const add = (to: Kind[], kinds: Kind[]): void => { for (const k of kinds) if (!to.includes(k)) to.push(k); };
const sameKinds = (a: Kind[], b: Kind[]): boolean => b.every((k) => a.includes(k));
const bare = (s: string): string => rewritten(s.toLowerCase(), [/^(?:final|written|completed|signed|individual|your)\s+/, '']);
/** “Interim report” and “final report” are two. */
const early = /^(?:interim|progress|draft|initial|preliminary|first|second|mid-?term|intermediate)\b/i;
const sameLabel = (a: string, b: string): boolean => !(/^final\b/i.test(a) && says(b, early) || /^final\b/i.test(b) && says(a, early)) && (bare(a) === bare(b) || bare(a).endsWith(bare(b)) || bare(b).endsWith(bare(a)) || (says(bare(a), /^(?:essay|paper|assignment|coursework|report|assessment|dissertation|manuscript)$/) && says(bare(b), /^(?:assignment|coursework|paper|assessment|work|manuscript)$/)));
export const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
