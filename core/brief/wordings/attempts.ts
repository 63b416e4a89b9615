import { anyOf } from './any-of.ts';

/** It can be handed in once and not again. */
export const handedInOnce = anyOf('gi', [
  /\bno (?:corrections|changes|replacements) (?:are (?:possible|allowed) )?after (?:the )?(?:upload|submission)\b/,
  /\bno second (?:submission|upload|version)\b(?! (?:after|beyond))/,
  /\b(?:cannot|can ?not|may not|can['’]t) (?:submit|upload|hand in|send(?: in)?) (?:a second|another|an updated|a revised) (?:version|file|one|paper|essay)\b[^.;]{0,20}/,
  /\b(?:submit(?:ted)?|hand(?:ed)? (?:it |your work )?in|upload(?:ed)?|(?:send|turn) (?:it|your \w+) in)\b[^.;]{0,25}\bonly once\b/,
  /\bonly (?:be )?(?:submit(?:ted)?|upload(?:ed)?|hand(?:ed)? in) once\b/,
  /\bonce only\b/,
  /\b(?:may|can|must|should) ?not be (?:handed in|submitted|uploaded) (?:a second time|again|twice)\b/,
  /\bafter (?:submission|submitting|you (?:have )?submit(?:ted)?),? (?:you|it|the file) (?:cannot|can['’]?t|can not|may not) (?:be changed|make (?:any )?changes|change|edit|replace)\b/,
  /\bonce (?:it is )?(?:submitted|uploaded|handed in|sent),?\s+(?:it|your \w+|(?:the|an?) (?:file|paper|work|essay|report|poster|submission|document|dissertation|thesis|portfolio|project|assignment))\s+(?:cannot|can['’]?t|can not|may not) be (?:changed|replaced|edited|withdrawn|altered|resubmitted|amended|revised)\b/,
  /\b(?:cannot|can ?not|may not|can['’]t) (?:be )?(?:delete|replace|change|remove)d?(?: (?:or|and) (?:delete|replace|change|remove)d?)? (?:an |the |your )?(?:uploaded|submitted) (?:essay|file|paper|work|report|document)\b/,
  /\bgroups? hands? in once\b/,
  /\bonly one file can be uploaded,? and it cannot be (?:exchanged|replaced|changed)\b/,
  /\b(?:the )?second (?:upload|submission|version|one|file) (?:is|will be) (?:ignored|disregarded|deleted|not (?:read|marked|accepted))\b/,
  /\b(?:not|never)\b[^.;]{0,20}\b(?:submit|upload|hand (?:it |your work )?in)\b[^.;]{0,20}\bmore than once\b/,
  /\b(?:re-?submissions?|(?:second|further|repeat(?:ed)?|multiple|several|additional) (?:attempts?|submissions?|uploads?))\b[^.;]{0,25}\b(?:(?:is|are|will be) not|not (?:be )?(?:allowed|permitted|possible|accepted)|impossible|cannot)\b/,
  /\b(?:cannot|can ?not|may not|can['’]t|not (?:be )?able to|no)\s+(?:re-?submi(?:t|ssions?)|submit (?:again|a second time)|hand (?:it )?in again|change (?:it|the file|your (?:file|submission)) afterwards|replace (?:it|your (?:file|submission)))\b[^.;]{0,10}/,
]);

/** The newest counts, or stands in the place of earlier ones. */
export const lastCounts = anyOf('gi', [
  /(?<!\bfor )\b(?:only )?(?:the|your) (?:latest|last|most recent|newest|final)\s+(?:submission|version|attempt|upload|file|one|paper|draft|submitted version)s?\b[^.;]{0,50}\b(?:mark(?:ed)?|count(?:s|ed)?|graded|assessed|considered|kept|retained|stored|saved|used|taken|read|seen)\b/,
  /\b(?:re-?submi\w+|new(?:er)? (?:submission|file|version|upload)s?|later (?:submission|version|file)s?|each (?:new )?(?:submission|upload))\b[^.;]{0,40}\b(?:replaces?|overwrites?|will (?:replace|overwrite))\b/,
  /\b(?:most recent|latest|last|newest) (?:one|version|draft)\b[^.;]{0,60}\b(?:is what|wins)\b/,
  /\b(?:each (?:new )?|the (?:newest|newer|latest|last|new) )(?:one|version|file|upload) (?:overwrites|replaces|overrides) the (?:last|previous|former|earlier|old|one before)/,
  /\b(?:latest|newest|most recent|last) (?:one |draft |file )?(?:(?:will be|gets) (?:graded|marked|read|assessed|used)|counts|holds|is (?:marked|graded|kept|used|read))\b/,
  /\b(?:each|every) new (?:file|upload|version)\b[^.;]{0,20}\b(?:deletes|replaces|overwrites)\b/,
  /\beach (?:one )?(?:overwrites|replaces)\b/,
  /\bthe (?:final|new|next|second|later) (?:version|submission|upload|file|one) (?:overwrites|replaces)\b/,
  /\bthe (?:last|latest|newest|most recent) (?:one |submission |file |version )?replaces (?:all|the|any|every)\b/,
  /\bwhat we (?:read|mark|grade) is (?:what|the one that) was (?:sent|handed in|uploaded|submitted) last\b/,
  /\bonly the (?:last|latest|newest|most recent) (?:counts|is (?:marked|read|graded|kept))\b/,
  /\b(?:handing in|uploading|submitting|returning) (?:it |a file )?again\b[^.;]{0,40}? (?:replaces|overwrites|deletes)\b/,
  /\b(?:can|may) (?:change|update) (?:the|your|their) (?:file|submission|document|paper) until\b/,
  /\b(?:prior to|before|until) (?:the|that|then|this)(?: deadline| due date| time| point)?,? you (?:may|can) (?:overwrite|replace)\b/,
  /\byou (?:may|can) overwrite\b/,
  /\b(?:overwrites|replaces) (?:the |your |any )?(?:one before|(?:previous|earlier|old|last) (?:one|version|file|upload|submission))\b/,
  /\b(?:markers?|we|I|tutors?) opens? (?:only )?the (?:last|latest|newest|most recent)\b/,
  /\b(?:latest|last|newest|most recent) one (?:graded|marked|counts|read|kept)\b/,
  /\bkeeps (?:only the (?:newest|latest|last|most recent)|the (?:newest|latest|last|most recent)(?: one| version| file)? only)\b/,
  /\b(?:earlier|previous|old)\s+(?:submissions?|versions?|files?|attempts?|uploads?|ones?)\b[^.;]{0,30}\b(?:overwritten|replaced|deleted|discarded|lost|disappears?|goes|vanish\w*|(?:is|are) not kept)\b/,
  /\bthe newer (?:file|version|one|upload|submission) (?:will be|is|gets) (?:used|marked|read|kept|taken)\b/,
  /\bonly the (?:last|latest|newest|most recent) (?:version|one|file|upload) (?:is|will be|gets) (?:sent|passed|given|forwarded|shown)\b/,
  /\b(?:grade|mark|read)s? only the final one\b/,
  /(?:^|[,;:]\s*)(?:the )?second (?:one |upload |file |version |submission )?(?:replaces|overwrites) (?:the )?first\b/,
  /\b(?:the|an?|every) (?:second|new|later|further) (?:one |upload |file |version |submission )?(?:replaces|overwrites) (?:the|its) (?:first|old|former|previous|earlier)\b/,
  /\b(?:I|we)(?:['’]ll| will)? (?:only |just )?(?:mark|grade|read|take) (?:whatever|what)(?:['’]s| is) (?:there|in the (?:box|folder)|uploaded) (?:last\b|at (?:the (?:end|deadline|close)|\d[\d:.]* ?(?:[ap]m)?|noon)|when (?:it|the \w+) closes)\b/,
  /\bwhat(?:ever)? is in the (?:box|folder) at (?:the )?(?:closing time|close|deadline|end)\b[^.;]{0,10}\b(?:is|gets|will be) (?:marked|graded|read|assessed)\b/,
  /\bI (?:will |shall )?(?:only |just )?(?:look at|mark|read|grade) the second(?: one)?\b(?! (?:page|part|question|half|chapter|essay|draft))/,
  /\bthe (?:second|last|newest|latest) (?:upload|one|version|submission) is final\b/,
  /\bthe (?:last|second|later) (?:one )?is the one (?:that )?(?:we|I|markers?) (?:will )?(?:grade|mark|read|assess)/,
  /\bthe (?:later|second) (?:one|version|file|upload) (?:counts|is (?:marked|graded|read|used|kept))\b/,
  /\b(?:we|I|markers?)(?:['’]ll)?\s+(?:will\s+)?(?:only\s+)?(?:mark|grade|read|consider|keep|take|see|receive|look at)s?\s+(?:only\s+)?(?:the|your)\s+(?:latest|last|most recent|newest|final (?=submission|version|attempt|upload|file))\w*\b/,
  /\b(?:can|may) be (?:replaced|overwritten)\b[^.;]{0,30}\b(?:times|often|until|up to|before)\b/,
  /\b(?:can|may|possible to)\s+replace\s+(?:your|the|it|their)\b[^.;]{0,40}\b(?:times|often|until|up to|before)\b/,
]);

/** Only the newest is looked at; what came before is gone. */
export const newestIsMarked = anyOf('gi', [
  /\bwhatever is (?:there|in (?:it|the (?:box|folder|area))) (?:at|on|by) (?:midnight|noon|the deadline|that (?:time|moment|point)|\d[\d:.]*(?: ?[ap]m)?)\b[^.;]{0,10}\b(?:is what|gets|will be|counts|is (?:read|marked|graded))\b/,
  /\b(?:we|I) (?:keep|mark|grade|read|take|count) (?:only )?the (?:one|file|version) (?:with the (?:latest|newest|last) (?:time ?stamp|date|time)|(?:that was )?uploaded last)\b/,
  /\b\bupload a (?:corrected|new|revised|better) version,? which (?:will )?(?:then )?(?:is|be) the one that counts\b/,
  /\bonly the (?:second|last|latest|later|final) (?:attempt|submission|upload|version|one|file) (?:is|will be|gets) (?:graded|marked|read|assessed|counted|kept|used)\b/,
  /\bwhat (?:is|was) (?:handed in|submitted|uploaded|sent) last\b[^.;]{0,30}\b(?:is|will be|gets) (?:examined|marked|graded|read|assessed|used|kept)\b/,
  /(?:the )?(?:later|last|second|newer) (?:one|version|file) is (?:what|the one) (?:I|we|the markers?) (?:will )?(?:see|mark|grade|read|look at|count)s?\b/,
  /\b(?:mark|grade|read|assess|look at|take|count)s? (?:only )?which(?:ever)? (?:version|file|one|draft) (?:is|was|lies) (?:there|in (?:it|the (?:box|folder|system|area)))\b/,
  /\bif you (?:upload|submit|hand (?:it )?in) (?:a second time|again|twice|another (?:file|version))[^.;]{0,6}\bthe (?:first|earlier|previous|old|former) (?:file|one|version|upload|submission) (?:disappears|is (?:lost|deleted|gone|overwritten|replaced|removed)|goes|vanishes)\b/,
  /\bearlier (?:uploads?|versions?|files?|submissions?) (?:are|is|will be) (?:gone|lost|deleted|discarded|overwritten|removed|replaced)\b/,
]);

/** Earlier ones are kept beside the newest. */
export const allAreKept = anyOf('gi', [
  /\b(?:all|every|each|both)\s+(?:earlier |previous |your )?(?:submissions?|versions?|attempts?|uploads?)\b[^.;]{0,25}\b(?:kept|stored|retained|saved|recorded|remain)\b/,
  /\b(?:earlier|previous)\s+(?:submissions?|versions?|attempts?|files?|uploads?)\b[^.;]{0,25}\b(?:(?:are|is|will be) (?:also )?(?:kept|stored|retained|archived|saved)|remain)\b/,
  /\b(?:the )?(?:first|earlier|old|previous) (?:version|one|file|upload|submission) (?:is|will be|stays) (?:also )?(?:kept|stored|retained)(?: as well| too)?\b/,
  /\ball (?:of them|submissions|versions|attempts|uploads) (?:will )?(?:remain|stay|be) (?:visible|available|accessible|stored|kept|on record)\b/,
  /\beach of (?:them|these) is (?:kept|stored|retained|saved)\b/,
  /\b(?:every|each) (?:draft|version|submission|upload|file) (?:remains|stays|is kept|will remain|is stored)\b/,
  /\ball of them (?:are|will be|remain|stay) (?:kept|stored|retained|visible|available)\b/,
  /\b(?:keeps?|stores?|retains?) (?:them all|all of them|all (?:uploads|versions|submissions|files|drafts)|every (?:version|draft|one|submission|upload|file))\b/,
]);

/** What none of the others says in so many words: the last of several is looked at, or the student puts another in its place. */
export const lastOfSeveral = anyOf('gi', [
  /\bthe (?:essay|file|version|paper|work) that is (?:then )?in the (?:system|box|folder|area) (?:then )?counts\b/,
  /\b(?:gets?|reads?|marks?|grades?|takes?) whatever (?:came|comes) (?:in )?last\b/,
  /\bsubmissions? (?:can|may) be (?:withdrawn and )?replaced\b/,
  /\b(?:it|the file|your file|files|they) (?:can|may) be (?:exchanged|swapped|overwritten) (?:until|till|up to|before)\b/,
  /\b(?:upload|submit|hand in) a second (?:file|version|one)\b[^.;]{0,14}\bthe first (?:one )?is (?:lost|deleted|overwritten|replaced|gone)\b/,
  /\bthe (?:file|version|paper|document) (?:uploaded|submitted|handed in|sent) last (?:will be|is|gets) (?:evaluated|graded|marked|read|assessed)\b/,
  /\bonly the second (?:submission|upload|version|one) (?:is|will be) (?:graded|marked|read|assessed)\b/,
  /\bolder (?:ones|versions|files|uploads) (?:are|will be|get) (?:deleted|overwritten|discarded|removed)\b/,
  /\bthe newer (?:version|one|file|upload) (?:will be|is|gets) (?:graded|marked|read|assessed)\b/,
  /\b(?:system|portal|box|page|platform|receiver|folder) (?:only )?(?:retains|keeps|stores|saves|holds|takes) (?:only )?(?:the|your) (?:latest|last|newest|most recent)\b/,
  /\bwhat (?:came|comes|arrived|arrives) (?:in )?last is what (?:we|I) (?:read|mark|grade)\b/,
  /\bonly the (?:last|latest|newest|most recent)(?: \w+)? (?:survives|remains|stays|holds|matters)\b/,
  /\b(?:only|just) (?:your|the) (?:last|latest|newest|final|most recent) (?:version|submission|upload|file|attempt|copy|one)\b[^.;]{0,30}\b(?:mark|count|look|read|grad|assess|consider|use|keep|tak)\w*/,
  /\b(?:your |the |,\s*)?(?:last|latest|newest|most recent) (?:version|submission|upload|file|attempt|copy) (?:is|will be|gets) (?:the one )?(?:marked|graded|read|assessed|considered|used|kept|taken)\b/,
  /\b(?:you|students|groups|candidates) (?:can|may|are free to|are welcome to) (?:then |still |always )?(?:replace|overwrite|exchange|swap) (?:what you (?:have )?(?:uploaded|submitted|handed in|sent)|it\b|them\b|files\b|(?:your|the) (?:\w+ )?(?:files?|submission|upload|paper|essay|report|work|version|document|portfolio))/,
  /\bonly the (?:last|latest|newest|most recent) (?:\w+ )?(?:is|gets|will be) (?:visible|shown|opened|marked|graded|read|kept|counted|looked at)\b/,
  /\bthe (?:last|latest|newest|most recent) one (?:is|will be|gets) (?:graded|marked|read|assessed|considered|used|kept|taken)\b/,
  /\b(?:I|we|markers?|tutors?) (?:will |shall )?(?:only |just )?(?:see|open|look at|mark|read|grade|get|receive) (?:only )?(?:your|the) (?:last|latest|newest|final|most recent) (?:one|version|upload|file|submission)\b/,
  /\bI (?:always |only |just )*(?:take|mark|read|look at|grade|use) the (?:newest|latest|last|most recent)(?: one| version| upload)?\b/,
  /\b(?:corrected|new|later|revised|second) (?:\w+ )?(?:can|may) be (?:uploaded|submitted|handed in)\b[^.;]{0,40}\b(?:overwrites|replaces)\b/,
]);
