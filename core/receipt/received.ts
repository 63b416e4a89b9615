import { DateTime } from 'luxon';
import { dateOrder, readDates } from '../brief/dates.ts';
import type { Clause } from '../brief/statements.ts';
import { byOwnOffset } from '../time/instant.ts';
import { readZone } from '../brief/zones.ts';
import { dateInEnglish } from './dates-elsewhere.ts';
import { timeByContext } from './by-context.ts';
import { timeOfEntry } from './entries.ts';
import { labels, type Row } from './rows.ts';
import { zoneOfAllTimes } from './stated-zone.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** That something arrived, in other languages; who has an account since when is another matter. */
const handedInAbroad = new RegExp(String.raw`(?<!\p{L})(?<!(?:usuari[oa]|cuenta|Benutzer(?:in|konto)?|Nutzer(?:in)?|konto|utilisat(?:eur|rice)|compte|utente|utilizador|conta|gebruiker|användare|bruker|user|account|Autor(?:in)?)[^.\n]{0,24})(?:${[
  'registriert|erfasst|erhalten|empfangen|gespeichert|entgegengenommen|eingereicht|eingegangen|abgegeben|hochgeladen|übermittelt|angekommen|eingelangt|zugegangen|angenommen|upload (?:am|vom)', 'déposée?|envoyée?|enregistrée?|remise?|reçue?|téléversée?|parvenue?s?|arrivée?|transmise?|soumise?|chargée?|mise? en ligne|dépôt effectué', 'enviad[oa]|entregad[oa]|presentado|recibid[oa]|recibimos|registrad[oa]|registró|recibió|subid[oa]|llegó|llegado|entregó|envió|subió|cargad[oa]|guardad[oa]|presentada', 'consegnat[oa]|inviat[oa]|registrat[oa]|ricevut[oa]|caricat[oa]|depositat[oa]|pervenut[oa]|arrivat[oa]|trasmess[oa]|acquisit[oa]|salvat[oa]', 'recebid[oa]|recebemos|registad[oa]|registrad[oa]|submetid[oa]|entregue|enviad[oa]|carregad[oa]|guardad[oa]|gravad[oa]|chegou', 'geregistreerd|ingediend|opgeslagen|verzonden|ontvangen|ontvingen|ingeleverd|geüpload|binnengekomen|aangekomen|ingestuurd|ingezonden|aangeleverd|bewaard',
  'inlämna[dt]|lämna(?:des|ts|t) in|inkom(?:mit)?|kom in|spara(?:d|des|ts)|mottage[nt]|togs emot|tagits emot|tagit emot|registrera(?:des|ts|d)|uppladda[dt]|laddades upp|skicka[dt]|skickades', 'afleveret|modtaget|modtog|uploadet|indsendt|kom ind|gemt', 'registrert|registreret|innlevert|levert|mottatt|mottok|lastet opp|sendt inn|kom inn|lagret', 'palautettu|vastaanotettu|vastaanotettiin|lähetetty|palautettiin', 'złożon[oay]|przyjęt[oay]|przesłan[oay]|otrzyman[oay]|odebran[oay]', 'odevzdán[oay]?|přijat[oay]?|nahrán[oay]?|doručen[oay]?', 'teslim edil(?:di|miştir)|alındı|gönderildi|yüklendi|alınmıştır',
  '(?:Abgabe|Einreichung) (?:erfolgte|vom(?= \\d{1,2}\\. ?(?:\\d{1,2}\\.|\\p{L}+ )\\d{2,4}))|Eingang (?:Ihrer|deiner|der) \\p{L}+', '(?:dépôt|remise|envoi) (?:a eu lieu|a été (?:fait|effectué|faite|effectuée))', 'recepción de(?:l| su| tu)|entrega se (?:ha )?(?:realiz|hizo|efectu)\\p{L}*', 'ricezione de\\p{L}*|consegna è (?:avvenuta|stata)', 'rece[pç]+ão d[oae]s?|(?:entrega|submissão) foi (?:feita|efetuada|realizada)|submeteu|entregou', 'ontvangst van|inlevering vond plaats|leverde in', 'tog emot|inlämningen (?:gjordes|skedde)|lämnade in', 'afleveringen skete|afleverede|modtagelsen af|leverte|innleveringen skjedde',
].join('|')})(?!\p{L})`, 'iu');

