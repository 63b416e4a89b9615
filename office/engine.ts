import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Job, OfficeEngine, SourceFile } from '../core/index.ts';
import { CannotDo } from '../core/model/outcome.ts';

const limitMs = 120_000;
/** Where Debian puts it. */
const program = ['/usr/bin/soffice', '/usr/lib/libreoffice/program/soffice'].find((p) => existsSync(p));
export const hasOffice = (): boolean => program !== undefined;

let running = 0;
const waiting: (() => void)[] = [];
async function turn(): Promise<() => void> {
  // As many jobs as cores; the rest wait their turn.
  if (running >= cpus().length) await new Promise<void>((go) => waiting.push(go));
  running++;
  return () => { running--; waiting.shift()?.(); };
}

/** The office engine: each job in a folder and with a profile of its own, ended whole when it takes too long; nothing is kept.
 * @throws {CannotDo} `unsupported` where the office engine is missing */
export async function officeEngine(): Promise<OfficeEngine> {
  if (!program) throw new CannotDo('unsupported', 'the office engine is missing on this machine', 'install libreoffice-writer-nogui, or use the built-in engine');
  return async (file: SourceFile, to, job: Job) => {
    const done = await turn();
    const folder = await mkdtemp(join(tmpdir(), 'handover-office-'));
    try {
      const extension = /\.([A-Za-z0-9]{1,8})$/.exec(file.name)?.[1] ?? 'docx', source = join(folder, `source.${extension}`);
      await writeFile(source, file.bytes);
      await run(program, [`-env:UserInstallation=${pathToFileURL(join(folder, 'profile')).href}`, '--headless', '--norestore', '--convert-to', to, '--outdir', folder, source], job, file.name);
      return new Uint8Array(await readFile(join(folder, `source.${to}`)).catch(() => { throw new CannotDo('unreadable', 'The office engine could not open the file.', 'Save it again, or use the built-in engine.', file.name); }));
    } finally { await rm(folder, { recursive: true, force: true }); done(); }
  };
}

function run(command: string, words: string[], job: Job, name: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(command, words, { detached: true, stdio: 'ignore' });
    const end = (): void => { try { process.kill(-child.pid!, 'SIGKILL'); } catch { /* it has ended */ } };
    const clock = setTimeout(() => { end(); reject(new CannotDo('tooLarge', 'The office engine took longer than two minutes.', 'Use the built-in engine.', name)); }, limitMs);
    const watch = setInterval(() => { if (job.stopped?.()) { end(); reject(new CannotDo('stopped', 'Stopped before the end.', 'Nothing was changed.', name)); } }, 200);
    child.on('error', (error) => { clearTimeout(clock); clearInterval(watch); reject(new CannotDo('unsupported', `The office engine could not be started (${error.message}).`, 'Use the built-in engine.', name)); });
    child.on('exit', () => { clearTimeout(clock); clearInterval(watch); end(); resolve(); });
  });
}
