import { asidesOf, readXml, localName } from '../engines/xml.ts';
import { xmpKeys } from '../tables/pdf-strings.ts';
import type { MetadataFact } from '../model/facts.ts';

/** Flattens an XMP packet (ISO 16684-1, 7) into properties: elements with text and attributes, named by their own prefix.
 * @param root - the part's prefix, for instance `XMP` or `image/XMP` */
export function readXmp(packet: string, root: string): MetadataFact[] {
  const facts: MetadataFact[] = [];
  const stack: string[] = [];
  const add = (key: string, value: string): void => {
    const sort = stack.some((s) => /History|DerivedFrom|Ingredients|Pantry/.test(s)) && (xmpKeys[localName(key)] ?? 'custom') !== 'author' ? 'history' : xmpKeys[localName(key)] ?? 'custom';
    facts.push({ part: `${root}/${key}`, key, value, sort });
  };
  let text = '';
  const body = /<(?:\w+:)?(?:xmpmeta|RDF)[\s>][\s\S]*/.exec(packet)?.[0] ?? packet;
  readXml(body, {
    open: (name, attributes) => {
      text = '';
      stack.push(name);
      for (const [key, value] of Object.entries(attributes)) {
        if (/^(xmlns|xml:|rdf:(about|parseType|ID|nodeID))/.test(key) || value === '') continue;
        add(key === 'rdf:resource' ? name : key === 'x:xmptk' ? 'xmp:Toolkit' : key, value);
      }
    },
    text: (value) => { text += value; },
    close: () => {
      const value = text.trim();
      if (value) {
        const key = [...stack].reverse().find((s) => !/^rdf:(li|Seq|Bag|Alt|Description|RDF|value)$/.test(s)) ?? 'xmp';
        add(key, value);
      }
      text = '';
      stack.pop();
    },
  });
  const asides = asidesOf(body.replace(/<\?xpacket[\s\S]*?\?>/g, ''));
  if (asides) facts.push({ part: `${root}/comment`, key: 'comment', value: asides, sort: 'comment' });
  return facts;
}
