import type { Brief } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { PlaceKind } from '../model/facts.ts';
import { fieldsOfDetail } from '../naming/pattern.ts';
import type { Sign } from './search.ts';

/** Where the reader of a paper sees its words. */
const seenPlaces: ReadonlySet<PlaceKind> = new Set<PlaceKind>(['text', 'runningHead', 'footnote', 'textbox', 'imageText']);

/** A detail that the brief wants shown in the paper is asked for where a reader sees it, and forbidden everywhere else (metadata, comments, what is hidden). */
export const isAskedThere = (brief: Brief, { place, detail }: Pick<Sign, 'place' | 'detail'>): boolean => seenPlaces.has(place) && fieldsOfDetail(detail).some((field) => brief.shown?.some((s) => s.field === field));

/** The student's details without those that the paper has to show: what may be taken out of its text. */
export function detailsToHide(details: Details, brief: Brief | null): Details {
  const asked = (field: string): boolean => brief?.shown?.some((s) => s.field === field) ?? false;
  return { ...details, studentNumber: asked('studentNumber') ? '' : details.studentNumber, candidateNumber: asked('candidateNumber') ? '' : details.candidateNumber, username: asked('username') ? '' : details.username };
}
