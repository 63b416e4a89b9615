import { CannotDo } from '../core/model/outcome.ts';
import { say } from './say.ts';

/** Runs one verb and says on one line of the error stream how it failed, if it did. @param words - what was written behind the verb @returns the exit status */
export async function answer(verb: (words: string[]) => Promise<number>, words: string[]): Promise<number> {
  // Whoever reads the answer may stop reading early, as `head` does.
  process.stdout.on('error', (error: NodeJS.ErrnoException) => { if (error.code !== 'EPIPE') throw error; });
  try {
    return await verb(words);
  } catch (error) {
    say(error instanceof CannotDo ? `${error.file ? `${error.file}: ` : ''}${error.message}${error.remedy ? ` (${error.remedy})` : ''}` : `internal: ${error instanceof Error ? error.message : error}`);
    return 2;
  }
}
