import { emptyPage } from '../convert/page-description.ts';
import { layOut } from '../convert/layout.ts';
import { escapeXml } from '../engines/xml.ts';
import { groupDocket, toldOnce, verdictSentence } from '../docket/groups.ts';
import type { DocketLine, Finding } from '../model/finding.ts';
import { billParts, type WordBill } from '../words/bill.ts';

/** What a report tells: the docket, every finding, and the reasons that were given for leaving something as it is. */
export interface ReportInput {
  title: string; course: string; place: string | null; due: string | null; at: string;
  files: { name: string; bytes: number; sha256: string; pages: number | null; words: number | null; findings: Finding[]; bill: WordBill | null }[];
  docket: DocketLine[]; reasons: Record<string, string>;
}
const standings: Record<string, string> = { met: 'met', notMet: 'not met', look: 'look', unread: 'unread', notAsked: 'not asked' };
/** The key under which a reason for a finding is kept. */
export const reasonKeyOf = (f: { check: string; message: string }): string => `${f.check}|${f.message}`;

/** The report as plain data, for programs: the same facts as on paper. */
export function reportData(input: ReportInput): object {
  return {
    paper: input.title, course: input.course, place: input.place, due: input.due, writtenAt: input.at, verdict: verdictSentence(groupDocket(input.docket, input.reasons)).sentence, docket: input.docket, answers: groupDocket(input.docket, input.reasons).flatMap((r) => (r.reason === null ? [] : [{ line: r.line, document: r.document, found: r.found, standing: r.standing, reason: r.reason }])),
    files: input.files.map(({ findings, ...f }) => ({ ...f, findings: findings.map(({ check, standing, detail, place, message }) => ({ check, standing, detail, place, message, reason: input.reasons[reasonKeyOf({ check, message })] ?? null })) })),
  };
}

/** The report as a printable PDF, laid out by the built-in engine. */
export async function reportPdf(input: ReportInput): Promise<Uint8Array> {
  const e = (text: string | number | null): string => escapeXml(String(text ?? ''));
  const table = (head: string[], rows: string[][]): string => `<table style="width:100%"><tr>${head.map((h) => `<td><b>${e(h)}</b></td>`).join('')}</tr>${rows.map((r) => `<tr>${r.map((c) => `<td>${c}</td>`).join('')}</tr>`).join('')}</table>`;
  const rows = groupDocket(input.docket, input.reasons), many = input.files.length > 1;
  const sections = input.files.map((f) => {
    const list = toldOnce(f.findings).map((x) => [x.standing === 'stops' ? 'stops' : x.standing, e(x.message), e(x.place.page === null ? x.place.part : `page ${x.place.page}`), e(input.reasons[reasonKeyOf(x)] ?? '')]);
    return `<h2 style="font-size:13pt;font-weight:bold;margin-top:14pt">${e(f.name)}</h2><p style="font-size:8pt">${f.bytes.toLocaleString('en')} bytes${f.pages === null ? '' : `, ${f.pages} pages`}${f.words === null ? '' : `, ${f.words.toLocaleString('en')} words`}</p><p style="font-size:7pt">SHA-256 ${e(f.sha256)}</p>${list.length > 0 ? table(['Standing', 'Finding', 'Where', 'Left because'], list) : '<p>Nothing was found.</p>'}${f.bill && f.bill.lines.length > 0 ? `<p style="margin-top:8pt"><b>Words</b></p>${table(['Part', 'Words'], [...f.bill.lines.map((l) => [e(billParts.find((p) => p.part === l.part)!.line), l.words.toLocaleString('en')]), ['<b>Together</b>', `<b>${f.bill.total.toLocaleString('en')}</b>`]])}` : ''}`;
  });
  const body = `<h1 style="font-size:20pt;font-weight:bold">${e(input.title)}</h1><p>${e([input.course, input.place].filter(Boolean).join(' · '))}</p><p>${input.due ? `Due ${e(input.due)}` : ''}</p><p style="margin:8pt 0"><b>${e(verdictSentence(rows).sentence)}</b></p>${table(many ? ['Asked', 'Found', 'Standing', 'Document'] : ['Asked', 'Found', 'Standing'], rows.filter((r) => r.standing !== 'notAsked').map((r) => [e(r.demand), e(r.found), `${standings[r.standing]!}${r.reason === null ? '' : `: ${e(r.reason)}`}`, ...(many ? [e(r.document)] : [])]))}${sections.join('')}`;
  return layOut({ ...emptyPage(), body, baseFont: 'sans-serif', baseSizePt: 9, language: 'en', foot: `Docket of ${input.at.slice(0, 16).replace('T', ' ')} · page \u0001 of \u0002` }, {});
}
