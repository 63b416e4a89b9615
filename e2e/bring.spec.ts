import { expect, test } from '@playwright/test';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync } from 'fflate';
import { Student } from './desk.ts';

const text = (n: number, more = ''): string => Array.from({ length: 12 }, (_, i) => `Paragraph ${i} of note ${n} tells how the silt of creek ${i * n} settled between the tides.`).join('\n') + more;
const file = (name: string, content: string | Uint8Array) => ({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(content) });

async function atBring(student: Student, title: string): Promise<void> {
  await student.arrives();
  await student.opens(title);
  await student.goesTo('Bring');
}

test('a proposed matching is changed by keyboard and by pointer, and confirmed', async ({ page }) => {
  const student = new Student(page);
  await page.setViewportSize({ width: 1280, height: 1400 });
  await atBring(student, 'Tide tables and their errors');
  const form = page.getByRole('region', { name: 'Data form' }), report = page.getByRole('region', { name: 'Report' });
  await expect(form).toContainText('data-form.docx');
  // By keyboard: lift, carry to the next document, let go. The two change places.
  await page.getByRole('button', { name: 'Move data-form.docx to another document' }).focus();
  await page.keyboard.press('Space');
  await student.hears('data-form.docx is over Data form.');
  // Arrows are listened to from the next turn of the page's clock on; a hand is slower than that.
  await page.waitForTimeout(100);
  await page.keyboard.press('ArrowDown');
  await student.hears('data-form.docx is over Report.');
  await page.keyboard.press('Space');
  await expect(report).toContainText('data-form.docx');
  await expect(form).toContainText('tide-tables-report.pdf');
  // By pointer, back again, while the check may still be at work and the cards grow.
  await page.getByRole('button', { name: 'Move data-form.docx to another document' }).hover();
  await page.mouse.down();
  const handle = (await page.getByRole('button', { name: 'Move data-form.docx to another document' }).boundingBox())!;
  await page.mouse.move(handle.x + 5, handle.y - 40, { steps: 6 });
  await student.hears('data-form.docx is over ');
  const target = (await form.boundingBox())!;
  await page.mouse.move(target.x + 60, target.y + 30, { steps: 10 });
  await student.hears('data-form.docx is over Data form.');
  await page.mouse.up();
  await expect(form).toContainText('data-form.docx');
  // A new file where both places are taken answers for nothing, and a newer one takes a place.
  await student.brings('reflection.txt', text(3));
  await expect(page.getByRole('region', { name: 'Answers for nothing yet' })).toContainText('reflection.txt');
  expect(student.errors).toEqual([]);
});

test('sixty files are listed at once and all judged', async ({ page }) => {
  const student = new Student(page);
  await atBring(student, 'Tide tables and their errors');
  await page.getByLabel('Choose files').setInputFiles(Array.from({ length: 60 }, (_, i) => file(`note ${i + 1}.txt`, text(i + 1))));
  const loose = page.getByRole('region', { name: 'Answers for nothing yet' });
  await expect(loose).toContainText('60 files');
  await expect(loose.getByText('unread')).toHaveCount(0);
  await expect(loose.getByText('plain text')).toHaveCount(60);
  expect(student.errors).toEqual([]);
});

test('an archive is unpacked, a link is told from a paper, the same bytes are noticed', async ({ page }) => {
  const student = new Student(page);
  await atBring(student, 'Tide tables and their errors');
  await student.brings('everything.zip', zipSync({ 'final/reflection.txt': new TextEncoder().encode(text(1)), '../../evil.txt': new TextEncoder().encode('x'), '__MACOSX/._x': new Uint8Array(3) }) as never);
  await page.getByRole('button', { name: 'Unpack it' }).click();
  await student.sees('its path leads out of the archive');
  await expect(page.getByRole('region', { name: 'Answers for nothing yet' })).toContainText('reflection.txt');
  await page.getByRole('button', { name: 'All right' }).click();
  await page.getByLabel('Choose files').setInputFiles([file('same.txt', text(1)), file('my paper.url', '[InternetShortcut]\nURL=https://docs.carrow.example/d/1\n')]);
  await student.sees('The same bytes as');
  await student.sees('This is only a link');
  expect(student.errors).toEqual([]);
});

