import { engineMemory } from '../../engines/memory.ts';
import type { PdfDocument } from '../../engines/pdf.ts';
import { isDict, nameOf, parsePdf, PdfRef, type PdfDict, type PdfValue } from './syntax.ts';

/** Every object of a file, parsed once, and which of them anything refers to. */
export interface Survey {
  objects: Map<number, { value: PdfValue; stream: boolean }>;
  trailer: PdfDict;
  reachable: Set<number>;
  complete: boolean;
  follow(value: PdfValue | undefined): PdfValue;
  dict(value: PdfValue | undefined): PdfDict | null;
}

const maxObjects = 400_000;

/** One pass over the cross-reference table; afterwards nothing asks the engine for structure again.
 * Source: ISO 32000-1, 7.5.4 (cross-reference) and 7.3.10 (indirect objects). */
export function surveyPdf(pdf: PdfDocument): Survey {
  const objects: Survey['objects'] = new Map();
  const count = pdf.countObjects();
  const last = Math.min(count, maxObjects);
  for (let num = 1; num < last; num++) {
    const object = printedObject(pdf, num);
    if (object) objects.set(num, { value: parsePdf(object.printed), stream: object.stream });
  }
  const trailerObject = pdf.getTrailer();
  const parsed = parsePdf(trailerObject.toString(true, false));
  const trailer = isDict(parsed) ? parsed : new Map<string, PdfValue>();
  const reachable = reach(trailer, objects);
  const follow = (value: PdfValue | undefined): PdfValue => {
    for (let hops = 0; value instanceof PdfRef && hops < 20; hops++) value = objects.get(value.num)?.value ?? null;
    return value ?? null;
  };
  return {
    objects, trailer, reachable, complete: count <= maxObjects, follow,
    dict: (value) => { const v = follow(value); return isDict(v) ? v : null; },
  };
}

/** One object as the engine prints it; null where there is none. */
function printedObject(pdf: PdfDocument, num: number): { printed: string; stream: boolean } | null {
  const engine = engineMemory(), ref = engine._wasm_pdf_new_indirect(pdf.pointer, num);
  try {
    const object = engine._wasm_pdf_resolve_indirect(ref), text = object ? engine._wasm_pdf_sprint_obj(object, 1, 0) : 0;
    if (!text) return null;
    const printed = engine.UTF8ToString(text);
    engine._wasm_free(text);
    // Only a dictionary can be that of a stream (7.3.8).
    return printed === 'null' ? null : { printed, stream: printed.startsWith('<<') && engine._wasm_pdf_is_stream(ref) !== 0 };
  } catch {
    // A damaged object: the engine reports the document as repaired.
    return null;
  } finally { engine._wasm_pdf_drop_obj(ref); }
}

function reach(trailer: PdfDict, objects: Survey['objects']): Set<number> {
  const seen = new Set<number>();
  const open: PdfValue[] = [trailer];
  while (open.length > 0) {
    const value = open.pop()!;
    if (value instanceof PdfRef) {
      if (!seen.has(value.num)) { seen.add(value.num); const target = objects.get(value.num); if (target) open.push(target.value); }
    } else if (Array.isArray(value)) for (const v of value) open.push(v);
    else if (isDict(value)) for (const v of value.values()) open.push(v);
  }
  return seen;
}

/** Whether an object is part of the file's own bookkeeping rather than of the document. */
export const isBookkeeping = (value: PdfValue): boolean => isDict(value) && ['ObjStm', 'XRef'].includes(nameOf(value.get('Type')) ?? '');
