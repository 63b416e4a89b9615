/** What lists of times call the three times of a hand-in in other languages, as whole labels without the date. Translated here; no source. */
const de = {
  opens: String.raw`(?:(?:abgabe|einreichung|upload|hochladen|einreichen)(?: (?:ist )?möglich)? (?:ab|von|vom|ab dem)|(?:öffnet|beginnt|startet|beginn|start|öffnung|freischaltung|ausgabe|abgabebeginn|freigeschaltet|geöffnet|offen|verfügbar|zugänglich)(?: der (?:abgabe|einreichung|bearbeitung))?(?: (?:ab|am|von|vom|ab dem))?|ab|vom|von)`,
  due: String.raw`(?:(?:abgabe|einreichung|upload|hochladen|einreichen|abzugeben|hochzuladen|einzureichen)(?: (?:ist )?möglich)?(?: (?:bis|bis zum|spätestens|spätestens am|am))?|(?:abgabefrist|frist|abgabeschlu(?:ss|ß)|einsendeschlu(?:ss|ß)|schlu(?:ss|ß)|ende|endet|schließt|schliesst|schließung|fällig|abgabetermin|abgabedatum|abgabeende|einreichfrist|einreichungsfrist)(?: der (?:abgabe|einreichung|bearbeitung))?(?: (?:am|bis|bis zum))?|bis|bis zum)`,
  late: String.raw`(?:(?:nachfrist|kulanzfrist|karenzfrist|gnadenfrist|nachreichfrist|nachreichung)(?: (?:endet|läuft))?(?: (?:am|bis|bis zum))?|(?:verspätete? (?:abgaben?|einreichungen?)?|abgabe verspätet|verspätet|mit abzug)(?: (?:noch )?(?:möglich|angenommen))?(?: (?:bis|bis zum))?|(?:endgültige[rs]? (?:schlu(?:ss|ß)|ende|termin|schließung)|letzter termin|sperrung|gesperrt|schließt endgültig)(?: (?:am|ab))?)`,
};
const fr = {
  opens: String.raw`(?:ouverture(?: (?:du|des|de la) (?:dépôts?|remise|espace))?|ouvre|ouvert(?:e|ure)?|début|disponible|dépôt(?: possible)?|accessible)?(?: (?:à partir du|à compter du|dès le|depuis le|le|du|de))?`,
  due: String.raw`(?:fermeture(?: (?:du|des|de la) (?:dépôts?|remise|espace))?|ferme|fin|date limite(?: de (?:dépôt|remise|rendu))?|échéance|à rendre|à remettre|dépôt|remise|rendu|clôture|délai|jusqu['’]au|au plus tard)(?: (?:pour le|avant le|jusqu['’]au|au plus tard le|le))?`,
  late: String.raw`(?:dépôts? tardifs?|remises? tardives?|retards?|délai de grâce|sursis|fermeture définitive|dernier délai|avec pénalité)(?: (?:acceptée?s?|possibles?))?(?: (?:jusqu['’]au|le))?`,
};
const es = {
  opens: String.raw`(?:apertura(?: de (?:la )?entregas?)?|abre|inicio|disponible|abierto|entrega)?(?: (?:desde el|desde|a partir del|el))?`, due: String.raw`(?:cierre(?: de (?:la )?entregas?)?|cierra|fin|fecha (?:límite|de entrega|de cierre)(?: de entrega)?|entrega|plazo(?: de entrega)?|vence|hasta)(?: (?:hasta el|hasta|antes del|el))?`, late: String.raw`(?:entregas? (?:tardías?|fuera de plazo|con retraso|con penalización)|fuera de plazo|cierre definitivo|prórroga)(?: (?:hasta el|hasta|el))?`,
};
const it = {
  opens: String.raw`(?:apertura(?: (?:delle )?consegn[ae])?|apre|inizio|disponibile|aperto|consegna)?(?: (?:dal|a partire dal|il))?`, due: String.raw`(?:chiusura(?: (?:delle )?consegn[ae])?|chiude|fine|scadenza|termine(?: di consegna)?|consegna|entro|fino al)(?: (?:entro il|entro|fino al|il))?`, late: String.raw`(?:consegn[ae] (?:in ritardo|tardiv[ae])|in ritardo|chiusura definitiva|proroga)(?: (?:fino al|entro il|il))?`,
};
const nl = {
  opens: String.raw`(?:opent|opening|start|begin|begint|beschikbaar|open|inleveren)?(?: (?:vanaf|op|van))?`, due: String.raw`(?:sluit|sluiting|einde|eindigt|inleveren|inleverdatum|uiterste datum|uiterlijk|tot)(?: (?:tot|voor|uiterlijk|op))?`, late: String.raw`(?:te laat(?: inleveren)?(?: (?:kan|mogelijk))?|definitieve sluiting|uitstel|sluit definitief)(?: (?:tot|op))?`,
};
const pt = {
  opens: String.raw`(?:abertura(?: (?:das )?entregas?)?|abre|início|disponível|aberto|entrega)?(?: (?:a partir de|desde|em|de))?`, due: String.raw`(?:encerramento|fecha|fecho|fim|prazo(?: de entrega)?|data limite(?: de entrega)?|entrega|até)(?: (?:até|até ao|em|a))?`, late: String.raw`(?:entregas? (?:tardias?|em atraso|fora de prazo)|fora de prazo|encerramento definitivo|prorrogação)(?: (?:até|até ao|em))?`,
};
const tongues = [de, fr, es, it, nl, pt];
/** Whole labels by what the date behind them is. An empty label is none. */
export const rowLabels = { opens: tongues.map((t) => t.opens), due: tongues.map((t) => t.due), late: tongues.map((t) => t.late) };
