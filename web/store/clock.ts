import { DateTime } from 'luxon';

/** The zone of the student's own clock: times whose zone the wording does not say are taken to be of it. */
export const clock = DateTime.local().zoneName;
/** Now by that clock, ISO 8601 with its offset. */
export const localNow = (): string => DateTime.local().toISO()!;
