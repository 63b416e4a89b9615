import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readBrief } from './read.ts';

/** Whole texts put together from sentences, made up: what each says has to be read beside all the others as well. */

const now = '2026-11-30T09:00:00Z';
const headings = ['Coastal essay 2', 'Essay 2: Rivers', 'Assignment 3', 'Lab report 4 – Enzymes', 'Part 2 essay', 'Coursework 1 (40 %)', 'GEO214 Coastal Processes – Essay', 'Research paper', 'Term paper on tidal marshes', 'Case study 2', 'Task 1', 'History essay',
  'Week 11 assignment', 'Problem set 5', 'Final report', 'Reflective journal 1', 'Assessment 2 of 3', 'Dissertation proposal', 'Essay Brief', 'Second essay', 'Report A', 'CW2', 'Module 4 paper', 'Take-home exam'];

describe('a heading and what is said of days, in any order', () => {
  const deadlines = ['Your essay is due on 11 December 2026 at 23:59.', 'The deadline is Friday 11 December 2026, 23:59.', 'Hand it in by 23:59 on 11 December 2026.', 'Deadline: 11 December 2026, 23:59', 'Due: Friday, December 11, 2026 at 11:59 pm', 'It has to be in by 11:59 pm on 11 December.',
    'You have until 11 December (23:59) to hand in.', 'Please submit it no later than 11 December 2026, 23:59.', 'The hand-in area closes on 11 December 2026 at 23:59.', 'Last day for handing in: 11 December 2026, 23:59.', 'Everything must reach us by 11 December 2026 at 23:59.'];
  const openings = ['The hand-in area will be available as of 4 December 2026.', 'You can hand in from 4 December 2026.', 'Opens: 4 December 2026', 'Submission opens on 4 December 2026.', 'The box opens on Friday 4 December.', 'Uploads are possible from 4 December.',
    'The page for handing in will be open from 4 December 2026 onwards.', 'Nothing can be handed in before 4 December 2026.', 'Open from: 4 December 2026'];
  const late = ['Late work is accepted until 15 December 2026 with 5 % off per day.', 'Nothing is accepted after 15 December 2026.', 'Late papers lose 5 marks a day until 15 December, after which they get zero.', 'The area stays open for late papers until 15 December 2026.', 'After 15 December no paper is marked.',
    'Late submissions until: 15 December 2026'];
  const extensions = ['Your extension runs until 18 December 2026.', 'You have been granted an extension to 18 December 2026.', 'Your new deadline is 18 December 2026 because of your extension.', 'Extension granted: 18 December 2026'];
  const asides = ['It should be 2,000 words long and saved as a PDF.', 'Topic 2 was discussed in the lecture on 20 November.', 'Feedback will be returned by 8 January 2027.', 'Read chapter 3 of the course book before you start.', 'The seminar on 2 December is about how to structure it.',
    'I wrote this on 12 March 2026.', 'I will be at a conference from 1 to 5 February 2027.', 'Consultation hours start on 25 January 2027.', 'The treaty was signed on 12 March 1999.', 'We talk about the essays on 16 April 2027.'];
  const from = (list: string[]): fc.Arbitrary<string> => fc.constantFrom(...list), maybe = (list: string[]): fc.Arbitrary<string | null> => fc.option(from(list));
  test('is read as it is by itself', () => {
    fc.assert(fc.property(from(headings), from(deadlines), maybe(openings), maybe(late), maybe(extensions), fc.uniqueArray(from(asides), { maxLength: 2 }), fc.boolean(), fc.constantFrom(' ', '\n'), (heading, deadline, opening, lateWork, extension, others, backwards, between) => {
      const body = [deadline, ...others, ...(opening ? [opening] : [])];
      if (backwards) body.reverse();
      const text = `${heading}\n\n${[...body, lateWork, extension].flatMap((s) => (s ? [between === '\n' || s.endsWith('.') ? s : `${s}.`] : [])).join(between)}`, { brief } = readBrief(text, now);
      expect({ text, parts: brief.parts, due: brief.due?.slice(0, 16), opens: brief.opens?.slice(0, 10), extension: brief.extension?.slice(0, 10), cutoffDays: brief.late.cutoffDays })
        .toEqual({ text, parts: [], due: '2026-12-11T23:59', opens: opening ? '2026-12-04' : undefined, extension: extension ? '2026-12-18' : undefined, cutoffDays: lateWork ? 4 : null });
    }), { seed: 41, numRuns: 200 });
  });
});

describe('sentences of different matters in one text', () => {
  const tongues = JSON.parse(readFileSync(new URL('../testing/said-elsewhere.json', import.meta.url), 'utf8')) as { tongue: string; said: [string, Record<string, unknown>][] }[];
  const matters = new Map<string, string[]>(), base = 'Your essay is due on 11 December 2026 at 23:59.';
  for (const [sentence, settles] of tongues.flatMap((t) => (t.tongue.startsWith('English') ? t.said : []))) {
    const [matter, ...more] = new Set(Object.keys(settles).map((key) => key.split('.')[0]!));
    if (matter && more.length === 0 && !sentence.includes('\n') && !['due', 'opens', 'extension', 'parts', 'timeZone', 'documents'].includes(matter)) matters.set(matter, [...matters.get(matter) ?? [], sentence]);
  }
  const valuesOf = (text: string): Record<string, unknown> => { const { evidence: _, shown: _shown, counting: _counting, lengths: _lengths, ...brief } = readBrief(text, now).brief; return brief; };
  test('each settles there what it settles alone', () => {
    expect(matters.size).toBeGreaterThan(7);
    fc.assert(fc.property(fc.constantFrom(...headings), fc.shuffledSubarray([...matters.keys()], { minLength: 2, maxLength: 4 }), fc.array(fc.nat(), { minLength: 4, maxLength: 4 }), fc.boolean(), (heading, chosen, which, lines) => {
      const between = lines ? '\n' : ' ', sentences = chosen.map((matter, i) => matters.get(matter)![which[i]! % matters.get(matter)!.length]!), whole = (s: string): string => (lines || /[.!?]$/.test(s) ? s : `${s}.`);
      const together = valuesOf(`${heading}\n\n${[...sentences.map(whole), base].join(between)}`);
      chosen.forEach((matter, i) => {
        const alone = valuesOf(`${heading}\n\n${[whole(sentences[i]!), base].join(between)}`);
        expect({ sentences, [matter]: together[matter] }).toEqual({ sentences, [matter]: alone[matter] });
      });
      expect({ sentences, due: together['due'] }).toEqual({ sentences, due: '2026-12-11T23:59:00' });
    }), { seed: 5, numRuns: 100 });
  });
});
