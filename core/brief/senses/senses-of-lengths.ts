import type { Sense } from './senses.ts';

const anyPiece = /\b(?:append(?:ix|ices)|abstracts?|summary|introduction|conclusion|paragraphs?|answers?|responses?|chapters?|sections?|titles?|captions?|quotations?|drafts?|each|per|every|article|book|handbook|reads?|reading|about|around|roughly|approximately|some(?= \d)|circa|ca)\b/i;
/** How long or large a paper may be, where only one is asked for; a group holds the number. */
export const lengthSenses = {
  maxWords: [{ value: 'group', unless: anyPiece, says: [
    '@words is|are|as|being .. @ceiling',
    '@stop at|after|before|by @words',
    'run|go|extend|amount to|up_to @words',
    '@cannot .. go|be|run|get @beyond @words',
    '@words must|has_to|have_to|should|will suffice|do|be_enough',
    '@paper ends|stops|end|stop at|after|with @words',
    'word_count|number_of_words .. @cannot .. @beyond @bare',
    'word_count|number_of_words .. at_most|up_to|no_more_than|maximum @bare',
    'no|not|nothing @beyond @words',
    '@cannot .. @handin|write|have|use @beyond @words',
    'no @paper .. @beyond @words',
    '@beyond @words .. handed_back|returned|sent_back|rejected|refused|not_accepted|not_marked|fails|fail',
    'you have @words ... no|not more|further|one_more',
    'within|inside @words',
    '@words at_most|at_the_most|and_no_more|and_not_one_more|and_no_longer',
  ] }],
  minWords: [{ value: 'group', unless: anyPiece, says: [
    '@below @words .. @tooShort',
    '@words at_least|or_more|minimum|as_a_minimum|at_the_least',
    'no|not|nothing|none @below @words',
  ] }],
  maxPages: [{ value: 'group', unless: anyPiece, says: [
    '@pages is|are|as|being .. @ceiling',
    '@stop at|after|before|by @pages',
    'run|go|extend|amount to|up_to @pages',
    '@cannot .. go|be|run|get @beyond @pages',
    'no|not|nothing @beyond @pages',
    '@cannot .. @handin|write|have|use @beyond @pages',
    'no @paper .. @beyond @pages',
    'fit|fits on|onto|in|into @pages',
    '@pages at_most|at_the_most|and_no_more|and_no_longer',
  ] }],
  minPages: [{ value: 'group', unless: anyPiece, says: [
    '@below @pages .. @tooShort',
    '@pages at_least|or_more|minimum|as_a_minimum',
    'no|not|nothing|none @below @pages',
    'at_least @pages',
  ] }],
  maxBytes: [{ value: 'group', unless: /\b(?:account|quota|drive|disk|space|each (?:photo|picture|image)|photos?|inbox|mailbox)\b/i, says: [
    '@bytes .. is|are|as|being .. @ceiling',
    '@bytes at_the_most|at_most|tops',
    '@cannot .. be|get|exceed @beyond? @bytes',
    'no|not @beyond @bytes',
    '@beyond @bytes ... rejected|refused|bounce|bounces|bounced|turned_away|turned_down|fail|fails|not_accepted|too_large|too_big',
    'up_to|at_most|within|under|below @bytes .. accepted|allowed|taken|permitted|fine|ok|possible',
  ] }],
} as const satisfies Record<string, readonly Sense<'group'>[]>;
