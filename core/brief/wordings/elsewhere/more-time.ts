import type { Sayings, Tongue } from './sayings.ts';

/** How a language says that more time can be asked for: what is asked, that it is, the asking as a noun or a verb before it; and that it was granted. Compiled by hand. */
interface Asking { time: string; asked: string; asking: string; granted: string }
const table: Readonly<Record<Tongue, Asking>> = {
  german: { time: '(?:eine |die )?(?:frist)?verlängerung(?:en)?', asked: '(?:beantragt|erbeten|angefragt|gewünscht) werden|zu beantragen|(?:be)?antragen', asking: '(?:Anträge|Antrag|Bitten|Bitte|Anfragen) (?:auf|um|für) (?:eine )?(?:frist)?verlängerung', granted: 'gewährt|genehmigt|bewilligt|stattgegeben' },
  french: { time: '(?:une |la )?prolongation|(?:un )?(?:délai supplémentaire|report)', asked: 'demandée?s?|sollicitée?s?', asking: '(?:les |toute |la )?demandes? de (?:prolongation|délai|report)|demander (?:une |un )?(?:prolongation|délai|report)', granted: 'accordée?s?|obtenue?s?|acceptée?s?' },
  spanish: { time: '(?:una |la )?(?:prórroga|ampliación)(?: del plazo)?', asked: 'pedir(?:se)?|solicitar(?:se)?|solicitada|pedida', asking: '(?:las |la |toda )?solicitud(?:es)? de (?:prórroga|ampliación)|(?:pedir|solicitar)(?:se)? (?:una |la )?(?:prórroga|ampliación)', granted: 'concedid[oa]s?|aprobad[oa]s?' },
  italian: { time: '(?:una |la )?(?:proroga|dilazione)', asked: 'richiest[ae]|chiesta', asking: '(?:le |la |ogni )?richiest[ae] di (?:proroga|dilazione)|(?:chiedere|richiedere) (?:una |la )?(?:proroga|dilazione)', granted: 'concess[aoe]|accordat[aoe]' },
  portuguese: { time: '(?:uma |a )?(?:prorrogação|extensão)(?: do prazo)?', asked: 'pedid[ao]|solicitad[ao]|requerid[ao]', asking: '(?:os |o )?pedidos? de (?:prorrogação|extensão)|(?:pedir|solicitar) (?:uma |a )?(?:prorrogação|extensão)', granted: 'concedid[oa]s?|aprovad[oa]s?' },
  dutch: { time: '(?:om )?uitstel|(?:een )?verlenging', asked: '(?:worden )?aangevraagd|aanvragen|vragen', asking: '(?:aanvragen|verzoeken|verzoek) (?:om|voor|tot) (?:uitstel|verlenging)', granted: 'verleend|toegekend|gekregen|toegestaan' },
  swedish: { time: '(?:en )?förlängning|(?:längre )?anstånd', asked: 'begäras|sökas|begära|sökes', asking: '(?:begäran|ansökan|önskemål) om (?:förlängning|anstånd)|(?:be|ansöka|söka) om (?:förlängning|anstånd)|söka förlängning', granted: 'beviljad|beviljats|fått' },
  norwegian: { time: '(?:en )?(?:utsettelse|udsættelse|forlengelse|forlængelse)', asked: 'søkes(?: om)?|søges|bes om|anmodes', asking: '(?:søknad(?:er)?|ansøgning(?:er)?|anmodning(?:er)?) om (?:utsettelse|udsættelse|forlengelse|forlængelse)|(?:søke|søge|be|bede) (?:om )?(?:utsettelse|udsættelse)', granted: 'innvilget|bevilget|fått|fået|givet' },
};
/** That it was granted, up to the day itself. */
const grantedUntil: Readonly<Partial<Record<Tongue, readonly string[]>>> = {
  german: ['(?:Ihr|dein|euer) Antrag(?: auf (?:Frist)?verlängerung)? (?:wurde|ist) (?:genehmigt|bewilligt|angenommen)[:;,]? ?(?:(?:die )?neue Frist(?: ist(?: der)?)? ?:?|(?:Sie|du|ihr) (?:können|kannst|könnt|dürfen|darfst) (?:(?:die Arbeit|nun|jetzt) )?bis(?: zum)?)', 'für (?:Sie|dich|euch) gilt (?:eine |die )?(?:verlängerte |neue |spätere )Frist(?: bis(?: zum)?)?'],
  french: ['nouvelle (?:échéance|date limite) pour vous ?:?(?: le)?', 'votre demande(?: de (?:prolongation|délai|report))? a été (?:acceptée|accordée)[:;,]? ?(?:la )?nouvelle (?:échéance|date limite)(?: est)? ?:?(?: le)?'],
  spanish: ['su (?:prórroga|ampliación) hasta el(?=[^.;\\n]{4,40} (?:está|ha sido) (?:aprobada|concedida))', 'su solicitud(?: de (?:prórroga|ampliación))? ha sido (?:aceptada|aprobada|concedida)[:;,]? ?puede entregar(?:lo)?(?: el trabajo)? hasta el'],
  italian: ['la sua richiesta(?: di proroga)? è stata (?:accettata|approvata)[:;,]? ?(?:può consegnare(?: il lavoro)? (?:entro il|fino al)|nuova scadenza ?:?)'], portuguese: ['o seu pedido(?: de prorrogação)? foi (?:aceite|aprovado|deferido)[:;,]? ?(?:pode entregar(?: o trabalho)? até(?: a)?|novo prazo ?:?)'],
  dutch: ['(?:uw|je) verzoek(?: om uitstel)? is (?:toegekend|goedgekeurd)[:;,]? ?(?:nieuwe deadline ?:?)'], swedish: ['din ansökan(?: om förlängning)? är beviljad[:;,]? ?(?:ny deadline ?:?|du kan lämna in (?:till|senast) den)'], norwegian: ['(?:søknaden din|din ansøgning)(?: om (?:utsettelse|udsættelse))? er (?:innvilget|bevilget|imødekommet)[:;,]? ?(?:ny frist ?:?)'],
};
/** To the end of the sentence; the point of a day or a month ends none. */
const within = (most: number): string => `(?:[^.;\\n]|\\d\\.|\\.(?=\\d))`.concat(`{0,${most}}`);

