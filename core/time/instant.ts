import { DateTime, IANAZone, Settings } from 'luxon';
import type { Brief } from '../model/brief.ts';

// The application speaks English; asking the system for its language takes as long as a short wording.
Settings.defaultLocale = 'en';

/** Abbreviations of zones that mean one offset wherever they are used. Source: RFC 5322, 4.3 for the American ones; the others from memory.
 * BST, IST, CST and the like have several meanings: they follow the brief's zone or settle nothing. */
export const zoneOffsets: Readonly<Record<string, string>> = {
  UTC: '+00:00', GMT: '+00:00', Z: '+00:00', WET: '+00:00', WEST: '+01:00', CET: '+01:00', CEST: '+02:00', EET: '+02:00', EEST: '+03:00', MSK: '+03:00',
  EST: '-05:00', EDT: '-04:00', CDT: '-05:00', MST: '-07:00', MDT: '-06:00', PST: '-08:00', PDT: '-07:00', AKST: '-09:00', AKDT: '-08:00', HST: '-10:00', AST: '-04:00', ADT: '-03:00',
  AEST: '+10:00', AEDT: '+11:00', ACST: '+09:30', ACDT: '+10:30', AWST: '+08:00', NZST: '+12:00', NZDT: '+13:00', JST: '+09:00', KST: '+09:00', SGT: '+08:00', HKT: '+08:00', SAST: '+02:00', WAT: '+01:00', CAT: '+02:00', EAT: '+03:00', BST: '+01:00', MEZ: '+01:00', MESZ: '+02:00', PKT: '+05:00', WIB: '+07:00', ICT: '+07:00', AOE: '-12:00',
};

/** A zone's standard and summer names together mean its clock all year round. Any city of the zone keeps that clock; the chosen ones are of the IANA database. */
export const bothNames: Readonly<Record<string, string>> = { 'CET/CEST': 'Europe/Brussels', 'EET/EEST': 'Europe/Helsinki', 'WET/WEST': 'Europe/Lisbon', 'GMT/BST': 'Europe/London', 'EST/EDT': 'America/New_York', 'CST/CDT': 'America/Chicago', 'MST/MDT': 'America/Denver', 'PST/PDT': 'America/Los_Angeles', 'AEST/AEDT': 'Australia/Sydney', 'ACST/ACDT': 'Australia/Adelaide', 'NZST/NZDT': 'Pacific/Auckland' };

/** Standard names that wordings use for a zone's clock all the year round: “17:00 CET” in July is five by the clock there, which then shows summer time.
 * Not those of places without summer time (AEST is Brisbane’s and MST Arizona’s, too). Common practice, no source. */
const clocks: Readonly<Record<string, string>> = { CET: 'Europe/Brussels', MEZ: 'Europe/Berlin', EET: 'Europe/Helsinki', WET: 'Europe/Lisbon', EST: 'America/New_York', PST: 'America/Los_Angeles', NZST: 'Pacific/Auckland' };

/** The offset that an abbreviation means by itself, as machines print it on receipts; other names as they are. */
export const byOwnOffset = (name: string): string => { const offset = zoneOffsets[name.toUpperCase()]; return offset ? `UTC${offset}` : name; };

/** The zone as luxon understands it, or null. Takes IANA names, abbreviations and offsets. */
export function zoneOf(name: string | null): string | null {
  if (!name) return null;
  // Names without a slash are taken from the table first: some old ones of the tz database mean another place (“BST” is Dhaka there).
  if (bothNames[name.toUpperCase()]) return bothNames[name.toUpperCase()]!;
  if (clocks[name.toUpperCase()]) return clocks[name.toUpperCase()]!;
  if (name.includes('/') && IANAZone.isValidZone(name)) return name;
  const offset = zoneOffsets[name.toUpperCase()] ?? /^(?:UTC|GMT)?\s*([+-]\d{1,2}(?::?\d{2})?)$/i.exec(name)?.[1];
  return offset ? `UTC${offset.replace(/^([+-]\d{2})(\d{2})$/, '$1:$2')}` : null;
}

/** An ISO 8601 time as an instant in milliseconds. A bare date means its first or last moment, as asked; a local time without a zone
 * is taken in the brief's zone and, where there is none, as UTC. Null for what is no date. */
export function instantOf(iso: string, zone: string | null, edge: 'start' | 'end'): number | null {
  const at = DateTime.fromISO(iso, { zone: zoneOf(zone) ?? 'utc', setZone: true });
  if (!at.isValid) return null;
  if (/^\d{4}-\d{2}-\d{2}$/.test(iso)) return (edge === 'end' ? at.endOf('day') : at.startOf('day')).toMillis();
  return at.toMillis();
}

/** The zone in which a wording's times of day hold: the one that it names, the offset that they carry, or, where it says nothing, the student's own clock.
 * @param clock - the zone of that clock; null: not known */
export function zoneOfTimes(brief: Brief, clock: string | null): string | null {
  const offset = /(?:Z|([+-]\d{2}:\d{2}))$/.exec(effectiveDue(brief) ?? brief.opens ?? '');
  return brief.timeZone ?? (offset ? `UTC${offset[1] ?? ''}` : clock);
}

/** A time of a wording with the offset that it has in a zone, for whoever does not know the wording: what has one keeps it. A bare date becomes its first or last moment. */
export function withOffset(iso: string, zone: string | null, edge: 'start' | 'end'): string {
  const at = /(?:Z|[+-]\d{2}:\d{2})$/.test(iso) || zoneOf(zone) === null ? null : instantOf(iso, zone, edge);
  return at === null ? iso : DateTime.fromMillis(at, { zone: zoneOf(zone)! }).toISO({ suppressMilliseconds: true })!;
}

/** A time as a person reads it, in the zone that is asked for. */
export function showInstant(iso: string, zone: string | null): string {
  const at = DateTime.fromISO(iso, { zone: zoneOf(zone) ?? 'utc', setZone: true });
  if (!at.isValid) return iso;
  const bare = /^\d{4}-\d{2}-\d{2}$/.test(iso);
  const local = !bare && zoneOf(zone) ? at.setZone(zoneOf(zone)!) : at;
  return local.setLocale('en-GB').toFormat(bare ? 'ccc d LLL yyyy' : 'ccc d LLL yyyy, HH:mm');
}

/** The due time that holds in the end: an extension already granted, else the common one, else that of the part that is due last. */
export const effectiveDue = (brief: Brief): string | null => windowNow(brief, Infinity, brief.timeZone).due;

/** The stretch of time that counts now: of the whole, or, where parts have times of their own, of the part that is due next; the last one where all are past.
 * @param zone - in which times without an offset hold; `label` is the part's */
export function windowNow(brief: Brief, now: number, zone: string | null): { opens: string | null; due: string | null; label: string | null } {
  const whole = { opens: brief.opens, due: brief.extension ?? brief.due, label: null };
  if (whole.due !== null) return whole;
  const ends = brief.parts.flatMap((part) => { const at = part.due === null ? null : instantOf(part.due, zone, 'end'); return at === null ? [] : [{ part, at }]; }).sort((a, b) => a.at - b.at), next = ends.find(({ at }) => at >= now) ?? ends.at(-1);
  return next ? { opens: next.part.opens ?? brief.opens, due: next.part.due, label: brief.parts.length > 1 ? next.part.label : null } : whole;
}
