import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { Script } from 'node:vm';
import { useCompiledEngine } from '../core/engines/memory.ts';
import { say } from './say.ts';

/** The verbs that were built, each a script of its own. */
declare const __verbs: readonly string[];
interface Verb { answer: (verb: Verb['verb'], words: string[]) => Promise<number>; verb: (words: string[]) => Promise<number> }

const [name = '', ...words] = process.argv.slice(2);
if (__verbs.includes(name)) start(name);
else { say(`${name ? `unknown verb ${name}` : 'no verb given'} (verbs: ${__verbs.join(', ')})`); process.exitCode = 2; }

/** Starts a verb from its script with what V8 compiled of it when it was built: a third of the time of a short paper went on reading and compiling modules.
 * Code that V8 kept for another version of itself is turned down by it, and the script is compiled anew. */
function start(name: string): void {
  const bundle = join(__dirname, `${name}.cjs`), kept = join(__dirname, `${name}.code`), require = createRequire(bundle);
  if (['convert', 'shrink', 'scan'].includes(name) || words.some((word) => /\.pdf$/i.test(word))) compileEngine(require);
  const codeOf = (): Buffer | undefined => { try { return readFileSync(kept); } catch { return undefined; } };
  const script = new Script(`(function (require, __load, __url) {${readFileSync(bundle, 'utf16le')}\nreturn main; })`, { filename: bundle, cachedData: codeOf() });
  const load = script.runInThisContext() as (require: NodeJS.Require, load: (name: string) => Promise<unknown>, url: string) => Verb;
  const { answer, verb } = load(require, (module) => import(module) as Promise<unknown>, pathToFileURL(bundle).href);

  void answer(verb, words).then((code) => {
    process.exitCode = code;
    if (process.env.HANDOVER_KEEP_CODE !== '1') return;
    // What V8 keeps holds for the flags that it has, and a start has those it comes with.
    for (const flag of ['--regexp-tier-up', '--regexp-optimization']) setFlagsFromString(flag);
    const whole = join(__dirname, `.${name}.${process.pid}`);
    writeFileSync(whole, script.createCachedData());
    renameSync(whole, kept);
  });
}

/** Compiles the PDF engine, in threads of V8, beside the reading of the script that will ask for it. Where it is not found, whoever asks for it says so. */
function compileEngine(require: NodeJS.Require): void {
  let compiling: Promise<WebAssembly.Module>;
  try { compiling = WebAssembly.compile(readFileSync(join(dirname(require.resolve('mupdf')), 'mupdf-wasm.wasm'))); } catch { return; }
  compiling.catch((error: unknown) => { say(`internal: the PDF engine cannot be compiled (${error instanceof Error ? error.message : error}); install it again`); process.exit(2); });
  useCompiledEngine(compiling);
}
