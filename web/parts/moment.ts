import { DateTime } from 'luxon';

/** A moment as the screens tell it, by the student's own clock: “28 Nov 2026, 00:09:17”. */
export const momentText = (iso: string): string => DateTime.fromISO(iso).setLocale('en-GB').toFormat('d LLL yyyy, HH:mm:ss');
/** Its day alone. */
export const dayText = (iso: string): string => DateTime.fromISO(iso).setLocale('en-GB').toFormat('d LLL yyyy');
