import { expect, test } from '@playwright/test';
import { Student } from './desk.ts';

test('one paper from its brief to a confirmed receipt, and a wrong receipt refuted', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Sediment budgets goes first');
  await student.opens('Sediment budgets of a realigned saltmarsh');

  // Read: the wording is kept word for word, and what it asks is in the docket.
  await student.goesTo('Read');
  await expect(page.getByLabel('Wording of the assignment')).toContainText('Marking is anonymous: your name must not appear anywhere');
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('GEO 3107 Report 2');
  await expect(page.getByLabel('Pattern', { exact: true })).toHaveValue('CandidateNumber_GEO3107.pdf');

  // Bring: full name, kind by content.
  await student.goesTo('Bring');
  await student.sees('saltmarsh_final2_nvi204.docx');
  await expect(page.getByRole('region', { name: 'Report' })).toContainText('3,380');

  // Check: the name in the running head, the author in the properties.
  await student.goesTo('Check');
  await student.sees('“Vestergaard-Imani” in running heads');
  await student.sees('Your detail as author');
  await expect(student.docket()).toContainText('May not go yet');

  // Mend: convert, take the name out, rename; each with a proof, each can be taken back.
  await student.goesTo('Mend');
  await page.getByRole('button', { name: 'Convert it' }).click();
  await student.sees('all 3,534 are there');
  await page.getByRole('button', { name: 'Take them out' }).click();
  await student.sees('all are there');
  await page.getByRole('button', { name: 'Rename it' }).click();
  await student.sees('Y3921847_GEO3107.pdf');
  await student.takesBack();
  await student.sees('saltmarsh_final2_nvi204.pdf');
  // The docket has followed before the next step: “May go” of the first renaming would be taken for that of the second.
  await expect(student.docket()).toContainText('May not go yet');
  await page.getByRole('button', { name: 'Rename it' }).click();
  await expect(student.docket()).toContainText('May go');

  // A reload in the middle loses nothing.
  await page.reload();
  await expect(student.docket()).toContainText('May go');

  // Send: barriers first, then the desk.
  await student.goesTo('Send');
  const send = page.getByRole('button', { name: 'Send it and wait' });
  await expect(send).toBeDisabled();
  await page.getByLabel('Note to the receiver').fill('From Nina Vestergaard-Imani');
  await student.sees('The note names you');
  await page.getByLabel('Note to the receiver').fill('');
  await student.sees(/lines? of the docket (?:is|are) without an answer/);
  await student.answersOpenLines();
  await page.getByLabel('I have looked at it').click();
  await expect(page.getByLabel('I have looked at it')).toBeChecked();
  await page.getByLabel(/I declare/).click();
  await expect(page.getByLabel(/I declare/)).toBeChecked();
  await expect(page.getByText(/The declaration of own work is not made|The note names you|: not met|: unread/)).toHaveCount(0);
  await expect(send).toBeEnabled();
  await send.click();

  // Confirm: the receipt agrees, and what is stored is the same byte for byte.
  await page.getByRole('button', { name: 'Fetch the receipt (PDF)' }).click();
  await student.sees('Confirmed: the right paper arrived.');
  await page.getByRole('button', { name: 'Fetch and compare' }).click();
  await student.sees('the same, byte for byte');
  await page.getByRole('button', { name: 'as JSON' }).click();
  await student.sees('Confirmed: the right paper arrived.');

  // A receipt of another file is refuted, by the very field.
  await page.getByLabel('Bring a receipt').setInputFiles({ name: 'other.txt', mimeType: 'text/plain', buffer: Buffer.from('Receipt number: CS-77\nReceived at: 2026-11-25T10:00:00Z\nFile name: Y3921847_GEO3107_old.pdf\nSize: 2.1 MB\n') });
  await student.sees('Refuted: the receipt does not speak of this paper.');
  const row = page.getByRole('table', { name: /Agreement/ }).getByRole('row', { name: /File name/ });
  await expect(row).toContainText('differs');
  expect(student.errors).toEqual([]);
});

