import type { Box } from './facts.ts';
import type { DetailName } from './details.ts';

export type FindingStanding = 'stops' | 'look' | 'fine';
export type DocketStanding = 'met' | 'notMet' | 'look' | 'notAsked' | 'unread';
export interface Place { part: string; page: number | null; box: Box | null; quote: string | null }
/** One thing seen in one place. `key` names the message, `data` fills it. */
export interface Finding {
  check: string; standing: FindingStanding; detail: DetailName | null; place: Place; message: string;
  key: string; data: Record<string, string | number>;
}
export interface DocketLine {
  id: string; line: string; asked: string | null; found: string | null; standing: DocketStanding; document: string | null;
  /** the mend that would help, if there is one */ mend: string | null;
}
