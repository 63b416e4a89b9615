/** Letters of other scripts that look like Latin ones. A selection for Cyrillic, Greek and Armenian from Unicode UTS #39, confusables.txt
 * (from memory; the full list is far longer, these are the ones that occur on keyboards). Key: look-alike, value: Latin. */
export const confusables: Readonly<Record<string, string>> = {
  а: 'a', в: 'b', с: 'c', ԁ: 'd', е: 'e', һ: 'h', і: 'i', ј: 'j', к: 'k', ӏ: 'l', м: 'm', о: 'o', р: 'p', ԛ: 'q', ѕ: 's', т: 't', у: 'y', ѵ: 'v', ԝ: 'w', х: 'x', г: 'r', п: 'n', ѐ: 'e', ё: 'e', ї: 'i',
  А: 'A', В: 'B', С: 'C', Е: 'E', Н: 'H', І: 'I', Ј: 'J', К: 'K', М: 'M', О: 'O', Р: 'P', Ѕ: 'S', Т: 'T', У: 'Y', Х: 'X', Ԝ: 'W', Ԛ: 'Q', Ү: 'Y', Ғ: 'F', Ѵ: 'V',
  α: 'a', ο: 'o', ν: 'v', ρ: 'p', τ: 't', υ: 'u', ι: 'i', κ: 'k', χ: 'x', γ: 'y', η: 'n', ω: 'w', ϲ: 'c', ϳ: 'j',
  Α: 'A', Β: 'B', Ε: 'E', Ζ: 'Z', Η: 'H', Ι: 'I', Κ: 'K', Μ: 'M', Ν: 'N', Ο: 'O', Ρ: 'P', Τ: 'T', Υ: 'Y', Χ: 'X',
  ա: 'w', օ: 'o', ո: 'n', ս: 'u', հ: 'h', ց: 'g', զ: 'q',
};
