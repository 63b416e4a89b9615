import { loadMupdf } from './pdf.ts';

/** Open faces that ship with the application for scripts and signs that the engine has no letters for, by the engine's name of the script. `file`: in its package. */
export const scriptFaces: Readonly<Record<string, string>> = {
  Arabic: 'DejaVuSans.ttf', Hebrew: 'DejaVuSans.ttf', Armenian: 'DejaVuSans.ttf', Georgian: 'DejaVuSans.ttf', Latin: 'DejaVuSans.ttf', Greek: 'DejaVuSans.ttf', Cyrillic: 'DejaVuSans.ttf', Common: 'DejaVuSans.ttf', Thai: 'NotoSansThai_400Regular.ttf', Devanagari: 'NotoSansDevanagari_400Regular.ttf',
};
const inScript: readonly [RegExp, string][] = [[/[\u03d0-\u03ff\u0460-\u04ff]/u, 'DejaVuSans.ttf'], [/\p{Script=Thai}/u, 'NotoSansThai_400Regular.ttf'], [/\p{Script=Devanagari}/u, 'NotoSansDevanagari_400Regular.ttf'], [/[^\u0000-\u024f\u0370-\u04ff\u2010-\u2026\u3000-\u30ff\u4e00-\u9fff\uac00-\ud7af\uff00-\uffef]|&#/, 'DejaVuSans.ttf']];

let load: ((file: string) => Promise<Uint8Array>) | null = null;
/** Says where the faces come from: files on Node, addresses beside the application in a browser. Without it the engine has its own letters only. */
export function provideFaces(loader: (file: string) => Promise<Uint8Array>): void { load = loader; }

const ready = new Map<string, Uint8Array>();
let installed = false;
/** Makes ready what a text needs before it is laid out; the engine asks for a face in the middle of its work and cannot wait.
 * A face that cannot be had is left out: the proof then tells the words that are missing. */
export async function readyFaces(text: string): Promise<void> {
  if (!load) return;
  for (const [pattern, file] of inScript) if (!ready.has(file) && pattern.test(text)) { try { ready.set(file, await load(file)); } catch { /* told by the proof */ } }
  if (installed || ready.size === 0) return;
  const mupdf = await loadMupdf();
  // A family by name is the engine's own affair; a script without letters comes here without a name.
  mupdf.installLoadFontFunction((name: string | undefined, script: string | undefined) => {
    const file = name === undefined || name === 'undefined' ? scriptFaces[script ?? ''] : undefined, bytes = file ? ready.get(file) : undefined;
    return (bytes ? new mupdf.Font(file!.replace(/(?:_400Regular)?\.ttf$/, ''), bytes) : null) as never;
  });
  installed = true;
}
