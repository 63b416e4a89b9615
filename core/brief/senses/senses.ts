import type { Template } from './template.ts';
import { says } from '../../text/patterns.ts';

/** What a sentence means for a field, and the ways it is said. `about`: a sentence has to hold this as well; `under`: so has the heading above it; `unless`: a sentence with this means something else. */
export interface Sense<V> { value: V; says: readonly Template[]; about?: RegExp; under?: RegExp; unless?: RegExp }

/** Other things that are done once or often, taken late, or hidden from others. */
export const otherThings = /\b(?:exams?|examinations?|quiz(?:zes)?|resits?|books?|library|loans?|lectures?|seminars?|tutorials?|interview(?:s|ees?)?|participants?|respondents?|peers?|classmates?|survey|questionnaires?|attendance|workshops?|field ?trips?|feedback|grades? (?:are|is) (?:kept|stored)|practice|mock|surnames? of)\b/i;
/** Things that are borrowed, visited, applied for or published: what is said of them alone is no demand on a paper. */
const otherBusiness = /\b(?:(?<!open[- ])books?|loans?|drop-in|applications? for|bank|funding|bursar\w*|printers?|gym|canteen|bicycles?|equipment|cameras?|laptops?|your data|visit|consult|attend|editions?|enrolments?|registrations?|payments?|invoices?|commission|poems?|chronicles?)\b|\blate (?:medieval|antiqu\w+|roman|victorian|modern\w*|capitalis\w+|style|\w+th[- ]century)\b/i;
/** That something is handed in. */
const handingIn = /\b(?:upload\w*|(?:re-?)?submi\w*|hand\w*|files?|versions?|essays?|papers?|portfolios?|dissertations?|thes[ei]s|coursework|assignments?|scripts?|projects?)\b/i;
/** Whether a sentence that has the words of a demand is one on the paper. */
export const isAboutPaper = (said: string): boolean => says(said, handingIn) || !says(said, otherBusiness);
/** Whether a sentence is about the matter of a course, and not about handing in. */
export const isOfMatter = (said: string): boolean => says(said, ofThePast) && !says(said, handingIn);
/** “The treaty was no longer considered valid”, “the plant lost five per cent a day”: what has been is the matter’s. */
const ofThePast = /\b(?:attendance|interviews?|interviewees?|(?:group |your )partners?|absen\w+|late (?:medieval|antiqu\w+|modern|roman|victorian))\b|(?<!\bas (?:it|they) )\b(?:was|were|had been)\b(?! (?:sent|handed|uploaded|submitted|put|said|told|announced|due|planned|extended|moved|changed|given|set|assigned))|\b(?:the|an?) \w+ (?:lost|won(?!['’])|fell|rose|grew|shrank|sank|cost)\b/i;
const timeSpan = /\b(?:\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fourteen|twenty|twenty-four|thirty|forty-eight) (?:calendar |working |full |more |further |extra )*(?:days?|weeks?|hours?|minutes?)\b|\bfortnight\b|%|per ?cent|\bpoints? (?:per|a)\b/i;
const handing = /upload|submi|hand|send|sent|version|attempt|file|draft|resub|replac|\btr(?:y|ies)\b|\bif there (?:is one|are (?:two|more))\b/i;

export const keptSenses: readonly Sense<'latest' | 'all'>[] = [
  { value: 'all', unless: /\b(?:years?|months?|securely|safely|confidential|back-?ups?|your own copy|grades?|notes?|data)\b|\b(?:versions?|submissions?|files?) (?:of|to) the (?!paper|essay|report|work|text|dissertation|thesis)/i, says: [
    'nothing|none .. upload|uploads|submit|send|hand_in .. deleted|overwritten|lost|removed|replaced',
    'every|all|each @go ... @stored',
    '@stores every|all|each @go',
    '@go all @stored',
    '@marker|@place able_to|can|may see|open|look_at|view|read every|all|each @go',
    '@earlier @go .. not .. deleted|overwritten|lost|removed|replaced',
    'not|never|nothing .. overwritten|deleted|replaced .. by @newer @go',
    '@earlier @go .. @stored',
    '@earlier @go .. viewed|seen|accessed|opened|inspected .. @marker',
    'first|earlier|old .. and .. later|new|second @go .. stay|remain|@stored',
  ] },
  { value: 'latest', about: handing, unless: /\b(?:template|figure|edition|chapter|handbook|syllabus|timetable|grade|mark (?:is|will be) replaced|your name|password|both|following|chapters?)\b|\b(?:versions?|submissions?|files?|uploads?) (?:of|to) (?:the|an?) (?!paper|essay|report|work|text|dissertation|thesis|file|same)|\b(?:second|later|newer|further) (?:uploads?|files?|versions?|submissions?|ones?) (?:is|are|will be) (?:ignored|disregarded|discarded|deleted|refused)\b/i, says: [
    '@newest @go|one .. @counts',
    '@marker .. @marks .. @newest @go|one|of_them|of_these',
    '@marker @marks .. @newest $',
    '@handing .. @replacing .. @earlier @go',
    '@newer @go .. @replacing .. @earlier|before|there|it|what',
    '@earlier @go .. @replaced',
    'upload|uploading|submit|submitting|send|sending|hand_in .. again|anew|afterwards|later|another|new|second ... @replacing|@replaced',
    'disregard|ignore|skip|discard everything|all|anything|@go? but|except|other_than .. @newest',
    '@go .. @newest time_?stamp|date|time .. @counts',
    'came|comes|arrived|arrives|@handed last .. @counts',
    '@newest @counts',
    'version|file|upload|submission|attempt marked|graded|counted|counting|that_counts @newest',
    'later|newer one|file|version taken|counts|used|kept|stands',
    'marked|graded|assessed on version|file|what .. system|there|place|box|folder ... at|by|when @deadline',
    '@marker|@place .. sent|given|shown|handed|receive|receives .. @newest @go',
    'mark|grade .. given|based|awarded for|on .. @newest @go',
    '@newest to arrive|come_in|be_uploaded .. @counts',
    '@newer|@newest @go ... one_that|the_one .. @counts',
    "@marker|I|we|I'll|we'll @marks|look_at|mark|grade|read|use|take @newer|@newest @go? if .. there_is_one|there_are_two|you_use_it|you_use_both|you_make_one|you_made_one|you_sent_two|you_send_two",
    '@newest @go the_one|what',
    '@earlier @go .. not .. @counts',
    'nothing but|except @newest',
    'what counts|we_mark|is_marked @go .. at|by|when .. @deadline',
    '@replaced by later|newer|new|subsequent @go|ones',
  ] },
];

export const allowedSenses: readonly Sense<number | 'unlimited' | 'times' | 'again' | 'number'>[] = [
  { value: 'unlimited', unless: /\b(?:topics?|groups?|seats?|words?|pages?|size|MB|megabytes?|sources|references|e-?mail (?:me|us)|ask|questions?)\b/i, says: [
    '@may .. @handin|@replace ... @freely',
    '@handing|uploads|resubmissions|submissions ... unlimited|not_limited|unrestricted|not_restricted|@freely',
    'unlimited|unrestricted uploads|submissions|resubmissions|attempts|tries',
    "not|no|doesn't|don't|never matter|care|mind|count how_many_times|how_often ... @handin",
    'no_matter how_many_times|how_often ... @handin',
    'no restriction|restrictions|limit|limits|cap|ceiling on|to|for .. @handing',
    'no cap|limit|ceiling|maximum|restriction .. uploads|submissions|attempts|tries|resubmissions|times|versions',
    'nobody|no_one counts|cares|minds|checks .. how_often|how_many',
    'keep|go_on|continue @handing ... until|till|before|up_to',
    'repeated|repeat|multiple uploads|submissions|attempts .. @freely',
    '@handin|@replace ... @freely',
  ] },
  { value: 1, unless: /\b(?:(?:after|once|when) (?:the )?(?:deadline|due|closing|marks?|marking|feedback|that|grades?)|unless|miss|draft|twice as|but you (?:can|may)|corrected version|new version|if (?:there|it|the|we)|once (?:an?|per|every|each)|per day|a (?:day|week)|before you)\b/i, says: [
    'one|a_single|single shot|chance|go|try|attempt|opportunity|possibility .. @handing|@handin|upload',
    '@handing|uploads|submissions is|are|counts_as @final',
    '@handed|upload|submit|hand_in ... @once',
    '@once .. @handin|@handed|@handing',
    'no|not second|further|another|repeat|repeated|more upload|uploads|submission|submissions|attempt|attempts|hand-in',
    're-?submission|re-?submissions|re-?submitting|re-?uploading|uploading_again|second_upload .. out_of_the_question|impossible|excluded|ruled_out|not_possible|not_allowed|not_permitted|forbidden|not_provided_for|not_foreseen',
    '@handed @paper .. @cannot .. @undo',
    'after submission|submitting|uploading|upload .. no|nothing|@cannot .. changes|change|changed|altered|edited|corrections|replaced|replacement',
    'one|a_single go|shot|chance|attempt|try at|with this|it $',
    'one-shot|one-time|one-off upload|submission|attempt',
    'no replacements|resubmissions|re-uploads|second_uploads $',
    'no way|possibility|means|option .. changing|change|replace|replacing|undo|undoing|correct|correcting|withdraw|withdrawing .. @paper',
    'accepts|takes|allows|accept .. one @go .. once',
    'takes|accepts|allows @go .. once',
    'multiple|repeat|repeated|several @handing|submissions|uploads|attempts disabled|switched_off|blocked|impossible|not_allowed|not_possible|not_permitted|ruled_out',
    '@paper @cannot .. resubmitted|re-submitted|uploaded_again|handed_in_again|submitted_again|sent_again',
    '@place allows|accepts|takes|permits a_single|only_one|one|just_one upload|submission|attempt|try',
    'upload|submission @cannot .. @undo',
    '@cannot|impossible .. @handin .. second_time|twice',
    '@place .. used|works|accepts|opens .. once $',
    '@place .. used|works|accepts|opens .. @once',
    'nothing .. @undo .. after|once .. @handin|@handed|@handing',
    'exactly|only|just one @go .. student|person|candidate|author|group',
    '@handing|submission|hand-in|upload @cannot .. repeated|redone|done_again|made_again|corrected_afterwards',
    '@cannot repeat|redo .. @handing|submission|hand-in|upload',
    'no way|possibility|means|option .. repeat|repeating|redo|redoing .. @handing|submission|hand-in|upload',
    '@handing|submission|hand-in|upload one-off',
    'press|click|use|push .. @once $',
  ] },
  { value: 1, unless: /\b(?:have to|need|needs|once more|if|unless|after)\b/i, says: ['@cannot .. uploaded|submitted|handed_in|sent_in twice|a_second_time|again'] },
  { value: 'again', unless: /\b(?:topics?|groups?|seats?|titles?|supervisors?|partners?|if|in case|when|where|provided|unless|after)\b/i, says: [
    '@may .. @replace|re-upload|resubmit|re-submit|reupload .. one_time|once|a_single_time',
    '@paper|file|it may|can .. replaced|exchanged|swapped|resubmitted|re-uploaded ... one_time|once|a_single_time $',
    '@paper|file|it may|can .. replaced|exchanged|swapped|resubmitted|re-uploaded ... one_time|once|a_single_time before|until|up_to',
    'permitted|allowed|entitled_to|have|get|given|granted one|a_single|a resubmission|re-submission|re-upload|replacement',
    'one|a_single|single replacement|re-upload|resubmission|re-submission|second_upload .. allowed|permitted|possible|granted|ok',
  ] },
  { value: 'number', says: [
    '@place|we|I accepts|takes|allows|accept|take|allow .. @n uploads|submissions|versions|attempts|tries|files per|from_each|for_each|from_one|for_one',
    '@n uploads|submissions|attempts|tries|versions|goes|shots maximum|limit|at_most|allowed|permitted',
    'limited|restricted to @n uploads|submissions|attempts|tries|versions',
    '@n uploads|submissions|attempts|tries per student|person|candidate|group|author',
  ] },
  { value: 'times', under: /^(?!.*\b(?:replac\w*|again|re-?submi\w*)\b).*\b(?:submit|submission|hand(?:ing)?[ -]in|upload)\b/i, says: ['at_most|up_to|no_more_than|a_maximum_of|maximum @times'] },
  { value: 'times', says: [
    '@handin|try ... no_more_than|at_most|up_to|a_maximum_of|maximum|only|not_more_than @times',
    '@place works|work|can_be_used|accepts|opens .. @times',
    'you|students|groups|candidates @may .. @handin .. @times',
  ] },
];

export const noLateSenses: readonly Sense<0>[] = [
  { value: 0, unless: new RegExp(`${timeSpan.source}|\\bnot\\b[^.]*\\buntil after\\b|\\b(?:extensions?|requests?|appeals?|applications?)\\b|\\blate (?:medieval|antiqu|modern|roman|victorian)|\\bwithout (?!exception)|\\b(?:treated|marked|counted|flagged)(?: as)? late\\b|\\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\\b|\\bformats?\\b|^(?!.*\\b(?:deadline|due)\\b).*\\d (?:Jan(?:uary)?|Feb(?:ruary)?|Mar(?:ch)?|Apr(?:il)?|June?|July?|Aug(?:ust)?|Sept?(?:ember)?|Oct(?:ober)?|Nov(?:ember)?|Dec(?:ember)?)\\b`, 'i'), says: [
    '@paper|anything|everything|whatever|those|ones .. @arrive ... @late ... @zero',
    'late|belated|overdue @paper ... @zero',
    '@late .. @place .. @gone|@closes',
    'no way|possibility|means|option|chance .. @handing|@handin ... @late',
    'nothing|none|no_work late .. @accept|@counts',
    '@cannot|impossible|unable ... @accept|@handin|@handed ... @late',
    '@late ... @cannot ... @accept|@handin|@handed',
    '@late .. nothing|no .. @accept|@handed|@handing|@paper|possible',
    '@cannot|impossible|unable|refuse .. @accept late|belated|overdue',
    'nothing|none .. @accept|submit|upload|submitted|uploaded|handed_in ... @late',
    'no @paper .. @accept|@handin|@handed ... @late',
    '@place @closes ... nothing|no|none ... @accept|@handed|@handin|@arrive',
    'miss|missing|missed ... deadline|due_date|cut-?off ... @zero',
    'you .. no_marks|no_mark|zero|nothing|nought|fail ... @late|miss',
    '@place .. @gone ... at|by|with|from @deadline',
    '@cannot make|meet|keep .. deadline|due_date ... @zero',
    '@handing .. impossible|not_possible|out_of_the_question ... @late',
    '@paper .. @zero ... if|when ... late',
    'no second_chance|exceptions|mercy|leniency ... miss|late',
    '@place stops .. taking|accepting|receiving',
    'after|past @deadline closed|locked|no_uploads|not_possible|not_accepted $',
    'lateness|being_late @zero',
    '@place locks|locked itself|automatically|at_the_deadline|then',
    '@cannot|no late_days|late_period|late_window|grace|grace_period',
    'zero|0|nought|fail .. recorded|awarded|given|entered ... not .. @handed ... on_time|in_time|@deadline',
    'failure|failing to_meet|to_submit|to_hand_in|to_upload ... @zero',
    '@place .. @gone ... @late',
    '@paper ... late .. @zero',
    '@paper .. misses|miss|missing ... @zero',
    'lateness|late_work|late_submission|late_submissions|late_essays|late_papers|late_hand-ins .. not .. tolerated|accepted|allowed|permitted|possible|an_option',
    'late|lateness .. equals|means @zero',
  ] },
  // Of the day of the deadline by its name: “I won't take anything after Sunday”.
  { value: 0, unless: new RegExp(`${timeSpan.source}|\\b(?:questions?|e-?mails?|mails|calls|draft|topics?)\\b`, 'i'), says: [
    '@cannot ... @accept|mark|read|look_at ... after|past|later_than @weekday',
    'nothing|no @paper .. @accept|@handed|@handin ... after|past @weekday',
    'after|past @weekday nothing|no|it_is .. @accept|late|@paper|zero|over|closed',
    'after|past @weekday .. @cannot .. @accept|@handin|take',
  ] },
];

export const lateUntilSenses: readonly Sense<'span'>[] = [
  { value: 'span', unless: /\b(?:before|feedback|returned|reply|answer|marks (?:are|will)|extension|appeal|results|opens?)\b|%.*%/i, says: [
    '@place ... @open .. @count @unit .. @late',
    '@place ... @open ... another|further|extra|more @count @unit',
    'cut-?off|last_day|latest|limit|end ... late ... @count @unit .. @late',
    '@count @unit .. after|past|beyond .. @deadline ... @zero|@closes|@gone',
    '@may .. still .. @handin|@handed ... @count @unit .. @late',
    'wait ... @count @unit .. no_longer|not_longer|no_more|and_no',
    'after|beyond|past @count @unit ... @zero',
    'after|beyond|past fortnight ... @zero',
    'late @paper .. taken|accepted|possible|marked|read|allowed|permitted ... @count @unit .. @late',
    'late @paper .. taken|accepted|possible|marked|read|allowed|permitted .. for|up_to|until|within .. @count @unit',
    'you have @count @unit after|past .. deadline',
    'more_than|over|beyond|later_than @count @unit .. @late ... @zero',
    '@may .. @handin late .. for|up_to|within @count @unit',
    '@count @unit is|are longest|most|maximum|limit ... late|be_late',
    'grace|grace_period .. of @count @unit',
    '@count @unit grace|of_grace',
    'grace|grace_period @count @unit',
    '@place .. @closes ... @count @unit after|past|beyond .. @deadline',
    'late @paper .. @count @unit after|past .. @deadline',
  ] },
];

export const perDaySenses: readonly Sense<'part'>[] = [
  { value: 'part', unless: /\b(?:absen|attendance|interest|bank|rent|fine for|library|participation|pages|first day|further day|next day|subsequent|thereafter|second day|additional day)/i, says: [
    '@lose ... @part .. @perDay',
    'one|a day late .. @lose|@lost .. @part .. two_days',
    '@part .. @lost ... @perDay',
    '@perDay .. @lose ... @part',
    '@part .. @lose ... @perDay',
    '@lost ... @part .. @perDay',
    '@part @perDay ... late|delay|overdue|lateness|after',
  ] },
];

export const anonymousSenses: readonly Sense<boolean>[] = [
  { value: false, unless: /\bfile ?name|peer|\btitle page\b.*\bno/i, says: [
    '@marker .. know|knows|see|sees|told who|whose|name|names|it_is_yours|yours ... @marking',
    '@marker .. know|knows essay|paper|work|report .. yours ... @marking',
    '@marking ... with .. name|names .. visible|shown|known|attached|on|showing|in_view|open',
    "@cannot|no .. use|do|practise|practice|operate|have|apply|employ .. blind|anonymous @marking",
    '@marking .. not|never blind|anonymous|anonymised|anonymized',
    'name|names .. visible|known|shown ... @marker',
    'not|never .. @marking .. blind|anonymously',
    '@grader know|knows|see|sees|told|can_see who_you_are|whose|your_name|your_identity',
  ] },
  { value: true, unless: /\bfile ?name|peer|partner|your draft|fellow|interview|participant|respondent|reviewer|file (?:must|should|has to|is to) be named|group members?|classmates?|(?:,|;| but| and) (?:the |your )?\w+ (?:is|are)(?: not|n't)\b/i, says: [
    '@marker .. @cannot .. @know ... @identity',
    'nobody|no_one .. @marking .. @know ... @identity',
    '@paper .. de-identified|anonymised|anonymized .. before|prior_to|for|when|while @marking',
    '@marker .. @marking .. without @know ... @identity',
    'name|names|identity|identities .. @hidden ... @marking|@marker',
    '@marking .. @blind|without_names|without_a_name',
    '@marking .. without .. author|authors|name|names|identity .. known|shown|visible|given|revealed|disclosed',
    '@marker .. see|sees|get|gets|know|knows .. number|code .. no|not|instead_of|rather_than|never|without .. name|names',
    '@marker .. see|sees|get|gets only .. number|code',
    '@marker .. receive|receives|get|gets|see|sees|given|read|reads .. without .. name|names|identity',
    'at_no_stage|at_no_point|at_no_time|never .. @marker .. @know ... @identity',
    '@marker know|knows|see|sees|identify|identifies .. by .. number|code',
    '@cannot .. reveal|show|disclose|give_away|betray|tell|contain|bear ... who_you_are|your_name|your_identity|identity ... @marker|@marking',
    '@marking under|by|with number|numbers|code|codes .. not|no|never|instead_of name|names',
    '@marker .. kept|prevented|shielded|stopped from @know ... @identity',
    'keep|leave|hide .. identity|name|yourself .. out|off|hidden|secret ... @marking',
    '@blind @marking',
    "@identity .. not|never .. @know ... @marker",
    '@marker .. in_the_dark ... @identity',
  ] },
];

export const similaritySenses: readonly Sense<boolean>[] = [
  { value: false, says: [
    '@cannot|no .. use|run|have|employ|apply|operate|make|do .. @copying .. @machine|check|checks|checking|detection',
    'no|not @machine .. @compares',
    '@cannot .. compare|check|screen|scan|match|test|search @paper .. by_machine|with_software|by_software|electronically|automatically|by_computer|with_a_program',
    '@paper .. not .. @through ... @machine|@copying|check',
    'no .. check|checking|scan|search for|of .. @copying',
    'no|without .. @copying check|checks|checking|score|report|scan|screening',
  ] },
  { value: true, about: /\b(?:your?|essays?|papers?|reports?|texts?|textual|work|submissions?|submitted|files?|passages?|sentences?|everything|every one|assignments?|coursework|thes[ei]s|dissertations?|plagiar\w+|copied|copying|copies|originality|similarity|we|uploads?|uploaded|it|them|scripts?|projects?|code|documents?)\b/i, unless: /^\W*(?:please )?(?:use|run|open|install|let)\b(?!.*\byour (?:essay|paper|text|work|file|report))|\b(?:may|might|could|reserve|yourself|your responsibility|spell|grammar|translation|reference manager|virus|before (?:you|handing|uploading)|avoid|partner|in class|by your|by hand|only (?:if|when|where)|if (?:the|we|there|an?))\b/i, says: [
    '@paper .. @through ... @machine ... @copying',
    '@paper .. @through ... @machine ... @compares ... @copying|@sources',
    '@through .. @paper ... against|with|through ... @sources',
    '@paper .. @through .. against|with ... @sources',
    '@machine .. @compares ... @paper ... with|against|to ... @sources',
    '@machine .. @compares ... @copying',
    '@machine for|to .. detecting|finding|detect|find|spotting ... @copying ... used|run|applied|in_use',
    '@copying @score .. shown|available|generated|calculated|visible|displayed|produced|created|appears|appear|computed|given|after|shortly|within|made',
    'see|get|receive|view|obtain|shown|given .. @copying @score',
    '@copying .. measured|calculated|detected|computed|determined|searched_for|flagged|checked ... automatically|upload|electronically|@machine|on',
    'see|get|receive|view|obtain|shown|given .. @score of|on|for .. @copying',
    'text|textual @copying .. measured|calculated|detected|computed|determined|flagged|checked',
    '@copying @machine .. goes_over|reads|looks_at|checks|examines|processes|looks_through @paper',
    'shows|show|tells .. @score for|of|on .. @copying',
    '@through ... for @copying|copied_passages',
    'check|scan|search|test for @copying ... made|run|done|carried_out|performed|takes_place|made_on',
    '@through ... for text|passages|material|sentences .. taken|copied|lifted|borrowed .. from',
  ] },
];

export const declarationSenses: readonly Sense<boolean>[] = [
  { value: false, unless: /\bbox\b[^.;]{0,30}\b(?:is|counts as|serves as)\b/i, says: [
    'leave_out|omit|skip .. declaration|statement_of_originality|statement_of_authorship|pledge',
    '@needless ... @affirmation ... @ownWork',
    '@needless ... declaration|affidavit|pledge|affirmation',
    'declaration|statement_of_originality|statement_of_authorship|pledge .. @needless',
    '@needless .. sign|signing|declare|confirm ... declaration|@ownWork',
    'no declaration|affidavit|pledge|statement .. @ownWork',
  ] },
  { value: true, unless: /\b(?:complete|fill in) (?:the|this|your) form yourself\b|\b(?:summar|(?:in|with|using|use) your own words|thesis statement|problem statement|mission|design statement|personal statement|extension|attendance|receipt|e-?mail|consent|ethic|participa|interview|supervisor['’]s|sentence)\b/i, says: [
    '@affirm .. you|it|@paper ... @ownWork',
    '@affirm ... neither|not @ownWork',
    '@include ... @affirmation ... @ownWork',
    '@affirmation ... @ownWork .. @include|must|required|needed|necessary|at|on',
    '@include .. sentence|line|words|phrase ... @ownWork',
    '@handing counts_as|is|amounts_to|serves_as .. declaration|confirmation|statement|affirmation ... @ownWork',
    'without .. signed? .. declaration|affirmation|pledge|affidavit|statement_of_originality|statement_of_authorship',
    '@affirm .. authorship|originality|sole_author|own_work',
    'ticking|checking|clicking .. box .. is|counts_as|serves_as|stands_for your|the|as? declaration|statement_of_originality|confirmation',
  ] },
];

export const namelessFileSenses: readonly Sense<true>[] = [
  { value: true, unless: /\b(?:must|should|has to) (?:contain|include|have|carry)\b(?! no)/i, says: [
    "@fileName .. @cannot .. give|reveal|show|tell|identify|betray|disclose|say|contain|include|hold ... you|who|whose|identity|name|names|author|identify",
    'not|never put|write|include|use|mention|place|add .. name|names|identity ... in @fileName',
    'no name|names|identity .. in @fileName',
    'avoid|omit .. name|names ... @fileName',
    'nobody|no_one .. see|tell|know ... from @fileName ... who|whose',
    'keep|leave .. name|names|yourself|identity .. out_of @fileName',
    'file|document .. named .. so_that|such_that|so .. nobody|no_one .. tell|know|see|guess',
  ] },
];
