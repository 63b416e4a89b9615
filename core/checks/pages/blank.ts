import { defineCheck, atPage, look } from '../define.ts';
import type { PageFacts } from '../../model/facts.ts';

/** Nothing but its running head or number. Characters that no word can be made of are on the page all the same; a page that could not be read (its size is 0) may hold anything. */
const isBlank = (p: PageFacts): boolean => p.width > 0 && p.images === 0 && (p.drawings?.marks ?? 0) === 0 && (p.headOnly === true || p.words === 0 && Object.values(p.sizes).every((n) => n < 3));

/** Pages of a file without fixed pages stay empty where one break follows another. */
export const pagesBlank = defineCheck({
  id: 'pages.blank', needs: [], kinds: ['pdf', 'docx'], reference: 'common practice, no published source',
  unread: ({ facts }) => (facts.pages.ok || facts.emptyPages !== undefined ? null : facts.pages.code),
  asked: () => 'no blank pages',
  found: ({ facts }) => { const n = facts.pages.ok ? facts.pages.value.filter(isBlank).length : facts.emptyPages ?? 0; return n === 0 ? 'none' : `${n} blank`; },
  evaluate: ({ facts }) => (facts.pages.ok ? facts.pages.value.filter(isBlank).slice(0, 20).map((p) => look('blank', { page: p.number }, atPage(p.number))) : facts.emptyPages ? [look('between', { count: facts.emptyPages })] : []),
});
