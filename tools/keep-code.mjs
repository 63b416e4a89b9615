// Lets V8 keep what it compiles of the command line: each verb is called once on a small paper of its own.
import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { promisify } from 'node:util';

const wording = 'GEO 3107 Report 2\n\nHand in your report as one PDF to “GEO 3107 Report 2” by 17:00 on Friday 12 March 2027 (UK time).\nAt most 2,500 words (+10 %), excluding references. Marking is anonymous: your name must not appear.\nName your file CandidateNumber_GEO3107.pdf. You may hand in again until then; only the latest counts.\nFor work that is late 5 % per day is deducted, and nothing is accepted more than 7 days late.\nA4, margins 2.5 cm, Arial 11, line spacing 1.5, pages numbered. APA style. Reports are checked for similarity.\n';
const paper = '# Sediment budgets\n\nA saltmarsh lives on borrowed material. Each flood tide carries silt and clay over its surface (Orrell and Tamsin, 2011).\n\n## Method\n\n- Levels along four transects\n- Cores from eight stations\n\n| Station | Rise |\n| --- | --- |\n| 1 | 4 mm |\n\nIn earlier work (Imani, 2019) this was “a question of what comes in, what goes out, and what stays” (Hesketh, 1998, p. 4).\n\n## References\n\nHesketh, T. (1998). *Marshes*. Carrow: Reach Press.\n\nOrrell, P. and Tamsin, J. (2011). *Accretion*. Carrow: Reach Press.\n';
const receipt = 'Submission receipt\nReference: 48213-AF\nSubmitted: 12 March 2027 16:12 GMT\nFile: paper.pdf\nSize: 20 KB\n';
const details = { givenNames: ['Nadia'], surname: 'Vestergaard-Imani', otherNames: [], username: 'nvi204', studentNumber: '20417733', candidateNumber: 'Y3921847', emails: ['nvi204@carrow.example'], phones: [], other: [] };

/** @param {string} cli - the command line that was built. What cannot be kept is compiled at each start, as before. */
export async function keepCode(cli) {
  const folder = mkdtempSync(join(tmpdir(), 'keep-code-')), run = promisify(execFile), at = (name) => join(folder, name);
  const call = async (...words) => { try { await run(process.execPath, [resolve(cli), ...words], { cwd: folder, env: { ...process.env, HANDOVER_KEEP_CODE: '1' }, timeout: 60_000, maxBuffer: 1 << 26 }); } catch { /* a status of 1 is an answer too */ } };
  try {
    for (const [name, content] of Object.entries({ 'wording.txt': wording, 'paper.md': paper, 'receipt.txt': receipt, 'details.json': JSON.stringify(details) })) writeFileSync(at(name), content);
    await Promise.all([call('convert', 'paper.md', '--to', 'docx', '--out', 'paper.docx'), call('brief', 'wording.txt')]);
    await call('convert', 'paper.docx', '--to', 'pdf', '--out', 'paper.pdf');
    await Promise.all([call('check', 'paper.pdf', 'paper.docx', '--details', 'details.json'), call('clean', 'paper.docx', '--out', 'clean.docx', '--details', 'details.json')]);
    await Promise.all([call('clean', 'paper.pdf', '--out', 'clean.pdf', '--details', 'details.json'), call('shrink', 'paper.pdf', '--out', 'small.pdf', '--max-bytes', '15000')]);
    await Promise.all([call('compare', 'paper.pdf', '--against', 'paper.docx', 'wording.txt'), call('receipt', 'receipt.txt', '--files', 'paper.pdf'), call('scan')]);
  } finally { rmSync(folder, { recursive: true, force: true }); }
}