test('a new paper by hand: paste, settle, bring a link, be told the way out', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await page.getByLabel('Wording of the assignment').fill('Submit your essay as a PDF by 17:00 on 12 March 2099 (UK time). At most 2 MB.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByLabel('At most, in MB')).toHaveValue('2');
  await expect(page.getByLabel('Due', { exact: true })).toHaveValue('2099-03-12T17:00');
  await page.getByLabel('At most, words').fill('many');
  await page.getByRole('button', { name: 'Keep the brief' }).click();
  await expect(page.getByRole('alert')).toContainText('maxWords');
  await page.getByLabel('At most, words').fill('2000');
  await page.getByRole('button', { name: 'Keep the brief' }).click();
  await student.goesTo('Bring');
  await student.brings('essay.url', '[InternetShortcut]\nURL=https://docs.carrow.example/d/1');
  await student.goesTo('Check');
  await student.sees(/This is only a link/);
  await student.goesTo('Bring');
  await page.getByRole('button', { name: 'Take away' }).click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await student.sees('essay.url');
  expect(student.errors).toEqual([]);
});

test('two documents: the set is complete and goes together', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await student.opens('Tide tables and their errors');
  await student.goesTo('Check');
  await expect(student.docket()).toContainText('May go');
  await student.goesTo('Send');
  await expect(page.getByLabel('I have looked at it')).toHaveCount(2);
  for (const box of await page.getByLabel('I have looked at it').all()) await box.click();
  await page.getByRole('button', { name: 'Send all 2 and wait' }).click();
  await page.getByRole('button', { name: 'Fetch the receipt (PDF)' }).click();
  await student.sees('Confirmed: the right paper arrived.');
  expect(student.errors).toEqual([]);
});

test('details are kept, wiped, and short ones explained; the route works by keyboard and in the dark', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('link', { name: 'My details' }).click();
  await page.getByLabel('Username', { exact: true }).fill('ab');
  await student.sees(/one or two letters/);
  await page.getByRole('button', { name: 'Wipe them' }).click();
  await expect(page.getByLabel('Surname', { exact: true })).toHaveValue('');
  await page.getByRole('link', { name: 'Papers' }).click();
  await student.opens('Tide tables and their errors');
  await expect(student.docket()).toBeVisible();
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/\/bring$/);
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog')).toContainText('By keyboard');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Dark' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'dark');
  await page.setViewportSize({ width: 360, height: 740 });
  expect(await page.locator('html').evaluate((html) => html.scrollWidth)).toBeLessThanOrEqual(361);
  expect(student.errors).toEqual([]);
});

test('Read: what settles is marked, what contradicts is asked, the plan goes into a calendar, the rules into the next paper', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await page.getByLabel('Wording of the assignment').fill('GEO 3107 Report 3\nSubmit your report as a PDF to “GEO 3107 Report 3”. It is due on 12 March 2099 at 17:00 (UK time).\nElsewhere it says: at most 2,000 words. The limit is 2,500 words at most.\nMarking is anonymous. Similarity is checked by text-matching software. 5% per day is deducted for late work, up to 3 days late.');
  await page.getByRole('button', { name: 'Read it' }).click();

  // Every value carries the words it came from, and what contradicts settles nothing.
  await expect(page.getByLabel('At most, words')).toHaveValue('');
  await student.sees(/contradict each other/);
  await expect(page.locator('mark.open').first()).toBeVisible();
  await page.getByLabel('Due', { exact: true }).hover();
  await expect(page.locator('mark.chosen')).toContainText('12 March 2099');

  // The plan, as a picture and as text.
  await expect(page.getByRole('img', { name: /Time plan: .*Send by/ })).toBeVisible();
  await student.sees('Draft in by');
  await expect(page.getByRole('table', { name: 'Late penalty' })).toContainText('15 %');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /calendar/ }).click();
  expect((await download).suggestedFilename()).toBe('hand-over.ics');

  // The questions to the department, without a name in them.
  const message = page.getByLabel('Message to the department');
  await expect(message).toContainText('2,000 words');
  await expect(message).not.toContainText('Vestergaard');
  await page.getByLabel('Sign with').click();
  await page.getByRole('option', { name: 'my name' }).click();
  await expect(message).toContainText('Vestergaard-Imani');
  await student.sees(/somebody who marks may read this/);

  // The name rule, built from fields and shown at once; the opposite of anonymity is told.
  await page.getByRole('button', { name: 'surname', exact: true }).click();
  await expect(page.getByTestId('name-preview')).toHaveText('Vestergaard-Imani.pdf');
  await student.sees(/These two rules are opposites/);

  // The docket is there before any file; a line can be switched on, and the rules are kept for the next paper.
  await expect(student.docket()).toContainText('Next: bring the paper');
  await page.getByRole('button', { name: /Keep it for the next paper/ }).click();
  await student.sees(/without times and your extension/);
  await page.getByLabel('Import a brief').setInputFiles({ name: 'brief.json', mimeType: 'application/json', buffer: Buffer.from('{"documents":[{"label":"x","types":["papyrus"]}]}') });
  await expect(page.getByRole('alert')).toContainText('documents[0].types[0]');
  await page.getByLabel('Add a template').setInputFiles({ name: 'form.txt', mimeType: 'text/plain', buffer: Buffer.from('Item Value') });
  await student.sees('form.txt');
  expect(student.errors).toEqual([]);
});

