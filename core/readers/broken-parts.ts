import { readXml } from '../engines/xml.ts';
import type { Trouble } from '../model/facts.ts';
import type { Package } from '../engines/zip.ts';

/** A part whose XML breaks off is damage: a word processor opens nothing of such a file. Source: XML 1.0, 2.1 (well-formed documents), 1.2 (fatal errors). */
export const damagedPart = (part: string, problem: string): Trouble => ({ code: 'damaged', part, page: null, text: `the XML of ${part} is broken (${problem.replace(/[.\s]+$/, '')})` });

interface Needed { must: { pattern: RegExp; what: string }[]; also: RegExp }
/** Parts that a package cannot be without, and those that are opened with it. Sources: ECMA-376-2, 9.2 (relationships), 10.1.2 (content types); ECMA-376-1, 11.3; ODF 1.2-3, 2.2.1. */
const needed: Record<'docx' | 'odt', Needed> = {
  docx: {
    must: [{ pattern: /^word\/document\d*\.xml$/i, what: 'the document itself (word/document.xml)' }, { pattern: /^_rels\/\.rels$/i, what: 'what says which part is the document (_rels/.rels)' }, { pattern: /^\[Content_Types\]\.xml$/i, what: 'what says of which kind its parts are ([Content_Types].xml)' }],
    also: /^(?:\[Content_Types\]\.xml|_rels\/\.rels|word\/_rels\/document\d*\.xml\.rels|word\/(?:styles|settings|numbering|fontTable)\.xml)$/i,
  },
  odt: { must: [{ pattern: /^content\.xml$/, what: 'the document itself (content.xml)' }], also: /^META-INF\/manifest\.xml$/ },
};

/** What is missing from a word-processor package or broken in it, its stories apart: whoever reads those sees for himself where their XML breaks off. */
export function brokenParts(pack: Package, kind: 'docx' | 'odt'): Trouble[] {
  const { must, also } = needed[kind], names = pack.names();
  const missing = must.filter((m) => !names.some((name) => m.pattern.test(name))).map((m): Trouble => ({ code: 'damaged', part: 'file', page: null, text: `it lacks ${m.what}` }));
  const broken = names.filter((name) => also.test(name)).flatMap((name) => {
    // A part that cannot be unpacked is told by the reader.
    try { const problem = readXml(pack.text(name)!, {}); return problem ? [damagedPart(name, problem)] : []; } catch { return []; }
  });
  return [...missing, ...broken];
}
