import { loneDay, number, percent, shown, tail, type Sayings } from './sayings.ts';

const works = "(?:essays?|papers?|verslag(?:en)?|werkstuk(?:ken)?|scriptie|scripties|opdracht(?:en)?|teksten|bestanden|inzendingen)", all = '(?:(?:alle|de|het) )?', count = '(een|één|twee|drie|vier|vijf|zes|zeven|acht|negen|tien|\\d{1,2})';

export const dutch: Sayings = [
  ['(?:lever je|leveren jullie|levert u)(?: (?:het|de|je) \\p{L}+)? in (?:als|in) (?=pdf|word|docx)', 'hand in as '], ['vóór(?= (?:\\p{L}+dag )?\\d{1,2} \\p{L}+ 20\\d\\d)', 'due'],
  [`(?:minimaal|minstens|ten minste) ${number} en (?:maximaal|hoogstens|ten hoogste) ${number}(?= (?:woorden|pagina))`, '$1-$2'],
  [String.raw`\(?(?:plus of min|plus ?\/ ?min|met een marge van|een afwijking van) ${percent}(?: (?:is )?(?:toegestaan|marge))?\)?`, '(±$1 %)'],
  [`(?:er|het) wordt niet anoniem (?:nagekeken|beoordeeld)|de (?:beoordeling|correctie) is niet anoniem|${all}${works} worden niet anoniem (?:nagekeken|beoordeeld)`, 'Marking not anonymous'],
  [`${all}${works} (?:worden|wordt) (?:anoniem|blind) (?:nagekeken|beoordeeld|gelezen)|de (?:beoordeling|correctie) (?:is|gebeurt) anoniem`, 'anonymous marking'],
  [`(?:er is|er vindt|er wordt) geen (?:plagiaatcontrole|controle op plagiaat)(?: plaats| gedaan)?|${all}${works} worden niet op plagiaat gecontroleerd`, 'no similarity check'],
  [`${all}${works} gaan door (?:een |de )?plagiaat(?:scanner|controle|software)|${all}${works} worden (?:automatisch )?met andere (?:teksten|werken) vergeleken`, 'similarity check: yes'],
  ['(?:je|u|jullie) (?:kunt|kan|mag|kunnen|mogen)(?: (?:het|je|de) \\p{L}+)? (?:maar|slechts|alleen) (?:één|een) ?(?:keer|maal) (?:uploaden|inleveren|indienen)', 'upload once only'],
  [`(?:je hebt|u hebt|jullie hebben|er zijn) ${count} (?:pogingen|kansen)`, '$1 attempts'],
  ['(?:je|jullie|u) (?:mag|mogen|kan|kunnen|kunt)(?: (?:je|het|de|uw|jullie) \\p{L}+)?(?: tot (?:de|het) \\p{L}+)? (?:zo vaak|onbeperkt|zo vaak als je wilt)(?: (?:als je wilt|vervangen|uploaden|inleveren|opnieuw indienen|indienen)){1,2}', 'Unlimited attempts'],
  ['alleen de (?:laatste|nieuwste)(?: (?:versie|inlevering))? (?:telt|wordt (?:nagekeken|beoordeeld))|de laatst ingeleverde versie telt', 'last version counts'],
  ['(?:eerdere|vorige|alle) versies (?:blijven|worden) (?:bewaard|opgeslagen)', 'All versions kept'],
  [`${percent} (?:aftrek|minder|eraf|punten ?aftrek) per dag(?: te laat)?`, 'late: -$1% per day'], [`(?:per|elke|voor elke) dag(?: (?:te laat|vertraging))? (?:kost|gaat er|wordt er|verlies je|verliest u) ?${percent}(?: (?:af|eraf|afgetrokken|van \\p{L}+ \\p{L}+(?: af)?))?|per dag(?: te laat)? ${percent} (?:aftrek|minder|eraf)`, 'late: -$1$2% per day'],
  [`te late? (?:ingeleverde )?${works} (?:worden|wordt) niet (?:geaccepteerd|aangenomen|nagekeken|beoordeeld)|te laat inleveren is niet (?:mogelijk|toegestaan)`, 'late work not accepted'],
  [`na ${count} dag(?:en)? (?:wordt|worden) (?:het|de) \\p{L}+ niet meer (?:geaccepteerd|aangenomen|nagekeken|beoordeeld)`, 'zero after $1 days'], [`na ${count} we(?:ek|ken) (?:wordt|worden) (?:het|de) \\p{L}+ niet meer (?:geaccepteerd|aangenomen|nagekeken|beoordeeld)`, 'zero after $1*7 days'],
  ['(?:je|uw) (?:deadline|inleverdatum|termijn) is (?:verlengd|verschoven|uitgesteld) (?:tot|naar)(?= (?:\\p{L}+ )?\\d)', 'Own extension until'],
  ['nummer (?:de|alle) pagina[’\']s', 'page numbers'],
  ['voeg (?:de|een|je) (?:ondertekende|getekende) (?:\\p{L}*verklaring)(?: (?:van|over) \\p{L}+)?(?: toe)?', 'signed declaration'],
  [`(?:inleveren|indienen|uploaden) (?:kan|is mogelijk) vanaf${loneDay}`, 'Opens:'],
  ['(?:de )?bestandsnaam mag (?:je|uw) naam niet bevatten|(?:zet|gebruik) je naam niet in de bestandsnaam', 'no names in file name'],
  [`(?:noem|geef) (?:het|je) bestand (?:naar|de naam van) (?:je|uw) studentnummer,? gevolgd door ${tail}${shown}`, 'File name: [student number]$1$2'],
  [String.raw`mag niet (?:langer|meer) (?:zijn )?dan(?= \d)`, 'max.'],
  [String.raw`dubbele regelafstand|regelafstand (?:twee|dubbel)`, 'double line spacing'],
  [String.raw`elke nieuwe versie (?:vervangt|overschrijft) de (?:vorige|oude)`, 'last version counts'],
  [`(?:je|u|jullie) (?:mag|kunt|kan|mogen) ${count} ?(?:keer|maal) (?:inleveren|uploaden|indienen)`, '$1 attempts'],
  [`niet meer dan ${count} pagina[’']s`, 'max. $1 pages'],
  [String.raw`(?:je|u) (?:hebt|heeft) uitstel (?:gekregen )?tot(?= (?:\p{L}+ )?\d)`, 'Own extension until'],
  [String.raw`(?:het|je) studentnummer moet in de bestandsnaam (?:staan|voorkomen)`, 'File name contains student number'],
];
