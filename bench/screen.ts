import { chromium, type Page } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Package, packZip } from '../core/engines/zip.ts';
import { joinPdfs } from '../core/convert/join.ts';
import { buildPapers, paperNames } from '../demo/papers.ts';

/** How calm the screen stays: the longest time the main thread is held while files come in and pages scroll. `npm run bench:screen` with the application at BASE. */
const base = process.env.BASE ?? 'http://localhost:4173', folder = mkdtempSync(join(tmpdir(), 'screen-'));
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
await page.addInitScript('window.held = []; new PerformanceObserver((l) => { for (const e of l.getEntries()) window.held.push(e.duration); }).observe({ type: "longtask", buffered: true });');
const rest = async (): Promise<void> => { await page.evaluate('window.held.length = 0'); };
const longest = (): Promise<number> => page.evaluate<number>('Math.max(0, ...window.held)');
const say = async (what: string, since: number): Promise<void> => { process.stdout.write(`${what.padEnd(52)} ${(performance.now() - since).toFixed(0).padStart(7)} ms, main thread held at most ${(await longest()).toFixed(0)} ms\n`); };
/** The same paper with every third longer word changed. */
function reworded(docx: Uint8Array, n: number): Uint8Array {
  const pack = new Package(docx);
  let at = 0;
  return packZip(pack.names().map((name) => ({ name, bytes: name === 'word/document.xml' ? new TextEncoder().encode(pack.text(name)!.replace(/(?<=<w:t[^>]*>[^<]*)\b[a-z]{4,}\b(?=[^<]*<\/w:t>)/g, (w) => (at++ % 3 === 0 ? `${w}${'abcdefghij'[n % 10]}${'klmnop'[Math.floor(n / 10)]}` : w))) : pack.part(name)! })));
}
const bring = async (p: Page): Promise<void> => { await p.getByRole('navigation', { name: 'Route' }).getByRole('link', { name: /^Bring/ }).click(); };

await page.goto(base);
await page.getByText('Confirmed').waitFor({ timeout: 60_000 });
await page.getByRole('link', { name: 'Tide tables and their errors' }).click();
await bring(page);
await page.waitForTimeout(3000);
const papers = await buildPapers();
// Sixty papers of the same make with words of their own: nothing of one is known from another.
for (let i = 0; i < 60; i++) writeFileSync(join(folder, `note ${i}.docx`), reworded(papers[paperNames.troubledDocx]!, i));
await rest();
let started = performance.now();
await page.getByLabel('Choose files').setInputFiles(Array.from({ length: 60 }, (_, i) => join(folder, `note ${i}.docx`)));
await page.getByText('60 files').waitFor();
await say('60 DOCX listed', started);
await page.waitForFunction('[...document.querySelectorAll(".file-line")].length === 60 && !document.body.innerText.includes("looking…") && [...document.querySelectorAll(".file-line")].every((l) => !l.innerText.includes("unread"))', undefined, { timeout: 120_000, polling: 100 });
await say('60 DOCX judged', started);

const noise = new Uint8Array(100 << 20);
for (let at = 0; at < noise.length; at += 65_536) crypto.getRandomValues(noise.subarray(at, at + 65_536));
writeFileSync(join(folder, 'large.bin'), noise);
await page.goto(base);
await page.getByRole('button', { name: 'Start another paper' }).click();
await bring(page);
await page.waitForTimeout(1500);
await rest();
started = performance.now();
await page.getByLabel('Choose files').setInputFiles(join(folder, 'large.bin'));
await page.getByText(/SHA-256/).waitFor();
await page.waitForFunction('/[0-9a-f]{64}/.test(document.body.innerText)', undefined, { timeout: 60_000 });
await say('100 MB kept and hashed', started);

writeFileSync(join(folder, 'long.pdf'), await joinPdfs(Array.from({ length: 90 }, () => papers[paperNames.troubledPdf]!)));
await page.goto(base);
await page.getByRole('button', { name: 'Start another paper' }).click();
await bring(page);
await page.getByLabel('Choose files').setInputFiles(join(folder, 'long.pdf'));
await page.getByRole('link', { name: 'All pages' }).click();
await page.getByRole('group', { name: 'All 810 pages' }).waitFor({ timeout: 60_000 });
await page.waitForTimeout(3000);
await rest();
started = performance.now();
await page.getByRole('group', { name: 'All 810 pages' }).hover();
for (let i = 0; i < 100; i++) { await page.mouse.wheel(0, 1500); await page.waitForTimeout(30); }
await say('810 small pages scrolled through', started);
await page.waitForFunction('[...document.querySelectorAll(".small-page canvas")].every((c) => c.height !== 158)', undefined, { timeout: 30_000 });
await say('… and drawn where it rests', started);
await browser.close();
