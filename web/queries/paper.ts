import { useQuery } from '@tanstack/react-query';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import { clock } from '../store/clock.ts';
import { docketOfBrief, fail, succeed, type DocketLine, type Failure, type Outcome } from '../../core/index.ts';
import { db, readDetails, type CheckRow, type FileRow, type PaperRow, type ReceiptRow, type SubmissionRow } from '../store/db.ts';
import { standingOf } from '../store/receipts.ts';
import { asProgress, workPool } from '../workers/client.ts';
import type { OpenCounts, Stop } from '../parts/thread.tsx';
import { onlyWords, picturesMatter } from '../../core/verbs/check.ts';
import { mendable } from '../../core/docket/groups.ts';

/** The present minute; screens that show time left follow it. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => { const t = setInterval(() => setNow(Date.now()), 20_000); return () => clearInterval(t); }, []);
  return now;
}
/** Whether the server on this machine has an office engine; without a server there is none. */
export const useOffice = (): boolean => useQuery({ queryKey: ['office'], queryFn: async () => ((await (await fetch('/office')).json()) as { there: boolean }).there, staleTime: Infinity, retry: false }).data ?? false;
export const useDetails = () => useLiveQuery(readDetails, [], undefined);
export const usePapers = () => useLiveQuery(() => db.papers.toArray(), []);
export const usePaper = (id: string): PaperRow | null | undefined => useLiveQuery(async () => (await db.papers.get(id)) ?? null, [id]);
export const useFiles = (id: string): FileRow[] | undefined => useLiveQuery(() => db.files.where({ paperKey: id }).toArray(), [id]);
export const useReceipts = (id: string): ReceiptRow[] | undefined => useLiveQuery(() => db.receipts.where({ paperKey: id }).sortBy('at'), [id]);
export const useSubmissions = (id: string): SubmissionRow[] | undefined => useLiveQuery(() => db.submissions.where({ paperKey: id }).sortBy('at'), [id]);

export const currentFiles = (files: FileRow[]): FileRow[] => files.filter((f) => f.state === 'current').sort((a, b) => (a.slot ?? 99) - (b.slot ?? 99) || a.addedAt.localeCompare(b.addedAt));

export interface CheckState { row: CheckRow | null; fresh: boolean; running: boolean; progress: { done: number; of: number; what: string } | null; failure: Failure | null; stop: () => void; again: () => void }

/** Keeps the check of a paper's present files up to date: computed in a worker, kept in the store, taken from there after a reload. */
export function useCheck(paper: PaperRow | null | undefined, files: FileRow[] | undefined): CheckState {
  const details = useDetails();
  const [progress, setProgress] = useState<CheckState['progress']>(null);
  const [running, setRunning] = useState<{ stop: () => void } | null>(null);
  const kept = useLiveQuery(async () => (paper ? (await db.checks.get(paper.id)) ?? null : null), [paper?.id]);
  const current = files ? currentFiles(files) : [];
  const { evidence: _, ...asked } = paper?.brief ?? { evidence: [] };
  const key = JSON.stringify([current.map((f) => [f.id, f.name, f.slot]), asked, details, paper?.insisted, paper?.templates.map((t) => [t.name, t.text.length])]);
  // A check that was overtaken (a file changed while it ran) must not be kept as the present one.
  const latest = useRef(key);
  latest.current = key;
  const ready = !!paper && files !== undefined && details !== undefined && kept !== undefined && current.length > 0 && !current.some((f) => f.reading);
  // Pictures and pages that were left for later, also by a window that was closed meanwhile.
  const pending = kept?.key === key && kept.result.leftForLater > 0, known = kept;
  const query = useQuery({
    queryKey: ['check', paper?.id, key], enabled: ready && (kept?.key !== key || pending), retry: false, staleTime: 0, gcTime: 0, refetchOnWindowFocus: false, refetchOnReconnect: false,
    queryFn: async () => {
      const started = performance.now();
      // Told a few times a second: each telling draws the screen anew, on the same cores that read the files.
      let toldAt = 0;
      const tell: typeof setProgress = (now) => { if (performance.now() - toldAt > 250) { toldAt = performance.now(); setProgress(now); } };
      const handed = current.map((f) => ({ name: f.name, blob: f.blob }));
      const options = { brief: paper!.brief, details: details ?? null, now: Date.now(), templates: paper!.templates, insisted: paper!.insisted, matching: current.map((f) => (f.slot === null ? null : paper!.brief.documents[f.slot] ?? null)) };
      /** One round: the files are read side by side, then judged together. The writing in pictures, and pages that have to be laid out first, take seconds and come in a round of their own. */
      const round = async (quick: boolean): Promise<Outcome<CheckRow['result']>> => {
        let read = 0, halt = false;
        const wanted = quick ? onlyWords : { pictures: picturesMatter(options), brief: paper!.brief };
        const running = new Set<{ stop: () => void }>();
        setRunning({ stop: () => { halt = true; for (const r of running) r.stop(); } });
        // What takes longer goes one file after the other, so that a seat stays free for what the student does meanwhile.
        const asked = await workPool.run((api) => api.notKnown(current.map((f) => ({ sha256: f.sha256, name: f.name })), wanted)).outcome, open = asked.ok ? asked.value.map((i) => handed[i]!) : handed;
        const know = (f: (typeof handed)[number]) => { const r = workPool.run((api) => api.know(f, wanted)); running.add(r); return r.outcome.finally(() => { running.delete(r); tell({ done: ++read, of: open.length, what: quick ? 'files' : wanted.pictures ? 'files, with the writing in pictures' : 'files, as their pages will be' }); }); };
        if (!quick) { for (const f of open) if (!halt) await know(f); } else if (open.length > 1) await Promise.all(open.map(know));
        if (halt) return fail('stopped', null, 'Stopped before the end.', 'Start it again when you like; nothing was changed.');
        const job = workPool.run((api) => api.check(handed, { ...options, quick }, asProgress((done, of, what) => tell({ done, of, what }))));
        setRunning(job);
        return job.outcome;
      };
      const keep = async (outcome: Outcome<CheckRow['result']>): Promise<void> => { if (outcome.ok && latest.current === key) await db.checks.put({ paperKey: paper!.id, key, at: new Date().toISOString(), tookMs: Math.round(performance.now() - started), result: outcome.value }); };
      let outcome = known?.key === key && known.result.leftForLater > 0 ? succeed(known.result) : await round(true);
      if (outcome.ok && outcome.value.leftForLater > 0 && latest.current === key) {
        await keep(outcome);
        outcome = await round(false);
      }
      setRunning(null);
      setProgress(null);
      await keep(outcome);
      return outcome.ok ? null : outcome;
    },
  });
  const failure = query.data ?? (query.error ? fail('unsupported', null, `The check broke off: ${query.error.message}.`, 'Try again.') : null);
  return { row: current.length > 0 ? kept ?? null : null, fresh: kept?.key === key, running: query.isFetching, progress, failure: query.isFetching || kept?.key === key && !pending ? null : failure, stop: () => running?.stop(), again: () => { void query.refetch(); } };
}

