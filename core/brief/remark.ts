/** Something worth telling about the reading itself. */
export interface Remark { field: string; kind: 'contradiction' | 'weekday' | 'ambiguousDate' | 'impossibleDate' | 'megapixels' | 'endBeforeStart' | 'past' | 'zero'; quotes: { quote: string; start: number; end: number }[] }
/** The wordings of a remark, each once; a handbook may say the same thing on every page. */
export const wordingsOf = (remark: Remark, most = 4): string[] => [...new Set(remark.quotes.map((q) => q.quote))].slice(0, most);
