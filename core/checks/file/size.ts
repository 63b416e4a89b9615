import { defineCheck, look, stops } from '../define.ts';
import { showBytes } from '../../text/show.ts';

export const fileSize = defineCheck({
  id: 'file.size', needs: [], mend: 'shrink', reference: 'IEC 80000-13 (MB is 10^6 bytes, MiB is 2^20 bytes)',
  asked: ({ brief, document }) => { const max = document?.limits?.maxBytes ?? brief.limits.maxBytes; return max === null ? null : `at most ${showBytes(max)}`; },
  found: ({ file }) => showBytes(file.bytes),
  evaluate: ({ file, brief, document }) => {
    const max = document?.limits?.maxBytes ?? brief.limits.maxBytes!;
    if (file.bytes <= max) return [];
    const data = { bytes: showBytes(file.bytes), max: showBytes(max) };
    // “MB” may be meant as 2^20 bytes; nobody can tell from outside, so that stretch is for a person to judge.
    const asBinary = max % 1_000_000 === 0 ? (max / 1_000_000) * 1_048_576 : max % 1000 === 0 ? (max / 1000) * 1024 : max;
    return [file.bytes <= asBinary ? look('between', data) : stops('over', data)];
  },
});
