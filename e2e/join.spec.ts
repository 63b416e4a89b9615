import { expect, test } from '@playwright/test';
import { plantedPdf } from '../core/testing/plant.ts';
import { Student } from './desk.ts';

test('two parts become one file: the docket asks, the order is changed by keyboard, pages are numbered, and it is taken back', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await student.goesTo('Read');
  await page.getByLabel('Wording of the assignment').fill('Submit your essay as one single PDF file. Number the pages.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.goesTo('Bring');
  await student.brings('part two.pdf', Buffer.from(await plantedPdf(() => {}, { text: 'What was found on the marsh' })));
  await student.brings('part one.pdf', Buffer.from(await plantedPdf(() => {}, { text: 'Why the marsh was looked at' })));
  await student.docket().getByRole('link', { name: 'Join' }).click();
  const join = page.getByRole('region', { name: 'Put into one file' });
  await expect(join.getByLabel('Page numbers at the foot (asked for)')).toBeChecked();
  // In the order in which they came.
  await expect(join.getByRole('listitem').first()).toContainText('part two');
  await join.getByRole('button', { name: /part two/ }).press('Alt+ArrowDown');
  await expect(join.getByRole('listitem').first()).toContainText('part one');
  // The one that has the focus moves, though the other is chosen.
  await join.getByRole('button', { name: /part one/ }).press('Alt+ArrowDown');
  await expect(join.getByRole('listitem').first()).toContainText('part two');
  await join.getByRole('button', { name: /part two/ }).press('Alt+ArrowDown');
  await expect(join.getByRole('listitem').first()).toContainText('part one');
  await join.getByRole('button', { name: 'Put into one PDF' }).click();
  await student.sees('Put together from 2 files');
  await student.sees('part one.pdf, part two.pdf');
  await expect(student.docket()).not.toContainText('2 files');
  await student.takesBack();
  await expect(join.getByRole('listitem')).toHaveCount(2);
});
