import express, { Router } from 'express';
import { hasOffice, officeEngine } from '../office/engine.ts';
import { CannotDo, type FailureCode } from '../core/model/outcome.ts';

const mostBytes = 100e6;
/** What the office engine may be given, and what it may make of it. Everything else is refused before a program sees it. */
const from = new Set(['docx', 'docm', 'odt', 'rtf', 'doc', 'html', 'txt']), to = ['pdf', 'docx'] as const;
const statusOf: Partial<Record<FailureCode, number>> = { unsupported: 501, tooLarge: 413, unreadable: 422, badInput: 400, stopped: 499 };

/** The office engine for the screens on this machine: bytes in, bytes out. The file's name stays in the browser, and nothing is kept here. */
export function officeRoutes(): Router {
  const routes = Router();
  routes.get('/', (_, res) => { res.json({ there: hasOffice() }); });
  routes.post('/', express.raw({ type: 'application/octet-stream', limit: mostBytes }), async (req, res) => {
    const kind = String(req.query.from ?? ''), wanted = to.find((t) => t === req.query.to), bytes: unknown = req.body;
    let gone = false;
    // Whoever stops or closes the window ends the work.
    res.on('close', () => { gone = !res.writableFinished; });
    try {
      if (!from.has(kind) || !wanted) throw new CannotDo('badInput', 'The office engine is not asked for this kind.', 'Use the built-in engine.');
      if (!(bytes instanceof Uint8Array) || bytes.length === 0) throw new CannotDo('badInput', 'There is nothing to convert.', 'Bring the file again.');
      const convert = await officeEngine(), made = await convert({ name: `paper.${kind}`, path: '', bytes }, wanted, { stopped: () => gone });
      if (!gone) res.type('application/octet-stream').send(Buffer.from(made));
    } catch (error) {
      if (gone) return;
      const why = error instanceof CannotDo ? error : new CannotDo('unsupported', 'The office engine could not do that.', 'Use the built-in engine.');
      res.status(statusOf[why.code] ?? 500).json({ code: why.code, message: why.message, remedy: why.remedy });
    }
  });
  return routes;
}
