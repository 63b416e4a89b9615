import { englishLabel } from '../tables/receipt-labels.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

/** One line of a receipt: what it calls something, and what that is. */
export interface Row { label: string; value: string }

/** What rows are called, by what they tell. Compiled by hand. */
export const labels = {
  id: /^(?:log entry|voucher|ack(?:nowledge?ment)?[\s-]*(?:id|no\.?|number|code|ref\.?)|(?:submission|receipt|confirmation|reference|transaction|tracking|ticket|paper|record|deposit|hand[\s-]?in|acknowledge?ment|lodge?ment|transfer|filing|entry|case|job)[\s-]*(?:id|identifier|number|no\.?|nr\.?|code|ref(?:erence)?|#)?|(?:upload|order|docket|proof of (?:receipt|delivery|submission)|delivery|dispatch|request|queue|log|accession)[\s-]*(?:id|identifier|number|no\.?|nr\.?|code|ref(?:erence)?|#)|id|identifier|ref(?:erence|\.)?(?:\s*(?:number|no\.?|nr\.?|code|id|#))?|receipt|our reference|your reference|(?:\w+ )?(?:uuid|guid|uid)|unique (?:id|identifier|reference|number)|serial(?: (?:no\.?|number|id))?|#)$/i,
  receivedAt: /^(?:moment(?: of (?:arrival|receipt|submission|upload(?:ing)?|hand-?in|handing[- ]in|deposit|delivery|lodge?ment|transfer|transmission|filing|entry|acceptance|registration|completion))?|(?:time ?)?stamp(?:ed)?(?: of (?:arrival|receipt|submission|upload(?:ing)?|hand-?in|handing[- ]in|deposit|delivery|lodge?ment|transfer|transmission|filing|entry|acceptance|registration|completion))?|(?:date (?:and|&|\/) time|date\/time|time|date|timestamp|when)(?: (?:of )?(?:received|submitted|(?:arrival|receipt|submission|upload(?:ing)?|hand-?in|handing[- ]in|deposit|delivery|lodge?ment|transfer|transmission|filing|entry|acceptance|registration|completion)))?|(?:received|submitted|handed[- ]in|uploaded|accepted|stored|arrived|deposited|lodged|recorded|completed|delivered)(?: (?:at|on|date|time|when|by us|date and time))*|(?:arrival|receipt|submission|upload(?:ing)?|hand-?in|handing[- ]in|deposit|delivery|lodge?ment|transfer|transmission|filing|entry|acceptance|registration|completion) (?:date|time|timestamp|date and time|date\/time|time and date)|receipt (?:date|time|date and time)|(?:time|date) (?:stamp|received|submitted)|created at|finished at|(?:receipt|submission|hand-?in|upload|deposit|document) at|upload (?:time|date)|on|at|in|end(?:ed)?|finish(?:ed)?|innlevert|eingegangen|ontvangen|déposé|ricevuto|recibido)$/i,
  fileName: /^(?:(?:the |original |uploaded |submitted |stored )?(?:file|document|paper|attachment|item|upload|object)s?\s*(?:\d+\s*)?(?:\(s\))?\s*(?:names?|submitted|received|uploaded|title)?s?|filenames?|names? of (?:the )?files?|contents?|part \d+|\d+)$/i,
  size: /^(?:(?:file|document|total|paper|upload)?\s*(?:size|length|bytes)(?:\s*(?:in|\()\s*(?:bytes|kb|mb)\)?)?|size (?:of (?:the )?(?:file|document|paper|upload)|received)|bytes (?:received|stored)|bytes|octets|volume|content[- ]length)$/i,
  title: /^(?:intitulé|titre(?: du (?:travail|document|devoir))?|(?:titel|thema)(?: der arbeit)?|título(?: del (?:trabajo|documento))?|titolo(?: del lavoro)?|(?:submission|paper|document|assignment|essay|work|file)?\s*title|title of (?:the |your )?(?:submission|paper|work|essay|document)|your title|title(?: as)? (?:given|stated)|name of (?:the )?(?:paper|submission|work)|subject of paper)$/i,
  extract: /^(?:(?:text )?(?:extract|excerpt|preview|snippet|sample)(?: (?:of|from) (?:the )?(?:text|paper|document|submission))?|(?:the )?(?:first|opening) (?:words|characters|letters|lines?|sentences?|paragraph|\d+ words|\d+ characters)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:opening|start|beginning)(?: (?:words|lines))? of (?:the|your) (?:text|paper|document|work|file)|begin(?:s|ning)(?: (?:of (?:the )?(?:text|paper|document)|with))?|text(?: begins)?|incipit|opening|content|(?:start|beginning) of (?:document|text|paper|file)|(?:last|closing) words|(?:passage|sample|quotation)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:the )?first (?:words|sentence|line)s? (?:are|is|reads?)|(?:your|the) (?:document|paper|text|work|file) (?:begins|starts|opens)(?: with)?|starts with|(?:the )?text starts with|piece of (?:the )?text|submission text|paper text)$/i,
  status: /^(?:(?:submission|receipt|paper|hand-?in|upload)?\s*(?:status|state)|result)$/i,
  place: /^(?:place|(?:submitted|filed|uploaded|delivered|lodged|placed|stored|received|handed[- ]in|deposited|posted|entered|dropped)(?: (?:to|in|into|at|under|for))|where|assignment|assignment name|name of (?:the )?assignment|hand-?in (?:box|place|point)|drop-?off(?: point)?|(?:submission|hand-?in) (?:to|for|place)|destination|point of submission|box|folder|inbox|abgabe|ordner)$/i,
  module: /^(?:module|course|unit|class|subject|for|assessment|task|exercise|activity|coursework|location|area|section|item|recipient|channel|slot|tray|room|point|link|to|received by|work)$/i,
  stated: /^(?:(?:number of )?(?:files|documents|items|attachments)(?: (?:received|submitted|stored|count))?|file count|documents count)$/i,
  ignored: /^(?:printed|print(?:ed)? (?:on|at|date|time)|date printed|generated|page(?! count)|sent|from|to|cc|mail date|due|due (?:date|time)|deadline|closes|opens|feedback(?: due)?|marks? (?:due|returned)|reply-to|message-id|issued|downloaded|viewed|expires|valid until|last login)(?: .*)?$/i,
};