/** The docket of a paper: from its check, or from the brief alone while no file is there. Declaring own work is a line of its own. */
export const docketOf = (paper: PaperRow, check: CheckRow | null, now: number): DocketLine[] => (check ? check.result.docket : docketOfBrief(paper.brief, null, now, paper.insisted, clock));

const done = { passed: true, note: '' };

/** How much of each stop is open, and which comes next. */
export function progressOf(paper: PaperRow, files: FileRow[], docket: DocketLine[], receipts: ReceiptRow[], submissions: SubmissionRow[]): { counts: OpenCounts; next: Stop } {
  const current = currentFiles(files);
  const count = (standing: string, pattern: RegExp): number => docket.filter((l) => l.standing === standing && pattern.test(l.id)).length;
  const settled = paper.brief.documents.length > 0;
  const missing = paper.brief.documents.filter((_, i) => !current.some((f) => f.slot === i)).length || (settled ? 0 : current.length === 0 ? 1 : 0);
  const open = new Set(docket.filter((l) => l.standing === 'notMet').map((l) => `${l.id.split('.')[0]}${l.document}`)).size;
  const ready = new Set(docket.filter((l) => l.mend && mendable.includes(l.mend) && l.standing !== 'met').map((l) => `${l.mend}|${l.document}`)).size;
  // Files that no check has read yet are as open as findings.
  const unchecked = current.length > 0 && docket.some((l) => l.standing === 'unread' && l.found === 'no file yet');
  const confirmed = receipts.some((r) => standingOf(r) === 'confirmed');
  if (confirmed) return { counts: { read: done, bring: done, check: done, mend: done, send: done, confirm: done }, next: 'confirm' };
  const counts: OpenCounts = {
    read: { passed: settled, note: settled ? '' : 'open' }, bring: { passed: missing === 0, note: missing > 0 ? `${missing} missing` : '' },
    check: { passed: current.length > 0 && open === 0 && !unchecked, note: unchecked ? 'to do' : current.length > 0 && open > 0 ? `${open} open` : '' }, mend: { passed: current.length > 0 && !unchecked && count('notMet', /./) === 0, note: current.length > 0 && ready > 0 ? `${ready} ready` : '' },
    compare: { passed: false, note: '' }, send: { passed: submissions.length > 0 || confirmed, note: '' }, confirm: { passed: confirmed, note: '' },
  };
  const next: Stop = confirmed ? 'confirm' : !settled ? 'read' : missing > 0 ? 'bring' : unchecked ? 'check' : open > 0 ? (ready > 0 ? 'mend' : 'check') : submissions.length > 0 ? 'confirm' : 'send';
  return { counts, next };
}
