import { percent, type Sayings, type Tongue } from './sayings.ts';

/** The words by which a language makes the commonest demands. Compiled by hand. */
interface Demands {
  /** “pro Tag Verspätung”, and what tells that lateness is spoken of */ perDay: string; late: string; /** “nach drei Tagen”, as a count and its unit */ after: string; days: string; weeks: string; counts: string; nothing: string;
  pages: string; numbered: string; fileName: string; reveals: string; isIn: string; fields: readonly (readonly [said: string, english: string])[];
  put: string; box: string; mail: string; /** “Abgabe des …” */ delivery: string; needless: string; often: string; /** what is handed in, or that it is; and what else is written to an address */ work: string; asks: string;
}

const table: Readonly<Record<Tongue, Demands>> = {
  german: {
    perDay: '(?:pro|je|für jeden|mit jedem) (?:angefangenem |angefangenen |weiteren )?(?:Tag|Kalendertag|Werktag)', late: 'Verspätung|Verzug|verspätet\\p{L}*|zu spät|Überschreitung|Abzug|abgezogen', after: 'nach|ab', days: 'Tag(?:en)?', weeks: 'Wochen?', counts: 'einer|einem|zwei|drei|vier|fünf|sieben|zehn|vierzehn|\\d{1,2}', nothing: '(?:gibt es|erhalten Sie|bekommen Sie)? ?(?:0 Punkte|null Punkte|keine Punkte)|wird (?:die Arbeit|nichts) (?:mehr )?(?:nicht mehr |nicht )?(?:angenommen|bewertet|akzeptiert)',
    pages: '(?:(?:die|alle|sämtliche) )?Seiten', numbered: '(?:sind|müssen|sollen) (?:durchgehend )?(?:zu nummerieren|nummeriert (?:sein|werden)|durchnummeriert (?:sein|werden)|zu paginieren)',
    fileName: '(?:im|in den|in dem) (?:Datei|Dokument)namen', reveals: '(?:der )?Dateiname (?:darf|soll|sollte) (?:nicht|keinesfalls) (?:verraten|erkennen lassen|zeigen)(?:,)? (?:wer|von wem)[^.;\\n]{2,30}|(?:im|in dem) Dateinamen (?:darf|soll) (?:Ihr|der|dein) Name nicht (?:vorkommen|stehen|auftauchen|erscheinen)',
    isIn: '(?:gehört|muss|müssen|soll|sollen|ist|sind|kommt|steht|stehen)', fields: [['Matrikelnummer', 'student number'], ['Prüfungsnummer', 'candidate number'], ['Nachname|Familienname', 'surname'], ['Vorname', 'first name']],
    put: '(?:laden Sie|stellen Sie|legen Sie|geben Sie|lade|ladet)', box: '(?:im|in den|in das|in die|unter|in der) (?:\\p{L}+ )?(?:Ordner|Abgabeordner|Bereich|Fach|Aktivität|Abgabe|Box)', mail: '(?:per|via|mit) E-?Mail (?:an|bei)',
    delivery: '(?:Abgabe|Einreichung|Abgabetermin|Abgabefrist) (?:des|der|von|vom|für (?:das|den|die))', needless: '(?:eine |die )?(?:Eigenständigkeitserklärung|Selbstständigkeitserklärung|Selbständigkeitserklärung|Erklärung) (?:ist|wird) nicht (?:nötig|erforderlich|notwendig|verlangt|benötigt)', often: '(?:hochladen|einreichen|abgeben) (?:können|dürfen) Sie (?:so oft Sie (?:wollen|möchten|mögen)|beliebig oft|unbegrenzt(?: oft)?)', work: 'Einreichung|Abgabe|einzureichen|abzugeben|(?:Haus|Seminar)?[Aa]rbeit|Bericht|Datei|Essay|Protokoll', asks: 'Frage|Rückfrage|entschuldig|melde|Auskunft|Krankmeldung|anmeld|Anmeldung|Antrag',
  },
  french: {
    perDay: '(?:par|pour chaque|à chaque) jour', late: 'retard|pénalité|retirée?s?|déduite?s?', after: 'passé|passés|après|au bout de|au-delà de', days: 'jours?', weeks: 'semaines?', counts: 'une?|deux|trois|quatre|cinq|sept|dix|quatorze|\\d{1,2}', nothing: '(?:de retard)?,? ?(?:la note (?:est|sera) (?:de )?(?:zéro|0)|plus rien n[’\']est accepté|le devoir (?:n[’\']est|ne sera) (?:plus|pas) (?:accepté|corrigé))',
    pages: '(?:(?:les|toutes les) )?pages', numbered: '(?:doivent être|seront|sont à) (?:numérotées|numéroter)', fileName: 'dans le nom d[ue] (?:fichier|document)', reveals: '(?:votre|le) nom ne (?:doit|devra) (?:pas|jamais) (?:figurer|apparaître|se trouver) dans le nom du fichier|le nom du fichier ne (?:doit|devra) pas (?:révéler|indiquer|trahir)[^.;\\n]{3,40}',
    isIn: '(?:doit|doivent|devra|devront) (?:figurer|apparaître|être|se trouver)', fields: [['numéro d[’\']étudiante?|numéro étudiant', 'student number'], ['numéro d[’\']anonymat|numéro de candidat', 'candidate number'], ['nom de famille', 'surname'], ['prénom', 'first name']],
    put: '(?:déposez|envoyez|mettez|remettez|chargez|à déposer)', box: '(?:dans|sur|sous|via) (?:l[’\']|le |la )?(?:\\p{L}+ )?(?:espace|dossier|boîte|rubrique|casier|dépôt|activité)', mail: '(?:par|via) (?:courriel|e-?mail|mail|courrier électronique) (?:à|à l[’\']adresse)',
    delivery: '(?:remise|rendu|dépôt) (?:du|de la|des|de)', needless: '(?:aucune|pas de) déclaration(?: sur l[’\']honneur)? (?:n[’\']est )?(?:nécessaire|demandée|exigée|requise)', often: 'vous pouvez déposer (?:autant de fois que vous (?:voulez|le souhaitez)|sans limite)', work: 'devoir|travail|mémoire|rapport|dossier|texte|fichier|essai|remise|dépôt|à envoyer|à rendre|à remettre', asks: 'question|excuse|inscri|absence|renseignement|demande',
  },
  spanish: {
    perDay: '(?:por|por cada|al|cada) día', late: 'retraso|penalización|restar[áa]n?|descontar[áa]n?', after: 'pasad[oa]s|tras|después de|a partir de', days: 'días?', weeks: 'semanas?', counts: 'una?|dos|tres|cuatro|cinco|siete|diez|catorce|\\d{1,2}', nothing: '(?:de retraso)?,? ?(?:la nota (?:es|será) (?:de )?(?:cero|0)|no se acepta nada)',
    pages: '(?:(?:las|todas las) )?páginas', numbered: '(?:deben ir|irán|van|deben estar|estarán) numeradas', fileName: 'en el nombre del (?:archivo|fichero)', reveals: 'su nombre no (?:debe|puede|deberá) (?:aparecer|figurar|constar) en el nombre del (?:archivo|fichero)|el nombre del (?:archivo|fichero) no (?:debe|puede) (?:revelar|indicar|mostrar)[^.;\\n]{3,40}',
    isIn: '(?:debe|deben|deberá|deberán) (?:figurar|aparecer|constar|estar)', fields: [['número de (?:estudiante|alumno|matrícula|expediente)', 'student number'], ['código de examen', 'candidate number'], ['apellidos?', 'surname']],
    put: '(?:suba|suban|entregue|entreguen|deposite|envíe|cargue)', box: '(?:a|en) (?:la|el) (?:\\p{L}+ )?(?:carpeta|buzón|espacio|apartado|sección|tarea)', mail: '(?:por|mediante|vía) (?:correo(?: electrónico)?|e-?mail) (?:a|a la dirección)',
    delivery: '(?:entrega|presentación) (?:del|de la|de los|de)', needless: 'no (?:es necesaria|hace falta|se exige|se requiere) (?:ninguna )?declaración', often: 'puede(?:n)? (?:entregar|subir)(?: el trabajo)? (?:tantas veces como|cuantas veces) quieran?', work: 'trabajo|ensayo|informe|archivo|fichero|entreg|texto|envíelo|envíenlo|tarea', asks: 'duda|pregunta|consulta|inscrib|inscripción|excus|solicitud',
  },
  italian: {
    perDay: '(?:per|per ogni|al|ogni) giorno', late: 'ritardo|penalità|detratt[oi]|sottratt[oi]', after: 'dopo|oltre|passati|trascorsi', days: 'giorn[oi]', weeks: 'settiman[ae]', counts: 'una?|due|tre|quattro|cinque|sette|dieci|quattordici|\\d{1,2}', nothing: '(?:di ritardo)?,? ?(?:il voto è (?:zero|0)|non si accetta più nulla)',
    pages: '(?:(?:le|tutte le) )?pagine', numbered: '(?:devono essere|vanno|saranno) numerate', fileName: 'nel nome del file', reveals: '(?:il suo|il vostro|il tuo) nome non (?:deve|può|dovrà) (?:comparire|figurare|apparire) nel nome del file|il nome del file non (?:deve|può) (?:rivelare|indicare)[^.;\\n]{3,40}',
    isIn: '(?:deve|devono|dovrà|va|vanno) (?:comparire|figurare|apparire|essere|indicat[oi])', fields: [['numero di matricola|matricola', 'student number'], ['cognome', 'surname'], ['codice candidato', 'candidate number']],
    put: '(?:caricare|caricate|consegnare|consegnate|depositare|inviare)', box: '(?:nella|nello|nell[’\']|nel|in) ?(?:\\p{L}+ )?(?:cartella|spazio|area|sezione|casella|attività)', mail: '(?:per|via|tramite) (?:e-?mail|posta elettronica) (?:a|all[’\']indirizzo)',
    delivery: 'consegna (?:del|della|dello|dei|delle|di)', needless: 'non (?:è necessaria|è richiesta|serve) (?:alcuna |nessuna )?dichiarazione', often: '(?:è possibile|potete|può) (?:consegnare|caricare) (?:tutte le volte che (?:volete|vuole)|quante volte (?:volete|si vuole))', work: 'elaborat|lavoro|relazione|tesina|file|consegn|testo|saggio', asks: 'domand|iscri|giustific|informazion|richiest',
  },
  portuguese: {
    perDay: '(?:por|por cada|ao|cada) dia', late: 'atraso|penalização|descontad[oa]s?', after: 'após|depois de|passad[oa]s', days: 'dias?', weeks: 'semanas?', counts: 'uma?|dois|duas|três|quatro|cinco|sete|dez|catorze|\\d{1,2}', nothing: '(?:de atraso)?,? ?(?:a nota é (?:zero|0)|nada é aceite)',
    pages: '(?:(?:as|todas as) )?páginas', numbered: '(?:devem ser|devem estar|serão|vão) numeradas', fileName: 'no nome do (?:ficheiro|arquivo)', reveals: 'o seu nome não (?:deve|pode) (?:aparecer|constar|figurar) no nome do (?:ficheiro|arquivo)',
    isIn: '(?:deve|devem) (?:constar|aparecer|figurar|estar)', fields: [['número de (?:aluno|estudante|matrícula)', 'student number'], ['apelido|sobrenome', 'surname']],
    put: '(?:submeta|submetam|carregue|entregue|envie|coloque)', box: '(?:na|no|em) (?:\\p{L}+ )?(?:pasta|área|espaço|secção|seção|caixa)', mail: '(?:por|via) (?:e-?mail|correio eletrónico|correio eletrônico) (?:para|a)',
    delivery: 'entrega (?:do|da|dos|das|de)', needless: 'não é (?:necessária|exigida) (?:nenhuma |qualquer )?declaração', often: 'pode(?:m)? (?:entregar|submeter) (?:as vezes que|quantas vezes) quiser(?:em)?', work: 'trabalho|ensaio|relatório|ficheiro|arquivo|entreg|texto', asks: 'dúvida|pergunta|inscri|justific|pedido',
  },
  dutch: {
    perDay: '(?:per|voor elke|voor iedere|elke) dag', late: 'te laat|vertraging|aftrek', after: 'na', days: 'dagen|dag', weeks: 'weken|week', counts: 'één|een|twee|drie|vier|vijf|zeven|tien|veertien|\\d{1,2}', nothing: '(?:krijg je|krijgt u|is het) (?:een )?(?:nul|0|0 punten)|wordt niets meer (?:aangenomen|nagekeken)',
    pages: '(?:(?:de|alle) )?pagina[’\']s', numbered: '(?:moeten|dienen) (?:genummerd (?:zijn|worden)|te worden genummerd)', fileName: 'in de bestandsnaam', reveals: '(?:je|uw) naam mag niet in de bestandsnaam (?:staan|voorkomen)|de bestandsnaam mag niet (?:verraden|laten zien)[^.;\\n]{3,40}',
    isIn: '(?:moet|moeten|hoort|staat|komt)', fields: [['studentnummer', 'student number'], ['achternaam', 'surname'], ['examennummer', 'candidate number']],
    put: '(?:lever|upload|plaats|zet|dien)', box: '(?:via|in) (?:de|het) (?:\\p{L}+ )?(?:map|vak|ruimte|inlevermap|onderdeel)', mail: '(?:per|via) (?:e-?mail|mail) (?:naar|aan)',
    delivery: '(?:inlevering|inleveren|indienen) van (?:het|de)', needless: '(?:er is )?geen verklaring (?:nodig|vereist)', often: '(?:je mag|u mag|jullie mogen) (?:zo vaak (?:inleveren|uploaden) als (?:je wilt|u wilt|jullie willen)|onbeperkt (?:inleveren|uploaden))', work: 'werkstuk|verslag|opdracht|bestand|scriptie|essay|paper|inlever|tekst', asks: 'vragen|vraag|aanmeld|inschrijv|afmeld|verzoek',
  },
  swedish: {
    perDay: '(?:per|för varje) (?:påbörjad )?(?:dag|dygn)', late: 'försening|för sent|försenad|avdrag', after: 'efter', days: 'dagar|dag', weeks: 'veckor|vecka', counts: 'en|ett|två|tre|fyra|fem|sju|tio|\\d{1,2}', nothing: '(?:får du|ges) (?:noll|0)(?: poäng)?|tas inget emot',
    pages: 'sidorna|alla sidor', numbered: '(?:ska|skall|måste) (?:vara numrerade|numreras)', fileName: 'i filnamnet', reveals: 'ditt namn får inte (?:stå|finnas|förekomma) i filnamnet', isIn: '(?:ska|skall|måste) (?:stå|finnas|ingå)', fields: [['studentnummer', 'student number'], ['anonymitetskod', 'candidate number'], ['efternamn', 'surname']],
    put: '(?:lämna in|ladda upp|lägg)', box: '(?:i|via|under) (?:\\p{L}+ )?(?:mappen|rutan|ytan|inlämningsmappen)', mail: '(?:via|per|med) (?:e-?post|mejl|mail) till', delivery: 'inlämning av', needless: 'ingen försäkran (?:behövs|krävs)', often: '(?:du|ni) (?:får|kan) lämna in (?:hur många gånger som helst|så ofta (?:du|ni) vill)', work: 'uppsats|rapport|arbete|fil|text|inlämning', asks: 'fråg|anmäl|sjuk|ansök',
  },
  norwegian: {
    perDay: '(?:per|pr\\.|for hver) (?:dag|døgn)', late: 'forsinkelse|forsinket|for sent|trekk|fradrag', after: 'etter|efter', days: 'dager|dage|dag', weeks: 'uker|uger|uke|uge', counts: 'en|ett|to|tre|fire|fem|sju|syv|ti|\\d{1,2}', nothing: '(?:får du|gis) (?:null|0)(?: poeng)?|godtas ingenting',
    pages: '(?:alle )?(?:sidene|siderne|sider)', numbered: '(?:skal|må) (?:være )?(?:nummereres|nummererte|nummererede|nummereret)', fileName: 'i filnavnet', reveals: '(?:navnet ditt|dit navn) (?:skal|må) ikke (?:stå|være|forekomme) i filnavnet', isIn: '(?:skal|må) (?:stå|være|inngå)', fields: [['studentnummer(?:et)?(?: ditt)?', 'student number'], ['kandidatnummer(?:et)?(?: ditt)?', 'candidate number'], ['etternavn|efternavn', 'surname']],
    put: '(?:lever|last opp|aflever|upload|legg)', box: '(?:i|via|under) (?:\\p{L}+ )?(?:mappen|boksen|innleveringsmappen|afleveringsmappen)', mail: '(?:på|per|via) (?:e-?post|e-?mail|mail) til', delivery: '(?:innlevering|levering|aflevering) a[vf]', needless: 'ingen erklæring (?:er nødvendig|kreves|kræves)', often: '(?:du|dere|I) (?:kan|må) levere så (?:ofte|mange ganger) (?:du|dere|I) (?:vil|ønsker)', work: 'oppgave|opgave|rapport|fil|tekst|innlevering|aflevering', asks: 'spørsmål|spørgsmål|påmeld|tilmeld|søknad|ansøg',
  },
};
const quotedName = '[„“"«»]\\s?[^„“”"«»\\n]{3,60}?\\s?[“”"»«]';