/** What happened before it was received, or beside it. */
const anotherStep = /\b(?:started?|beg[au]n|opened|created|(?:last )?(?:modified|changed|edited|saved)|printed|viewed|mailed|logged in|signed in|first (?:received|uploaded|submitted|handed in)|(?:originally|initially) (?:received|uploaded|submitted|handed in)|deadline|due|closes)\b/i, clockTime = /\d{1,2}[:.]\d\d(?!\d)|\d ?[ap]\.?m\b/i;
/** “Date deposited” over “Time deposited”, “Received on” over “Received at”. */
const cameIn = '(?:received|submitted|handed[ -]in|deposited|lodged|uploaded|logged|delivered|accepted|filed|arrived|sent|registered|recorded|taken in|acknowledged|stored|posted)', coming = '(?:submission|receipt|deposit|hand-?in|upload|delivery|arrival|registration|lodg(?:e?ment)|filing|acceptance)';
const dateLabel = new RegExp(`^(?:(?:${cameIn}|${coming}) )?(?:date|day)(?: (?:${cameIn}|of (?:the )?${coming}))?$|^${cameIn} on$|^received$|^(?:datum|date|fecha|data|dato)(?: (?:de |du |d['’]|del |della |di |da |do |der |des |van |av |for )?[\\p{L}’']+)?$`, 'iu');
const timeLabel = new RegExp(`^(?:(?:${cameIn}|${coming}) )?(?:time|hour)(?: (?:${cameIn}|of (?:the )?${coming}))?$|^${cameIn} at$|^(?:(?:[\\p{L}-]*)(?:uhrzeit|zeit)|um|heure|à|hora|ora|às|tijd|tijdstip|om|tid|tidspunkt|klokkeslett|klokkeslæt|klockslag|klockan|kl\\.?)(?: (?:de |du |d['’]|del |della |di |da |do |der |des |van |av |for )?[\\p{L}’']+)?$`, 'iu');
/** Nothing but a time of day, and a day without one, as rows have them in any of these languages. */
const clockAlone = /^(?:um|kl\.?|à|a las|alle|às|om|at)?\s*\d{1,2} ?(?:(?::|\.|h|heures?|Uhr|uur) ?(?:\d\d(?:[:.]\d\d)?)?|[ap]\.?m\b)[^\d]{0,24}$|^\d{1,2}[:.]\d\d ?[ap]\.?m\b[^\d]{0,24}$/i, dayAlone = /^(?!.*(?:\d{1,2}:\d\d|\d ?[ap]\.?m\b|\d ?(?:h|Uhr|uur)\b|(?<![.\d])\d{1,2}\.\d\d(?![.\d]))).*\d/i;
const numberBeforeDay = /(?<![\d.:\p{L}/_-])[\p{L}\d/_-]*\d{1,2}(?=,? (?:of |on )?(?:(?:\p{L}{3,10},? )?\d{1,2}(?:st|nd|rd|th)? \p{L}{3,9}\.?,? \d{4}|\p{L}{3,9} \d{1,2}(?:st|nd|rd|th)?,? \d{4}|\d{4}-\d{2}-\d{2}|\d{1,2}[/.]\d{1,2}[/.]\d{4})\b)/gu;
/** “Transfer started 12 April 15:40, completed 12 April 15:42”: of several steps in a line those that are not its end are left out. */
function withoutOtherSteps(line: string): string {
  line = rewritten(line, [/\([^()]*\b(?:deadline|due|closes|created|modified|started)\b[^()]*\)/gi, ' ']);
  const steps = line.split(/[,;](?=\s)(?!\s*(?:at |um |à |a las |alle |om |kl\.? ?)?\d{1,2}[:.]\d\d)|\s[–—|]\s|\band\b/).filter((step) => says(step, clockTime));
  return steps.length > 1 && steps.some((step) => !says(step, anotherStep)) ? steps.filter((step) => says(step, anotherStep)).reduce((rest, step) => rest.replace(step, ' '), line) : line;
}

