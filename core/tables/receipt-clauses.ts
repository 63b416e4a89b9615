/** What receipts say became of a hand-in, clause by clause, in English. Common practice, no published source; compiled by hand. */
const thing = String.raw`(?:(?:your|the|this|our)\s+)?(?:(?:uploaded|received|attached|latest|last|current|new|file|paper|online)\s+)?(?:submission|upload|file|paper|hand-?in|document|work|delivery|transfer|attempt|essay|entry|assignment|report|dissertation|thesis|coursework|project|portfolio|deposit|transmission|attachment|article|draft\s+submission)s?`;
const done = String.raw`(?:received|accepted|stored|saved|kept|submitted|handed\s+in|uploaded|sent|delivered|completed?|finished|successful|valid|recorded|registered|processed|deposited|filed)`;
const notMarking = String.raw`(?!\s+(?:for|to\s+be|by)\s+(?:\p{L}+\s+)?(?:mark|grad|assess|review|check|screen|feedback|release))`;
/** What is said of it that means it did not arrive, and that it is not at its end. */
const gone = String.raw`(?:failed|failure|rejected|refused|declined|unsuccessful|cancell?ed|aborted|interrupted|cut\s+off|timed\s+out|withdrawn|deleted|removed|discarded|blocked|quarantined|infected|corrupt(?:ed)?|unreadable|empty|blank|damaged|returned\s+to\s+you|expired|voided|invalid|lost|missing|rolled\s+back|undone|struck\s+(?:out|off)|revoked|(?:moved|put|thrown)\s+(?:in)?to\s+the\s+(?:bin|trash)|held\s+back|set\s+aside|(?:not|never)\s+(?:yet\s+)?(?:been\s+)?(?:${done}|found|readable)|(?:could|can)\s?not\s+be\s+(?:opened|read|converted|found|${done})|did\s+not\s+(?:go\s+through|arrive|reach\s+us|complete)|contains?\s+(?:an?\s+)?(?:virus|malware)|incomplete)`;
const open = String.raw`(?:(?:saved\s+as\s+)?(?:an?\s+)?draft|pending|in\s+progress|being\s+(?:processed|uploaded|sent)|(?:in\s+the\s+queue|queued|waiting|on\s+hold)|unconfirmed|not\s+(?:yet\s+)?(?:been\s+)?(?:final(?:ised|ized)?|confirmed)|(?:awaits|awaiting|waiting\s+for|waits\s+for)\s+(?:your\s+)?confirmation|(?:must|needs?\s+to|has\s+to)\s+be\s+(?:confirmed|completed|finali[sz]ed))`;
const link = String.raw`(?:\s*(?::|=|–|—|-)\s*(?!\p{Lu}?\p{L}+\s+(?!by\b|at\b|on\b|because\b|due\b|as\b|for\b|yet\b|to\b|be\b|been\b|in\b|out\b|off\b|final\b|${done}\b)\p{Ll})|\s+)(?:(?:has|have|was|were|is|are|had|remains|still|only|now|been|got|currently|yet|(?:also|apparently|unfortunately)|to\s+be|appears|seems)\s+)*`;
const saidOf = (predicate: string, end = ''): RegExp => new RegExp(String.raw`^\W*(?:(?:unfortunately|sorry|we regret that|note:?|warning:?|error:?),?\s+)?(?:status\s+of\s+)?(?:${thing}|it(?=\s))(?:\s+status)?${link}${predicate}(?![\p{L}-])${end}`, 'iu');
/** It did not arrive, or not where it should, or it cannot be read. */
export const notArrived: readonly RegExp[] = [
  saidOf(gone),
  new RegExp(String.raw`^\W*(?:unsuccessful|failed|rejected|refused|cancelled|incomplete|invalid|aborted|empty)\s+${thing}\s*(?:$|[.:;,(!–—-]|of\b|on\b|at\b)`, 'iu'),
  new RegExp(String.raw`\b(?:we|system|server|it|us)\s+(?:(?:could|can|did|do|have|has|were|was|is|are)\s?n(?:ot|['’]t)|failed\s+to|unable\s+to)\s+(?:able\s+to\s+|yet\s+|been\s+able\s+to\s+)?(?:accept|receive|store|save|open|read|process|deliver|complete|confirm|find|got|get|see)(?:e?d)?\s+(?:your|the|this|any|an?)\s+(?:\p{Ll}+\s+)?${thing}\b`, 'iu'),
  new RegExp(String.raw`(?<!\b(?:no|without|any)\s+)\b(?:errors?|problems?|faults?|issues?)\s+(?:has\s+|have\s+)?(?:occurred|arose|arisen)\b|\b(?:there\s+(?:was|were|is|has\s+been)|we\s+(?:had|have|encountered))\s+(?:an?|some)\s+(?:\p{Ll}+\s+)?(?:error|problem|issue|fault)s?\b|\bsomething\s+went\s+wrong\b`, 'iu'),
  new RegExp(String.raw`^\W*(?:please|kindly)\s+(?:submit|try|send|upload|hand\s+in|retry)\b[^.]{0,40}\b(?:again|anew|once\s+more|a\s+second\s+time)\b`, 'iu'),
  new RegExp(String.raw`(?<!\b(?:of|from|with|in|to|than)\s+)\b(?:the|your)\s+(?:file|document|paper|upload)s?\s+(?:was|were|has\s+been|have\s+been|is)\s+(?:therefore\s+|then\s+)?(?:deleted|removed|quarantined|blocked|discarded|rejected|refused)\b`, 'iu'),
  /^\W*all\s+(?:(?:of\s+)?(?:the|your)\s+)?(?:files|documents|papers|uploads)\s+(?:were|have\s+been)\s+(?:deleted|removed|quarantined|blocked|discarded|rejected|refused)\b/iu,
  /^\W*(?:please note:?\s+)?this\s+is\s+(?:not|no)\s+(?:an?\s+|the\s+)?(?:final\s+)?(?:confirmation|proof|acknowledge?ment|evidence)\b/iu,
  /\b(?:handed\s+in|submitted|uploaded|sent|went)\s+(?:to|into|in)\s+(?:an?|the)\s+(?:practice|test|trial|demo|draft|training|sandbox)\s+(?:area|box|folder|page|site|task|assignment)\b/iu,
  new RegExp(String.raw`^\W*(?:so\s+far\s+)?(?:nothing|no\s+files?)\s+(?:(?:was|has|have|is|are|been|yet|so\s+far|from\s+you)\s+)*${done}\b(?!\s+(?:after|late|outside|by\s+e-?mail|in\s+(?:any|other)))`, 'iu'),
  /\b(?:your|the)\s+(?:session|log-?in|connection|browser)\s+(?:has\s+|had\s+)?(?:expired|timed\s+out|ended|closed|broke|was\s+(?:lost|closed|cut))\b.*\b(?:before|while)\b/iu,
  /\b(?:for|in|into|under|to)\s+(?:another|a\s+different|the\s+wrong)\s+(?:module|course|unit|assignment|box|folder|task|class|place|paper)\b/iu,
  /\b(?:it|(?:the|your|this)\s+(?:file|document|paper|pdf|upload))\s+(?:is|was|seems\s+to\s+be|appears\s+to\s+be)\s+(?:password[-\s]protected|protected\s+(?:by|with)\s+a\s+password)\b/iu,
  new RegExp(String.raw`\b(?:nobody|no\s+one|none\s+of\s+us)\s+(?:can|could|is\s+able\s+to)\s+(?:read|open)\s+(?:it|them|${thing})\b(?!\s+(?:before|until|except|but|other|apart))`, 'iu'),
  // “Superseded.” “Void.” “… the declaration, which we do not have yet.” “This was not the right box.” “You have handed in somebody else's file.” “… in a format we cannot open.”
  /^\W*(?:superseded|void(?:ed)?|cancell?ed|withdrawn|replaced|rejected|refused|incomplete|invalid|failed|unsuccessful|revoked)\W*$/iu,
  /\b(?:that|which)\s+we\s+(?:do\s+not|don['’]t)\s+(?:yet\s+)?have(?:\s+yet)?(?!\s+\p{L}+ed\b)(?=\s*(?:$|[.,;:!)]))/iu,
  /\b(?:this|it|that)\s+(?:was|is|went\s+(?:in)?to|came\s+(?:in)?to)\s+(?:not\s+the\s+right|the\s+wrong)\s+(?:box|folder|place|module|course|assignment|page|link|address)\b|\bplease\s+use\s+the\s+(?:other|right|correct)\s+(?:one|box|folder|page|link)\b/iu,
  /\byou\s+(?:have\s+)?(?:handed\s+in|sent|uploaded|submitted|chosen)\s+(?:the\s+wrong|(?:somebody|someone)\s+else['’]s|another\s+(?:student|person)['’]s)\b/iu,
  /\b(?:format|type|kind)\s+(?:that\s+|which\s+)?(?:we|nobody|no\s+one)\s+(?:cannot|can\s?n(?:ot|['’]t)|do\s+not|don['’]t|can)\s+(?:open|read|accept|take|allow|support)\b/iu,
  // “Only part of the file arrived.” “Half of it is missing.” “Pages 3–5 are missing.”
  new RegExp(String.raw`^\W*only\s+(?:an?\s+|the\s+)?(?:part|half|some|piece|beginning|first\s+\p{L}+)\s+(?:of\s+(?:it|${thing})\s+)?(?:arrived|came|was|were|got|reached|could)\b`, 'iu'),
  new RegExp(String.raw`\b(?:half|part|some|much|most|the\s+(?:rest|end|last\s+page)|pages?\s+\d[\d\s,–-]*)\s*(?:of\s+(?:it|them|${thing})\s+)?(?:is|are|was|were)\s+missing\b`, 'iu'),
  // “It would not open.” “It opens as a blank page.” “It contains nothing but a title.” “There is no file in it.” “The mail had no attachment.” “… a shortcut, not a document.”
  new RegExp(String.raw`\b(?:it|${thing})\s+(?:would|will|does|did|could|can)\s?(?:n(?:ot|['’]t)|not)\s+open\b|\bopens?\s+as\s+an?\s+(?:blank|empty)\b|\b(?:it|${thing})\s+(?:contains?|holds?|has)\s+(?:nothing|no\s+(?:text|words|pages|contents?))\b|\bthere\s+(?:is|was)\s+no\s+(?:file|document|text|paper)\s+in(?:side)?\s+it\b`, 'iu'),
  /\b(?:mail|message|e-?mail)\s+(?:had|has|came\s+with|contained|holds?)\s+no\s+(?:attachment|file)s?\b|\bno\s+(?:attachment|file)\s+(?:came|was)\s+with\s+it\b|\ban?\s+(?:shortcut|link|alias|placeholder)\s*(?:,\s*not|instead\s+of|and\s+not|rather\s+than)\s+(?:an?|the)\s+(?:file|document|paper)\b/iu,
  // “An administrator removed it.” “The check for viruses has stopped it.” “You pressed “Cancel”.” “… ended without a result.”
  new RegExp(String.raw`\b(?:administrator|tutor|office|system|desk|department|server|scanner|filter|checks?(?:\s+for\s+viruses)?|scan)\s+(?:has\s+|have\s+|had\s+)?(?:removed|deleted|lost|stopped|blocked|rejected|refused|returned|discarded|withdrew|withdrawn|struck\s+out)\s+(?:it|this|${thing})\b`, 'iu'),
  /\byou\s+(?:have\s+)?(?:pressed|clicked|chose|chosen|tapped)\s+(?:on\s+)?[“"‘']?(?:cancel|abort|discard|delete|withdraw)\b/iu,
  /\b(?:ended|closed|stopped|finished)\b[^.\n]{0,30}\bwithout\s+(?:an?\s+)?(?:result|answer|success|confirmation)\b|,\s*(?:but\s+)?(?:without\s+success|in\s+vain)\b/iu,
  /\b(?:it|this)\s+is\s+not\s+the\s+(?:file|paper|text|document)\s+(?:that|which|you)\b/iu,
  // “This is a test message; ignore it.” “Simulation only.”
  /\bthis\s+(?:is|was)\s+(?:only\s+|just\s+)?an?\s+(?:test|trial|sample|example|simulated|specimen)\s+(?:message|mail|e-?mail|receipt|confirmation)\b|^\W*(?:this\s+(?:is|was)\s+(?:only\s+)?an?\s+)?simulation\b/iu,
  // “… never finished.” “File type not allowed here.” “It exceeds the limit of 10 MB and was not kept.” “The box was already closed.”
  new RegExp(String.raw`^\W*(?:${thing}\s+|it\s+)?(?:was\s+|has\s+)?(?:but\s+)?never\s+(?:been\s+)?(?:finished|complete[d]?|arrived|reached|came|got|received|stored)\b`, 'iu'),
  /^\W*(?:the\s+|this\s+|your\s+|its\s+|wrong\s+)?(?:file\s+)?(?:type|format|extension|kind|ending)\s+(?:is\s+|was\s+)?(?:not|never)\s+(?:allowed|accepted|supported|permitted|known)\b/iu,
  new RegExp(String.raw`^\W*(?:it\s+|${thing}\s+)?(?:exceed(?:s|ed)|(?:is|was)\s+(?:over|above|larger\s+than|bigger\s+than))\s+(?:the|our)\s+(?:size\s+)?limit\b`, 'iu'),
  new RegExp(String.raw`(?<!\b(?:that|which|who|what|whatever|anything)\s+)\b(?:was|were|has\s+been|have\s+been)\s+not\s+(?:been\s+)?(?:kept|saved|taken)\b`, 'iu'),
  /\b(?:the|this)\s+(?:box|folder|window|assignment|link|portal|deadline|page|system|list)\s+(?:was|is|has|had)\s+already\s+(?:been\s+)?(?:closed|shut|over|passed|gone)\b/iu,
  // “The work counts as not handed in.” “This one does not count.” “A copy of a receipt that was withdrawn.” “The text of the file could not be extracted.”
  new RegExp(String.raw`\b(?:it|this(?:\s+one)?|(?:the|your|this)\s+(?:${thing}))\s+(?:(?:now\s+|therefore\s+)?counts?\s+as\s+(?:not\s+(?:yet\s+)?${done}|missing|absent|unsubmitted)|(?:does|will|can)\s?n(?:ot|['’]t)\s+(?:be\s+)?count(?:ed)?(?!\s+(?:towards|against|words|as\s+a))|is\s+not\s+counted)\b`, 'iu'),
  /\b(?:receipt|confirmation|submission|hand-?in|upload)\s+that\s+(?:was|has\s+been|is)\s+(?:withdrawn|cancell?ed|revoked|voided|void|deleted|invalid)\b/iu,
  new RegExp(String.raw`\b(?:text|contents?|pages|words)\s+of\s+(?:${thing})\s+(?:could\s?n(?:ot|['’]t)|cannot|can['’]t)\s+be\s+(?:extracted|read|opened|shown|displayed|found)\b`, 'iu'),
  new RegExp(String.raw`^\W*(?:there\s+(?:is|was)\s+)?no\s+${thing}\b(?:\s+(?:from\s+you|of\s+yours))?\s+(?:(?:was|were|has|have|is|are|could|be|been|yet)\s+)*(?:${done}|found|attached|there)\b`, 'iu'),
];
/** A condition that is still to be met: “it will be deleted unless you confirm it”, “valid only once you have confirmed it”. */
export const openConditions: readonly RegExp[] = [
  /\b(?:will|shall)\s+be\s+(?:deleted|discarded|lost|removed|cancelled)\s+unless\b/iu,
  /\b(?:held|kept|put)\s+(?:back|aside)\s+(?:until|till)\s+you\b|\bonly\s+be\s+(?:passed\s+on|counted|accepted|forwarded|valid|considered|registered)\s+(?:once|when|after|if)\b/iu,
  /\b(?:(?:valid|effective|final|complete|counts?)\s+only|only\s+(?:valid|effective|final|complete|counts?|becomes?\s+(?:valid|final|effective)))\s+(?:once|when|after|if)\s+you\b/iu,
];
/** Something is still to be done. */
export const notAtItsEnd: readonly RegExp[] = [
  saidOf(open, notMarking),
  new RegExp(String.raw`^\W*(?:draft|pending|unconfirmed|unfinished)\s+${thing}\s*$`, 'iu'),
  new RegExp(String.raw`\byou\s+(?:still\s+|now\s+)?(?:need\s+to|have\s+to|must)\s+(?:still\s+)?(?:confirm|complete|finish|finali[sz]e)\s+(?:it\b|${thing})|^\W*(?:please\s+)?(?:now\s+)?confirm\s+(?:it\b|your\s+${thing})(?!\s+(?:details|is|are|was))`, 'iu'),
  /\b(?:upload(?:ing|ed)?|sending|sent|transferr?(?:ing|ed)?|progress)\W{0,3}\d{1,2}(?:[.,]\d)?\s?%|(?<![\d.,])\d{1,2}(?:[.,]\d)?\s?%\s+(?:uploaded|sent|transferred|done|complete)\b/iu,
  // “To finish, press “Confirm”.”
  new RegExp(String.raw`\bto\s+(?:finish|complete|finali[sz]e|hand\s+in)(?:\s+(?:it|${thing}))?,?\s+(?:please\s+)?(?:press|click|tap|choose|select|go\s+(?:on|back)|confirm|sign)\b`, 'iu'),
  new RegExp(String.raw`\byou\s+have\s+not\s+(?:yet\s+)?(?:submitted|handed\s+in|sent|uploaded|confirmed)\b`, 'iu'),
];
/** What would be, what may be, and what is always so says nothing of this hand-in. */
export const hypothetical = /^\W*(?:if|should|unless|in case|when(?:ever)?|where|once|otherwise)\b|\b(?:would(?! not (?:open|load|convert)\b)|might|may|can be|if|late)\b/i;
