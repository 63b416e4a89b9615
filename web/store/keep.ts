import { db } from './db.ts';

export const logEvent = (paperKey: string, what: string): Promise<unknown> => db.events.add({ paperKey, at: new Date().toISOString(), what });
