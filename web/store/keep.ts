import { db } from './db.ts';

export const logEvent = (paperKey: string, what: string): Promise<unknown> => db.events.add({ paperKey, at: new Date().toISOString(), what });
export const logEvents = (paperKey: string, what: string[]): Promise<unknown> => { const at = new Date().toISOString(); return db.events.bulkAdd(what.map((w) => ({ paperKey, at, what: w }))); };
