import { fromLatin1, latin1 } from '../../text/bytes.ts';
import type { PdfDocument } from '../../engines/pdf.ts';

type PdfObject = ReturnType<PdfDocument['findPage']>;

/** Takes out what belongs to layers that are switched off: marked stretches of page content and of forms, pictures and forms of such a layer, and annotations on one.
 * Then the list of layers goes, so that nothing can be switched on again. Source: ISO 32000-1, 8.11 (optional content), 14.6 (marked content). */
export function dropHiddenLayers(pdf: PdfDocument): void {
  const hidden = hiddenGroups(pdf);
  const isHidden = (content: PdfObject): boolean => {
    if (content.isNull()) return false;
    if (content.isIndirect() && hidden.has(content.asIndirect())) return true;
    // A membership shows when any of its groups does (table 99: AnyOn); it is hidden when all are.
    const groups = content.isDictionary() ? content.get('OCGs') : null;
    if (!groups || groups.isNull()) return false;
    const list = groups.isArray() ? Array.from({ length: groups.length }, (_, i) => groups.get(i)) : [groups];
    return list.length > 0 && list.every((g) => g.isIndirect() && hidden.has(g.asIndirect()));
  };
  const seen = new Set<number>(), used: PdfObject[] = [];
  const strip = (stream: PdfObject, resources: PdfObject): void => {
    const properties = resources.isDictionary() ? resources.get('Properties') : null;
    const source = latin1(stream.readStream().asUint8Array()), out = withoutStretches(source, (name) => (properties?.isDictionary() ? isHidden(properties.get(name)) : false));
    if (out !== source) stream.writeStream(fromLatin1(out));
  };
  // A layer's name may say as much as what lies in it.
  const forget = (resources: PdfObject): void => {
    const properties = resources.isDictionary() ? resources.get('Properties') : null, names: string[] = [];
    if (properties?.isDictionary()) properties.forEach((group, name) => { if (isHidden(group)) names.push(String(name)); });
    for (const name of names) properties!.delete(name);
  };
  const forms = (resources: PdfObject): void => {
    const objects = resources.isDictionary() ? resources.get('XObject') : null;
    if (!objects?.isDictionary()) return;
    objects.forEach((object) => {
      if (!object.isStream() || (object.isIndirect() && seen.has(object.asIndirect()))) return;
      if (object.isIndirect()) seen.add(object.asIndirect());
      if (isHidden(object.get('OC'))) { empty(pdf, object); return; }
      if (object.get('Subtype').toString() !== '/Form') return;
      const own = object.get('Resources');
      strip(object, own.isDictionary() ? own : resources);
      forms(own);
      used.push(own);
    });
  };
  for (let i = 0; i < pdf.countPages(); i++) {
    const page = pdf.findPage(i), resources = page.getInheritable('Resources'), contents = page.get('Contents');
    for (const stream of contents.isArray() ? [joined(pdf, page, contents)] : contents.isStream() ? [contents] : []) strip(stream, resources);
    forms(resources);
    used.push(resources);
    const annotations = page.get('Annots');
    if (annotations.isArray()) for (let k = annotations.length - 1; k >= 0; k--) if (isHidden(annotations.get(k).get('OC'))) annotations.delete(k);
  }
  // Resources may be shared by pages, so their names go when all pages are done.
  for (const resources of used) forget(resources);
  pdf.getTrailer().get('Root').delete('OCProperties');
}

/** Object numbers of the groups that the default configuration leaves switched off (8.11.4.3). */
function hiddenGroups(pdf: PdfDocument): Set<number> {
  const off = new Set<number>(), properties = pdf.getTrailer().get('Root').get('OCProperties');
  if (!properties.isDictionary()) return off;
  const config = properties.get('D'), each = (list: PdfObject, use: (n: number) => void): void => { if (list.isArray()) for (let i = 0; i < list.length; i++) if (list.get(i).isIndirect()) use(list.get(i).asIndirect()); };
  if (config.isDictionary() && config.get('BaseState').toString() === '/OFF') each(properties.get('OCGs'), (n) => off.add(n));
  if (config.isDictionary()) { each(config.get('OFF'), (n) => off.add(n)); each(config.get('ON'), (n) => off.delete(n)); }
  return off;
}

/** Several content streams as one: a stretch may begin in one and end in the next (7.8.2). */
function joined(pdf: PdfDocument, page: PdfObject, contents: PdfObject): PdfObject {
  const parts: string[] = [];
  for (let i = 0; i < contents.length; i++) if (contents.get(i).isStream()) parts.push(latin1(contents.get(i).readStream().asUint8Array()));
  const whole = pdf.addStream(fromLatin1(parts.join('\n')), {});
  page.put('Contents', whole);
  return whole;
}
function empty(pdf: PdfDocument, object: PdfObject): void {
  object.writeStream(new Uint8Array());
  for (const key of ['Filter', 'DecodeParms', 'OC', 'SMask', 'Mask', 'ColorSpace', 'Width', 'Height', 'BitsPerComponent']) object.delete(key);
  object.put('Subtype', pdf.newName('Form'));
  const box = pdf.newArray();
  for (let i = 0; i < 4; i++) box.push(0);
  object.put('BBox', box);
}

/** Content without the stretches of hidden layers. Strings, comments and inline pictures are stepped over, so that nothing in them looks like an operator. */
export function withoutStretches(source: string, hidden: (name: string) => boolean): string {
  const token = /\((?:\\[\s\S]|[^\\()]|\((?:\\[\s\S]|[^\\()]|\((?:\\[\s\S]|[^\\()])*\))*\))*\)|<<|>>|<[^>]*>|%[^\r\n]*|\bBI\b[\s\S]*?\bID\s[\s\S]*?\sEI(?=\s|$)|\/[^\s()<>[\]{}/%]*|[^\s()<>[\]{}/%]+|[[\]{}]/g;
  const open: { start: number; hides: boolean }[] = [];
  let out = '', from = 0, hiding = 0, operands: { text: string; at: number }[] = [];
  for (const m of source.matchAll(token)) {
    const text = m[0];
    if (text === 'BDC' || text === 'BMC') {
      const start = operands[0]?.at ?? m.index, hides = text === 'BDC' && operands[0]?.text === '/OC' && operands[1] !== undefined && hidden(operands[1].text.slice(1));
      if (hides && hiding++ === 0) out += source.slice(from, start);
      open.push({ start, hides });
      operands = [];
    } else if (text === 'EMC') {
      if (open.pop()?.hides && --hiding === 0) from = m.index + 3;
      operands = [];
    } else if (/^[A-Za-z'"*]/.test(text) && !/^(?:true|false|null)$/.test(text)) operands = [];
    else operands.push({ text, at: m.index });
  }
  return hiding > 0 ? out : out + source.slice(from);
}
