/** Finds all occurrences of many patterns in one pass (Aho and Corasick, 1975). */
export class Automaton<T> {
  private readonly next: Map<number, number>[] = [new Map()];
  private readonly out: { length: number; value: T }[][] = [[]];
  private readonly failure: number[] = [0];

  constructor(patterns: Iterable<[string, T]>) {
    for (const [pattern, value] of patterns) {
      if (pattern.length === 0) continue;
      let state = 0;
      for (let i = 0; i < pattern.length; i++) {
        const code = pattern.charCodeAt(i);
        let to = this.next[state]!.get(code);
        if (to === undefined) { to = this.next.length; this.next.push(new Map()); this.out.push([]); this.failure.push(0); this.next[state]!.set(code, to); }
        state = to;
      }
      this.out[state]!.push({ length: pattern.length, value });
    }
    const queue = [...this.next[0]!.values()];
    for (let head = 0; head < queue.length; head++) {
      const state = queue[head]!;
      for (const [code, to] of this.next[state]!) {
        let f = this.failure[state]!;
        while (f !== 0 && !this.next[f]!.has(code)) f = this.failure[f]!;
        const target = this.next[f]!.get(code);
        this.failure[to] = target !== undefined && target !== to ? target : 0;
        this.out[to]!.push(...this.out[this.failure[to]!]!);
        queue.push(to);
      }
    }
  }

  /** Calls `found(start, end, value)` for every occurrence, overlapping ones too. */
  search(text: string, found: (start: number, end: number, value: T) => void): void {
    let state = 0;
    for (let i = 0; i < text.length; i++) {
      const code = text.charCodeAt(i);
      let to = this.next[state]!.get(code);
      while (to === undefined && state !== 0) { state = this.failure[state]!; to = this.next[state]!.get(code); }
      state = to ?? 0;
      const out = this.out[state]!;
      for (let k = 0; k < out.length; k++) found(i + 1 - out[k]!.length, i + 1, out[k]!.value);
    }
  }
}
