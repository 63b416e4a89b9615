import { asidesOf, stringsBeside } from '../engines/xml.ts';
import type { Passage } from '../model/facts.ts';

/** What no reader has a rule for is still told, as hidden: values of attributes, comments, instructions to programs. @param told - what was read of the part by rule @param elements - those whose text is; that of others is told too */
export function besides(xml: string, part: string, told: Passage[], elements?: ReadonlySet<string>): Passage[] {
  const known = told.map((p) => p.text).join('\n'), rest = stringsBeside(xml, elements).filter((value) => !known.includes(value));
  return rest.length > 0 ? [{ part, place: 'hidden', page: null, text: rest.join('\n'), markup: true }] : [];
}
/** The comments and instructions of a part that is read by rules for its elements alone. */
export function asides(xml: string, part: string): Passage[] {
  const text = asidesOf(xml);
  return text === '' ? [] : [{ part, place: 'hidden', page: null, text }];
}
