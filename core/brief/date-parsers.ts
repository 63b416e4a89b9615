import * as chrono from 'chrono-node/en';
import { narrowedTo } from '../text/narrowed.ts';

const nothing = /[]/;
/** The same readers of dates, of which those are left out that cannot find anything in a text: the patterns of some take long to compile, and most texts hold no “ago”. */
function sparing(whole: chrono.Chrono): chrono.Chrono {
  const spared = whole.clone();
  spared.parsers = whole.parsers.map((parser) => ({ pattern: (context) => narrowedTo(context.text, parser.pattern(context)) ?? nothing, extract: (context, match) => parser.extract(context, match) }));
  return spared;
}

/** Dates as English writes them: `american` has the month before the day. */
export const dateParsers = { american: sparing(chrono.casual), british: sparing(chrono.GB) };
