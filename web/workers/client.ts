import { proxy, wrap, type Remote } from 'comlink';
import { fail, type Outcome } from '../../core/model/outcome.ts';
import type { CoreApi } from './core.worker.ts';

/** A running piece of work: its outcome, and a stop that really stops. */
export interface Running<T> { outcome: Promise<Outcome<T>>; stop: () => void; /** takes it back if it has not begun; what has begun goes on */ withdraw: () => void }

interface Seat { worker: Worker; api: Remote<CoreApi>; busy: boolean; /** rejects when the worker cannot start or ends by itself; without it, work that waits for an answer would wait for ever */ lost: Promise<never> }

/** A few workers and a queue. Stopping ends the worker itself, since it looks at nothing else while it computes; a new one takes its seat. */
class Pool {
  private seats: Seat[] = [];
  private queue: (() => void)[] = [];
  constructor(private readonly size: number) {}

  run<T>(work: (api: Remote<CoreApi>) => Promise<Outcome<T>>): Running<T> {
    let stopped = false, end: ((o: Outcome<T>) => void) | null = null, seat: Seat | null = null;
    const outcome = new Promise<Outcome<T>>((resolve) => {
      end = resolve;
      const start = (): void => {
        if (stopped) return;
        seat = this.takeSeat();
        if (!seat) { this.queue.push(start); return; }
        const mine = seat;
        Promise.race([work(mine.api), mine.lost]).then((result) => { if (!stopped) { this.free(mine); resolve(result); } }, (error: unknown) => { if (!stopped) { this.replace(mine); resolve(fail('unsupported', null, `The worker broke off: ${String(error)}.`, 'Try again; your files are untouched.')); } });
      };
      start();
    });
    return {
      outcome,
      withdraw: () => { if (!seat && !stopped) { stopped = true; end?.(fail('stopped', null, 'Taken back.', '')); } },
      stop: () => {
        if (stopped) return;
        stopped = true;
        if (seat) this.replace(seat);
        end?.(fail('stopped', null, 'Stopped before the end.', 'Start it again when you like; nothing was changed.'));
      },
    };
  }

  private takeSeat(): Seat | null {
    const idle = this.seats.find((s) => !s.busy);
    if (idle) { idle.busy = true; return idle; }
    if (this.seats.length >= this.size) return null;
    const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
    const lost = new Promise<never>((_, failed) => { worker.onerror = (event) => failed(new Error(event.message || 'its program could not be loaded')); });
    lost.catch(() => undefined);
    const seat: Seat = { worker, api: wrap<CoreApi>(worker), busy: true, lost };
    this.seats.push(seat);
    return seat;
  }
  /** Work that was stopped while it waited takes no seat, so the next one is tried until one does. */
  private next(): void { const waiting = this.queue; this.queue = []; for (const start of waiting) start(); }
  private free(seat: Seat): void { seat.busy = false; this.next(); }
  private replace(seat: Seat): void { seat.worker.terminate(); this.seats = this.seats.filter((s) => s !== seat); this.next(); }
}

/** Long work, drawing, and what the student waits for have seats of their own: a page can be looked at and a receipt read while files are checked. */
export const workPool = new Pool(Math.max(2, Math.min(4, (navigator.hardwareConcurrency || 2) - 1)));
export const drawPool = new Pool(2);
export const deskPool = new Pool(1);
export const asProgress = (report: (done: number, of: number, what: string) => void): typeof report => proxy(report);
