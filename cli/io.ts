import { lstatSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { writeFile as writeAside } from 'node:fs/promises';
import { basename } from 'node:path';
import type { SourceFile } from '../core/index.ts';
import { CannotDo } from '../core/model/outcome.ts';

/** Arguments of one call: files in order, and options by name; an option may take several values. */
export interface Call { files: string[]; options: Record<string, string[]> }

/** @param many - options that take all words up to the next option */
export function parseCall(words: string[], known: readonly string[], many: readonly string[] = []): Call {
  const call: Call = { files: [], options: {} };
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    if (!word.startsWith('--')) { call.files.push(word); continue; }
    const [name, inline] = word.slice(2).split(/=(.*)/s);
    if (!known.includes(name!)) throw new CannotDo('badInput', `unknown option --${name}`, `known: ${known.map((k) => `--${k}`).join(' ')}`);
    const values = (call.options[name!] ??= []);
    if (inline !== undefined) { values.push(inline); continue; }
    do { const next = words[i + 1]; if (next === undefined || next.startsWith('--')) { if (values.length === 0) throw new CannotDo('badInput', `--${name} needs a value`, ''); break; } values.push(next); i++; } while (many.includes(name!));
  }
  return call;
}
export const option = (call: Call, name: string): string | undefined => call.options[name]?.at(-1);

export function readFile(path: string): SourceFile {
  try {
    if (statSync(path).isDirectory()) throw new CannotDo('badInput', `${path} is a folder`, 'name the files in it');
    const { buffer, byteOffset, byteLength } = readFileSync(path);
    return { path, name: basename(path), bytes: new Uint8Array(buffer, byteOffset, byteLength) };
  } catch (error) {
    if (error instanceof CannotDo) throw error;
    throw new CannotDo('unreadable', `cannot read ${path}: ${(error as NodeJS.ErrnoException).code ?? error}`, 'check the path');
  }
}
export function readJson(path: string): unknown {
  const file = readFile(path);
  try { return JSON.parse(new TextDecoder().decode(file.bytes).replace(/^\uFEFF/, '')); } catch (error) { throw new CannotDo('badInput', `${path} is not JSON: ${error instanceof Error ? error.message : error}`, 'export it again'); }
}
export function writeOut(path: string, bytes: Uint8Array, sources: string[]): void {
  refuseOverwrite(path, sources);
  try { writeFileSync(path, bytes); } catch (error) { throw cannotWrite(path, error); }
}
function refuseOverwrite(path: string, sources: string[]): void { if (sources.some((s) => samePath(s, path))) throw new CannotDo('badInput', 'the output would overwrite the original', 'give --out another name'); }
const cannotWrite = (path: string, error: unknown): CannotDo => new CannotDo('lost', `cannot write ${path}: ${(error as NodeJS.ErrnoException).code ?? error}`, 'check the folder');
/** Writes a file while the work on it goes on: beside its place, and into its place when it is kept. A copy that is not kept is gone. */
export class Draft {
  readonly #beside: string;
  #written: Promise<void> | null = null;
  constructor(readonly path: string, sources: string[]) { refuseOverwrite(path, sources); this.#beside = `${path}.${process.pid}.part`; }
  /** The bytes must not change from here on. */
  begin(bytes: Uint8Array): void { this.#written = writeAside(this.#beside, bytes); this.#written.catch(() => undefined); }
  async keep(bytes: Uint8Array): Promise<void> {
    try {
      // A device or a link is written to and not replaced.
      if (lstatSync(this.path, { throwIfNoEntry: false })?.isFile() === false) { writeFileSync(this.path, bytes); return; }
      await (this.#written ?? writeAside(this.#beside, bytes));
      renameSync(this.#beside, this.path);
    } catch (error) { throw cannotWrite(this.path, error); } finally { await this.drop(); }
  }
  async drop(): Promise<void> { await this.#written?.catch(() => undefined); rmSync(this.#beside, { force: true }); }
}
function samePath(a: string, b: string): boolean { try { const [x, y] = [statSync(a), statSync(b)]; return x.ino === y.ino && x.dev === y.dev; } catch { return false; } }
export const print = (value: unknown): void => { process.stdout.write(`${JSON.stringify(value, null, 1)}\n`); };
/** The zone of the student's clock: that of `--now`, else of this machine. */
export const clockOf = (call: Call): string => { const m = /(?:Z|([+-]\d{2}:?\d{2}))$/i.exec(option(call, 'now') ?? ''); return m ? `UTC${m[1] ?? ''}` : Intl.DateTimeFormat().resolvedOptions().timeZone; };
export const nowOf = (call: Call): string => {
  const now = option(call, 'now');
  if (now !== undefined && Number.isNaN(Date.parse(now))) throw new CannotDo('badInput', `--now ${now} is not an ISO 8601 time`, 'for example 2027-03-12T17:00:00+00:00');
  return now ?? new Date().toISOString();
};
