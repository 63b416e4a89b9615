import type { WordPart } from '../model/brief.ts';

/** What the sections of a paper are called. Common practice, no published source.
 * `called`: the names as a pattern; `part`: the line of the word bill that what follows counts as; `open`: often followed by more words (“Results of the survey”);
 * `asked: false`: too common a word to be taken for a section where an assignment names it. */
export interface SectionName { name: string; called: string; part: WordPart; open?: true; asked?: false }
export const sectionNames: readonly SectionName[] = [
  { name: 'references', called: 'references|references and notes|notes and references|references and further reading|references cited|references and bibliography|bibliography and references|sources cited|works consulted|reference list|list of references|bibliography|works cited|literature cited|literaturverzeichnis|quellenverzeichnis|bibliographie|références|bibliografía|referencias|bibliografia|bibliografie|literatuurlijst|literatur', part: 'references' },
  { name: 'references', called: 'literature|sources|references?(?: list)?|cited (?:works|literature|sources)|works? (?:cited|referenced)|(?:select(?:ed)?|general) bibliography|list of sources|source list|literature list|(?:my|reference) references|reference section|(?:sources|literature) and (?:literature|references|sources)|references and sources|bibliographical references|quellen|quellen- und literaturverzeichnis|(?:zitierte|verwendete) literatur|références bibliographiques|sources et bibliographie|œuvres citées|referencias bibliográficas|fuentes|referências(?: bibliográficas)?|riferimenti bibliografici|fonti|bronnen|bronnenlijst|referenties|litteraturliste|referenslista|källförteckning|källor|kilder|kildeliste|lähteet', part: 'references', asked: false },
  { name: 'contents', called: 'table of contents', part: 'contents' },
  { name: 'contents', called: 'contents|list of contents|inhalt|inhaltsverzeichnis|table des matières|sommaire|índice|sumário|indice|inhoud|inhoudsopgave|innehåll|innhold|indhold|sisällys', part: 'contents', asked: false },
  { name: 'lists', called: 'list of (?:figures|tables|abbreviations)', part: 'contents' },
  { name: 'lists', called: 'list of (?:illustrations|plates|maps|symbols|acronyms|charts|appendices)|table of figures|abbreviations|(?:abbildungs|tabellen|abkürzungs)verzeichnis', part: 'contents', asked: false },
  { name: 'title page', called: 'title page', part: 'titlePage' },
  { name: 'summary', called: 'abstract|(?:executive )?summary', part: 'abstract' },
  { name: 'summary', called: 'synopsis|précis|abstract and keywords|(?:lay|plain language) summary|extended abstract|zusammenfassung|kurzfassung|résumé|resumen|resumo|sommario|riassunto|samenvatting|sammanfattning|sammendrag', part: 'abstract', asked: false },
  { name: 'introduction', called: 'introduction|background', part: 'body', open: true },
  { name: 'introduction', called: 'einleitung|introducción|introduzione|introdução|inleiding|inledning|innledning|indledning|johdanto', part: 'body', asked: false },
  { name: 'literature review', called: 'literature review|review of (?:the )?literature', part: 'body' },
  { name: 'methods', called: '(?:materials? and )?method(?:s|ology)?(?: and materials?)?', part: 'body', open: true },
  { name: 'results', called: 'results|findings', part: 'body', open: true },
  { name: 'discussion', called: 'discussion', part: 'body', open: true },
  { name: 'conclusions', called: 'conclusions?|concluding remarks', part: 'body', open: true },
  { name: 'conclusions', called: 'fazit|schluss(?:folgerung(?:en)?)?|conclusión|conclusiones|conclusioni?|conclusão|conclusies?|slutsats(?:er)?|konklusjon|konklusion', part: 'body', asked: false },
  { name: 'limitations', called: 'limitations', part: 'body' }, { name: 'recommendations', called: 'recommendations', part: 'body' }, { name: 'reflection', called: 'reflection', part: 'body' },
  { name: 'glossary', called: 'glossary', part: 'body' },
  { name: 'acknowledgements', called: 'acknowledge?ments?', part: 'body' }, { name: 'acknowledgements', called: 'thanks|word of thanks|dedication|danksagung|remerciements|agradecimientos|agradecimentos|ringraziamenti|dankwoord', part: 'body', asked: false },
  { name: 'appendices', called: 'append(?:ix|ices)', part: 'appendices', open: true }, { name: 'appendices', called: 'annex(?:e|es|ure)?|anhang|anhänge|anexos?|apéndices?|appendic[ei]|allegat[oi]|bijlagen?|vedlegg|bilag(?:a|or)?|liite|liitteet', part: 'appendices', open: true, asked: false }, { name: 'appendices', called: '(?:attachments?|anlagen?)(?: [A-Z\\d]{1,2})?|supplements?|supplementary (?:materials?|information|data)', part: 'appendices', asked: false },
];

const named = sectionNames.map((s) => ({ ...s, exact: new RegExp(`^(?:${s.called})$`, 'i'), begins: new RegExp(`^(?:${s.called})\\b`, 'i') }));
/** All names that an assignment may ask for, longest first, so that “executive summary” is not read as “summary”. */
export const askedSections = new RegExp(`\\b(?:${sectionNames.filter((s) => s.asked !== false).flatMap((s) => topLevel(s.called)).sort((a, b) => b.length - a.length).join('|')})\\b`, 'gi');

/** A heading without its number and its closing colon. */
export const bareHeading = (line: string): string => line.trim().replace(/^#{1,6}\s+|^[*_]{1,3}(?=\S)|[*_]{1,3}$/g, '').replace(/^(?:(?:chapter|section|part|kapitel|teil|chapitre|capítulo|capitolo|hoofdstuk)\s+(?:\d+(?:\.\d+)*|[IVXLC]+)\s*[:.–—-]?\s+|§\s*\d+\s+|\(?\d+(?:\.\d+)*[.)]?\s+|[IVX]+[.)]?\s+|[A-Z][.)]\s+)/i, '').replace(/\s*[:.]$/, '');

/** The section that a line names. @param tail - how many characters may follow an open name; 0: the name alone */
export function sectionNamed(line: string, tail = 0): SectionName | null {
  const bare = bareHeading(line);
  if (bare.length > Math.max(60, tail)) return null;
  return named.find((s) => s.exact.test(bare)) ?? (tail > 0 ? named.find((s) => { const m = s.open ? s.begins.exec(bare) : null; return m !== null && bare.length - m[0].length <= tail; }) ?? null : null);
}

/** Whether a heading stands for a section asked by name, also as one half of “Results and discussion”. */
export function standsFor(heading: string, asked: string): boolean {
  const wanted = sectionNamed(asked), bare = bareHeading(heading).toLowerCase();
  if (!wanted) return bare === asked.toLowerCase() || bare.startsWith(`${asked.toLowerCase()} `) || bare.endsWith(` ${asked.toLowerCase()}`);
  return [bare, ...bare.split(/\s+(?:and|&)\s+|\s*[/,]\s*/)].some((half) => sectionNamed(half, 50)?.name === wanted.name);
}

/** The alternatives of a pattern, brackets kept whole. */
function topLevel(pattern: string): string[] {
  const out = [''];
  let depth = 0;
  for (const c of pattern) { if (c === '(') depth++; else if (c === ')') depth--; if (c === '|' && depth === 0) out.push(''); else out[out.length - 1] += c; }
  return out;
}
