import { anyOf } from './any-of.ts';

/** The text is compared with others by a machine. */
export const comparedByMachine = anyOf('gi', [
  /\b(?:everything|all (?:essays|papers|work|texts|reports|submissions)|it all|they all|your (?:essay|paper|work|text)) (?:goes|go|is put|are put|is run|are run|is sent|are sent) through (?:the |our |a )?(?:text[- ]?)(?:comparison|matching)\b/,
  /\b(?:everything|dissertations?|theses|thesis|essays?|papers?|texts?|work|reports?|submissions?|projects?) (?:is|are|will be|shall be) (?:compared|checked|matched) (?:with|to|against) [^.;]{2,40}\b(?:by electronic means|electronically|automatically|by (?:a )?(?:computer|software|machine))\b/,  /\b(?:submissions?|solutions?|answers?|code|work|essays?|papers?|reports?|files?)\b[^.;]{0,14}\bcompared (?:pairwise|with each other|with one another|to each other) by (?:an? |the |our )?(?:script|program|machine|computer|software|tool)\b/,
  /\b(?:text[- ]?)?similarity(?:[- ](?:check\w*|reports?|scores?|index|software|detection|service|tool|review|screening|percentage))?\b/,
  /\boriginality[- ](?:check\w*|reports?|scores?|software)\b/,
  /\btext[- ]match\w*(?: (?:software|service|tool|check))?\b/,
  /(?<!\b(?:the |your |pattern[- ]|image[- ]|name[- ]|colou?r[- ]))\b(?:text-?)?matching (?:software|service|tool|system|program(?:me)?)\b(?! (?:is|was) (?:described|explained))/,
  /\btext[- ]comparison (?:software|service|tool|system|check)\b/,
  /\b(?:texts?|work|essays?|papers?|reports?|code|submissions?|files?|briefs?|documents?|components?|scripts?|answers?|thes[ei]s|it)\b(?:(?!\b(?:should|must|can|could|may|to)\b)[^.;]){0,30}\bcompared (?:electronically |automatically |digitally |by (?:computer|software|machine) )?(?:with|to|against)\b[^.;]{0,70}\b(?:papers|texts|sources|submissions|work|databases?|web|internet)\b/,
  /\b(?:run|put|pass|send)s? (?:all |the |your |every |each )?\w+ through (?:the |a |our )?(?:text[- ])?(?:matching|comparison) (?:tool|software|service|system|program)\b/,
  /\b(?:are|is|be|get) compared (?:with|to|against)\b[^.;]{0,40}\b(?:(?:earlier|previous|other) years|by (?:software|machine|computer))\b/,
  /\b(?:code|work|essays?|papers?) (?:is|are|will be) compared (?:with|to|against) (?:everybody|everyone|each other|that of)\b/,
  /\b(?:plagiarism|similarity)(?: (?:score|index|rate|level))? (?:should|must|has to|needs to|may) (?:be|stay|remain|not exceed|not be)\b[^.;%]{0,20}\d+ ?%/,
  /\b(?:checked|run|read|screened) (?:with|by|through) (?:a |the )?software that (?:finds|detects|looks for|searches for)\b/,
  /\boriginality (?:is|will be) (?:verified|checked|tested) (?:electronically|automatically|(?:by|with|using) (?:software|an? machine|machine|computer|a program))\b/,
  /\b\d{1,2} ?% similarity in the report\b/,
  /\bplagiarism is (?:checked|detected|screened)\b/,
  /\b(?:run|put|pass|send|feed)s? (?:everything|all of (?:it|them)|it all|them all|(?:all |the |your )?\w+) (?:through|into) (?:our|the|a) (?:(?:code |text )?copy|copying|cheating|clone) (?:detector|checker|detection)\b/,
  /\b(?:originality|similarity|plagiarism) scan(?:ned|ning)?\b/,
  /\bcompared (?:with|to|against) (?:an? |the |our )?(?:large |national |international )?(?:database|collection|corpus|archive|store) of\b/,
  /\b(?:papers?|work|essays?|submissions?|reports?|texts?|assignments?) (?:will be|are|is|get) (?:checked|screened|scanned|examined) (?:through|by|with|using|via) (?:an? |the )?(?:\w+ )?software\b/,
  /\banti-?plagiarism (?:software|program(?:me)?s?|service|tool|check|control|system)\b/,
  /\b(?:code|work|essays?|papers?|submissions?|reports?|it) (?:is|are|will be|gets?) compared across\b/,
  /\bplagiarism[- ](?:detect\w+|check\w*|control|software|scan\w*|screening|tool|prevention (?:software|service))\b/,
  /\b(?:check|scan|screen|run|test|compar)\w*\b[^.;]{0,40}\b(?:for|against|through)\b[^.;]{0,30}\b(?:plagiarism|similarity|originality|(?:other|earlier|previous|all|each) (?:students['’] )?(?:texts|papers|sources|submissions|essays|work|reports)|matching text|(?:text(?:ual)? )?overlaps?)\b/,
]);
