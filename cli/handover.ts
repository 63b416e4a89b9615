import { CannotDo } from '../core/model/outcome.ts';

/** Verbs are loaded when they are called: starting has to be quick. */
const verbs: Record<string, () => Promise<(words: string[]) => Promise<number>>> = {
  brief: async () => (await import('./brief.ts')).brief,
  check: async () => (await import('./check.ts')).check,
  clean: async () => (await import('./clean.ts')).clean,
  compare: async () => (await import('./compare.ts')).compare,
  convert: async () => (await import('./convert.ts')).convert,
  shrink: async () => (await import('./shrink.ts')).shrink,
  scan: async () => (await import('./scan.ts')).scan,
  receipt: async () => (await import('./receipt.ts')).receipt,
};

// Whoever reads the answer may stop reading early, as `head` does.
process.stdout.on('error', (error: NodeJS.ErrnoException) => { if (error.code !== 'EPIPE') throw error; });

/** Runs one call and says how it ended. @param call - the verb and its words @returns the exit status */
export async function main([verb, ...words]: string[]): Promise<number> {
  try {
    const load = verb ? verbs[verb] : undefined;
    if (!load) throw new CannotDo('badInput', verb ? `unknown verb ${verb}` : 'no verb given', `verbs: ${Object.keys(verbs).join(', ')}`);
    return await (await load())(words);
  } catch (error) {
    const line = error instanceof CannotDo ? `${error.file ? `${error.file}: ` : ''}${error.message}${error.remedy ? ` (${error.remedy})` : ''}` : `internal: ${error instanceof Error ? error.message : error}`;
    process.stderr.write(`handover: ${line.replace(/\s*\n\s*/g, ' ')}\n`);
    return 2;
  }
}
