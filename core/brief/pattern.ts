import type { Brief } from '../model/brief.ts';

export const patternFormat = 'hand-over-brief/1';
/** A brief to be used again for the next paper of the course: rules stay; what belongs to one paper or one person goes. */
export interface BriefPattern { format: typeof patternFormat; course: string; brief: Brief }

export function toPattern(brief: Brief, course: string): BriefPattern {
  return { format: patternFormat, course, brief: { ...brief, opens: null, due: null, extension: null, parts: brief.parts.map((p) => ({ ...p, opens: null, due: null })), evidence: [] } };
}
