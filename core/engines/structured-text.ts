import type * as Mupdf from 'mupdf';
import type { Box } from '../model/facts.ts';
import { engineMemory, type EngineMemory } from './memory.ts';

/** A line as the engine puts it together; `size` and `font` are those of its first character, `address` is where the engine keeps it. Boxes and sizes are in points. */
export interface TextLine { text: string; box: Box; font: string; size: number; readonly address: number }
/** A paragraph, or a picture (no lines). */
export interface TextBlock { picture: boolean; box: Box; lines: TextLine[] }

/** Kinds of blocks of the engine that are of use here. */
const kindText = 0, kindPicture = 1;

/** Lines of a page with what each says and where it stands, read from the engine's memory as long as it holds the text. */
export function textBlocks(stext: Mupdf.StructuredText): TextBlock[] {
  const engine = engineMemory(), blocks: TextBlock[] = [], fonts = new Map<number, string>();
  const nameOf = (font: number): string => { let name = fonts.get(font); if (name === undefined) fonts.set(font, name = engine.UTF8ToString(engine._wasm_font_get_name(font))); return name; };
  for (let block = engine._wasm_stext_page_get_first_block(stext.pointer); block; block = engine._wasm_stext_block_get_next(block)) {
    const kind = engine._wasm_stext_block_get_type(block);
    if (kind !== kindText && kind !== kindPicture) continue;
    const lines: TextLine[] = [];
    if (kind === kindText) for (let line = engine._wasm_stext_block_get_first_line(block); line; line = engine._wasm_stext_line_get_next(line)) {
      const first = engine._wasm_stext_line_get_first_char(line);
      if (first) lines.push({ text: lettersFrom(first, engine), box: boxAt(engine._wasm_stext_line_get_bbox(line), engine), font: nameOf(engine._wasm_stext_char_get_font(first)), size: engine._wasm_stext_char_get_size(first), address: line });
    }
    blocks.push({ picture: kind === kindPicture, box: boxAt(engine._wasm_stext_block_get_bbox(block), engine), lines });
  }
  return blocks;
}

/** A line's characters one by one: what each is, its size in points, and from where to where it goes. */
export function eachCharacter(line: TextLine, use: (char: string, size: number, from: number, to: number) => void): void {
  const engine = engineMemory();
  for (let char = engine._wasm_stext_line_get_first_char(line.address); char; char = engine._wasm_stext_char_get_next(char)) {
    const quad = engine._wasm_stext_char_get_quad(char) >> 2;
    use(letter(engine._wasm_stext_char_get_c(char)), engine._wasm_stext_char_get_size(char), engine.HEAPF32[quad]!, engine.HEAPF32[quad + 2]!);
  }
}

function boxAt(address: number, { HEAPF32 }: EngineMemory): Box { const at = address >> 2; return [HEAPF32[at]!, HEAPF32[at + 1]!, HEAPF32[at + 2]!, HEAPF32[at + 3]!]; }
function lettersFrom(first: number, engine: EngineMemory): string {
  let text = '';
  for (let char = first; char; char = engine._wasm_stext_char_get_next(char)) text += letter(engine._wasm_stext_char_get_c(char));
  return text;
}
/** A character that could not be mapped arrives as U+FFFD, or as nothing (0), which would cut strings elsewhere. Control characters are blanks. */
const letter = (code: number): string => (code > 0x10ffff || code === 0 ? '\ufffd' : code > 0x1f ? String.fromCodePoint(code) : ' ');
