import { existsSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { hasOffice } from '../office/engine.ts';
import { demoRoutes } from './demo-routes.ts';
import { officeRoutes } from './office.ts';
import { deskRoutes } from './desk/routes.ts';
import type { DeskStore } from './desk/store.ts';

const usualPerMinute = 600;

/** The application's own server: the built screens, the demonstration, and the practice desk. Nothing about papers is logged. */
export function createApp(options: { webFolder: string; desk?: DeskStore; demo?: boolean; /** requests that one address may make in a minute */ perMinute?: number }): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(helmet({
    contentSecurityPolicy: { useDefaults: false, directives: { defaultSrc: ["'self'"], scriptSrc: ["'self'", "'wasm-unsafe-eval'"], workerSrc: ["'self'", 'blob:'], styleSrc: ["'self'", "'unsafe-inline'"], imgSrc: ["'self'", 'data:', 'blob:'], fontSrc: ["'self'", 'data:'], connectSrc: ["'self'"], objectSrc: ["'none'"], baseUri: ["'none'"], frameAncestors: ["'none'"], formAction: ["'self'"] } },
    crossOriginEmbedderPolicy: false, strictTransportSecurity: false,
  }));
  // Only this machine's own names: a foreign page must not reach the server through a name of its own.
  app.use((req, res, next) => { if (/^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/.test(req.headers.host ?? '')) next(); else res.status(403).json({ refused: 'This server answers on this machine only.' }); });
  app.use((req, res, next) => { const origin = req.headers.origin; if (!origin || origin === 'null' || /^http:\/\/(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/.test(origin)) next(); else res.status(403).json({ refused: 'Requests from other pages are refused.' }); });
  // What makes work is counted; the application's own files are not, since one opening asks for about eighty of them.
  app.use(['/office', '/desk', '/demo'], rateLimit(options.perMinute ?? usualPerMinute));
  app.get('/health', (_, res) => { res.json({ ready: true, office: hasOffice() }); });
  app.use('/office', officeRoutes());
  app.use('/desk', deskRoutes(options.desk));
  if (options.demo !== false) app.use('/demo', demoRoutes());
  if (existsSync(options.webFolder)) {
    app.use(express.static(options.webFolder, { index: false, setHeaders: (res, path) => { if (/assets/.test(path)) res.setHeader('Cache-Control', 'public, max-age=31536000, immutable'); } }));
    app.get(/^\/(?!assets\/|desk|demo|office).*/, (_, res) => { res.sendFile(join(options.webFolder, 'index.html')); });
  }
  app.use((error: unknown, _req: Request, res: Response, _next: NextFunction) => {
    if ((error as { type?: string }).type === 'entity.too.large') { res.status(413).json({ code: 'tooLarge', message: 'The file has more than 100 MB.', remedy: 'Make it smaller first.', refused: 'More than 100 MB.' }); return; }
    process.stderr.write(`server: ${error instanceof Error ? error.name : 'error'}\n`); if (!res.headersSent) res.status(500).json({ refused: 'The server could not do that.' }); });
  return app;
}

/** The server of an application with an end to patience: for a request's head, for the whole request, and how often is looked. In milliseconds.
 * A paper of 100 MB over a slow line comes in pieces, each a request of its own. */
export function bounded(app: Express, patience = { headers: 20_000, request: 600_000, check: 5_000 }): Server {
  return createServer({ headersTimeout: patience.headers, requestTimeout: patience.request, connectionsCheckingInterval: patience.check, maxHeaderSize: 16_384 }, app);
}

/** A bounded number of requests a minute from one address. */
function rateLimit(perMinute: number): (req: Request, res: Response, next: NextFunction) => void {
  let windowStart = Date.now();
  const counts = new Map<string, number>();
  return (req, res, next) => {
    if (Date.now() - windowStart > 60_000) { windowStart = Date.now(); counts.clear(); }
    const n = (counts.get(req.ip ?? '') ?? 0) + 1;
    counts.set(req.ip ?? '', n);
    if (n > perMinute) res.status(429).json({ refused: 'Too many requests in one minute.' }); else next();
  };
}
