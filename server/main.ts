import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { hasOffice } from '../office/engine.ts';
import { bounded, createApp } from './app.ts';

const port = Number(process.env.PORT ?? 4173), host = process.env.HOST ?? '127.0.0.1';
const root = resolve(fileURLToPath(import.meta.url), '../../..');
const server = bounded(createApp({ webFolder: resolve(root, 'dist/web') })).listen(port, host, () => {
  process.stdout.write(`\nHand Over runs at http://${host === '127.0.0.1' ? 'localhost' : host}:${port}\n${hasOffice() ? 'The office engine is there.' : 'The office engine is missing; conversions use the built-in engine.'}\nCtrl+C ends it.\n`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  process.stderr.write(error.code === 'EADDRINUSE' ? `Port ${port} is taken. Start it with PORT=${port + 1} ./start\n` : `The server could not start: ${error.message}\n`);
  process.exit(1);
});
