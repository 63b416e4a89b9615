import { expect, test } from '@playwright/test';
import { existsSync, readFileSync } from 'node:fs';
import { Package } from '../core/engines/zip.ts';
import { plantedPdf } from '../core/testing/plant.ts';
import { Student } from './desk.ts';

const paperTitle = 'Sediment budgets of a realigned saltmarsh';
async function ready(student: Student): Promise<void> {
  await student.arrives();
  await student.opens(paperTitle);
  await expect(student.docket()).toContainText('May not go yet');
}
async function mended({ page }: { page: Student['page'] }, student: Student): Promise<void> {
  await student.goesTo('Mend');
  await page.getByRole('button', { name: 'Convert it' }).click();
  await page.getByRole('button', { name: 'Take them out' }).click();
  await page.getByRole('button', { name: 'Rename it' }).click();
  await expect(student.docket()).toContainText('May go');
}

test('the word bill adds up, parts can be left out, and the file is taken apart', async ({ page }) => {
  const student = new Student(page);
  await ready(student);
  await student.goesTo('Check');
  await page.getByRole('button', { name: 'Word bill' }).click();
  const sum = page.getByRole('row', { name: /Together/ });
  await expect(sum).toContainText('3,513');
  await page.getByLabel('References counts').click();
  await expect(sum).toContainText('3,411');
  // What the assignment leaves open is settled here, and the docket follows.
  await page.getByRole('row', { name: /Notes/ }).getByRole('button', { name: 'does not' }).click();
  await expect(sum).toContainText('3,278');
  await expect(student.docket()).toContainText('not counting references and notes');
  await page.reload();
  await expect(page.getByRole('row', { name: /Together/ })).toContainText('3,278');
  await page.getByRole('button', { name: 'Inside the file' }).click();
  await student.sees('word/media/image1.png');
  await expect(page.getByRole('row', { name: /^Pictures/ })).toContainText('%');
});
test('pages that the wording leaves out do not count, and what is left out can be settled by hand', async ({ page }) => {
  const student = new Student(page), said = ['The creek fills from below while the tide rises over the banks and the birds leave.', 'References'];
  await ready(student);
  await student.goesTo('Read');
  await page.getByRole('button', { name: 'Paste another wording' }).click();
  await page.getByLabel('Wording of the assignment').fill('Paper as PDF, at most 2 pages, not counting the references. Due 12 March 2027, 17:00.');
  await page.getByRole('button', { name: /Read it/ }).click();
  await student.goesTo('Bring');
  await student.brings('marsh.pdf', Buffer.from(await plantedPdf((pdf) => {
    const resources = pdf.findPage(0).get('Resources');
    for (const text of said) pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, resources, `BT /F 12 Tf 72 700 Td (${text}) Tj 0 -40 Td (Halvorsen wrote of the shore in other years.) Tj ET`));
  })));
  await student.goesTo('Check');
  const line = student.docket().getByRole('row', { name: /pages, without references/ }).last();
  await expect(line).toContainText('2 pages of 3, without references');
  await expect(line).toContainText('met');
  await page.getByRole('button', { name: 'Word bill' }).click();
  await page.getByRole('combobox', { name: 'Document' }).selectOption({ label: 'marsh.pdf' });
  await page.getByLabel('Pages of references count').click();
  await expect(student.docket().getByRole('row', { name: /3 pages/ }).last()).toContainText('not met');
});
test('the docket can be taken away as PDF and as data', async ({ page }) => {
  const student = new Student(page);
  await ready(student);
  await student.goesTo('Check');
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Docket as PDF' }).click()]);
  expect(readFileSync(await pdf.path()).subarray(0, 5).toString()).toBe('%PDF-');
  const [json] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'as JSON' }).click()]);
  const data = JSON.parse(readFileSync(await json.path(), 'utf8')) as { paper: string; files: { findings: unknown[] }[] };
  expect([data.paper, data.files[0]!.findings.length > 3]).toEqual([paperTitle, true]);
});
test('comments go and the name is replaced in the word-processor file itself; both can be taken back', async ({ page }) => {
  const student = new Student(page);
  await ready(student);
  await student.goesTo('Mend');
  await page.getByRole('button', { name: 'Take the comments out' }).click();
  await student.sees('words the same');
  await page.getByLabel('Put in their place').selectOption('[name removed]');
  await page.getByRole('button', { name: 'Replace them' }).click();
  await student.sees('all are there');
  await student.takesBack();
  await expect(page.getByRole('button', { name: 'Replace them' })).toBeVisible();
});
test('all that needs no choice is mended in one, each step with its proof and its way back', async ({ page }) => {
  const student = new Student(page);
  await ready(student);
  await student.goesTo('Mend');
  await page.getByRole('button', { name: 'Do all of this' }).click();
  // Comments out, details replaced, converted, cleared, renamed: five copies behind each other.
  await expect(page.getByRole('region', { name: 'Mends of Y3921847_GEO3107.pdf' })).toBeVisible();
  for (const step of ['Renamed', 'Converted to PDF', 'Took my details out', 'Took the comments out']) await student.sees(step);
  await expect(page.getByRole('button', { name: 'Do all of this' })).toHaveCount(0);
  await expect(student.docket()).toContainText('May go');
  await student.takesBack();
  await expect(page.getByRole('region', { name: 'Mends of saltmarsh_final2_nvi204.pdf' })).toBeVisible();
  expect(student.errors).toEqual([]);
});
test('both engines side by side: each with its pages and its proof, and one is kept', async ({ page }) => {
  test.skip(!existsSync('/usr/bin/soffice'), 'no office engine on this machine');
  const student = new Student(page);
  await ready(student);
  await student.goesTo('Mend');
  await page.getByRole('button', { name: 'Compare both engines' }).click();
  const office = page.getByRole('region', { name: 'Office engine' });
  for (const name of ['Built-in engine', 'Office engine']) await expect(page.getByRole('region', { name })).toContainText('embedded');
  await office.getByRole('button', { name: 'Keep this one' }).click();
  await student.sees('Converted to PDF by the office engine');
  await student.takesBack();
  await expect(page.getByRole('button', { name: 'Convert it' })).toBeVisible();
  // Taken back, the file is as it was; nothing begins to convert by itself.
  await expect(page.getByRole('region', { name: 'Both engines' })).toHaveCount(0);
  expect(student.errors).toEqual([]);
});
test('a lost answer is found again: one submission, a receipt, evidence that holds, and a backup that comes back', async ({ page, request }) => {
  const student = new Student(page);
  await ready(student);
  await mended({ page }, student);
  const before = ((await (await request.get('/desk/submissions')).json()) as unknown[]).length;
  await request.put('/desk/fault', { data: { fault: 'answerLost', left: 1 } });
  await student.goesTo('Send');
  await student.answersOpenLines();
  await page.getByLabel('I have looked at it').check();
  await page.getByLabel(/I declare/).click();
  await page.getByRole('button', { name: 'Send it and wait' }).click();
  await student.sees('Wait for the receipt');
  expect(((await (await request.get('/desk/submissions')).json()) as unknown[]).length).toBe(before + 1);
  await page.getByRole('button', { name: /Fetch the receipt/ }).click();
  await student.sees('Confirmed: the right paper arrived.');
  await expect(page.getByRole('region', { name: 'Handing in again' })).toContainText('the newest');

  const [bag] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Take the evidence bag' }).click()]);
  const bytes = readFileSync(await bag.path()), names = new Package(new Uint8Array(bytes)).names();
  expect(names.some((n) => n.endsWith('data/files/Y3921847_GEO3107.pdf'))).toBe(true);
  expect(names.some((n) => /data\/receipts\/receipt-CS-.*\.pdf$/.test(n))).toBe(true);
  await page.getByLabel('Check an evidence bag').setInputFiles({ name: 'bag.zip', mimeType: 'application/zip', buffer: bytes });
  await student.sees('files are as they were packed');

  await page.getByRole('link', { name: 'My details' }).click();
  const [backup] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Write a backup' }).click()]);
  await page.getByLabel('Backup to put back').setInputFiles({ name: 'b.zip', mimeType: 'application/zip', buffer: readFileSync(await backup.path()) });
  await student.sees('are back');
  await page.getByLabel('Backup to put back').setInputFiles({ name: 'bag.zip', mimeType: 'application/zip', buffer: bytes });
  await student.sees('is no backup of Hand Over');
});
test('handed in elsewhere by hand: the set with what to do, then a pasted receipt', async ({ page }) => {
  const student = new Student(page);
  await ready(student);
  await mended({ page }, student);
  await student.goesTo('Send');
  await student.answersOpenLines();
  await page.getByLabel('I have looked at it').check();
  await page.getByLabel(/I declare/).click();
  await page.getByText('It is handed in at another site').click();
  const [zip] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Take the set as a ZIP' }).click()]);
  expect(new Package(new Uint8Array(readFileSync(await zip.path()))).names()).toEqual(['set/Y3921847_GEO3107.pdf', 'what-to-do.txt']);
  await page.getByRole('button', { name: 'I have handed it in there' }).click();
  await student.sees('It was handed in at another site');
  await page.getByText('Paste the words of a receipt').click();
  await page.getByLabel('Words of the receipt').fill('Receipt number: R-77\nFile name: Y3921847_GEO3107.pdf\n');
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.sees('Doubtful: the receipt leaves something open.');
});
test('a sending that breaks off is told, goes on after a reload, and arrives once', async ({ page, request }) => {
  const student = new Student(page);
  await ready(student);
  await mended({ page }, student);
  await student.goesTo('Send');
  const stored = async (): Promise<number> => ((await (await request.get('/desk/submissions')).json()) as unknown[]).length, before = await stored();
  await student.answersOpenLines();
  await page.getByLabel('I have looked at it').check();
  await page.getByLabel(/I declare/).click();
  await page.route('**/desk/uploads/*', (route) => (route.request().method() === 'PATCH' ? route.abort() : route.continue()));
  await page.getByRole('button', { name: 'Send it and wait' }).click();
  await student.sees(/the desk says that nothing is stored/);
  await page.unroute('**/desk/uploads/*');
  await page.reload();
  await page.getByLabel('I have looked at it').check();
  await student.sees('An earlier sending broke off');
  await page.getByRole('button', { name: 'Send it and wait' }).click();
  await page.getByRole('button', { name: /Fetch the receipt/ }).click();
  await student.sees('Confirmed: the right paper arrived.');
  expect(await stored()).toBe(before + 1);
  await student.goesTo('Send');
  await expect(page.getByText('An earlier sending broke off')).toHaveCount(0);
});
