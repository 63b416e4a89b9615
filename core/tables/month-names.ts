/** Months as receipts in other languages name them, with their English names. Sources: the languages' own names (CLDR), from memory. */
export const monthNames: readonly [RegExp, string][] = [
  [/\b(?:januar|janvier|enero|gennaio|januari|janeiro|tammikuuta)\b/giu, 'January'], [/\b(?:februar|février|fevrier|febrero|febbraio|februari|fevereiro|helmikuuta)\b/giu, 'February'], [/(?<![\p{L}])(?:märz|mars|marts|marzo|maart|março|maaliskuuta)(?![\p{L}])/giu, 'March'],
  [/\b(?:avril|abril|aprile|huhtikuuta)\b/giu, 'April'], [/(?<![\p{L}])(?:mai|mayo|maggio|maj|mei|maio|toukokuuta)(?![\p{L}])/giu, 'May'], [/\b(?:juni|juin|junio|giugno|junho|kesäkuuta)\b/giu, 'June'], [/\b(?:juli|juillet|julio|luglio|julho|heinäkuuta)\b/giu, 'July'],
  [/(?<![\p{L}])(?:août|aout|agosto|augusti|augustus|elokuuta)(?![\p{L}])/giu, 'August'], [/\b(?:septembre|septiembre|settembre|setembro|syyskuuta)\b/giu, 'September'], [/\b(?:oktober|octobre|octubre|ottobre|outubro|lokakuuta)\b/giu, 'October'], [/\b(?:novembre|noviembre|novembro|marraskuuta)\b/giu, 'November'], [/(?<![\p{L}])(?:dezember|décembre|decembre|diciembre|dicembre|desember|dezembro|joulukuuta)(?![\p{L}])/giu, 'December'],
];
