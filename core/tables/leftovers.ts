/** Marks that writers leave for themselves, in capitals: in small letters they are words of other languages. A number in Roman figures (Chapter XXX) is none, nor a list of that name. */
const marks: readonly RegExp[] = [
  /\b(?:TODO|FIXME|TBC|TBD)\b(?!\s+(?:lists?|apps?|items?|is|was|stands|means)\b)/gmu,
  /(?<!\p{Lu}[\p{L}.]*\s|\p{L}|\d,\s?|(?:chapter|book|canto|part|no\.|vol\.|[Vv]olume|[Pp]late|[Ss]onnet|[Ll]egion|[Aa]ct)\s)XXX+(?!\p{L}|\s+(?:chromosome|syndrome|Olymp|Corps|Army|Legion|Congress))/gmu,
  /\b(?:19|20)(?:XX|xx)\b/gmu,
  /\((?:CITATION|SOURCE|CHECK|QUOTE|PAGE|YEAR)\??\)/gmu,
  /\bCHECK THIS\b/gmu,
  /\(XX+[ :,][^()]{0,60}\b(?:add|find|check|cite|ref(?:erence)?s?|source|citation|date|page|year|number|insert|quote)\b[^()]{0,30}\)/gmu,
  /\bDRAFT\b\s*[-–—:(,]*\s*(?:(?:[Dd]o|DO) (?:not|NOT)|(?:[Nn]ot|NOT) (?:for|FOR)|[Vv]ersion \d|v\.?\s?\d)/gmu,
  /^[ \t]*(?:(?:FIRST|ROUGH|WORKING|EARLY|FINAL) )?DRAFT[ \t]*$/gmu,
  /\b(?:Section|Table|Figure|Chapter) X\.X\b/gmu,
  /\b[\p{L}]\s?[=<>]\s?(?:0?\.X+|X{2,})\b/gmu,
  /\((?:[^()]{0,40}\b(?:19|20)\d\d\s*(?:,\s*pp?\.|:)\s*)(?:\?+|X+)\)/gmu,
  /@{3,}/gmu,
  /\b(?:Appendix|Section|Chapter|Page) \?(?=[\s.,)])/gmu,
  /[£$€]\s?X{2,}\b/gmu,
  /\bX{2,}\s?%/gmu,
  /(?<=(?:^|[:([|])\s*)TBA(?=\s*(?:$|[)\]|.,;]))/gmu,
  /\bFig(?:ure|\.)\s[XN]\b(?=\s*(?:[.,;:)(]|shows?|below|above|illustrates?|presents?|gives?|$))/gmu,
  /\b(?:REF(?:ERENCE)?|CITATION|CITE|FIGURE|TABLE|SOURCE|IMAGE|QUOTE|EXAMPLE|GRAPH|TEXT)S? (?:HERE|NEEDED|MISSING)\b/gmu,
  /\bAuthor, A\. ?(?:A\.)?/gmu,
  /\bTitle of (?:the )?(?:work|article|book|chapter|paper|journal|source)(?=\s*(?:[.:,]|$))/gmu,
  /^[ \t]{0,20}(?:Heading|Überschrift|Titre) [1-9]\s*$/gmu,
  /^[ \t]{0,20}(?:INSERT|ADD|EXPAND|REWRITE|CHECK)(?:[ \t]+[A-Z\d]+){1,5}[ \t]*[.!…]*\s*$/gmu,
  /<<[ \t]?\p{Lu}[\p{L}\d _-]{1,40}>>/gmu,
  /\b(?:Figure|Fig\.|Table|[Pp]age|pp?\.)\s+X{2,}\b/gmu,
  /<(?:[Ii]nsert|[Aa]dd|[Ee]nter|[Tt]ype (?:your|the|in)|[Yy]our)\s[^<>]{1,60}>/gmu,
  /<(?:Name|Title|Date|Student|Candidate|Course|Module|Author)\s[^<>/=]{1,40}>/gmu,
];

