import { createHash } from 'node:crypto';
import { Router } from 'express';
import { DateTime } from 'luxon';
import { assignments } from '../demo/scenario.ts';
import { buildPapers, paperNames } from '../demo/papers.ts';
import { student } from '../demo/student.ts';
import { receiptPdf } from './desk/receipt.ts';

/** Serves the demonstration: built at the first request, times set so that something is due tonight. */
export function demoRoutes(): Router {
  const router = Router();
  const started = DateTime.now().setZone('Europe/London');
  const spoken = (at: DateTime): string => at.setLocale('en-GB').toFormat("HH:mm 'on' cccc d LLLL yyyy");
  const tonight = started.set({ hour: 23, minute: 59 }) < started.plus({ hours: 3 }) ? started.plus({ days: 1 }).set({ hour: 23, minute: 59 }) : started.set({ hour: 23, minute: 59 });
  const dues = [tonight, started.plus({ days: 3 }).set({ hour: 12, minute: 0 }), started.plus({ days: 6 }).set({ hour: 17, minute: 0 })];
  let papers: Promise<Record<string, Uint8Array>> | null = null;
  const receiptName = 'receipt-CS-48213F.pdf';
  const load = (): Promise<Record<string, Uint8Array>> => (papers ??= buildPapers().then(async (all) => {
    const bytes = all[paperNames.foreshore]!;
    const receipt = await receiptPdf({
      id: 'CS-48213F', receivedAt: started.minus({ days: 1 }).toUTC().set({ millisecond: 0 }).toISO({ suppressMilliseconds: true })!, late: false,
      place: { id: 'foreshore', title: 'LAW 2140 Essay', documents: [], maxBytes: null, opens: null, due: null, attempts: 1, keeps: null, declaration: false, anonymous: false, minWords: null, maxWords: null, maxPages: null, parts: [] },
      files: [{ name: paperNames.foreshore, bytes, sha256: createHash('sha256').update(bytes).digest('hex'), kind: 'pdf', words: null, pages: null, extract: 'Dredging and the law of the foreshore' }],
    });
    return { ...all, [receiptName]: receipt };
  }));
  router.get('/manifest.json', (_, res) => {
    const files = [[paperNames.troubledDocx], [paperNames.form, paperNames.report], [paperNames.foreshore]];
    res.json({ details: student, now: started.toISO(), papers: assignments.map((a, i) => ({ title: a.title, course: a.course, wording: a.wording(spoken(dues[i]!)), files: files[i], receipt: i === 2 ? receiptName : null })) });
  });
  router.get('/files/:name', (req, res, next) => {
    load().then((all) => { const bytes = all[String(req.params.name)]; if (bytes) res.type('application/octet-stream').send(Buffer.from(bytes)); else res.status(404).json({ refused: 'No such demonstration file.' }); }, next);
  });
  return router;
}
