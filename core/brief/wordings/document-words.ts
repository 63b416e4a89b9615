/** What departments call the documents that they ask for in other languages than English, as parts of a regular expression. Compiled by hand; no source. */
export const documentWords: readonly string[] = [
  // French
  String.raw`rapport|mémoire|compte[- ]rendu|essai|dissertation|données|jeu de données|tableau|tableur|feuille de calcul|relevé|journal|carnet|diaporama|présentation|affiche|fiche|formulaire|grille|page de garde|attestation|convention|déclaration|résumé|dossier|devoir|copie|texte|annexes?|portfolio|vidéo|film|code source|code|script|commentaire|traduction|transcription|plan|projet|note d[’']intention|photos|photographies|planches|bibliographie|synthèse|exposé|lettre`,
  // German
  String.raw`[\p{L}-]*(?:arbeit(?:en)?|bericht|protokoll|tagebuch|journal|daten|datensatz|datensätze|messwerte|deckblatt|titelblatt|formular|bogen|bescheinigung|nachweis|bestätigung|erklärung|präsentation|folien|poster|plakat|exposé|exposee|gliederung|konzept|skizzen?|zusammenfassung|kurzfassung|quelltext|quellcode|code|skript|tabellen?|auswertung|berechnung(?:en)?|video|film|aufsatz|essay|abhandlung|rezension|besprechung|portfolio|mappe|zeichnung(?:en)?|pläne|karten?|abbildungen|fotos|bilder|aufnahmen|übersetzung|transkript(?:ion)?|anhang|anlagen?|lösung(?:en)?|verzeichnis|thesis|reflexion|kommentar|bibliographie|vertrag|gutachten)`,
  // Spanish
  String.raw`informe|memoria|ensayo|trabajo|anexos?|hoja de cálculo|datos|tabla|base de datos|diario|cuaderno|presentación|diapositivas|cartel|póster|declaración|hoja de firmas|formulario|ficha|portada|resumen|apéndice|bibliografía|cuestionario|reseña|v[ií]deo|código(?: fuente)?|tesis|tesina|esquema|gui[oó]n|proyecto|fotos|fotografías|imágenes|láminas|traducción|comentario`,
  // Italian
  String.raw`relazione|rapporto|tesi|tesina|elaborato|saggio|dati|tabella|foglio di calcolo|presentazione|diapositive|modulo|scheda|dichiarazione|frontespizio|riassunto|recensione|diario|quaderno|manifesto|locandina|allegat[oi]|appendice|bibliografia|poster|questionario|codice|progetto|traduzione`,
  // Portuguese
  String.raw`relatório|trabalho|ensaio|dados|folha de cálculo|planilha|tabela|apresentação|diapositivos|formulário|declaração|capa|folha de rosto|resumo|anexos?|apêndice|bibliografia|póster|questionário|dissertação|monografia|diário|caderno|código|projeto|tradução`,
  // Dutch
  String.raw`[\p{L}-]*verslag|rapport|[\p{L}-]*gegevens|dataset|rekenblad|presentatie|[\p{L}-]*formulier|verklaring|voorblad|samenvatting|bespreking|recensie|werkstuk|opstel|scriptie|paper|logboek|dagboek|bijlagen?|poster|vertaling|code`,
  // Swedish, Norwegian, Danish
  String.raw`[\p{L}-]*rapport(?:en)?|uppsats(?:en)?|oppgave(?:n)?|opgave(?:n)?|inlämningsuppgift(?:en)?|besvarelse(?:n)?|rådata|data(?:ene|fil(?:en)?)?|kalkylblad(?:et)?|regneark(?:et)?|försättsblad(?:et)?|forside(?:n)?|egenerklæring(?:en)?|skjema(?:et)?|blankett(?:en)?|sammanfattning(?:en)?|sammendrag(?:et)?|resumé(?:et)?|dagbok(?:en|a)?|dagbog(?:en)?|loggbok(?:en|a)?|logbog(?:en)?|bilagor(?:na)?|bilaga(?:n)?|vedlegg(?:et|ene)?|bilag(?:et|ene)?|försäkran|erklæring(?:en)?|litteraturlist[ae]n?|poster|reflektion(?:en)?|refleksjon(?:en)?|presentation(?:en)?|præsentation(?:en)?|presentasjon(?:en)?`,
];
/** Small words that stand before a document. */
export const articles = String.raw`(?:le |la |les |l[’']|une? |votre |vos |du |des |der |die |das |den |dem |ein(?:e[nm]?)? |ihr(?:e[nm]?)? |el |los |las |su |sus |il |lo |gli |i |uno |um |uma |o |a |os |as |seu |sua |het |een |de |uw |ett |en |et |din |ditt |dit |deres |jeres )`;
/** How a kind of file is led in: “au format PDF”, “als Word-Datei”. */
export const leadsKind = String.raw`(?:au format|en format|sous (?:le )?format|sous forme de|en formato|nel formato|in formato|no formato|em formato|in (?:het )?(?:format|formaat)|im (?:format)?|als(?: eine?| een)?|como|come|som|i formatet|i|en|em|in)`;
/** What a file is called as such: no name of a document. */
export const plainFiles = String.raw`(?:datei(?:en)?|dokument(?:en?|e)?|format|fassung|version|abgabe|upload|fichiers?|documents?|dépôt|remise|archivos?|documentos?|entrega|ficheiros?|arquivos?|file|documenti?|consegna|bestand(?:en)?|documenten|filer?|seiten|pages?|wörter|mots)`;
/** What departments hand out themselves. */
export const materials = String.raw`(?:[\p{L}-]*vorlagen?|muster|kapitel|artikel|bücher|buch|aufgabenstellung|modèle|gabarit|chapitres?|articles?|livre|consignes?|plantilla|modelo|capítulos?|artículos?|libro|modello|capitol[oi]|articol[oi]|artigos?|sjabloon|hoofdstuk|artikelen|mall(?:en)?|mal(?:en)?|skabelon(?:en)?)`;
/** What says before a document that it is not asked for. */
export const notAsked = String.raw`(?:kein(?:e[nmr]?)?|nicht|ohne|pas de|pas d[’']|sans|ni|no|non|sin|senza|sem|geen|niet|zonder|inte|ikke|uten|uden|utan)`;
/** What says behind a document that it is not asked for. */
export const notNeeded = String.raw`(?:entfällt|entfallen|freiwillig|optional|fakultativ|nicht (?:nötig|erforderlich|einzureichen|abzugeben|hochzuladen)|facultati(?:f|ve)|pas (?:nécessaire|demandée?|obligatoire)|opcional|no (?:es|son) (?:necesari[oa]s?|obligatori[oa]s?)|facoltativ[oa]|niet (?:nodig|verplicht)|valfri(?:tt)?|frivillig|online|auf de[rm] (?:\p{L}*seite|website|portal)|verfügbar|bereitgestellt|finden sie|herunter(?:zu)?laden|sur le (?:site|portail)|disponible|disponibile|à télécharger|en la página|descargar|beschikbaar|tillgänglig|tilgængelig|tilgjengelig)`;
/** Small words that no English wording has. */
export const foreignSigns = /(?<!\p{L})(?:der|das|und|ist|sind|wird|werden|bis|zum|als|bitte|le|la|les|un|une|est|sont|et|à|avant|au|el|los|las|y|en|de|met|van|del|hasta|il|lo|gli|della|entro|o|os|até|um|het|een|uiterlijk|og|och|senast|senest|inn|abgabe|remise|entrega|consegna)(?!\p{L})/iu;
/** “or”, between two kinds. */
export const orElse = String.raw`(?:\s*(?:,|/)\s*|,?\s+(?:ou|oder|o|of|eller|or|bzw\.)\s+)`;
