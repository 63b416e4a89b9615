import type { DocumentFacts } from '../model/facts.ts';
import type { Job } from '../model/outcome.ts';
import type { Twin } from './pdf/twin.ts';

/** What a reader may ask of its surroundings; `readInner` looks into files within files, one level deeper. */
export interface ReadContext {
  job: Job;
  depth: number;
  /** remembers pages between a file and its copy */ twin?: Twin | undefined;
  /** nobody asks what is painted and not seen */ wordsOnly?: boolean;
  /** nobody asks what a file holds besides what its pages show */ shownOnly?: boolean;
  readInner(bytes: Uint8Array, name: string, context: ReadContext): Promise<DocumentFacts>;
}
