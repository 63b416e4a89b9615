/** What a receiver answers when it took something in. */
export interface Answer { id: string; receivedAt: string; again?: boolean; status?: string }
/** The receiver said no, in its own words. */
export class Refused extends Error {}
/** The line broke: it is not known what arrived. */
export class LineBroken extends Error {}

/** A line to a receiver. `post` sends the whole set under a key and waits; `ask` says what is stored under that key, null: nothing. Both throw {@link LineBroken} when nobody answers. */
export interface Line { post(): Promise<Answer>; ask(): Promise<Answer | null> }
export type Delivery =
  | { state: 'stored'; answer: Answer; /** posts that were made */ posts: number }
  | { state: 'refused'; why: string; posts: number }
  /** nothing is stored: it may be sent again at once */ | { state: 'notStored'; posts: number }
  /** nobody answers any more: sending again under the same key is safe */ | { state: 'unknown'; posts: number };

/** Sends a set once and finds out what became of it. After a broken line it asks before it sends again, so that a lost answer never makes a second
 * submission; the key would keep that from happening in any case. @param wait - between tries, in milliseconds by their number */
export async function deliver(line: Line, options: { tries?: number; wait?: (n: number) => Promise<void>; stopped?: () => boolean } = {}): Promise<Delivery> {
  const { tries = 3, wait = (n) => new Promise((go) => setTimeout(go, 400 * n)), stopped = () => false } = options;
  let posts = 0;
  for (let n = 1; n <= tries; n++) {
    posts++;
    try { return { state: 'stored', answer: await line.post(), posts }; } catch (error) {
      if (error instanceof Refused) return { state: 'refused', why: error.message, posts };
      if (!(error instanceof LineBroken)) throw error;
    }
    const found = await askPatiently(line, wait, stopped);
    if (found === 'silent') return { state: 'unknown', posts };
    if (found) return { state: 'stored', answer: found, posts };
    if (stopped()) return { state: 'notStored', posts };
    await wait(n);
  }
  return { state: 'notStored', posts };
}

async function askPatiently(line: Line, wait: (n: number) => Promise<void>, stopped: () => boolean): Promise<Answer | null | 'silent'> {
  for (let n = 1; n <= 4; n++) {
    try { return await line.ask(); } catch (error) { if (!(error instanceof LineBroken)) throw error; }
    if (stopped()) return 'silent';
    await wait(n);
  }
  return 'silent';
}