test('Compare: of two documents the one with the most words, and the other by choice', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await student.opens('Tide tables and their errors');
  await student.goesTo('Compare');
  const document = page.getByLabel('Document');
  await expect(document.locator('option:checked')).toHaveText('tide-tables-report.pdf');
  await page.getByLabel('Add texts to compare with').setInputFiles({ name: 'a.txt', mimeType: 'text/plain', buffer: Buffer.from('Nothing of it stands in either of them.') });
  await student.sees(/^0 of \d{3} words/);
  const ofReport = await page.getByText(/^0 of \d+ words/).innerText();
  await document.selectOption('data-form.docx');
  await expect(page.getByText(/^0 of \d+ words/)).not.toHaveText(ofReport);
  expect(student.errors).toEqual([]);
});

test('Compare: a copied passage is found beside its source, and the assignment’s own words do not count', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await student.opens('Sediment budgets of a realigned saltmarsh');
  await student.goesTo('Compare');
  await page.getByLabel('Add texts to compare with').setInputFiles({ name: 'Pellow_2015.txt', mimeType: 'text/plain', buffer: Buffer.from('R. Pellow (2015) Mud on the move.\n\nEach flood tide carries silt and clay over its surface, some of which settles among the stems before the ebb begins.') });
  await student.sees('1 shared passage');
  await student.sees('neither quoted nor cited');
  await expect(page.getByRole('button', { name: /words from Pellow_2015\.txt/ }).first()).toBeVisible();
  await page.reload();
  await student.sees('1 shared passage');
  expect(student.errors).toEqual([]);
});

test('a reader that cannot be loaded is told instead of waited for, and tried again on request', async ({ page }) => {
  const student = new Student(page), readers = '**/core.worker*';
  await student.arrives();
  await page.route(readers, (route) => route.abort());
  await page.reload();
  await student.opens('Sediment budgets of a realigned saltmarsh');
  await student.goesTo('Check');
  await student.sees(/could not be loaded\. Try again; your files are untouched/);
  await page.unroute(readers);
  await page.getByRole('button', { name: 'Check again' }).click();
  // What failed is no longer told while it is done again: of the check first, then of the page.
  await expect(page.getByRole('button', { name: 'Check again' })).toHaveCount(0, { timeout: 1_000 });
  await expect(student.docket()).toContainText('words');
  await page.getByRole('button', { name: 'Draw the page again' }).click();
  await expect(page.getByText(/could not be loaded/)).toHaveCount(0, { timeout: 1_000 });
  // A reader starts anew for it: how long that takes on a busy machine is not what is tested here.
  await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible();
  await expect(page.getByText(/could not be loaded/)).toHaveCount(0);
});
