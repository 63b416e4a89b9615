import { withPage, withPdf } from '../engines/pdf.ts';
import { headOf } from '../docket/match.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from './index.ts';
import { sniffKind } from './kind.ts';

/** Beyond this a word-processor file is not read for its first words alone. */
const small = 4 << 20;

/** The first words of a document, for matching it to what is asked; empty where there are none to be had quickly. */
export async function firstWords({ bytes, name }: { bytes: Uint8Array; name: string }, factsOf: (file: { bytes: Uint8Array; name: string; path: string }) => Promise<DocumentFacts> = (f) => readDocument(f.bytes, f.name)): Promise<string> {
  try {
    const { kind, encrypted } = sniffKind(bytes, name);
    if (encrypted) return '';
    if (kind === 'pdf') return await withPdf(bytes, (pdf) => (pdf.needsPassword() && !pdf.authenticatePassword('') ? '' : withPage(pdf, 0, (page) => { const text = page.toStructuredText(''); try { return text.asText().slice(0, 600); } finally { text.destroy(); } })));
    return ['docx', 'odt', 'doc', 'rtf', 'txt', 'html', 'markdown'].includes(kind) && bytes.length < small ? headOf(await factsOf({ bytes, name, path: name })) : '';
  } catch { return ''; }
}
