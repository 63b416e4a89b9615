import { expect, test } from '@playwright/test';
import { DateTime } from 'luxon';
import { Student } from './desk.ts';

// A student in Toronto; London is five hours ahead of it, four in some weeks of March and October (IANA tz database).
test.use({ timezoneId: 'America/Toronto' });
const london = DateTime.now().setZone('Europe/London').plus({ days: 20 }).set({ hour: 17, minute: 0, second: 0, millisecond: 0 }), day = london.setLocale('en').toFormat('d LLLL yyyy');

test('a due time without a zone is one of the student’s own clock; one with a zone is told by both clocks', async ({ page }) => {
  const student = new Student(page);
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await student.goesTo('Read');
  const reads = async (wording: string): Promise<void> => {
    const another = page.getByRole('button', { name: 'Paste another wording' });
    if (await another.count() > 0) await another.click();
    await page.getByLabel('Wording of the assignment').fill(wording);
    await page.getByRole('button', { name: 'Read it' }).click();
  };
  await reads(`Submit one PDF by 17:00 on ${day}.`);
  await student.sees(new RegExp(`due \\w{3} ${day.split(' ')[0]} \\w{3,4} \\d{4}, 17:00 · `));
  await reads(`Submit one PDF by 17:00 (UK time) on ${day}.`);
  const here = london.setZone('America/Toronto');
  await student.sees(`${here.toFormat('HH:mm')} (17:00 in London)`);
  expect(student.errors).toEqual([]);
});