/** When it was received, by a row, a sentence or a line of a log; `day` where a date stands without a time. @param zone - of times that name none */
export function readReceived(text: string, rows: Row[], expected: string[], zone: string | null, nowIso: string): { at: string | null; zoneOpen: boolean; day?: string } {
  const today = DateTime.fromISO(nowIso, { setZone: true }), ofAll = zoneOfAllTimes(text);
  // The whole text is looked at once for each zone, however many times it tells.
  const orders = new Map<string | null, ReturnType<typeof dateOrder>>(), orderBy = (of: string | null): ReturnType<typeof dateOrder> => { if (!orders.has(of)) orders.set(of, dateOrder(text, of)); return orders.get(of)!; };
  const read = (written: string): { at: string; zoneOpen: boolean } | null => {
    written = withoutOtherSteps(rewritten(written, [/,? time (?:of (?:receipt|submission|arrival)|received|submitted):? (?=\d)/i, ' ']));
    // “Receipt 88-12, 24 November 2026, 21:14”: what stands before the day is no hour where one stands behind it.
    if (says(written, clockTime)) written = written.replace(numberBeforeDay, (number) => (/^\d{1,2}h\d\d$/i.test(number) ? number : ' '.repeat(number.length)));
    // Thousandths of a second, and what an earlier version's time is.
    written = rewritten(written, [/(\d:\d\d:\d\d)\.\d{1,6}\b/g, '$1'], [/(?:\d{1,2}(?:st|nd|rd|th)? \p{L}{3,9} \d{2,4}|\d{1,4}[./-]\d{1,2}[./-]\d{1,4}),?\s*\d{1,2}[:.]\d\d[^(),;]{0,12}\((?:first|initial|earlier|previous|old)(?: (?:version|upload|file|submission))?\)[,;]?\s*/giu, '']);
    const value = dateInEnglish(written);
    // Seconds or milliseconds since 1970, as data files count them (POSIX.1-2017, 4.16).
    if (/^1\d{9}(?:\d{3})?$/.test(value.trim())) return { at: DateTime.fromMillis(Number(value.trim().padEnd(13, '0')), { zone: 'utc' }).toISO({ suppressMilliseconds: true })!.replace(/Z$/, '+00:00'), zoneOpen: false };
    const iso = firstIn(value, /\b\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?\s?(?:Z|[+-]\d{2}:?\d{2})?/)?.[0];
    // What was received lies behind us: without a year it is the last such day, not the next.
    const now = says(value, /\b(?:19|20)\d\d\b|\b\d{1,2}[-/.]\d{1,2}[-/.]\d\d\b|'\d\d\b/) ? today : today.minus({ years: 1 }).plus({ days: 2 });
    const clause: Clause = { text: value.replace(/\bUTC\b(?!\s?[+-])/g, 'UTC'), start: 0, end: value.length };
    const stated = readZone([{ ...clause, text: value }])[0]?.value ?? ofAll;
    const ambiguous = stated !== null && /^(BST|IST|CST)$/.test(stated);
    const used = stated === null || (ambiguous && zone) ? zone : stated, /** an abbreviation on a receipt means its own offset */ clock = used !== null && used === stated ? byOwnOffset(used) : used;
    if (iso) {
      const shaped = iso.replace(' ', 'T').replace(/\s/g, '').replace(/([+-]\d{2})(\d{2})$/, '$1:$2');
      if (/(Z|[+-]\d{2}:\d{2})$/.test(shaped)) return { at: shaped.replace(/Z$/, '+00:00').replace(/\.\d+/, ''), zoneOpen: false };
      const inZone = readDates({ text: `${value}`, start: 0, end: value.length }, now, clock, 'day-month')[0]?.iso;
      return { at: inZone && inZone.length > 19 ? inZone : shaped.replace(/\.\d+/, ''), zoneOpen: used === null };
    }
    const date = readDates(clause, now, clock, orderBy(used) ?? dateOrder(value, used) ?? orderBy(zone)).find((d) => d.problem === 'none' || d.problem === 'weekday');
    // “3/12/2027” read as a day that has not come is the other way round.
    const figures = /\b(\d{1,2})[/.](\d{1,2})[/.]\d{2,4}\b/.exec(value), otherWay = date && figures && Number(figures[1]) <= 12 && Number(figures[2]) <= 12 && DateTime.fromISO(date.iso) > today.plus({ days: 1 }) ? (['month-day', 'day-month'] as const).map((order) => readDates(clause, now, used, order)[0]).find((d) => d?.problem === 'none' && d.iso.length > 10 && DateTime.fromISO(d.iso) <= today) : undefined;
    if (otherWay) return { at: otherWay.iso, zoneOpen: used === null };
    if (date && date.iso.length > 10) return { at: date.iso, zoneOpen: used === null };
    // “Friday 12 March 2027, one minute past four in the afternoon, 16:01”: the only figures of a clock are the time.
    const clocks = [...eachIn(value, /\b(?:[01]?\d|2[0-3]):[0-5]\d(?::[0-5]\d)?\b/g)];
    const joined = date && clocks.length === 1 ? readDates({ text: `${value.slice(date.start, date.end)} ${clocks[0]![0]}`, start: 0, end: 0 }, now, clock, 'day-month')[0] : undefined;
    return joined && joined.iso.length > 10 ? { at: joined.iso, zoneOpen: used === null } : null;
  };
  // “Von: … An: … Datum: … Betreff: …”: the head of a mail in another language; its date is when it was sent.
  const ofMail = says(text.slice(0, 2000), /^(?:von|de|da|van|fra|från)\s?:[^\n]*\n(?:[^\n]*\n){0,4}?(?:betreff|objet|asunto|oggetto|onderwerp|assunto|ämne|emne)\s?:/im);
  const stated = rows.filter((r) => says(r.label, labels.receivedAt) && !(ofMail && /^date$/i.test(r.label)));
  // A bare date may be the page's: a line that says that something was received on a day is more.
  const plainly = stated.every((r) => /^date$/i.test(r.label)) ? text.split('\n').flatMap((l) => ((says(l, handedInAbroad) || says(l, /\b(?:received|handed in|submitted|uploaded)\b/i)) && !says(l, /\b(?:not|due|deadline|before|until|nicht|bis|avant|antes|entro|voor)\b/i) && /\d[:.h]\d\d/.test(l) ? read(l) ?? [] : [])) : [];
  if (stated.length > 0 && plainly.length === 1) return plainly[0]!;
  const candidates = stated.sort((a, b) => (says(b.label, /receiv|submi|hand|accept|arriv|stor|upload/i) ? 1 : 0) - (says(a.label, /receiv|submi|hand|accept|arriv|stor|upload/i) ? 1 : 0));
  for (const r of candidates) {
    const at = read(r.value);
    if (!at) continue;
    // Each document with a time of its own: all are there when the last one is.
    const all = candidates.filter((o) => o.label === r.label).flatMap((o) => read(o.value) ?? []);
    return all.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0] ?? at;
  }
  // Date and time in rows of their own.
  const date = rows.find((r) => says(r.label, dateLabel) && says(r.value, dayAlone)), time = rows.find((r) => r !== date && (says(r.label, timeLabel) || r.label === 'received') && says(r.value.trim(), clockAlone));
  if (date && time) { const hour = rewritten(time.value, [/^(?:um|kl\.?|à|a las|alle|às|om)\s+/i, ''], [/(\d{1,2}) ?(?:h|heures?|\.) ?(\d\d)(?!\d)/, '$1:$2'], [/\s*(?:Uhr|uur|heures?|horas?|h)\b\.?/i, '']), at = read(`${date.value} ${hour}`); if (at) return at; }
  // “Handed in on: 12/03/2027” over “Handed in at: 16:42”.
  const clock = candidates.find((r) => says(r.value.trim(), /^\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]\.?m\.?)?(?: \(?[A-Z]{2,5}\)?)?$/i)), dayOf = clock && candidates.find((r) => r !== clock && read(`${r.value} ${clock.value}`) !== null);
  if (clock && dayOf) return read(`${dayOf.value} ${clock.value}`)!;
  const sentences = text.split(/\n|(?<=[a-z\d)]\.)\s+(?=[A-Z])(?!(?:Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember)\b)/);
  // A log of steps, each with its time: the step that ends it is the one, not the one that began it.
  const steps = sentences.filter((l) => says(l, /^\W*(?:\d{4}-\d\d-\d\d|\d{1,2}[-./ ]\w{2,9}[-./ ]\d{2,4})[T ,]+\d{1,2}:\d\d/)), ending = steps.length > 1 ? steps.findLast((l) => says(l, /\b(?:receipt|reference|submitted|handed in|received|accepted|verified|complete[d]?|stored|confirmed|deposited|lodged|delivered)\b/i) && !/\b(?:not|failed|started|waiting)\b/i.test(l)) : undefined, ended = ending ? read(ending) : null;
  if (ended) return ended;
  // In a log the line that speaks of the receipt is the one, not those of the steps before it.
  for (const line of [...sentences.filter((l) => says(l, /^\W*\d{4}-\d\d-\d\d[T ][^\n]*(?:\breceived\b[^\n]*\breceipt\b|\breceipt\b[^\n]*\breceived\b)/i)), ...sentences]) {
    if (!says(line, handedInAbroad) && !says(line, /\b(?:received|submitted|handed in|uploaded|accepted|stored|arrived|reached us|did (?:get|receive)|c[ao]me in|we (?:got|have)|successful|(?:upload|submission|hand-?in|transfer|delivery) (?:is |was )?completed?|confirm|lodged|deposited|logged|recorded|acknowledged?|hold(?:ing)? (?:it|the following|your \w+|these files?)|ingest(?:ed)?)\b|^\s*(?:receipt|reference|ticket|confirmation)\b|\breceipt #?(?=[\w/-]*\d)[A-Z0-9][\w/-]*,/i) || says(line, /\b(?:you|last) (?:logged|signed) in\b/i) || says(rewritten(withoutOtherSteps(line), [/\b(?:before|ahead of) the (?:deadline|due)\b/gi, '']).split(/\b(?:due|deadline)\b/i)[0]!.length < 8 ? line : '', /\b(?:printed|due|deadline|feedback|closes|opens|will be|page \d)\b/i)) continue;
    // A line for each file, with the time of each: all are there when the last one is.
    const files = expected.length > 1 && expected.some((name) => line.includes(name)) ? sentences.filter((l) => expected.some((name) => l.includes(name))).flatMap((l) => read(l.replace(/\S+\.[A-Za-z]\w{1,3}\b/g, ' ')) ?? []) : [];
    if (files.length > 1) return files.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0]!;
    const at = read(rewritten(withoutOtherSteps(line), [/\b(?:\d+|one|two|three|five|ten|an?) (?:seconds?|minutes?|hours?|days?) (?:before|ahead of|short of) (?:the |its )?(?:deadline|due (?:date|time))/gi, ' '], [/\b(?:due|deadline|closes)\b.*$/i, ''], [/\b(?:printed|generated|issued|downloaded|viewed)\b[^.;]*/gi, '']));
    if (at) return at;
  }
  // “The submission was created at 15:10 and last updated at 16:42”: what is there is the last state.
  const updated = firstIn(text, /\b(?:submission|hand-?in|upload|paper|file)\b[^.\n]*\b(?:last )?(?:updated|changed|replaced|resubmitted) (?:on|at) ([^\n]{8,60})/i), changed = updated && read(updated[1]!);
  if (changed) return changed;
  // “Last modified” beside a status that says it was handed in.
  const modified = rows.find((r) => says(r.label, /^last (?:modified|changed|updated|edited)$/i)), settled = rows.find((r) => says(r.label, labels.status) && says(r.value, /\b(?:submitted|handed in|received|final)\b/i) && !/\b(?:not|draft|un\w+)\b/i.test(r.value)), lastState = modified && settled ? read(modified.value) : null;
  if (lastState) return lastState;
  // The line of the file itself, also where its name is cut short.
  const holds = (line: string, name: string): boolean => line.includes(name) || [...line.matchAll(/([^\s|"“”<>,;]{5,})(?:…|\.{3})/g)].some((m) => name.startsWith(m[1]!));
  for (const line of text.split(/\n|(?<=[a-z\d)]\.)\s+(?=[A-Z])(?!(?:Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember)\b)/)) if (expected.some((name) => holds(line, name)) && !says(line, /\b(?:modified|created|printed|due|deadline|saved|draft|queued?|processing|not a receipt|downloaded|checking|scanning)\b/i)) { const at = read(rewritten(line, [/\S+\.(?:pdf|docx?|odt|rtf|txt|zip|csv|xlsx?|jpe?g|png)\b/gi, ' '], [/\S+(?:…|\.{3})\S*/g, ' '], [/\b\d{1,3}(?:[ \u00a0\u202f,.]\d{3})+\s?(?:bytes?|B)\b|\b\d[\d.,]*\s?(?:[KMG]i?B|bytes?|B)\b/gi, ' '])); if (at) return at; }
  // “… submitted on 15 March 2027:” with “13:40  essay.pdf” below it: the only day of the text and the time beside the file.
  const days = [...new Set(readDates({ text: text.slice(0, 20_000), start: 0, end: text.length }, today, zone, orderBy(zone)).filter((d) => d.problem === 'none').map((d) => d.iso.slice(0, 10)))], clocks = text.split('\n').filter((l) => expected.some((name) => l.includes(name))).flatMap((l) => { if (!/^\W*\d{1,2}:\d{2}/.test(l) && (says(l, /\b(?:saved|draft|queued?|processing|not a receipt)\b/i) || !expected.some((name) => l.includes(name) && says(l.slice(l.indexOf(name) + name.length), /^[,;|–\s-]+[\d.,]+ ?(?:bytes|B|[KM]i?B)\b[,;|–\s-]+(?:at )?\d{1,2}:\d{2}(?::\d{2})?(?:\s?[ap]m)?\W*$/i)))) return []; const all = [...eachIn(l.replace(/\S+\.[A-Za-z]\w{1,3}\b/g, ' '), /(?<![\d:])\d{1,2}:\d{2}(?::\d{2})?(?:\s?[ap]m)?\b/gi)]; return all.length === 1 ? [all[0]![0]] : []; }).sort();
  if (days.length === 1 && clocks.length > 0) { const at = read(`${days[0]!} ${clocks.at(-1)!}`); if (at) return at; }
  // A line that is a date with a time and nothing else; not the first one, nor a last one in figures: pages are printed with theirs.
  const lines = text.split('\n').map((l) => l.trim()).filter(Boolean), found = new Map<string, { at: string; zoneOpen: boolean }>();
  lines.forEach((line, i) => {
    const bare = says(line, /^(?:at|on) \d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]\.?m\.?)? on (?:\w+day,? )?(?:\d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]{2,8}|[A-Z][a-z]{2,8} \d{1,2},?) \d{4}(?: \(?[A-Z]{2,5}\)?)?\.?$|^(?:\w+day,?\s+)?(?:\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?[A-Z][a-z]{2,8}\.?,?\s+\d{4}|[A-Z][a-z]{2,8}\.?\s+\d{1,2}(?:st|nd|rd|th)?,?\s+\d{4}|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4})[,T]?\s*(?:at\s+)?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?(?:\s*\(?[A-Z][A-Za-z/+:\d ]{1,20}\)?)?\.?$/i);
    if (!bare || i === 0 || (/^\d/.test(line) && !/[A-Za-z]{3}/.test(line) && i === lines.length - 1)) return;
    const at = read(line);
    if (at) found.set(at.at, at);
  });
  if (found.size === 1) return [...found.values()][0]!;
  // It says that something was received, and of all its lines one has a date with a time: “REF 417 – Fri 12 Mar, 4:42pm”.
  const said = says(text, /\b(?:received|handed in|submitted|accepted|(?:upload|submission|hand-?in|transfer|delivery) (?:is |was )?completed?)\b|\s[–—|-]\s(?:late|in time|on time)\s*$|^\W*(?:all )?(?:done|complete[d]?|success)\b/im), dated = found.size === 0 && (said || says(text, /^\W*(?:submission |hand-?in )?receipt\b/im)) ? lines.filter((l, i) => (said || i > 0 && i < lines.length - 1) && /\d[:.]\d\d|\d ?[ap]m\b/i.test(l) && !says(l, /\b(?:printed|generated|issued|due|deadline|closes|until|opens|feedback|modified|created|saved|draft|viewed|downloaded|mailed|logged in|signed in|last login)\b/i)).flatMap((l) => read(l.replace(/\S+\.[A-Za-z]\w{1,3}\b/g, ' ')) ?? []) : [];
  if (dated.length === 1) return dated[0]!;
  const day = candidates.flatMap((r) => readDates({ text: r.value, start: 0, end: r.value.length }, today, zone, orderBy(zone)).filter((d) => d.problem === 'none' && d.iso.length === 10).map((d) => d.iso))[0];
  const entry = timeOfEntry(text), logged = entry === null ? null : read(entry);
  return logged ?? timeByContext(text, read) ?? { at: null, zoneOpen: false, ...(day ? { day } : {}) };
}