/** “Receipt code” on a line and “QX-77” on the one below it: a label alone, and its value up to an empty line. */
function stacked(text: string): string {
  const alone = [labels.id, labels.receivedAt, labels.fileName, labels.size, labels.title, labels.status, labels.place, labels.ignored, labels.module, labels.stated, /^(?:number|no\.?|word count|words|pages?|page count|type|last modified)$/i], named = (line: string): string => englishLabel(line.trim());
  const isLabel = (line: string | undefined): boolean => line !== undefined && /^\p{L}[\p{L} ./()-]{1,30}$/u.test(line.trim()) && alone.some((l) => says(named(line), l));
  /** a row of its own, with its label and its value */
  const isRow = (line: string): boolean => says(line, /^[^\d]{0,40}:\s|^\s*\|?\s*\p{L}[\p{L} .'-]{1,40}?(?:[^\S\n]{3,}|\t|\s[–—|-]\s)\S/u);
  const out: string[] = [], lines = text.split('\n');
  for (let i = 0; i < lines.length; i++) {
    const value: string[] = [];
    if (isLabel(lines[i])) {
      for (let next = lines[i + 1]; value.length < 3 && next?.trim() && !isLabel(next) && !isRow(next); next = lines[i + 1 + value.length]) {
        // “Page count” below a value is a name that is not known here.
        if (value.length > 0 && /^\p{Lu}[\p{L} ]{2,30}$/u.test(next.trim()) && !/\btime\b/i.test(next)) break;
        value.push(next.trim());
      }
    }
    if (value.length > 0) out.push(`${lines[i]!.trim()}: ${value.join(' ')}`);
    else out.push(lines[i]!);
    i += value.length;
  }
  return out.join('\n');
}

/** Rows of “label: value”, also with tabs, bars, dashes or wide gaps between. */
export function rowsOf(text: string): Row[] {
  // “Receipt R-5. Place: Report 1. File: …” says on one line what others say on three.
  return rewritten(stacked(text), [/^([^\S\n]*(?:the )?(?:first|last|opening)) \d{1,4} (words|characters|letters|lines)(?=[^\S\n]*:)/gim, '$1 $2']).split(/\n|(?<=[.;])[^\S\n]+(?=[A-Z][a-z]+(?: [a-z]+)?:\s)/).flatMap((line): Row[] => {
    const m = firstIn(line, /^\s*[-*•|]?\s*\**([\p{L}#][\p{L} _#.()/&'’°º-]{0,40}?)\**\s*(?::(?!\/\/)|\||=|\t|\s{3,}|\s[–—-]\s)\s*(.+?)\s*\|?\s*$/u) ?? firstIn(line, /^\s*(Receipt|Submission|(?:Paper|Submission|Receipt|Document) ID|Reference|Ref\.?|Confirmation|Ticket|Tracking|Status|Size|Title|ID|No(?=\.?\s+\d{4,}\s*$)|Date|Time|(?:Stored|Received|Submitted|Uploaded)(?=\s+1\d{9}))\s+(?:no\.?\s*|number\s*|#\s*)?(.{2,80})$/i);
    // “Zeit / Time: …” is labelled in two languages.
    // “Timestamp (UTC): 2027-04-12 14:42”: the label names the zone of its value.
    const zone = m && firstIn(m[1]!.trim(), /\s*\((UTC|GMT|[A-Z]{2,4}T|(?:UTC|GMT) ?[+-]\d{1,2}(?::\d\d)?)\)$/);
    if (m && zone) { m[1] = m[1]!.trim().slice(0, -zone[0].length); if (says(m[2]!, /\d[:.]\d\d(?::\d\d)?(?: ?[ap]\.?m\.?)?\s*$/i)) m[2] = `${m[2]!.trim()} ${zone[1]!}`; }
    return m ? m[1]!.trim().replace(/[\s_]+/g, ' ').replace(/(?<=^(?:our |your )?ref)\.$/i, '').split(' / ').map((label) => ({ label: englishLabel(label, m[2]!), value: m[2]!.replace(/\*\*/g, '').trim() })) : [];
  });
}

/** Endings of papers' names. */
export const extensions = 'pdf|docx?|odt|rtf|txt|jpe?g|png|tiff?|zip|pptx?|xlsx?|html?|md|heic|tex|csv';
/** A value without the marks that it is quoted in. */
export const cleanQuotes = (v: string | null): string | null => v?.replace(/^[“"‘'«„]+|[”"’'»“]+[.]?$/g, '').trim() || null;
