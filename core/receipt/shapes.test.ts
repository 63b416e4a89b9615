import { expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

/** The same four things in every shape that labels and values are set in. Made up for this test. */
type Rows = [label: string, value: string][];
const shapes: Record<string, (rows: Rows) => string> = {
  colon: (r) => r.map(([a, b]) => `${a}: ${b}`).join('\n'), tab: (r) => r.map(([a, b]) => `${a}\t${b}`).join('\n'), below: (r) => r.map(([a, b]) => `${a}\n${b}`).join('\n\n'),
  bars: (r) => r.map(([a, b]) => `| ${a} | ${b} |`).join('\n'), gaps: (r) => r.map(([a, b]) => `${a.padEnd(24)}${b}`).join('\n'), leaders: (r) => r.map(([a, b]) => `${a} ${'.'.repeat(28 - a.length)} ${b}`).join('\n'),
  bullets: (r) => r.map(([a, b]) => `• ${a}: ${b}`).join('\n'), dashes: (r) => r.map(([a, b]) => `${a} - ${b}`).join('\n'), bold: (r) => r.map(([a, b]) => `**${a}:** ${b}`).join('\n'), equals: (r) => r.map(([a, b]) => `${a} = ${b}`).join('\n'),
  columns: (r) => `${r.map(([a]) => a).join('\t')}\n${r.map(([, b]) => b).join('\t')}`, paragraphs: (r) => r.map(([a, b]) => `${a}: ${b}`).join('\n\n'), sentence: (r) => r.map(([a, b]) => `${a}: ${b}`).join('; '),
  'table.html': (r) => `<html><body><h1>Receipt</h1><table>${r.map(([a, b]) => `<tr><th>${a}</th><td>${b}</td></tr>`).join('')}</table></body></html>`,
  'list.html': (r) => `<html><body><h1>Receipt</h1><dl>${r.map(([a, b]) => `<dt>${a}</dt><dd>${b}</dd>`).join('')}</dl></body></html>`,
  'r.json': (r) => JSON.stringify(Object.fromEntries(r), null, 1), 'r.csv': (r) => `${r.map(([a]) => a).join(',')}\n${r.map(([, b]) => b).join(',')}`,
};
const labels = ['Receipt number', 'Ref. no.', 'Reference', 'Hand-in number', 'Upload ID', 'Order number', 'Docket no.', 'Proof of receipt no.', 'Lodgement number', 'Acknowledgement ref', 'Case number', 'Unique ID'];
const read = async (shape: string, rows: Rows) => readFields(await receiptToText(new TextEncoder().encode(`${shape.includes('.') ? '' : 'Thank you. Your work has arrived.\n\n'}${shapes[shape]!(rows)}`), shape.includes('.') ? shape : 'receipt.txt', 0, 'receipt'), ['essay_2.pdf'], null, '2027-03-13T00:00:00Z').fields;
test.each(Object.keys(shapes))('%s', async (shape) => {
  for (const label of labels) {
    const fields = await read(shape, [[label, '48213-AF'], ['Received', '12 March 2027 16:12 GMT'], ['File name', 'essay_2.pdf'], ['Size', '136251 bytes']]);
    expect([label, fields.id, Date.parse(fields.receivedAt!), fields.fileNames, fields.bytes]).toEqual([label, '48213-AF', Date.parse('2027-03-12T16:12:00Z'), ['essay_2.pdf'], 136_251]);
  }
});
test.each(['Order', 'Upload', 'Delivery', 'Log', 'Queue', 'Request'])('hard negative: “%s” without a word for number says something else', async (label) => expect((await read('colon', [[label, 'Room 3107-B'], ['Received', '12 March 2027 16:12 GMT'], ['File name', 'essay_2.pdf']])).id).toBeNull());
