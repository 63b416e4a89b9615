import { convertFiles } from '../core/verbs/convert.ts';
import { cleanFile } from '../core/verbs/clean.ts';
import { p } from './blocks.ts';
import { dataForm, tideTables } from './papers/tide-tables.ts';
import { foreshore } from './papers/foreshore.ts';
import { saltmarsh } from './papers/saltmarsh.ts';
import { plantPdf } from './plant-pdf.ts';
import { student } from './student.ts';
import { writeDocx } from './write-docx.ts';

const fullName = `${student.givenNames[0]} ${student.surname}`;

/** The names under which the demonstration papers are known. */
export const paperNames = {
  troubledDocx: 'saltmarsh_final2_nvi204.docx', troubledPdf: 'Saltmarsh report (1) Vestergaard-Imani.pdf', cleanPdf: 'Y3921847_GEO3107.pdf',
  form: 'data-form.docx', report: 'tide-tables-report.pdf', foreshore: '20417733_foreshore.pdf',
} as const;

/** All demonstration papers by name; the same bytes each time. */
export async function buildPapers(): Promise<Record<string, Uint8Array>> {
  const toPdf = async (docx: Uint8Array): Promise<Uint8Array> => (await convertFiles([{ name: 'paper.docx', path: 'paper.docx', bytes: docx }])).bytes;
  const own = { ...saltmarsh, blocks: saltmarsh.blocks.map((b) => (b.kind === 'p' && b.text.startsWith('The loss through the breach') ? p(b.text.replace('The early estimate,', 'In my earlier report (2024) the estimate,')) : b)) };
  const troubled = await writeDocx(own, {
    author: fullName, lastModifiedBy: student.username, company: 'University of Carrow Sound', template: 'C:\\Users\\nvi204\\Templates\\report.dotx', runningHead: 'Vestergaard-Imani · Saltmarsh',
    comment: { author: fullName, initials: 'NVI', text: 'Check this figure again before handing in.' }, revisionIds: true,
  });
  const plain = await writeDocx(saltmarsh);
  const head = await writeDocx(saltmarsh, { runningHead: `${student.surname} · Saltmarsh` });
  const clean = await cleanFile({ name: 'clean.pdf', path: 'clean.pdf', bytes: await toPdf(plain) }, {});
  return {
    [paperNames.troubledDocx]: troubled,
    [paperNames.troubledPdf]: await plantPdf(await toPdf(head), { author: fullName, title: 'Saltmarsh report', unembedded: 'Helvetica', stamp: 'Printed from the reading room, station 4' }),
    [paperNames.cleanPdf]: clean.bytes,
    [paperNames.form]: await writeDocx(dataForm),
    [paperNames.report]: await toPdf(await writeDocx(tideTables)),
    [paperNames.foreshore]: await toPdf(await writeDocx(foreshore)),
  };
}