/** Between a verb and its place: no day, and no denial. */
const between = '(?:(?!(?:pas|nicht|no|non|niet|inte|ikke|não)(?!\\p{L}))[^.;\\d„“"«\\n]){0,40}';

/** The commonest demands as the readers know them. */
export function commonDemandsIn(tongue: Tongue): Sayings {
  const d = table[tongue], some = (within: number): string => `[^.;\\n]{0,${within}}?`;
  return [
    [`${percent}(?=${some(40)}(?:${d.perDay}))${some(40)}(?:${d.perDay})${some(20)}(?:${d.late})(?:\\p{L})*`, 'Late: -$1% per day'], [`(?:${d.late})${some(24)}${percent} (?:${d.perDay})`, 'Late: -$1% per day'], [`(?:${d.perDay}) (?:(?:de|di|te|der|des) )?(?:${d.late})\\p{L}*${some(40)}${percent}`, 'Late: -$1% per day'],
    [`(?:${d.after}) (${d.counts}) (?:${d.days}) ?(?:${d.nothing})`, 'zero after $1 days'], [`(?:${d.after}) (${d.counts}) (?:${d.weeks}) ?(?:${d.nothing})`, 'zero after $1*7 days'],
    [`(?:\\p{L}{2,3} )?(?:Bibliothek|bibliothèque|biblioteca|bibliotheek|biblioteket|bibliotek|Museum|musée|museo|museu|Ausstellung|exposition|exposición|mostra|Mensa) (?:öffnet|ouvre|abre|apre|gaat open|öppnar|åpner|åbner)(?: (?:am|le|el|il|op|den|em|a))? \\d{1,2}(?:\\.|er|º|°)? (?:de |di )?\\p{L}{3,10}(?: (?:de )?20\\d\\d)?`, 'Library news'],
    // What is handed in stays where it stands: it names a part.
    [`(?<!(?:${d.delivery})[^]{0,600})(?:${d.delivery})(?= [\\p{L}-]{3,24}(?: [\\p{L}-]{2,20})? ?:[^\\n\\d]{0,25}\\d)(?!..[^]{0,600}(?:${d.delivery}))`, 'hand-in of the'],
    [`(?:${d.pages}) (?:${d.numbered})`, 'page numbers'], [d.reveals, 'No names in file name'], [d.needless, 'no declaration needed'], [d.often, 'Unlimited uploads'],
    ...d.fields.flatMap(([said, english]): Sayings => [[`(?:\\p{L}{2,4}[ ’'])?(?:${said})(?: und| et| y| e| en| och| og)?(?: (?:Ihre?|die|der|votre|le|la|su|el|il|o|je|uw|het|ditt|dit))? ?(?:${d.isIn}) (?:${d.fileName})(?: (?:stehen|enthalten sein|vorkommen|staan|angegeben sein))?`, `File name contains ${english}`], [`(?:${d.fileName}) (?:${d.isIn}) (?:\\p{L}{2,6} ){0,2}(?:${said}) (?:stehen|enthalten sein|vorkommen|angegeben sein|staan)`, `File name contains ${english}`], [`(?:zet|noem|sett|skriv|ange|indiquez|mettez|indique|ponga|indicare|indichi|nennen Sie|schreiben Sie|geben Sie) (?:\\p{L}{1,6}[ ’'])?(?:${said}) (?:${d.fileName})(?: an)?`, `File name contains ${english}`]]),
    // What the name and the address are stays where it stands. Questions, excuses and registrations go to addresses too.
    [`(?:${d.put})${between}(?:${d.box})(?= ${quotedName}(?! herunter))`, 'Upload to folder'],
    [`(?<=(?:${d.work})[^.;\\n!?]{0,60} )(?<!(?:${d.asks})[^.;\\n!?]{0,80} )(?:${d.mail})(?= [\\w.+-]+@[\\w.-]+\\w(?![^.;\\n]{0,30}(?:${d.asks})))`, 'submit by e-mail to'],
  ];
}