/** What writers leave for later. */
const thing = String.raw`(?:citations?|refs?|references?|sources?|quotes?|quotations?|figures?|tables?|graphs?|images?|pictures?|diagrams?|charts?|maps?|photos?|screenshots?|dates?|page(?:\s+(?:numbers?|nos?\.?|refs?))?|titles?|names?|(?:student|candidate|module|course|matriculation)\s+(?:number|no\.?|id|code|name|title)|word\s+count|statistics|stats|numbers?|examples?|(?:more\s+)?details?|conclusions?|introduction|text|paragraphs?|sections?|data|results?|links?|urls?|doi|definitions?|evidence|translations?|foot-?notes?|append(?:ix|ices)|captions?|headings?|abstract|keywords?|authors?|years?|calculations?|analysis|discussion|bibliography|literature)`;
const later = String.raw`(?:to\s+(?:add|come|follow|check|do|find|be\s+(?:added|inserted|confirmed|completed|determined|written|updated|checked|found|included|done|finished))|go(?:es)?\s+here|here|needed|missing|required|pending|tbc|tbd|tba)`, make = String.raw`(?:insert|add|enter|paste|put|type|write|include|find|check|fix|get|needs?|missing|replace|update|cite|look\s+up|change)`, some = String.raw`(?:(?:an?|the|your|my|more|another|some|this|that|correct|better|in)\s+){0,2}`;
/** A remark that somebody made to themselves, in square brackets. */
const remark = String.raw`(?:(?:please\s+)?(?:check|expand|rewrite|rephrase|reword|clarify|finish|shorten|proof-?read)(?:\s+(?:this|that|here|again|later|sentence|paragraph|section))*|unfinished|incomplete|delete|wip|work\s+in\s+progress|more(?:\s+(?:here|to\s+come|needed))?|to\s+be\s+(?:completed|written|finished|done|added|continued|confirmed)|is\s+(?:this|that|it)\s+(?:right|correct|true|ok(?:ay)?|clear|needed)|note\s+to\s+self[^\]]{0,80}|tbc|tbd|tba|x{2,}|_{2,})`;

