import { readFileSync } from 'node:fs';
import { test } from '@jest/globals';
import { expectSettled } from '../testing/settled.ts';

/** Assignment texts as departments write them, made up, with all that they settle; what is not named stays open. */
const settledTexts = JSON.parse(readFileSync(new URL('../testing/settled-briefs.json', import.meta.url), 'utf8')) as { text: string[]; says: Record<string, unknown> }[];

test.each(settledTexts.map(({ text, says }) => [text.join(' ').slice(0, 60).replace(/\s+/g, ' '), text.join('\n'), says] as const))('%s…', (_, text, says) => { expectSettled(text, says); });
