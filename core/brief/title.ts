import { firstIn, says } from '../text/patterns.ts';

/** What an assignment is called and which course it belongs to, as its first lines usually say; null where they do not. */
export interface Heading { title: string | null; course: string | null }

const labelled = /^[\s*#•–-]*(?:title(?: of (?:the )?(?:assignment|assessment|task|paper|coursework))?|(?:assignment|assessment|task|coursework|essay) title)\s*:\s*\**\s*(.+)$/im;
/** A sentence that says what to do, or greets, is no title. */
const noTitle = /[.!?,]$|^(?:please|submit|write|hand|upload|your|dear|hi|hello|from|to|subject|date|syllabus|re)\b|^you\b/i;

export function headingOf(wording: string): Heading {
  const course = /\b[A-Z]{2,5}\s?\d{2,5}[A-Z]?\b/.exec(wording)?.[0] ?? null;
  // Beside the title, a form may go on in another column.
  const own = firstIn(wording, labelled)?.[1]?.split(/\s{3,}|\t|\s\|\s/)[0], first = wording.split('\n').map((l) => l.trim()).find(Boolean) ?? '';
  const title = bare(own ?? first.replace(course ?? '', ''));
  return { title: title && title.length <= 80 && !says(title, noTitle) ? title : null, course };
}
const bare = (line: string): string => line.replace(/[*#]+/g, '').replace(/^[\s:–—|-]+|[\s:–—|-]+$/g, '').replace(/^[“"](.*)[”"]$/, '$1').trim();