/** What a person fills in within brackets: prompts with anything behind them, and bare names of what belongs there. */
const prompt = String.raw`[.…\s]*(?:(?:insert|fill in|(?:add|enter|type|your|look up|expand|check|rewrite)\s+\S|needs? (?:more|an?|to (?:be )?(?:expand|check|add|rewrit|finish|find|cite|updat))|(?:find|get) (?:a |the |more |better )?(?:source|reference|quote|citation|example))[^\]}]{0,60}|(?:name|title|date|ref(?:erence)?s?|citation|cite|student|candidate|course|module|author(?:['’]s)?|supervisor(?:['’]s)?|document|source|page|year|word count|image|picture|quote|(?:title|name) of (?:the |your |my )?(?:paper|essay|report|work|article|dissertation|thesis|student|author|module|course|supervisor|university|institution))(?:\s+(?:name|title|subtitle|number|no\.?|id|code|date|year|here|needed|missing|to (?:add|check|come)))*)[\s.…]*\??`;
const phrases: readonly RegExp[] = [
  String.raw`(?<![\w[])\[(?:${prompt})\](?!, page)`, String.raw`(?<![\w[])\[[\s.…]*(?:${remark}|${make}\s+${some}${thing}[^\]]{0,60}|${thing}\s+${later}|(?:citation|reference|source|page(?:\s+(?:no\.?|number))?|date|year|author|spelling|figure|number)\s*\?+)[\s.…!?]*\](?!, page)`, String.raw`\(\s*(?:(?:insert|add|need|needs|find|get|check|include|cite|look\s+up)\s+${some}${thing}(?:\s+(?:here|later|again))?|${thing}\s+(?!here\b|required\b)${later}|(?:citation|ref|reference|source|page\s+number|is\s+this\s+(?:right|correct|true))\s*\?+)\s*[!?]*\)`,
  String.raw`(?:^|[[<{(*]|[.!?]\s)[ \t]{0,20}(?:insert|enter|paste|put|type)\s+${some}${thing}\s+here\b(?=\s*(?:$|[\].)!?:*}>\n]))`, String.raw`(?<![“"‘'«])\byour\s+${thing}\s+(?:goes\s+)?here\b`, String.raw`(?:^|[[<{(*]|[.!?]\s)[ \t]{0,20}${thing}\s+(?:goes?\s+here|to\s+(?:follow|be\s+(?:inserted|added|confirmed|completed)))(?=\s*(?:$|[\].)!?*}>\n]))`, String.raw`(?<!\bwith (?:\p{L}+ )?|\breplaces? )\{\{\s*(?:your[\s_]+)?(?:${thing}|(?:student|author|course|module|supervisor|university)[\s_]+\w{2,20})\s*\}\}`, String.raw`(?<![“"‘'«])\bnote\s+to\s+self\s*[:–—-]`,
  String.raw`\[(?:delete|remove|replace)\s+(?:this|the|these|all|before|when|me)\b[^\]]{0,80}\]`, String.raw`(?<!\w)\*{2,}\s*(?:(?:please\s+)?${make}|rewrite|expand|finish|rephrase|shorten|redo)\b[^*\n]{0,60}\*{2,}`, String.raw`^[ \t]*#{2,}\s*(?:${make}|rewrite|expand|finish)\s[^\n]{1,60}$`, String.raw`^[ \t]*\[?place-?holder(?:\s+(?:text|image|figure|title))?\]?[ \t]*$`, String.raw`\[place-?holder[^\]]{0,40}\]`,
  String.raw`^[ \t]*\[(?:subtitle|abstract|introduction|conclusions?|discussion|results|methods?|keywords|body(?: text)?|text|heading(?: \d)?|appendix|acknowledge?ments|references)\][ \t]*$`, String.raw`\((?:year|date|page|author|name|who|when|where|number|title)\s*\?+\)`, String.raw`\(citation\)`, String.raw`[“"](?:quote|quotation|text|title)\s+(?:goes\s+)?here[”"]`, String.raw`(?<![\w\]])\[quotes?\s+from\s[^\]]{1,40}\]`,
  // What word processors show where nothing is typed yet, and remarks in brackets, in other languages (from memory, common practice).
  String.raw`\b(?:Klicken (?:oder tippen )?Sie hier,? um Text einzugeben|Cliquez (?:ou appuyez )?ici pour (?:entrer|taper) du texte|Haga clic (?:o pulse )?aquí para escribir texto|Fare clic (?:o toccare )?qui per immettere (?:il )?testo|Klik (?:of tik )?(?:hier )?om tekst in te voeren|Clique (?:ou toque )?aqui para (?:introduzir|inserir|digitar) (?:o )?texto|Klik (?:eller tryk )?her for at (?:skrive|angive) tekst|Klicka (?:eller tryck )?här för att ange text|Klikk (?:eller trykk )?her for å skrive inn tekst)`,
  String.raw`^[ \t]*(?:(?:hier|bitte) (?:\p{L}+ ){0,2}(?:eingeben|einfügen|ergänzen)|(?:insérer|ajouter) (?:\p{L}+ ){0,3}ici|(?:insertar|añadir) (?:\p{L}+ ){0,3}aquí|(?:inserire|aggiungere) (?:\p{L}+ ){0,3}qui|(?:hier )(?:\p{L}+ ){0,2}(?:invoegen|toevoegen))[ \t]*[.!…]*[ \t]*$`,
  String.raw`(?<![\w\]])\[[^\]\n]{0,40}(?<!\p{L})(?:einfügen|ergänzen|eintragen|nachtragen|hinzufügen|insérer|ajouter|compléter|insertar|añadir|completar|inserir|acrescentar|inserire|aggiungere|invoegen|toevoegen|infoga|indsæt|sett inn)(?!\p{L})[^\]\n]{0,40}\]`,
  String.raw`(?<![“"‘'«])\b(?:ut enim ad minim veniam|duis aute irure dolor|excepteur sint occaecat|consectetur adipiscing elit|sed do eiusmod tempor)\b`,
  String.raw`\b(?:name|title|(?:student|candidate|matriculation)\s+(?:number|no\.?|id)|word\s+count|module|course|tutor|supervisor)\s*:\s*(?:_{3,}|\.{5,}|…{2,})`, String.raw`^[ \t]*(?:first ?name (?:last ?name|surname)|forename surname|name surname|(?:student|author|full)(?:['’]s)? name|(?:paper|chapter) title|section heading|sample text|dummy text|institutional affiliation|choose an item\.?|(?:text|more) here|running head: short title)[ \t]*$`, String.raw`\bkeyword ?(?:1|one), ?keyword ?(?:2|two)\b`,
  String.raw`\b(?:double-)?click (?:here )?to (?:add|edit) (?:an? |your |the )?(?:text|title|subtitle|notes?|caption|${thing})\b`, String.raw`\bpp?\.\s?(?:\?+|_{2,})`, String.raw`\(\?+,\s*(?:19|20)\d\d\)|\[\d+\?+\]`, String.raw`^[ \t]*(?:figure|table|fig\.)\s+\d+\s*[.:]\s*(?:(?:figure|table)\s+)?(?:caption|title)(?:\s+(?:goes\s+)?here)?\.?[ \t]*$`, String.raw`\bet al\.,?\s*\((?:year|date)\)`, String.raw`(?<![“"‘'«])\basdf(?:asdf)*\b`, String.raw`(?<![“"‘'«])\bbla bla\b`, String.raw`\b(?:something|some stuff)\s+here\s+about\b`,
  String.raw`(?<![\\\w\]])\{(?:insert|add|enter|your)\s[^{}|]{1,60}\}`, String.raw`\btodo\s*:`, String.raw`(?:^|[[<{(])[ \t]{0,20}(?:insert|add)\s+(?:\w+\s+){0,4}here\b`, String.raw`\b(?:figure|table)\s+\d+\s+(?:about|near)\s+here\b(?!\s+\p{Ll})`, String.raw`[[({<]\s*(?:figure|fig\.|table|map|image|photo|graph|chart)\s+\d+(?:\.\d+)?\s+(?:(?:goes|to go)\s+)?here\s*[\])}>]`, String.raw`^[ \t]*\[(?:company|organi[sz]ation|university|school|college|department|institution|faculty|city|address|e-?mail|phone)(?:['’]s)?(?:\s+(?:name|address|number|logo))?\][ \t]*$`, String.raw`^[ \t]*to[- ]do:\s`, String.raw`\b(?:NB|N\.B\.|Note)\s?:\s*(?:ask|check|remember to|do(?:n['’]t| not) forget|add|rewrite|re-?read|move this|cut this|delete|finish)\s`,
  String.raw`(?<![“"‘'«])\b(?:your (?:full )?name|title goes|type your (?:text|answer)|(?:text|figure|table|image|picture|graph|diagram|quote|reference|citation) (?:goes|to go|to be (?:added|inserted))) here\b`,
  String.raw`\(\s*(?:author|name|surname)s?,?\s+(?:year|date|(?:19|20)\d\d)\s*\)`, String.raw`(?<![\w\]])\((?:refs?|cite)\s*\??\s*\)`, String.raw`\((?:source|reference|citation)\s*\?+\s*\)`, String.raw`\[\?+\]|\?{3,}|\(author\?\)`,
  String.raw`\((?:add|insert|check|find|needs?|cite|look up)\s+(?:a\s+|an\s+|the\s+|more\s+|another\s+|some\s+)?(?:refs?|references?|citations?|sources?|quotes?|figures?|tables?|examples?|page(?:\s+(?:no\.?|numbers?))?|this|here|details?|evidence|date|year)\s*[?!]*\)`,
  String.raw`\b(?:type|write|enter|paste|put)\s+(?:the|your|an?)\s+(?:[\p{L}]+\s+){1,3}here\b`, String.raw`\b(?:add|write|say|expand)\s+(?:some\s+)?more\s+(?:[\p{L}]+\s+){0,3}here(?=\s*(?:[\].)!?:]|$))`, String.raw`\bType chapter title\b`, String.raw`(?<![“"‘'«])\bthis is (?:just )?a placeholder\b`, String.raw`(?<![“"‘'«])\bblah[, ]+blah\b`,
  String.raw`\b(?:date|submitted|due)\s*(?:of \w+\s*)?:\s*(?:dd[./-]mm[./-]yyyy|mm[./-]dd[./-]yyyy)`,
  String.raw`(?<=[\p{L},] )_{3,}(?= \p{Ll})`, String.raw`(?<![“"‘'«])\blorem ipsum dolor\b`, String.raw`(?:^|[.!?:]\s)[ \t]{0,20}lorem ipsum\b`, String.raw`\bClick (?:or tap )?(?:here )?to enter\b`, String.raw`\bcitation needed\b`,
].map((wording) => new RegExp(wording, 'gimu'));

