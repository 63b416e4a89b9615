import { describe, expect, test } from '@jest/globals';
import { pageStyles } from './page-styles.ts';

/** Source: CSS Selectors Level 4, 17; CSS Cascading Level 4, 6. */
const styled = (css: string, name: string, attributes: Record<string, string> = {}) => pageStyles(`<style>${css}</style>`)(name, attributes).style;

describe('what style sheets say of one element', () => {
  test.each<[string, string, string, Record<string, string>, string | undefined]>([
    ['an element', 'p{text-align:center}', 'p', {}, 'text-align:center'], ['a class', '.a{font-weight:bold}', 'span', { class: 'x a' }, 'font-weight:bold'], ['an element with a class', 'p.a{font-weight:bold}', 'div', { class: 'a' }, undefined],
    ['an identifier', '#k{font-style:italic}', 'p', { id: 'k' }, 'font-style:italic'], ['several selectors', 'h1, p.MsoNormal, li.MsoNormal{margin:0}', 'li', { class: 'MsoNormal' }, 'margin:0'],
    ['a class outweighs an element, whatever comes first', '.a{text-align:right} p{text-align:left}', 'p', { class: 'a' }, 'text-align:right'], ['of two alike the later holds', '.a{color:red} .b{color:blue}', 'p', { class: 'b a' }, 'color:blue'],
    ['what stands at the element holds', '.a{display:none}', 'p', { class: 'a', style: 'display: block' }, 'display:block'], ['unless the sheet insists', '.a{display:none!important}', 'p', { class: 'a', style: 'display:block' }, 'display:none'],
    ['selectors that look around are left alone', 'div p{color:red} p:hover{color:red} a > b{color:red}', 'p', {}, undefined], ['what holds in print alone is left alone', '@media print{p{display:none}}', 'p', {}, undefined],
    ['comments of old programs', '<!-- p{color:red} -->', 'p', {}, 'color:red'], ['a sheet that cannot be read', 'p{color:red', 'q', {}, undefined], ['nonsense', '}}}{{', 'p', { style: 'color:red' }, 'color:red'],
  ])('%s', (_, css, name, attributes, expected) => { expect(styled(css, name, attributes)).toBe(expected); });
  test('a page without sheets keeps its attributes', () => { const own = { style: 'color:red' }; expect(pageStyles('<p style="color:red">a</p>')('p', own)).toBe(own); });
});
