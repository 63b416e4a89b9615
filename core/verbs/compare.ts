import { isCited } from '../compare/cited/index.ts';
import { isTemplate } from '../compare/template.ts';
import { matchWords, partAtQuotations, type Run } from '../compare/match.ts';
import { streamOf, type WordStream } from '../compare/words.ts';
import { readWords } from '../readers/index.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface SharedPassage { words: number; quoted: boolean; cited: boolean; paper: { start: number; end: number; quote: string }; source: { file: string; start: number; end: number; quote: string }; references?: true; template?: true }
export interface Compared { words: number; matchedWords: number; share: number; passages: SharedPassage[] }

/** A passage counts from this many shared words; common phrases are shorter. */
export const leastPassage = 12;

/** Compares a paper with other texts, word by word: which passages they share, whether each is quoted, and whether the citation with it names
 * the source that really matches. Offsets in words (UAX #29). Matches in the reference list and with a template do not count in the share.
 * @param templates - the assignment's wording and supplied templates, where they are known; others are told by what they say
 * @throws {CannotDo} `unreadable` for a file without readable text */
export async function compareFiles(paper: SourceFile, against: SourceFile[], templates: SourceFile[] = [], job: Job = {}): Promise<Compared> {
  const read = async (file: SourceFile) => {
    const facts = await readWords(file.bytes, file.name, { stopped: job.stopped, pageHelpers: job.pageHelpers });
    if (!facts.passages.ok) throw new CannotDo('unreadable', 'The file has no text that can be read.', 'Bring it as PDF, DOCX or plain text.', file.name);
    return streamOf(facts);
  };
  const own = await read(paper), all = [...against, ...templates], sources: WordStream[] = [];
  for (const [i, file] of all.entries()) { sources.push(await read(file)); job.progress?.(i + 1, all.length, 'texts'); }
  const supplied = sources.map((source, i) => isTemplate(all[i]!.name, source));
  const runs = matchWords(own.words, sources.map((s) => s.words), leastPassage).flatMap((run) => partAtQuotations(run, own.words, leastPassage));
  const told = (run: Run): SharedPassage => {
    const source = sources[run.source]!, here = own.words.slice(run.paperStart, run.paperEnd);
    const start = here[0]!.start, end = here.at(-1)!.end, from = source.words[run.sourceStart]!.start, to = source.words[run.sourceEnd - 1]!.end;
    const references = here.filter((w) => w.references).length > here.length / 2, template = run.source >= against.length || supplied[run.source]!;
    return {
      words: run.words, quoted: here.filter((w) => w.quoted).length >= here.length * 0.8, cited: !references && isCited(own, start, end, source),
      paper: { start: run.paperStart, end: run.paperEnd, quote: own.text.slice(start, end).replace(/\s+/g, ' ') }, source: { file: all[run.source]!.path, start: run.sourceStart, end: run.sourceEnd, quote: source.text.slice(from, to).replace(/\s+/g, ' ') },
      ...(references ? { references: true as const } : {}), ...(template ? { template: true as const } : {}),
    };
  };
  // Of several texts with the very same words it is the assignment's wording, or the one that the paper cites.
  const passages = runs.map(({ others, ...run }): SharedPassage => { const same = [run, ...others].map(told); return same.find((p) => p.template) ?? same.find((p) => p.cited) ?? same[0]!; });
  const matchedWords = passages.filter((p) => !p.references && !p.template).reduce((n, p) => n + p.words, 0);
  return { words: own.words.length, matchedWords, share: own.words.length === 0 ? 0 : Math.round((matchedWords / own.words.length) * 10_000) / 10_000, passages };
}
