import type { Sense } from './senses.ts';

/** What a day is for, by the sentence that it stands in: the day itself is the word DATE there. */
export type DaySense = 'opens' | 'extension' | 'lateUntil' | 'other';
export const daySenses: readonly Sense<DaySense>[] = [
  { value: 'lateUntil', unless: /\b(?:may apply|extension|you have been)\b/i, says: [
    'late @paper ... until|till|up_to|by|before DATE',
    'last|latest|final day|date|deadline .. late .. @paper .. DATE',
    'late @paper .. accepted|taken|possible|uploaded|submitted ... DATE',
    'nothing|no|none|not|never .. accepted|taken|marked|graded|read|considered|looked_at .. after|beyond|later_than DATE',
    'after|beyond DATE .. nothing|no|none|not|never .. accepted|taken|marked|graded|read|considered|looked_at',
    'late ... @lose ... until|till|up_to DATE',
    '@open .. late @paper ... until|till|up_to DATE',
    'after DATE @place|@handing|hand-in .. @closes|closed|gone',
    'close|shut|lock .. late @place|window .. DATE',
    '@paper .. @arrive after|past|later_than DATE ... @zero|zero',
  ] },
  { value: 'other', unless: /\b(?:deadline|due)\b(?! for (?:requests|applications|registration))/i, says: [
    '@elsewhere ... DATE',
    'DATE ... @elsewhere',
    'chosen|choose|picked|pick|selected|select|found|agreed|agree|registered|settled|fixed .. topic|topics|title|subject|supervisor|partner|group|question ... DATE',
    'topic|topics|title|titles|subjects|supervisors|partners|groups .. chosen|agreed|approved|registered|settled|fixed|announced ... DATE',
    'shown|screened|performed|staged|played .. DATE',
    'get|come|comes|goes|are|is|sent|handed|given back ... DATE',
    'last|latest|page|version .. updated|revised|changed|modified|edited|of DATE',
    'wrote|written|typed|drafted|composed this|these|it .. DATE',
    'we|I talk|discuss|speak|look|go_through|go_over .. DATE',
    'we|I|you .. hear|meet|visit|watch|see .. DATE',
    'released|published|set|announced|handed_out|given_out|distributed|posted|issued|introduced|discussed .. DATE',
  ] },
  { value: 'extension', unless: /\b(?:anyone|everyone|all students|others|apply|request|ask|if you|may be|can be granted|no extensions?|until you)\b/i, says: [
    'agreed|granted|approved|allowed|given|gives|grants|let|lets|decided ... you|your ... DATE',
    'your .. support_plan|adjustments|circumstances|illness|request|application|extension ... DATE',
    'your .. own|personal|individual|extended|adjusted|new|revised .. deadline|due_date|date ... DATE',
    'personal|individual|extended .. deadline ... DATE',
    'extension|extended .. to|until|till DATE',
    'in_your_case|for_you ... DATE',
    'DATE .. for_you|in_your_case',
    'you .. given|granted|allowed until|till|to DATE',
    'agreed .. on|upon DATE ... your',
    'you .. extra|more|additional|further days|weeks|time ... DATE',
    'you_have until|till DATE .. instead',
    'you .. have until|till DATE .. agreed',
    'as_agreed .. you ... DATE',
  ] },
  { value: 'opens', unless: /\b(?:library|office|museum|exhibition|archive|lab|closes|deadline|due|readings?|reader|materials?|slides|recordings?|films?|handouts?|articles?|lists?|books?|model|sample|term|semester|course|exams?)\b/i, says: [
    '@place|hand-in|uploads|upload|submission|submissions|it|this .. @opens ... DATE',
    'from|as_of|as_from|starting|beginning|not_before|no_earlier_than .. DATE ... @handin|@handing|available|possible|open|accepted|uploaded|submitted|@place',
    '@cannot .. @handin|@handing|possible|uploads ... before|until|prior_to|earlier_than|till .. DATE',
    '@may .. @handin|start|begin ... from|as_of|as_from|starting|after DATE',
    '@handing ... possible|open|accepted|enabled|available ... from|as_of|as_from|starting DATE',
    'opens|opening|available|start .. DATE',
    '@place|hand-in|link|page .. switched_on|turned_on|put_up|appears|appear|set_up|unlocked .. DATE',
    'no uploads|submissions|files|hand-ins before|until|till DATE',
    'nothing|nobody|no_one|none can|may|will .. @handed|@handin|accepted|possible ... before|until|till|prior_to|earlier_than DATE',
  ] },
];
/** Ways to say that something is due, for a wording that names one day and no deadline. */
export const dueSenses: readonly Sense<'due'>[] = [
  { value: 'due', unless: /\b(?:feedback|returned|released|published|announced|discuss\w*|lecture|seminar|session|talk|exam|viva|meeting|published|introduced|opens?|available|written|read|set|version of|dated|updated|posted|starts?|begins?|extension|receive|registered|counted|late|first|every|each|weekly|survey|form|questionnaire|poll|then|presentations?|films?|exercises?)\b/i, says: [
    '@paper ... collected|gathered|picked_up|wanted|needed|required|expected|handed_in|submitted|uploaded|sent|delivered|in|ready|finished|complete ... DATE',
    'DATE ... @handing|hand-in|@place|window .. closes|ends|shuts|stops|is_over',
    'DATE ... @handing|hand-in $',
    '@handing|hand-in ... DATE',
    '@handin ... DATE',
    'DATE ... @handin|@handed|collect|collected',
    '@paper ... DATE $',
    'collect ... @paper ... DATE',
  ] },
];
