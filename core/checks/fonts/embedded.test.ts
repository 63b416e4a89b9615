import { madeFacts, madeFont } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { fontsEmbedded } from './embedded.ts';

testCheck(fontsEmbedded, {
  met: [{ name: 'one font, embedded', given: { facts: madeFacts({ fonts: read([madeFont('ABCDEF+Lora')]) } ) } }],
  notMet: [{ name: 'one of two', given: { facts: madeFacts({ fonts: read([madeFont('Lora'), madeFont('Arial', { embedded: false })]) }) }, says: ['notEmbedded'] }, { name: 'a standard font is not excepted, and told once', given: { facts: madeFacts({ fonts: read([madeFont('Helvetica', { embedded: false }), madeFont('Helvetica', { embedded: false, page: 2 })]) }) }, says: ['notEmbedded'] }],
  look: [{ name: 'listed, and no letter is shown in it', given: { facts: madeFacts({ fonts: read([madeFont('Lora'), madeFont('Helvetica', { embedded: false, idle: true })]) }) }, says: ['listedOnly'] }],
  unread: [{ name: 'locked', given: { facts: madeFacts({ fonts: unread('encrypted') }) } }],
});
