import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { Script } from 'node:vm';

/** Starts the command line from its bundle with what V8 compiled of it when it was built, a file for each verb: a third of the time of a short paper went
 * on reading and compiling modules. Code that V8 kept for another version of itself is turned down by it, and the bundle is compiled anew. */
const bundle = join(__dirname, 'main.cjs'), verb = /^[a-z]{1,12}$/.exec(process.argv[2] ?? '')?.[0] ?? 'none', kept = join(__dirname, `main.${verb}.code`);
const codeOf = (): Buffer | undefined => { try { return readFileSync(kept); } catch { return undefined; } };

const script = new Script(`(function (require, __load, __url) {${readFileSync(bundle, 'utf8')}\nreturn main; })`, { filename: bundle, cachedData: codeOf() });
const start = script.runInThisContext() as (require: NodeJS.Require, load: (name: string) => Promise<unknown>, url: string) => { main: (words: string[]) => Promise<number> };
const { main } = start(createRequire(bundle), (name) => import(name) as Promise<unknown>, pathToFileURL(bundle).href);

void main(process.argv.slice(2)).then((code) => {
  process.exitCode = code;
  if (process.env.HANDOVER_KEEP_CODE !== '1') return;
  // What V8 keeps holds for the flags that it has, and a start has those it comes with.
  for (const flag of ['--regexp-tier-up', '--regexp-optimization']) setFlagsFromString(flag);
  const whole = join(dirname(kept), `.${verb}.${process.pid}`);
  writeFileSync(whole, script.createCachedData());
  renameSync(whole, kept);
});
