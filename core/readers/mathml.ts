import { localName, readXml } from '../engines/xml.ts';

/** An equation on one line that can be read aloud: `a^(n+1)`, `x_i`, `(p)/(q)`, `√(x)`. Source: MathML 3.0, 3.3 and 3.4.
 * @returns an empty string where there is no `math` element */
export function linearMath(xml: string): string {
  if (!/<(?:\w+:)?math[\s>]/.test(xml)) return '';
  const stack: { name: string; parts: string[] }[] = [{ name: 'math', parts: [] }];
  let skip = 0;
  const wrap = (t: string | undefined): string => (t && [...t].length > 1 ? `(${t})` : t ?? '');
  readXml(xml, {
    open(name) { const n = localName(name); if (/^annotation/.test(n)) skip++; stack.push({ name: n, parts: [] }); },
    text(text) { if (skip === 0 && /^(mi|mn|mo|mtext|ms)$/.test(stack.at(-1)!.name)) stack.at(-1)!.parts.push(text.trim()); },
    close(name) {
      const n = localName(name), { parts } = stack.pop()!, [a, b, c] = parts;
      if (/^annotation/.test(n)) skip--;
      const made = n === 'mfrac' ? `${wrap(a)}/${wrap(b)}` : n === 'msup' ? `${a ?? ''}^${wrap(b)}` : n === 'msub' ? `${a ?? ''}_${wrap(b)}` : /^(msubsup|munderover)$/.test(n) ? `${a ?? ''}_${wrap(b)}^${wrap(c)}` : n === 'munder' ? `${a ?? ''}_${wrap(b)}` : n === 'mover' ? `${a ?? ''}^${wrap(b)}`
        : n === 'msqrt' ? `√${wrap(parts.join(''))}` : n === 'mroot' ? `${b ?? ''}√${wrap(a)}` : n === 'mtr' ? `${parts.join(', ')}; ` : n === 'mo' && /^[=+<>≤≥≈±×·→]$/.test(parts.join('')) ? ` ${parts.join('')} ` : parts.join('');
      if (made) stack.at(-1)!.parts.push(made);
    },
  });
  return stack[0]!.parts.join('').replace(/\s+/g, ' ').trim();
}
