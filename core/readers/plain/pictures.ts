import { read, type DocumentFacts } from '../../model/facts.ts';
import { decodeText, bytesOfHex, fromBase64, latin1, startsWith } from '../../text/bytes.ts';
import { isGif, isWebp } from '../image/gif-webp.ts';
import { readPicture } from '../image/read.ts';

/** More pictures than that, or larger ones, are none of a paper's. */
const most = 400, largest = 40_000_000;

/** Facts of a file that is text, with what the pictures inside it say of themselves.
 * @param pictures - their bytes; of other kinds than JPEG, PNG, GIF and WebP nothing is read */
export async function withPictures(facts: DocumentFacts, pictures: Iterable<Uint8Array>): Promise<DocumentFacts> {
  if (!facts.passages.ok || !facts.metadata.ok) return facts;
  const passages = [...facts.passages.value], metadata = [...facts.metadata.value];
  let n = 0;
  for (const bytes of pictures) {
    if (++n > most) break;
    if (!startsWith(bytes, [0xff, 0xd8]) && !startsWith(bytes, [0x89, 0x50, 0x4e, 0x47]) && !isGif(bytes) && !isWebp(bytes)) continue;
    const said = await readPicture(bytes, `picture ${n}/image`);
    passages.push(...said.passages);
    metadata.push(...said.metadata);
  }
  return { ...facts, passages: read(passages, facts.passages.gaps), metadata: read(metadata, facts.metadata.gaps) };
}

/** Pictures of rich text, as hexadecimal digits. Source: RTF Specification 1.9.1, “Pictures” (from memory). */
export function* picturesOfRtf(bytes: Uint8Array): Iterable<Uint8Array> {
  const source = latin1(bytes);
  for (const m of source.matchAll(/\\pict(?![a-z])/g)) {
    const token = /\\[a-z]+-?\d* ?|\\'[0-9a-f]{2}|\\[^a-z]|[{}]|[^\\{}]+/giy;
    token.lastIndex = m.index + m[0].length;
    let depth = 0, digits = '';
    for (let t = token.exec(source)?.[0]; t !== undefined && depth >= 0 && !/^\\pict(?![a-z])/.test(t) && digits.length < 2 * largest; t = token.exec(source)?.[0]) {
      if (t === '{') depth++; else if (t === '}') depth--; else if (depth === 0 && !t.startsWith('\\')) digits += t.replace(/[^0-9a-f]+/gi, '');
    }
    // Drawings of other kinds, and what another program shows in a picture's place, say nothing.
    if (/^(?:ffd8|89504e47)/i.test(digits)) yield bytesOfHex(digits, largest);
  }
}

/** Pictures that a page carries in its own addresses. Source: RFC 2397. */
export function* picturesOfHtml(bytes: Uint8Array): Iterable<Uint8Array> {
  for (const m of decodeText(bytes).matchAll(/data:image\/(?:jpe?g|png|gif|webp)(?:;[\w=-]+)*;base64,([A-Za-z0-9+/=\s]{16,})/gi)) {
    if (m[1]!.length > 2 * largest) continue;
    try { yield fromBase64(m[1]!.replace(/\s+/g, '')); } catch { /* no picture that can be shown */ }
  }
}
