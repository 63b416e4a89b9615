import { escapeXml } from '../../core/engines/xml.ts';
import { layOut } from '../../core/convert/layout.ts';
import { emptyPage } from '../../core/convert/page-description.ts';
import type { DeskSubmission } from './store.ts';

/** A receipt as data. Sizes in bytes, the time in UTC. */
export const receiptJson = (s: Pick<DeskSubmission, 'id' | 'receivedAt' | 'place' | 'files' | 'late' | 'draft'>): object => ({
  receipt: s.id, receivedAt: s.receivedAt, submittedTo: s.place.title, status: s.draft ? 'draft' : s.late ? 'received late' : 'received',
  files: s.files.map((f) => ({ fileName: f.name, bytes: f.bytes.length, sha256: f.sha256, extract: f.extract })),
});

/** The same as a page to print or keep. */
export async function receiptPdf(s: Pick<DeskSubmission, 'id' | 'receivedAt' | 'place' | 'files' | 'late' | 'draft'>): Promise<Uint8Array> {
  const row = (label: string, value: string): string => `<p style="margin:0 0 3pt 0">${escapeXml(label)}: ${escapeXml(value)}</p>`;
  const body = `<p style="font-size:18pt;margin:0 0 14pt 0">Practice desk: receipt</p>${row('Receipt number', s.id)}${row('Received at', s.receivedAt)}${row('Submitted to', s.place.title)}${row('Status', s.draft ? 'draft' : s.late ? 'received late' : 'received')}${s.files.map((f) => `<p style="margin:0">&#160;</p>${row('File name', f.name)}${row('Size', `${f.bytes.length} bytes`)}<p style="margin:0 0 3pt 0;font-size:8pt">SHA-256: ${f.sha256}</p>${row('Text begins', f.extract)}`).join('')}`;
  return layOut({ ...emptyPage(), body, baseFont: 'sans-serif', baseSizePt: 10.5 }, {});
}
