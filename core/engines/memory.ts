/** What the engine's WebAssembly module offers beneath its classes. These make an object with a finaliser for every letter and every reference; where a
 * file has a million of either, its functions are called and its memory is read as they are. Addresses are bytes in that memory; 0 is none. */
export interface EngineMemory {
  readonly HEAPF32: Float32Array;
  UTF8ToString(address: number): string;
  _wasm_malloc(size: number): number;
  _wasm_free(address: number): void;
  _wasm_stext_page_get_first_block(page: number): number;
  _wasm_stext_block_get_next(block: number): number;
  _wasm_stext_block_get_type(block: number): number;
  _wasm_stext_block_get_bbox(block: number): number;
  _wasm_stext_block_get_first_line(block: number): number;
  _wasm_stext_line_get_next(line: number): number;
  _wasm_stext_line_get_bbox(line: number): number;
  _wasm_stext_line_get_first_char(line: number): number;
  _wasm_stext_char_get_next(char: number): number;
  _wasm_stext_char_get_c(char: number): number;
  _wasm_stext_char_get_size(char: number): number;
  _wasm_stext_char_get_font(char: number): number;
  _wasm_stext_char_get_quad(char: number): number;
  _wasm_font_get_name(font: number): number;
  _wasm_pdf_new_indirect(document: number, num: number): number;
  _wasm_pdf_resolve_indirect(object: number): number;
  _wasm_pdf_sprint_obj(object: number, tight: number, ascii: number): number;
  _wasm_pdf_is_stream(object: number): number;
  _wasm_pdf_drop_obj(object: number): void;
  _wasm_empty_store(): void;
}

/** Where the engine may be told how it is to be made. */
interface Making { compiled?: WebAssembly.Module; instantiateWasm?: (imports: WebAssembly.Imports, made: (instance: WebAssembly.Instance, module: WebAssembly.Module) => void) => object }

/** The engine fills the object that stands under this name when it is loaded; one that is loaded without it cannot be asked. */
const place = globalThis as { $libmupdf_wasm_Module?: object };
const memory = (place.$libmupdf_wasm_Module ??= {}) as EngineMemory & Making;
/** @returns the module beneath the engine, without content before that is loaded */
export const engineMemory = (): EngineMemory => memory;

/** Has the engine made of code that is being compiled already: before it is asked for, or in another thread. */
export function useCompiledEngine(compiling: Promise<WebAssembly.Module>): void {
  memory.instantiateWasm = (imports, made) => { void compiling.then((module) => { memory.compiled = module; made(new WebAssembly.Instance(module, imports), module); }); return {}; };
}
/** @returns the code that {@link useCompiledEngine} had compiled, which other threads of the process may use; undefined before the engine is loaded, or where it compiled its own */
export const compiledEngine = (): WebAssembly.Module | undefined => memory.compiled;