test('the newer of two versions is found, what changed is shown, and it takes the place', async ({ page }) => {
  const student = new Student(page);
  await atBring(student, 'Tide tables and their errors');
  await page.getByLabel('Choose files').setInputFiles([file('reflection v1.txt', text(2)), file('reflection v2.txt', text(2).replace('tells how', 'shows at length that') + '\nAnd one closing remark.')]);
  await page.getByRole('button', { name: 'What changed' }).click();
  const view = page.getByRole('region', { name: 'Two versions' });
  await expect(view).toContainText('reflection v2.txt is the newer one');
  await expect(view.getByRole('table')).toContainText('its name');
  await expect(view.locator('ins').first()).toContainText('shows at length that');
  await view.getByRole('button', { name: 'Use the newer one' }).click();
  await page.getByRole('button', { name: 'Back to the files' }).click().catch(() => {});
  await expect(page.getByRole('region', { name: 'Answers for nothing yet' })).not.toContainText('reflection v1.txt');
  expect(student.errors).toEqual([]);
});

test('a folder of folders, a pasted picture, a file of another paper, hostile names', async ({ page }) => {
  const student = new Student(page), folder = mkdtempSync(join(tmpdir(), 'bring-'));
  mkdirSync(join(folder, 'a/b'), { recursive: true });
  writeFileSync(join(folder, 'a/b/deep.txt'), text(4));
  writeFileSync(join(folder, 'top.txt'), text(5));
  await atBring(student, 'Tide tables and their errors');
  await page.getByLabel('Choose a folder').setInputFiles(folder);
  const loose = page.getByRole('region', { name: 'Answers for nothing yet' });
  await expect(loose).toContainText('deep.txt');
  await expect(loose).toContainText('top.txt');
  await page.evaluate(`(() => {
    const data = new DataTransfer();
    data.items.add(new File([Uint8Array.from(atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='), (c) => c.charCodeAt(0))], 'image.png', { type: 'image/png' }));
    document.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  })()`);
  await expect(loose).toContainText(/pasted \d{4}-\d\d-\d\d .*\.png/);
  await page.getByRole('button', { name: 'take one from another paper' }).click();
  await page.getByRole('list', { name: 'Files of other papers' }).getByRole('button', { name: '20417733_foreshore.pdf' }).click();
  await expect(loose).toContainText('20417733_foreshore.pdf');
  await page.getByLabel('Choose files').setInputFiles([file(`${'long '.repeat(60)}.txt`, text(6)), file('empty.txt', '')]);
  await student.sees('The file has 0 bytes');
  await expect(loose).toContainText('long long long');
  expect(student.errors).toEqual([]);
});

test('of five hundred files those beyond the limit are told, not swallowed', async ({ page }) => {
  const student = new Student(page);
  await atBring(student, 'Tide tables and their errors');
  await page.getByLabel('Choose files').setInputFiles(Array.from({ length: 500 }, (_, i) => file(`n${i + 1}.txt`, `Note ${i} on silt.`)));
  await student.sees('A paper takes 200 files at most');
  await expect(page.getByRole('region', { name: 'Answers for nothing yet' })).toContainText('198 files');
});

test('all pages of a long paper: small pictures, one large, text to select, by keyboard', async ({ page }) => {
  const student = new Student(page);
  await atBring(student, 'Tide tables and their errors');
  await page.getByRole('region', { name: 'Report' }).getByRole('link', { name: 'All pages' }).click();
  await expect(page.getByRole('button', { name: 'Page 2', exact: true })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('Page', { exact: true })).toHaveValue('2');
  await page.keyboard.press('Home');
  await expect(page.locator('.text-layer text').filter({ hasText: 'Tide tables' }).first()).toBeAttached();
  const selected = await page.evaluate<string>('getSelection().selectAllChildren(document.querySelector(".text-layer text")), getSelection().toString()');
  expect(selected.trim().length).toBeGreaterThan(0);
  await page.keyboard.press('+');
  await student.sees('125 %');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'Report' })).toBeVisible();
  expect(student.errors).toEqual([]);
});
