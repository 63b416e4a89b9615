import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { identitySelfCitation } from './self-citation.ts';

const text = (t: string) => ({ wanted: 'yes' as const, facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(identitySelfCitation, {
  met: ['their earlier report (2019) and the earlier work of Hesketh', 'His earlier paper said so.', 'as I argued in the previous section', 'as I have shown in this chapter', 'My argument here is plain; my thesis is that mud moves.', '“In my previous work,” Hart writes, “it moved.”', 'I wrote to the archive.'].map((t) => ({ name: t, given: text(t) })),
  look: ['In my earlier report (2024) the loss was put lower.', 'As I have shown elsewhere (2024), mud settles.', 'It follows my last assignment.', 'It is in my own published article.', 'It builds on my first-year report.', 'I have previously written about this.', 'I published this in Tide Letters.', 'see my blog at tides.example', 'I filmed it for my channel.'].map((t) => ({ name: t, given: text(t), says: ['phrase'] })),
  notAsked: [{ name: 'not anonymous', given: { wanted: 'no' } }],
});
