/** What is to become of what nobody wants the marker to see. `keep` leaves it as it is. */
export interface Settlement { comments: 'remove' | 'keep'; changes: 'accept' | 'reject' | 'keep'; forms: 'flatten' | 'keep'; attachments: 'remove' | 'keep'; /** what layers that are switched off hold */ layers: 'remove' | 'keep' }
export const keepAll: Settlement = { comments: 'keep', changes: 'keep', forms: 'keep', attachments: 'keep', layers: 'keep' };
