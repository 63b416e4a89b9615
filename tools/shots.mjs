// Takes the pictures in docs/screenshots from the demonstration: `node tools/shots.mjs [NAME…]`, with the application running.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';

const base = process.env.BASE ?? 'http://localhost:4173', out = process.env.OUT ?? 'docs/screenshots';
mkdirSync(out, { recursive: true });
const wanted = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: process.env.DARK ? 'dark' : 'light' });
const errors = [];
page.on('console', (m) => { if (m.type() === 'error') errors.push(m.text()); });
page.on('pageerror', (e) => errors.push(String(e)));
const shot = async (name) => { if (wanted.length === 0 || wanted.includes(name)) { await page.waitForTimeout(700); await page.evaluate(() => scrollTo(0, 0)); await page.screenshot({ path: `${out}/${name}.png` }); } };
const go = async (stop) => { await page.getByRole('navigation', { name: 'Route' }).getByRole('link', { name: new RegExp(`^${stop}`) }).click(); };

await page.goto(base);
await page.getByRole('link', { name: 'Dredging and the law of the foreshore' }).waitFor();
await page.getByText('Confirmed').waitFor({ timeout: 30000 });
await page.getByRole('link', { name: 'Sediment budgets of a realigned saltmarsh' }).click();
await page.getByText(/May not go yet/).first().waitFor({ timeout: 30000 });
await page.goto(base);
await page.getByText(/May not go yet/).first().waitFor();
await shot('home');
await page.getByRole('link', { name: 'Sediment budgets of a realigned saltmarsh' }).click();
await go('Read'); await page.waitForTimeout(1500); await shot('read'); await page.getByText('Time plan').first().scrollIntoViewIfNeeded(); await page.evaluate(() => scrollBy(0, 330)); if (wanted.length === 0) { await page.waitForTimeout(900); await page.screenshot({ path: `${out}/time-plan.png` }); }
await go('Bring'); await page.waitForTimeout(1500); await shot('bring');
if (wanted.length === 0 || wanted.includes('pages')) { const here = page.url(); await page.getByRole('link', { name: 'All pages' }).first().click(); await page.waitForTimeout(2500); await shot('pages'); await page.goto(here); await page.waitForTimeout(800); }
await go('Check'); await page.waitForTimeout(1500);
await page.getByRole('button', { name: 'Word bill' }).click(); await shot('words');
await page.getByRole('button', { name: 'Inside the file' }).click(); await page.waitForTimeout(1500); await shot('inside');
await go('Mend'); await shot('mend');
if (wanted.length === 0 || wanted.includes('engines')) {
  const compare = page.getByRole('button', { name: 'Compare both engines' });
  if (await compare.count() > 0) { await compare.click(); await page.getByRole('region', { name: 'Office engine' }).getByText('embedded').waitFor({ timeout: 60000 }); await page.waitForTimeout(2500); await page.getByRole('region', { name: 'Both engines' }).scrollIntoViewIfNeeded(); await page.waitForTimeout(500); await page.screenshot({ path: `${out}/engines.png` }); await page.getByRole('button', { name: 'Keep neither' }).click(); }
}
await page.getByRole('button', { name: 'Convert it' }).click();
await page.getByText('Converted to PDF').waitFor({ timeout: 30000 });
await go('Check'); await page.getByText('“Vestergaard-Imani” in running heads').first().click(); await page.waitForTimeout(1200); await shot('check');
await go('Mend'); await page.getByRole('button', { name: 'Take them out' }).click();
await page.getByText('Took my details out').waitFor({ timeout: 30000 });
await page.getByRole('button', { name: 'Rename it' }).click();
await page.getByText('Renamed').first().waitFor({ timeout: 30000 });
await page.waitForTimeout(1500);
await shot('mended');
await go('Compare'); await page.getByLabel('Add texts to compare with').setInputFiles([{ name: 'Orrell_2011.txt', mimeType: 'text/plain', buffer: Buffer.from('P. Orrell and J. Tamsin, 2011. Where it falls behind, the plants drown from the lowest ground upwards. As long as accretion matches the rise of the sea, the marsh keeps its place in the tidal frame.') }, { name: 'pilot.txt', mimeType: 'text/plain', buffer: Buffer.from('After a blow from the south-west the water in front of the Reach is brown before it is deep. You can smell the mud in it before you can float a boat on it. Each flood tide carries silt and clay over its surface, some of which settles among the stems before the ebb begins.') }]); await page.getByText(/shared passage/).first().waitFor({ timeout: 30000 }); await shot('compare');
await go('Send'); await page.waitForTimeout(1000); await shot('send');
for (let looks; (looks = page.getByRole('region', { name: 'Lines to answer' }).getByRole('button', { name: /^I have looked at it/ })) && await looks.count() > 0;) { await looks.first().click(); await page.waitForTimeout(300); }
await page.getByLabel('I have looked at it').check();
await page.getByLabel(/I declare/).click();
await page.getByRole('button', { name: 'Send it and wait' }).click();
await page.getByRole('button', { name: /Fetch the receipt/ }).click();
await page.getByText('Confirmed: the right paper arrived.').waitFor({ timeout: 30000 });
await page.getByRole('button', { name: 'Fetch and compare' }).click();
await page.getByText('the same, byte for byte').waitFor();
await shot('confirm');
await page.getByRole('link', { name: 'My details' }).click(); await page.waitForTimeout(500); await shot('details');
await page.goto(`${base}/desk/`); await shot('desk');
if (wanted.length === 0 || wanted.includes('join')) {
  await page.goto(base);
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await go('Read'); await page.getByLabel('Wording of the assignment').fill('Tide tables and their errors\nHand in one single PDF: the report, then the data form. Number the pages. 2,500 words, not counting references.');
  await page.getByRole('button', { name: 'Read it' }).click(); await page.waitForTimeout(800);
  await go('Bring'); await page.getByLabel('Choose files').setInputFiles(['dist/demo/papers/tide-tables-report.pdf', 'dist/demo/papers/data-form.docx']);
  await page.waitForTimeout(2500); await go('Mend'); await page.getByLabel('A cover sheet in front').check(); await shot('join');
}
if (process.env.PHOTOS) {
  await page.goto(base);
  await page.getByRole('link', { name: 'Dredging and the law of the foreshore' }).click();
  await go('Bring'); await page.getByLabel('Choose files').setInputFiles(process.env.PHOTOS.split(','));
  await page.waitForTimeout(3000); await go('Mend'); await page.getByText('take it again').first().waitFor({ timeout: 60000 }); await page.waitForTimeout(3000); await shot('sheets');
}
if (errors.length) console.error('console errors:', errors);
await browser.close();
