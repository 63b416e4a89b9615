import { columnsClose, columnsOpen, lineOf, pagesClose, pagesOpen, samePages, withinLine } from './flows.ts';
import type { PageSize } from './page-description.ts';

/** A stretch of a text with its own columns and pages, as word processors keep them. */
export interface Section { html: string; size: PageSize; columns: number; gapPt: number; /** a line stands between the columns */ ruled: boolean; /** it begins on the page on which the one before it ends */ goesOn: boolean; /** which running lines its pages have, 0 for those of the whole */ lines: number }
const breaks = '<div class="break"></div>';

/** The size of the pages on which most of the text stands; null where there is no text. */
export function usualSize(sections: Section[]): PageSize | null {
  const lengths: { size: PageSize; length: number }[] = [];
  for (const { html, size } of sections) { const known = lengths.find((l) => samePages(l.size, size)), length = html.replace(/<[^>]+>/g, '').length; if (known) known.length += length; else if (html !== '') lengths.push({ size, length }); }
  return lengths.reduce<typeof lengths[number] | null>((a, b) => (a && a.length >= b.length ? a : b), null)?.size ?? null;
}

/** Each section in its columns, and on pages of its own size where that is not `base`, or with running lines of its own; neighbours of one size share their pages. Pictures are no wider than their line. */
export function joinSections(sections: Section[], base: PageSize): string {
  const groups: { size: PageSize; lines: number; html: string }[] = [];
  for (const { html, size: own, columns, gapPt, ruled, goesOn, lines } of sections) {
    if (html === '') continue;
    // What goes on stands between the margins of the page on which it begins.
    const last = groups.at(-1), stays = last !== undefined && goesOn && Math.abs(own.widthPt - last.size.widthPt) <= 2 && Math.abs(own.heightPt - last.size.heightPt) <= 2, size = stays ? last.size : own;
    const fitting = withinLine(html, lineOf(size)), set = columns > 1 ? `${columnsOpen(columns, gapPt, ruled)}${fitting}${columnsClose}` : fitting;
    if (!last || !samePages(last.size, size) || (last.lines !== lines && !stays)) groups.push({ size, lines, html: set });
    else last.html += `${stays || last.html.endsWith(breaks) || set.startsWith(breaks) ? '' : breaks}${set}`;
  }
  return groups.map(({ size, lines, html }) => (samePages(size, base) && lines === 0 ? html : `${pagesOpen(size, lines)}${html}${pagesClose}`)).join('');
}
