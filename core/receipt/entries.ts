import { extensions } from './rows.ts';
import { firstIn, says } from '../text/patterns.ts';

/** An entry of a log: a line that has a file and a time of day, by its cells. */
interface Entry { line: string; cells: string[]; /** whether it counts no more, or never did */ former: boolean }
const file = new RegExp(`\\.(?:${extensions})(?![\\p{L}\\d])`, 'iu'), clock = /\d[:.h]\d\d/, between = /\s{2,}|\t|\s*[|;•·]\s*|,\s+|\s+[–—-]\s+/;
/** What a cell says of an entry that does not count. */
const ended = /^\W*(?:status:? )?(?:(?:was |has been )?(?:replaced|superseded|overwritten|withdrawn|deleted|removed|cancell?ed|failed|refused|rejected|expired)|drafts?|not (?:received|accepted|sent|submitted|complete[d]?))(?: (?:by|at|on|because|with)\b.*)?\W*$/i;

function entriesOf(text: string): Entry[] {
  return text.split('\n').flatMap((line) => {
    if (line.length > 300 || !says(line, file) || !says(line, clock)) return [];
    const cells = line.trim().split(between).map((cell) => cell.trim());
    return [{ line, cells, former: cells.some((cell) => says(cell, ended)) }];
  });
}

/** A log without the entries that were replaced, withdrawn or refused, where another one counts. */
export function withoutFormerEntries(text: string): string {
  const entries = entriesOf(text), former = new Set(entries.filter((e) => e.former).map((e) => e.line));
  return former.size === 0 || former.size === entries.length ? text : text.split('\n').filter((line) => !former.has(line)).join('\n');
}

/** A cell that gives a number by what it is called. */
const numbered = /^(?:(?:receipt|confirmation|submission|entry|transaction|upload|hand-?in|slip|ticket)\s+)?(?:ref(?:erence)?\.?|receipt|confirmation|number|no\.?|nr\.?|id|code|slip|ticket|#)(?:\s+(?:no\.?|nr\.?|number|id|code))?\s*[:#]?\s*#?((?=[A-Za-z\d/_-]*\d)[A-Z\d][A-Za-z\d]*(?:[-/_][A-Za-z\d]+)*)(?: \([a-z ]{3,20}\))?$/i;
/** The number in the one entry that counts; null where none is told, or where entries tell different ones. A number that the file's name carries is the writer's own. */
export function numberOfEntry(text: string): string | null {
  const numbers = new Set<string>();
  for (const { cells, former } of entriesOf(text)) {
    const names = cells.filter((cell) => says(cell, file)).join(' ');
    for (const cell of former ? [] : cells) { const number = firstIn(cell, numbered)?.[1]; if (number && number.length >= 3 && !names.includes(number)) numbers.add(number); }
  }
  return numbers.size === 1 ? [...numbers][0]! : null;
}

/** What a cell says of an entry that arrived. */
const arrived = /^\W*(?:status:? )?(?:received|accepted|stored|ok|done|completed?|submitted|handed in|confirmed)(?: (?:in full|successfully|and \w+))?\W*$/i;
/** The day and time in the one entry that says that it arrived, as it is written there; null where there is none, or several. */
export function timeOfEntry(text: string): string | null {
  const [entry, ...others] = entriesOf(text).filter((e) => !e.former && e.cells.some((cell) => says(cell, arrived)));
  return entry && others.length === 0 ? entry.cells.filter((cell) => says(cell, clock) && !says(cell, file)).join(', ') || null : null;
}
