import { expect, test } from '@playwright/test';
import { DateTime } from 'luxon';
import { plantedPdf } from '../core/testing/plant.ts';
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

test('handed in at twenty to twelve by the student’s clock, it is in time at the desk and on the receipt', async ({ page }) => {
  const student = new Student(page), due = DateTime.now().setZone('America/Toronto').plus({ minutes: 39 }).setLocale('en');
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await student.goesTo('Read');
  await page.getByLabel('Wording of the assignment').fill(`Submit one PDF to “Essay 2” by ${due.toFormat('HH:mm')} on ${due.toFormat('d LLLL yyyy')}. It is not marked anonymously.`);
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.sees(/3[0-9] min left/);
  await student.goesTo('Bring');
  await student.brings('essay.pdf', Buffer.from(await plantedPdf()));
  await student.goesTo('Send');
  await student.answersOpenLines();
  await page.getByLabel('Why it may go all the same: fonts').fill('Everyone has this one.');
  await page.getByRole('button', { name: 'Keep the reason' }).click();
  await page.getByLabel('I have looked at it').click();
  const send = page.getByRole('button', { name: 'Send it and wait' });
  await expect(send).toBeEnabled();
  await send.click();
  await page.getByRole('button', { name: 'Fetch the receipt (PDF)' }).click();
  await student.sees('Confirmed: the right paper arrived.');
  // What the desk states is told by the same clock as what was asked: the desk itself writes UTC.
  const stated = await page.getByRole('row', { name: /^Received/ }).getByRole('cell').nth(2).innerText();
  expect(Math.abs(DateTime.fromFormat(stated, 'ccc d LLL yyyy, HH:mm:ss', { zone: 'America/Toronto', locale: 'en-GB' }).diffNow('minutes').minutes)).toBeLessThan(5);
});

test('past the due time the header says until when late work is taken, and that it is closed where none is', async ({ page }) => {
  const student = new Student(page), yesterday = DateTime.now().minus({ days: 1 }).setZone('Europe/London').setLocale('en').toFormat('d LLLL yyyy');
  await student.arrives();
  await page.getByRole('button', { name: 'Start another paper' }).click();
  await student.goesTo('Read');
  await page.getByLabel('Wording of the assignment').fill(`The essay is due at 12:00 GMT on ${yesterday}. Submit it as a PDF. Late work loses 5 % per day and nothing is accepted after 5 days.`);
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.sees(/Late work is taken until /);
  await page.getByRole('button', { name: 'Paste another wording' }).click();
  await page.getByLabel('Wording of the assignment').fill(`The essay is due at 12:00 GMT on ${yesterday}. Submit it as a PDF. Late work is not accepted.`);
  await page.getByRole('button', { name: 'Read it' }).click();
  await student.sees(/Closed /);
  expect(student.errors).toEqual([]);
});
