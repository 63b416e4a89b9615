import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { instantOf, showInstant } from '../../time/instant.ts';

/** A personal extension is often not shown where everyone sees the deadline: between the two, the place may call the paper late. */
export const timeExtension = defineSetCheck({
  id: 'time.extension', reference: 'common practice, no published source',
  asked: ({ brief }) => (brief.extension === null ? null : 'the extension counts'),
  found: ({ brief, zone }) => `until ${showInstant(brief.extension!, zone)}`,
  evaluate: ({ brief, now, zone }) => {
    const own = instantOf(brief.extension!, zone, 'end'), all = brief.due === null ? null : instantOf(brief.due, zone, 'end');
    if (own === null || all === null) return [];
    if (own < all) return [look('earlier', { due: showInstant(brief.due!, zone), extension: showInstant(brief.extension!, zone) })];
    return now > all && now <= own ? [look('between', { due: showInstant(brief.due!, zone), extension: showInstant(brief.extension!, zone) })] : [];
  },
});
