import { showBytes } from '../../core/index.ts';
import type { Made } from '../store/db.ts';
import { Mark } from './standing.tsx';

/** What was verified after a mend, by reading the new file again. */
export function ProofLedger({ made, now }: { made: Made; now: string }) {
  const rows: [string, string, boolean][] = [];
  if (made.mend === 'clean') {
    rows.push(['Stored values', `${made.removed} gone, ${made.left} left that identify`, made.left === 0], ['Text', made.proof.textSame ? 'the same' : 'changed', made.proof.textSame]);
    if (made.proof.pagesSame !== null) rows.push(['Pages', made.proof.pagesSame ? 'the same' : 'changed', made.proof.pagesSame]);
    if (made.proof.maxPixelDifference !== null) rows.push(['Pixels', made.proof.maxPixelDifference === 0 ? `the same on ${made.proof.pagesCompared} pages` : `differ by up to ${made.proof.maxPixelDifference}`, made.proof.maxPixelDifference === 0]);
  } else if (made.mend === 'convert' || made.mend === 'join') {
    const { proof } = made, pair = (p: { before: number; after: number }): [string, boolean] => [`${p.before} before, ${p.after} after`, p.before === p.after];
    rows.push(['Words', proof.missing.length + proof.added.length === 0 ? `all ${proof.wordsBefore.toLocaleString('en')} are there` : `${proof.missing.length} missing (${proof.missing.slice(0, 6).join(', ')}), ${proof.added.length} added (${proof.added.slice(0, 6).join(', ')})`, proof.missing.length + proof.added.length === 0], ['Tables', ...pair(proof.tables)], ['Pictures', ...pair(proof.images)], ['Notes', ...pair(proof.footnotes)]);
    if (proof.equations.before > 0) rows.push(['Equations', ...pair(proof.equations)]);
    // Copies that were made by an earlier version say nothing of these.
    const { links, headings, listNumbers, moved } = proof as Partial<typeof proof>;
    for (const [what, p] of [['Headings', headings], ['Links', links], ['List numbers', listNumbers]] as const) if (p && p.before + p.after > 0) rows.push([what, pair(p)[0], p.after >= p.before]);
    if (moved) rows.push(['Order', moved.length === 0 ? 'the same' : `${moved.length} ${moved.length === 1 ? 'passage stands' : 'passages stand'} elsewhere (${moved.slice(0, 3).map((m) => `“${m} …”`).join(', ')})`, moved.length === 0]);
    rows.push(['Fonts', `${made.fonts.filter((f) => f.embedded).length} of ${made.fonts.length} embedded`, made.fonts.every((f) => f.embedded)], ['Pages', String(made.pages), true]);
    if (made.mend === 'join') rows.push(['In this order', made.names.join(', '), true]);
    for (const loss of made.losses) rows.push(['Left out', loss, false]);
  } else if (made.mend === 'redact') {
    rows.push(['Taken out', `${made.taken.length} places: ${[...new Set(made.taken.map((t) => `“${t.text}”`))].join(', ')}`, true], ['Other words', made.lost.length === 0 ? 'all are there' : `gone as well: ${made.lost.join(', ')}`, made.lost.length === 0]);
  } else if (made.mend === 'archive') {
    rows.push(['Form', `PDF/A-${made.claim}; every rule that can be told from the file is kept`, true]);
    if (made.faces.length > 0) rows.push(['Fonts put inside', made.faces.join(', '), true]);
    rows.push(['Text', made.proof.textSame ? 'the same' : 'changed', made.proof.textSame], ['Pixels', made.proof.maxPixelDifference === 0 ? `the same on ${made.proof.pagesCompared} pages` : `differ by up to ${made.proof.maxPixelDifference}; compare the pages`, made.proof.maxPixelDifference === 0]);
  } else if (made.mend === 'embed') {
    rows.push(['Fonts put inside', [...new Set(made.done.map((f) => f.name))].join(', '), true]);
    if (made.left.length > 0) rows.push(['Still missing', [...new Set(made.left.map((f) => f.name))].join(', '), false]);
    rows.push(['Text', made.proof.textSame ? 'the same' : 'changed', made.proof.textSame], ['Pixels', made.proof.maxPixelDifference === 0 ? `the same on ${made.proof.pagesCompared} pages` : `differ by up to ${made.proof.maxPixelDifference}; compare the pages`, made.proof.maxPixelDifference === 0]);
  } else if (made.mend === 'text-layer') {
    const words = made.pages.reduce((n, p) => n + p.words, 0), unsure = made.pages.reduce((n, p) => n + p.unsure, 0);
    rows.push(['Words read', `${words.toLocaleString('en')} on ${made.pages.length} ${made.pages.length === 1 ? 'page' : 'pages'}${unsure > 0 ? `, ${unsure} of them unsure` : ''}; a machine misreads, so read them too`, unsure === 0], ['Pixels', made.proof.maxPixelDifference === 0 ? `the same on ${made.proof.pagesCompared} pages` : `differ by up to ${made.proof.maxPixelDifference}`, made.proof.maxPixelDifference === 0]);
  } else if (made.mend === 'scan') {
    for (const [i, p] of made.pages.entries()) rows.push([`Page ${i + 1}`, `${p.photo}, sharpness ${Math.round(p.sharpness * 100)} of 100`, p.standing === 'fine']);
  } else if (made.mend === 'settle') {
    const { added, removed } = made.words, list = (words: string[]): string => `${words.length} ${words.length === 1 ? 'word' : 'words'} (${words.slice(0, 8).join(' ')}${words.length > 8 ? ' …' : ''})`;
    rows.push(['Text', added.length + removed.length === 0 ? `all ${made.words.after.toLocaleString('en')} words the same` : `${added.length > 0 ? `${list(added)} came back` : ''}${added.length > 0 && removed.length > 0 ? ', ' : ''}${removed.length > 0 ? `${list(removed)} went` : ''}`, added.length + removed.length === 0], ['Pages', made.pagesSame ? 'as many as before' : 'another number', made.pagesSame]);
  } else if (made.mend === 'shrink') {
    rows.push(['Size', `${showBytes(made.before)} before, ${showBytes(made.after)} after`, true], ['Text', made.proof.textSame ? 'the same' : 'changed', made.proof.textSame], ['Pictures', made.pictures ? `at up to ${made.pictures.dpi} dots an inch, quality ${made.pictures.quality}; ${made.proof.worstPage ? `page ${made.proof.worstPage} changed most, look at it` : 'look at them'}` : 'untouched', made.pictures === null]);
  } else rows.push(['Name', `${made.was} → ${now}`, true]);
  return <dl className="facts">{rows.map(([k, v, good], i) => [<dt key={`k${i}`}>{k}</dt>, <dd key={`v${i}`}><Mark standing={good ? 'met' : 'look'} word={v} /></dd>])}</dl>;
}