/** Places that were left to fill in. Common practice, no published source. */
export const placeholders: readonly RegExp[] = [...marks, ...phrases];

/** What word processors and typesetting programs print where a reference leads nowhere, in the languages in which they print it; from memory, common practice. */
export const brokenReferences: readonly RegExp[] = [new RegExp([
  String.raw`Error!\s+(?:Reference source not found|Bookmark not defined|No text of specified style in document|No (?:table of (?:contents|figures)|index) entries found|Not a valid (?:link|filename|bookmark)[^.\n]{0,20}|Unknown (?:document property name|switch argument)|Hyperlink reference not valid|Main Document Only|Filename not specified|Objects cannot be created)\.?`,
  String.raw`No table of (?:contents|figures) entries found\.`, String.raw`Error: Reference source not found`, String.raw`Fehler!\s+(?:Verweisquelle konnte nicht gefunden werden|Textmarke nicht definiert|Kein Text mit angegebener Formatvorlage im Dokument|Es konnten keine Einträge)[^.\n]{0,60}\.?`, String.raw`Fehler: (?:Referenz|Verweis|Verweisquelle) nicht gefunden`,
  String.raw`Erreur\s?!\s+(?:Source du renvoi introuvable|Signet non défini|Aucune entrée)[^.\n]{0,40}\.?`, String.raw`Erreur\s?: source de la référence non trouvée`, String.raw`¡Error!\s+(?:No se encuentra el origen de la referencia|Marcador no definido)\.?`, String.raw`Error: no se encontró el origen de la referencia`,
  String.raw`Errore\.\s+(?:L['’]origine riferimento non è stata trovata|Il segnalibro non è definito)\.?`, String.raw`Fout!\s+(?:Verwijzingsbron niet gevonden|Bladwijzer niet gedefinieerd)\.?`, String.raw`Erro!\s+(?:Fonte de referência não encontrada|A origem da referência não foi encontrada|Indicador não definido)\.?`,
  String.raw`Fejl!\s+(?:Henvisningskilde ikke fundet|Bogmærke er ikke defineret)\.?`, String.raw`Fel!\s+(?:Hittar inte referenskälla|Bokmärket är inte definierat)\.?`, String.raw`Feil!\s+(?:Fant ikke referansekilden|Bokmerke er ikke definert)\.?`, String.raw`Błąd!\s+(?:Nie można odnaleźć źródła odwołania|Nie zdefiniowano zakładki)\.?`,
  String.raw`(?:(?:Figure|Fig\.|Table|Section|Chapter|Eq\.|Equation|Appendix|[Pp]age|pp?\.|[Ll]ine)\s+|\[|\()\?\?+[\])]?`, String.raw`\[\?(?:,\s*(?:pp?\.\s*)?[\d–-]+)?\](?! (?:is|was|are|were|in)\b)`, String.raw`(?<!\p{L})#REF!`, String.raw`Virhe[.!]\s+Viitteen lähdettä ei löytynyt\.?`].join('|'), 'giu'), /\b(?:[Ss]ee|[Ii]n|and|from|as) (?:Figure|Fig\.|Table|Section|Equation)\s\?(?!\?)(?=\s*[,;)]|\s+\p{Ll}|\s*$)/gmu];
