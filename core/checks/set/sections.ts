import { standsFor } from '../../tables/section-names.ts';
import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';

/** Every section that is asked for by name stands as a heading in one of the documents. */
export const setSections = defineSetCheck({
  id: 'set.sections', reference: 'common practice, no published source',
  asked: ({ brief, facts }) => ((brief.sections ?? []).length > 0 && facts.some((f) => f.passages.ok) ? brief.sections!.join(', ') : null),
  found: ({ brief, facts }) => { const there = brief.sections!.filter((s) => hasSection(s, facts)); return there.length === brief.sections!.length ? 'all' : `${there.length} of ${brief.sections!.length}`; },
  evaluate: ({ brief, facts }) => brief.sections!.filter((s) => !hasSection(s, facts)).map((s) => look('missing', { section: s })),
});

const hasSection = (section: string, facts: Parameters<typeof setSections.evaluate>[0]['facts']): boolean => facts.some((f) => f.passages.ok && f.passages.value.some((p) => ['text', 'textbox'].includes(p.place) && p.text.split('\n').some((line) => line.length <= 90 && standsFor(line, section))));
