import type { DocumentFacts } from '../model/facts.ts';
import type { Job } from '../model/outcome.ts';

/** What a reader may ask of its surroundings; `readInner` looks into files within files, one level deeper. */
export interface ReadContext {
  job: Job;
  depth: number;
  readInner(bytes: Uint8Array, name: string, context: ReadContext): Promise<DocumentFacts>;
}
