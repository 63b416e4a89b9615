import { readZone } from '../brief/zones.ts';
import { eachIn, says } from '../text/patterns.ts';

/** A remark on times in general, in several languages. */
const onTimes = /(?<!\p{L})(?:times?(?: of day)?|hours|clocks?|(?:time ?)?zones?|timestamps?|(?:alle )?(?:zeiten|uhrzeiten|zeitangaben|zeitzone)|heures|fuseau(?: horaire)?|horas|huso|zona horaria|fuso|orari|tijden|tijdzone|tider|tidszon|tidssone)(?!\p{L})/iu;
const zoneWord = /(?<![\p{L}/])(?:(?:UTC|GMT)\s?[+−-]\s?\d{1,2}(?::?\d\d)?|[A-Z]{3,5}|(?:Africa|America|Antarctica|Asia|Atlantic|Australia|Europe|Indian|Pacific)\/[A-Z][A-Za-z_]+)(?![\p{L}\d])/gu;

/** The zone that a receipt names once for all its times, in a line that tells no time of day itself: “All times are UTC.” “Time zone: Europe/London.” Null where it names none, or several. */
export function zoneOfAllTimes(text: string): string | null {
  const zones = new Set<string>();
  for (const line of text.slice(0, 20_000).split('\n')) {
    if (line.length > 200 || !says(line, onTimes) || says(line.replace(/(?:UTC|GMT)\s?[+−-]\s?\d{1,2}:\d\d/g, ''), /\d\s?[:.h]\s?\d\d(?!\d)|\d ?[ap]\.?m\b|\b(?:noon|midnight|deadline|due|by)\b/i)) continue;
    for (const [written] of eachIn(line, zoneWord)) { const said = `12:00 ${written}`, zone = readZone([{ text: said, start: 0, end: said.length }])[0]?.value; if (zone) zones.add(zone); }
  }
  return zones.size === 1 ? [...zones][0]! : null;
}
