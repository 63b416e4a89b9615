import { idByContext } from './by-context.ts';
import { numberOfEntry } from './entries.ts';
import { extensions, labels, type Row } from './rows.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** What the receiver calls the hand-in: its number or code, by its label or in a sentence; null where none is told. */
export function readId(text: string, rows: Row[], expected: readonly string[]): string | null {
  return toldId(text, rows) ?? idByContext(text, expected);
}
function toldId(text: string, rows: Row[]): string | null {
  const id = saidId(text, rows);
  // “Receipt / Y3921847_GEO3107.pdf – received …”: a file's name is no number of the receipt.
  return id !== null && new RegExp(`(?<![\\w/.-])${id.replace(/[^\w]/g, '\\$&')}\\.(?:${extensions})\\b`, 'i').test(text) ? saidId(text.replace(new RegExp(`(?<![\\w/.-])[\\p{L}\\d][\\p{L}\\d_-]*(?=\\.(?:${extensions})\\b)`, 'giu'), 'file'), rows) : id;
}
function saidId(text: string, rows: Row[]): string | null {
  const token = (v: string, label = ''): string | null => {
    // “Receipt for Y3921847, ref 7F3A9921”: whose it is stands first.
    if (/^for\s/i.test(v)) return null;
    const bare = rewritten(v, [/^(?:is|was)\s*:?\s+/i, ''], [/^(?:(?:(?:receipt|confirmation|submission) )?(?:no\.?|nr\.?|number|id|code|identifier|ref(?:erence)?\.?|receipt|confirmation)(?=[\s:#])|#|:)\s*:?\s*/i, ''], [/^[#"“(]+|[)"”.,;]+$/g, '']).trim();
    const m = firstIn(bare, /^[A-Za-z0-9](?:[A-Za-z0-9_/:-]|\.(?!\s))*(?:[ -][A-Z0-9][A-Z0-9-]+(?![\w.]*\.[a-z]{2,4}\b)){0,3}/)?.[0].replace(/[.:]$/, '');
    // A short number is one where the label can mean nothing else.
    return m && /\d/.test(m) && (m.length >= 3 || (m === bare && says(label, /receipt|confirm|reference|\b(?:id|no|number)\b/i))) && !/^\d{1,2}[/:.]\d|^\d{4}-\d\d-\d\d(T|$)/.test(m) && !new RegExp(`\\.(?:${extensions})$`, 'i').test(m) ? m : null;
  };
  const exact = rows.filter((r) => says(r.label, labels.id)).sort((a, b) => score(b.label) - score(a.label));
  // “Submission: GEO 3107 Report 2” is a place; a number that is the whole of its row comes first.
  for (const r of exact) { const t = token(r.value, r.label); if (t && !/\p{L}{3}/u.test(r.value.slice(r.value.indexOf(t) + t.length))) return t; }
  for (const r of [...exact.filter((e) => !/^(?:submission|hand-?in|paper)$/i.test(e.label)), ...rows.filter((r) => /^(?:number|no\.?)$/i.test(r.label) || /^code$/i.test(r.label) && !/^[A-Z]{2,5}[ -]?\d{3,5}$/.test(r.value.trim()))]) { const t = token(r.value, r.label); if (t) return t; }
  // “Receipt for #2: 5512”.
  const ofOne = firstIn(text, /^\W*(?:receipt|confirmation|reference)(?: (?:number|no\.|code))? (?:for|of) (?:#|no\. ?|number |upload |submission |version )\d{1,2}\s*:\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/im);
  if (ofOne && ofOne[1]!.length >= 3) return ofOne[1]!;
  // “You're done. Your code: QX5512.”
  const yours = firstIn(text, /\byour (?:receipt |confirmation )?code\s*(?::|is)\s*((?=[A-Za-z0-9-]*\d)[A-Z0-9][A-Z0-9-]{3,})\b/i);
  if (yours && !says(text, /\b(?:log ?in|password|sign in|verification|expires)\b/i)) return yours[1]!;
  // “Your set has arrived (set no. S-118).”
  const parcel = firstIn(text, /\b(?:set|batch|parcel|bundle|lot) (?:no\.|nr\.?|number|ID|#)\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/i);
  if (parcel && parcel[1]!.length >= 3) return parcel[1]!;
  // “For questions, give R-55120.”
  const forQuestions = firstIn(text, /\b(?:for|with|in case of) (?:any )?(?:questions?|queries|enquiries|problems)[^.\n]{0,24}?\b(?:give|quote|mention|state|use|name|cite|say)\s*:?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/i);
  if (forQuestions && forQuestions[1]!.length >= 3) return forQuestions[1]!;
  // “We have filed it under 884213.” “This submission is known to us as 884213.” “It has been assigned ID 884213.” “If you write to us, mention 884213.” “No. 884213”, alone.
  const known = firstIn(text, /\b(?:(?:filed|registered|logged|recorded|kept|stored|entered) (?:it |this |your \w+ )?(?:under|as)|known (?:to us |here )?as|(?:been |was |is )?(?:assigned|allotted|allocated|given) (?:the )?(?:ID|identifier|number|code|reference|no\.)|if you (?:write|call|contact|e-?mail)[^.\n]{0,24}?,? (?:please )?(?:mention|quote|give|name|state|use|cite))\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b(?![^\S\n]*(?:words?|pages?|bytes|files?|documents?|KB|MB|minutes|of|\p{L}+ 20\d\d)|\.\w)/iu) ?? firstIn(text, /(?:^|[.!]\s+)(?:No|Nr)\. ((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\.?[ \t]*$/m);
  if (known && known[1]!.length >= 4) return known[1]!;
  // “https://hand-in.example/receipts/HX-20391”.
  const address = firstIn(text, /\bhttps?:\/\/[^\s"<>]*\/(?:receipts?|submissions?|confirmations?|hand-?ins?)\/((?=[\w-]*\d)[A-Za-z0-9][\w-]{2,}\w)(?=[\s.,;)"<>?#]|$)/i);
  if (address && !/\breceipts?\b[^\n/]{0,24}\d/i.test(text.replace(address[0], ''))) return address[1]!;
  // “Receipt code (keep it safe): HX-20391”, “Deposit slip HX-20391”, “Barcode: HX-20391”, “Für Rückfragen nennen Sie bitte HX-20391”.
  const beside = firstIn(text, /\b(?:receipt|submission|confirmation|reference) (?:code|number|no\.|ID) \([^()\n]{3,40}\)\s*:\s*#?((?=[\w/-]*\d)[A-Z0-9][\w/-]{2,}\w)\b/i) ?? firstIn(text, /\b(?:(?:deposit|submission|hand-?in|delivery) slip|bar ?code)(?: no\.?| number)?\s*:?\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)+)\b/i) ?? firstIn(text, /(?<!\p{L})(?:nennen Sie (?:bitte|stets|immer)|geben Sie bitte|veuillez (?:indiquer|rappeler|citer)|indique|citi|vermeld)\s+(?:die |das |la |le |el |il )?((?=[A-Z0-9/_-]*\d)[A-Z]{1,6}[-/_]?[A-Z0-9]+(?:[-/_][A-Z0-9]+)*)(?![\p{L}\d])/u);
  if (beside) return beside[1]!;
  const prose = /\b(?:receipt|submission|confirmation|reference|(?<=\b(?:quote|our|your|use)\s(?:the\s)?|,\s)ref\.?|transaction|tracking|acknowledge?ment)\s*(?:id|identifier|number|no\.?|nr\.?|code|ref(?:erence)?)?\s*(?:(?:is|was)\s*:?|:|#|=|no\.?)?\s*[“"(]?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b(?![^\S\n]*(?:words?|pages?|bytes|files?|documents?|KB|MB|minutes|of))/gi;
  // “… your submission (ID: 5521-7)”.
  const bracketed = firstIn(text, /\((?:(?:submission|receipt|confirmation|reference|transaction|tracking|your)\s*)?(?:id|identifier|number|no\.?|nr\.?|n[°º]|n\.[°º]|ref(?:erence)?\.?)\s*[:#]?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Za-z0-9]+(?:[-/_][A-Za-z0-9]+)*)\)/i);
  if (bracketed && bracketed[1]!.length >= 3) return bracketed[1]!;
  // “Submission accepted (code A1B2C3)”; “SLIP 00931”.
  const coded = firstIn(text, /^(?=[^\n]*\b(?:received|accepted|submitted|confirmed|handed in|complete)\b)(?![^\n]*\b(?:error|failed|refused)\b)[^\n]*\(code[: ]\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Za-z0-9]+(?:[-/_][A-Za-z0-9]+)*)\)/im) ?? firstIn(text, /\b(?:slip|voucher)\s+#?(\d{3,}(?:[-/]\d+)*)\b/i);
  if (coded && coded[1]!.length >= 3) return coded[1]!;
  // “Receipt no. 17”; “lodged under the number L-2027-118”.
  const numbered = firstIn(text, /\b(?:receipt|slip|voucher|confirmation|submission|transaction|acknowledge?ment)\s+(?:no\.|nr\.?|number|#)\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b(?![^\S\n]*(?:of|words?|pages?|files?)\b)|\bunder (?:the |our )?(?:receipt |submission |reference )?(?:number|no\.|reference|id|code)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i);
  if (numbered) return (numbered[1] ?? numbered[2])!;
  // As other languages call it: “Quittung Nr. 2027/19”, “Kvittering nr. 4471”.
  const abroad = firstIn(text, /(?<![\p{L}])(?:quittung|beleg|(?:liefer|eingangs|abgabe|empfangs)schein|diarie|vorgang|abgabe(?=\s+nr)|(?:abgabe|empfangs)?bestätigung|eingangsbestätigung|kvittering|kvitto|reçu|récépissé|recibo|ricevuta|ontvangstbewijs|ontvangstbevestiging|accusé de réception|comprobante|justificante|quittance|kvittens|comprovativo|comprovante|resguardo|palautuskuitti|kuitti|potvrzení|potwierdzenie(?: \p{L}+){0,3} (?=nr))(?:s?nummer)?(?: d[ei] \p{L}+)?\s*(?:nr\.?|no\.?|n\.?\s?[°º]|núm\.?|n\.)?\s*[:#]?\s*(20\d\d:\d{1,5}(?!\d)|(?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)(?!\.\d)/iu);
  if (abroad && abroad[1]!.length >= 3) return abroad[1]!;
  // “Ihre Abgabe hat die Nummer 90321”, “Votre dépôt porte le numéro 90321”, “Ihre Referenznummer lautet 90321”.
  const saidAbroad = firstIn(text, /(?<![\p{L}])(?:(?:hat|trägt|erhält|erhielt|bekommt|porte|a reçu|tiene|lleva|recibió|ha|ha ricevuto|porta|heeft|kreeg|tem|recebeu)\s+(?:die|das|le|la|el|il|het|o|als)\s+(?:\p{L}*(?:nummer|kennung|kenmerk)|numéro|número|numero|código|codice|code|référence|referencia|riferimento|referência)|(?:heeft|kreeg)\s+(?:nummer|kenmerk|referentie)|(?:ihre|die|uw|je|het|ditt|dit|din)\s+(?:\p{L}*(?:nummer|kennung|kenmerk|kod|kode)|referenz|referentie|referens|referanse)\s+(?:lautet|ist|is|luidt|är|er)|\p{L}*(?:nummeret|koden)\s+(?:ditt|dit|din)\s+er|(?:viitenumerosi|kuittinumerosi|tunnuksesi)\s+on|(?:twój |twoje )?numer (?:potwierdzenia|zgłoszenia|referencyjny) to|číslo (?:potvrzení|odevzdání) je|(?:votre|le|la|su|il|il suo|o|a|o seu|a sua)\s+(?:numéro|référence|número|numero|referencia|riferimento|referência|código|codice)(?:\s+d[eiu](?:lla|l)?\s?\p{L}+)?\s+(?:est|es|è|é))\s*(?:le |la |el |il )?[:“"«]?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)(?!\.\d)/iu);
  if (saidAbroad && saidAbroad[1]!.length >= 3) return saidAbroad[1]!;
  // “conf. no. RP-0192”.
  const short = firstIn(text, /\bconf(?:irm)?\.? (?:no\.?|number|#|code)\s*:?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i);
  if (short && short[1]!.length >= 3) return short[1]!;
  // “Keep the number 7741-QX”.
  const kept = firstIn(text, /\b(?:keep|note(?: down)?|quote|remember|write down)\s+(?:the|this|your)\s+(?:receipt |reference |confirmation )?(?:number|no\.|code|reference|id)\s*:?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i);
  if (kept && kept[1]!.length >= 3) return kept[1]!;
  // The first cell of the line that has the file with its time: “PS4-0207   12 Mar 2027 08:20   essay.pdf”.
  const cell = new RegExp(`^\\W*(?:\\d{1,2}[.)]\\s+)?([A-Z]{1,6}\\d*-\\d{2,}[\\w-]*)(?:\\s{2,}|\\s*[|;\\t])(?=.*\\d:\\d\\d)(?=.*\\.(?:${extensions})\\b)`, 'im').exec(text);
  if (cell) return cell[1]!;
  // “11:41  essay.docx  received  ref. K-5512-A”.
  const logged = numberOfEntry(text);
  if (logged) return logged;
  // “It carries the number 4-1-7 in our list.”
  const carried = firstIn(text, /\b(?:carries|has|got|given(?: (?:it|them|your \w+))?|bears|under) (?:the |our |your )?(?:number|no\.|code|reference)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/i);
  if (carried && carried[1]!.length >= 3 && says(text, /\b(?:receive|received|receipt|recorded|stored|uploaded|upload|arrived|reached us|accepted|handed in|submitted|c[oa]me in|took in|is with us)\b/i)) return carried[1]!;
  // “[HX-20391] Receipt”.
  const tagged = firstIn(text, /^\W*\[((?=[A-Za-z0-9/_-]*\d)[A-Z][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)+)\]\s*(?:re:\s*)?(?:your )?(?:submission |hand-?in )?(?:receipt|confirmation|acknowledge?ment)\b/im);
  if (tagged) return tagged[1]!;
  // “Confirmation of hand-in | ID 20270312-4471”; “Ticket T-9”.
  const barred = firstIn(text, /(?:^|[|•·]|\s-)\s*(?:ID|Ref(?:erence)?\.?|No\.?|Nr\.?)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\s*(?:$|[|•·])/m) ?? firstIn(text, /\bticket\s+#?([A-Z]{1,6}-?\d+(?:-\d+)*)\b/i);
  if (barred && barred[1]!.length >= 3) return barred[1]!;
  // The last cell of the line that has the file with its time: “#2  12 Mar 2027 16:42  essay.pdf   K-101  (current)”.
  const behind = new RegExp(`\\d:\\d\\d\\b[^\\n]*\\.(?:${extensions})\\s+([A-Z]{1,6}\\d*-\\d{2,}[\\w-]*)\\s*(?:\\([a-z ]{3,20}\\))?\\s*$`, 'im').exec(text);
  if (behind) return behind[1]!;
  // “ok essay.pdf 2027-03-12T16:42:08Z 7F3A9921”; “entry 118/2027 in the register”.
  const last = new RegExp(`^\\W*(?:ok|done|stored|received|accepted)\\b[^\\n]*\\.(?:${extensions})\\b[^\\n]*\\d:\\d\\d[^\\n]*\\s((?=[A-Z0-9-]*\\d)(?=[A-Z0-9-]*[A-Z])[A-Z0-9]{3,}[A-Z0-9-]*)\\s*$`, 'm').exec(text) ?? firstIn(text, /\b(?:entry|item|record) (?:no\. ?)?((?=[\w/-]*\d)[A-Z0-9]+(?:[-/][A-Z0-9]+)+) (?:in|of) (?:the|our) (?:register|registry|log|book|journal|list)\b/i);
  if (last) return last[1]!;
  // “Hand-in 5512 received”; “#5512” on a line of its own.
  const handIn = firstIn(text, /\b(?:hand-?in|upload|delivery|deposit)\s+#?(\d{3,}|[A-Z]{1,4}-?\d{3,}[\w-]*)\s+(?:was |has been |is )?(?:received|accepted|completed?|confirmed|recorded)\b/i) ?? /^\s*#\s?([A-Z0-9-]*\d{3,}[\w-]*)\s*$/m.exec(text);
  if (handIn) return handIn[1]!;
  // “Upload 2: 7F3A9921  12 March 2027 16:42  essay.pdf”, and which of them counts.
  const counting = firstIn(text, /\b(?:current|latest|last|active|newest) (?:upload|version|submission|attempt|hand-?in)\s*(?::|is|=|no\.)\s*#?(\d{1,2})\b/i)?.[1], listed = counting === undefined ? null : new RegExp(`^\\W*(?:upload|version|submission|attempt|hand-?in) #?${counting}\\s*[:|-]\\s*((?=[A-Z0-9-]*\\d)[A-Z0-9][A-Z0-9-]{4,})\\s(?=.*\\d:\\d\\d)`, 'im').exec(text);
  if (listed) return listed[1]!;
  // “Reference for both: 7F3A9921”.
  const shared = firstIn(text, /\b(?:reference|receipt|confirmation|ref\.?)(?: (?:number|no\.?|code))? (?:for|of) (?:both|all|these|this|the (?:set|files?|documents?|hand-?in|upload|submission)|your (?:files?|hand-?in|upload|submission|records?))(?: (?:files|documents|of them))?\s*(?::|is|=)\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i);
  if (shared && shared[1]!.length >= 3) return shared[1]!;
  // “Save this: QX-5512.”
  const saved = firstIn(text, /\b(?:save|keep|note|quote) this(?: (?:code|number|reference))?\s*:\s*[\x60“"‘']?#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i);
  if (saved && saved[1]!.length >= 3) return saved[1]!;
  // “Entry no. 90321”, “Upload ID: 90321”; “Filed under 90321”; “Quote 90321 in any correspondence”.
  const noted = firstIn(text, /^\W*(?:your )?(?:entry|upload|document|log|record|deposit|filing|order|item|file) (?:id|identifier|no\.?|nr\.?|number|#)\s*(?:is|:|=)?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\s*$/im)
    ?? firstIn(text, /\b(?:[Ff]iled|[Rr]egistered|[Rr]ecorded|[Bb]ooked|[Ll]odged|[Ss]tored|[Ll]ogged|[Aa]rchived) (?:under|as) (?:no\. ?|number )?#?((?=[A-Z0-9/_-]*\d)[A-Z0-9]+(?:[-/_][A-Z0-9]+)*)\b(?![\w.]*\.\w{2,4}\b)/)
    ?? firstIn(text, /\b(?:quote|mention|give|cite) #?((?=[A-Z0-9/_-]*\d)[A-Z0-9]+(?:[-/_][A-Z0-9]+)*) (?:in|when|if|with|whenever)\b/i);
  if (noted && noted[1]!.length >= 3) return noted[1]!;
  // A line that is a number and nothing else.
  const alone = firstIn(text, /^\s*([A-Z]{1,6}[-/]\d{3,}[\w/-]*)\s*$/m);
  if (alone) return alone[1]!;
  // “Subject: Hand-in received [KD-0912]”, “… bestätigt: Nr. 2026-5512”.
  const inSubject = firstIn(text, /^subject:[^\n]*(?:\[|(?<![\p{L}.])(?:nr|no|n[°º])\.?\s?)#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)(?:\]|\s*$)/imu);
  if (inSubject && inSubject[1]!.length >= 4) return inSubject[1]!;
  for (const m of eachIn(text, prose)) if (m[1]!.length >= 4 && !/^(?:19|20)\d\d$/.test(m[1]!) && /\d/.test(m[1]!) && !/^\d{1,2}(?:st|nd|rd|th)$/i.test(m[1]!)) return m[1]!;
  return byItsKind(text);
}
/** What a number of a hand-in is called, whoever keeps the list. Not a registration number, which is the student's own. */
const kind = '(?:receipt|submission|confirmation|reference|transaction|tracking|ticket|record|deposit|upload|acknowledge?ment|case|entry|docket|hand-?in|delivery|filing|job|process|log|voucher|slip|verification|protocol|lodge?ment|arrival|proof)', word = '(?:number|no\\.?|nr\\.?|id|identifier|code|ref(?:erence)?\\.?|key)', value = '#?((?=[A-Za-z0-9/_-]*\\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)(?![\\w.:,]*\\d)(?![^\\S\\n]*(?:words?|pages?|bytes|files?|documents?|[KMG]i?B|minutes|of)\\b)';
const kinds: readonly RegExp[] = [
  // “Docket number: 90321”, “Delivery no. 90321”, “the job number of your hand-in is 90321”, and the value on the line below.
  new RegExp(`\\b${kind}[ -]${word}(?: (?:of|for) (?:your|the|this) [\\p{L} -]{3,24}?)?[^\\S\\n]*(?:is|was|:|=)?\\s*${value}`, 'iu'),
  // “Case #90321”, “Voucher: 90321” as a line.
  new RegExp(`^\\W*(?:your )?${kind}\\s*[#:]\\s*${value}\\s*$`, 'imu'), new RegExp(`\\b${kind}\\s+#\\s?${value}`, 'iu'),
];
const byItsKind = (text: string): string | null => kinds.map((pattern) => firstIn(text, pattern)?.[1]).find((found) => found !== undefined && found.length >= 4 && !/^(?:19|20)\d\d$/.test(found)) ?? null;

/** A label that names the number itself comes before one that only mentions it. */
const score = (label: string): number => (/receipt|confirm|submission/i.test(label) ? 2 : 0) + (says(label, /\b(id|identifier|number|no|code|ref|reference)\b/i) ? 1 : 0);
