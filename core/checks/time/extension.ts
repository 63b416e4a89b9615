import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { instantOf, showInstant } from '../../time/instant.ts';

/** A personal extension is often not shown where everyone sees the deadline: between the two, the place may call the paper late. */
export const timeExtension = defineSetCheck({
  id: 'time.extension', reference: 'common practice, no published source',
  asked: ({ brief }) => (brief.extension === null ? null : 'the extension counts'),
  found: ({ brief }) => `until ${showInstant(brief.extension!, brief.timeZone)}`,
  evaluate: ({ brief, now }) => {
    const own = instantOf(brief.extension!, brief.timeZone, 'end'), all = brief.due === null ? null : instantOf(brief.due, brief.timeZone, 'end');
    if (own === null || all === null) return [];
    if (own < all) return [look('earlier', { due: showInstant(brief.due!, brief.timeZone), extension: showInstant(brief.extension!, brief.timeZone) })];
    return now > all && now <= own ? [look('between', { due: showInstant(brief.due!, brief.timeZone), extension: showInstant(brief.extension!, brief.timeZone) })] : [];
  },
});