/** A day before what is asked: at the beginning of a sentence only, where it cannot be that of the hand-in. */
const until = 'bis|jusqu|avant|hasta|antes|entro|fino|até|tot|vóór|fram|senast|indtil|innen|frem', dayFirst = `(?<=[^\\p{L}]|^)(?=${until})(?<=(?:^|[.;!?\\n] ?)(?:(?:Sie können|du kannst|vous pouvez|puede|può|pode|je kunt|u kunt|du kan) )?)(?:bis(?: zum)?|jusqu[’']au|avant le|hasta|antes del|entro(?: il)?|fino al|até|tot(?: en met)?|vóór|fram till(?: den)?|senast(?: den)?|indtil(?: den)?|innen|frem til|fram til) (?=[^.;\\n]{0,12}\\d)${within(60)}?`;
/** Until when somebody may ask is the day of nothing that is handed in. */
export function moreTimeIn(tongue: Tongue): Sayings {
  const w = table[tongue], ungranted = `(?!${within(120)}(?:${w.granted}))`, told = 'Extensions on request';
  return [
    ...(grantedUntil[tongue] ?? []).map((said) => [`${said}(?= (?:\\p{L}+,? (?:den |le |el )?)?\\d)`, 'You have an extension until'] as const),
    [`${dayFirst}(?<!\\p{L})(?:${w.time})(?!\\p{L})${within(40)}?(?:${w.asked})(?!\\p{L})${within(20)}`, told], [`${dayFirst}(?<!\\p{L})(?:${w.asking})(?!\\p{L})${within(20)}`, told],
    [`(?:${w.time})(?!\\p{L})${ungranted}${within(60)}?(?:${w.asked})(?!\\p{L})${within(50)}`, told], [`(?:${w.asking})(?: ?:)?(?!\\p{L})${ungranted}${within(60)}`, told],
  ];
}
