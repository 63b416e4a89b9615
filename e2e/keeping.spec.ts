import { expect, test } from '@playwright/test';
import { plantedPdf } from '../core/testing/plant.ts';
import { Student } from './desk.ts';

test('a file for long keeping is asked for, the plain PDF is written as one, and the docket reads the copy', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await student.goesTo('Read');
  await page.getByLabel('Wording of the assignment').fill('Submit your thesis as PDF/A-2b. It is not marked anonymously.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.goesTo('Bring');
  await student.brings('thesis.pdf', Buffer.from(await plantedPdf()));
  const line = student.docket().getByRole('row').filter({ hasText: 'form for long keeping' });
  await expect(line).toContainText('an ordinary PDF');
  await line.getByRole('link', { name: 'Write anew' }).click();
  await page.getByRole('button', { name: 'Write it', exact: true }).click();
  await student.sees('Written for long keeping');
  await student.sees('every rule that can be told from the file is kept');
  await expect(line).toContainText('says it is PDF/A-2b');
  await expect(line).toContainText('met');
  await student.takesBack();
  await expect(line).toContainText('an ordinary PDF');
});
