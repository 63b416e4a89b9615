import { anyOf } from './any-of.ts';

/** A place by its name in quotation marks or by its way through pages. Each has one group, the name. */
export const quotedPlaces = anyOf('g', [
  /\b(?:pages?|site|portal|form)\b[^.;“"()]{0,30}\((?:under |link |box |folder |tab |button )[“"‘]([^”"’\n]{3,80})[”"’]\)/,
  /^\W*[Tt]he (?:resit|correct|right|new|current) (?:box|folder|area|link|page|point) [“"‘]([^”"’\n]{3,80})[”"’](?! (?:closed|has closed|is closed))/,
  /\b(?:in|into|to) (?:your|the) (?:team|group|pair)['’]s (?:own )?(?:folder|box|area) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*[Ss]ubmission (?:mode|method|route)\s*:\s*(?:online|electronic(?:ally)?|digital),? (?:via |through |in |to )?[“"‘]([^”"’\n]{3,80})[”"’]/,
  /\bplace,? (?:i\.e\.|that is|namely),? (?:(?:in|to) )?the (?:folder|box|area|link|page|slot) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\bsame (?:box|folder|area|link|slot|place|point),? (?:called |named |namely )?[“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:in|into|to) the drop ?box [“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*[Tt]he [“"‘]([^”"’\n]{3,80})[”"’] (?:box|folder|area|slot|point|link|page) (?:on|in) the (?:module|course|unit|class)(?: page| site| area)?(?! (?:is|was|has) (?:not|closed|been))/,
  /\b(?:[Tt]hrough|[Vv]ia|[Ii]nto|[Uu]sing) the (?:(?:course|module|class|online) )?(?:upload |submission |hand-in |drop )?(?:folder|box|area|slot|point|link)\s+(?:called |named )?[“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:[Ii]n|[Ii]nto|[Tt]o|[Vv]ia|[Aa]t|[Tt]hrough|[Uu]sing|[Uu]nder) the\s+(?:(?!first|second|other|wrong|old)[a-z]+ )?[“"‘]([^”"’\n]{3,80})[”"’]\s+(?:box(?! office)|folder|point|area|page|slot|place|link|assignment(?= and may| on the| in the|\.|,|$))\b/,
  /(?<=\b(?:method|via|in|electronic(?:ally)?),? )[“"‘]([^”"’\n]{3,60})[”"’] (?:inbox|in-?box|drop ?box|tray)\b/,
  /\b[Uu]se (?:the )?[“"‘]([^”"’\n]{3,80})[”"’](?: (?:slot|box|folder|link|area|point|page|tray))? (?:on|in) the (?:module|course|unit|class)\b/,
  /\b(?:choose|select|click(?: on)?|open|pick|(?<!\b(?:number|name|code|surname|first|ID),? )then)\s+[“"‘]([^”"’\n]{3,80})[”"’](?! (?:as|from the list of)\b|,? (?:and )?(?:then|choose|select|click|open|pick)\b)/,
  /\b(?:section|tab) [“"‘][^”"’\n]{3,60}[”"’], (?:link|box|folder|area) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:portal|platform|system|exam system)[^.;“"]{0,12} under\s+[“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:course|module|class|shared|drive|network)(?: (?:page|site|drive))?,? (?:folder|box|area|slot)\s+[“"‘']([^”"’'\n]{3,80})[”"’']/,
  /\b(?:in|into|to) the (?:folder|box|area|slot|tray)\s+[“"‘']([^”"’'\n]{3,80})[”"’']/,
  /\b(?:in|into|to) the (?:folder|box|area|page|slot) (?:called|named)\s+([A-Z][\w&’'-]*(?: (?:of |and |the )?[A-Z0-9][\w&’'-]*)*)/,
  /\b(?:[Bb]y )?uploading (?:it |them )?to [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b[Vv]ia [“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*(?:\w+ \/ )?(?:[Hh]ow|[Vv]ia|[Tt]hrough|[Hh]and[- ]?in|[Ss]ubmission|[Uu]pload(?: to)?)\s*:\s*[“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:via|through|using|in|with) the (?:online |web |upload |submission )?form\s+[“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*(?:A:\s*)?[Uu]nder\s+[“"‘]([^”"’\n]{3,80})[”"’](?! (?:you|we|I|there|it|they)\b)/,
  /\b[Tt]he (?:upload|submission|hand-in) (?:box|folder|area|page|point|link) [“"‘]([^”"’\n]{3,80})[”"’](?! (?:closed|has closed|is closed|was|is not|is for|will not|does not)\b)/,
  /\b(?:submission|hand-in|upload) (?:page|box|area|folder|point) for [“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*(?:[Tt]he )?(?:(?:[Uu]pload|[Ss]ubmission|[Hh]and-in|[Dd]rop) )?(?:[Ff]older|[Bb]ox|[Aa]rea|[Pp]oint|[Ll]ink|[Pp]age|[Ss]lot)\s+[“"‘]([^”"’\n]{3,80})[”"’](?! (?:closed|has closed|is closed|was|is not|is for|will not|does not)\b)/,
  /\b(?:area|page|folder|point|box|portal|site|place|link)\b[^.;“"()]{0,30}\((?:called |named )?[“"‘]([^”"’\n]{3,80})[”"’]\)/,
  /(?:\b(?:under|in|at|via|through|using|to)\s+(?:the )?(?:[>›→]\s*)?|^\W*(?:[Uu]pload|[Hh]and[- ]in|[Ss]ubmit|[Ss]ubmission|[Ww]here)\s*:\s*)((?:[A-Z][\w&’'/-]*)(?: [\w&’'/-]+){0,4}(?:\s?(?:>|›|→)\s?[A-Z][\w&’'/-]*(?: [\w&’'/-]+){0,5}(?: \([A-Z][\w ]{2,20}\))?)+)/,
  /(?<=\b(?:site|page|platform) \()([A-Z][\w&’' -]{2,40}(?:\s?[>›→]\s?[A-Z][\w&’' -]{2,40})+)(?=\))/,
  /(?<=^|[:,]\s|\bvia\s(?:the\s)?)((?!20\d\d\b)(?:[\w&’'-]+ ){0,3}[\w&’'-]+(?:\s?[>›→]\s?[A-Z][\w&’'/-]*(?: [\w&’'/-]+){0,5}){2,}(?: \((?:final|main|graded)\))?)/,
]);

/** A place that is called something; asked where nothing better was found. Each has one group, the name. */
export const calledPlaces = anyOf('gi', [
  /\b(?:in|into|to|via|through|using|under|use) (?:the|our) (?:assignment|submission|hand-in|upload|course|module|exchange|shared) (?:module|unit|activity|tool|item|element|folder|area|room) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:both|all|everything|them|it|files)\b[^.;“"]{0,40}\b(?:in|into|to) the ([A-Z][\w&’'-]+(?: [A-Z0-9][\w&’'-]*){0,3} (?:folder|box|area|inbox|portal|page))\b/,
  /\b(?:link|box|folder|area|slot|tile|tab|button)\b[^.;“"]{0,50}\b(?:called|named|labelled|titled|entitled|marked) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:site|page|platform|portal|module|course)\s*\((?:[A-Z][\w ]{2,24} (?:tab|section|area|menu), )?[“"‘]([^”"’\n]{3,80})[”"’]\)/,
  /\bon the (?:course|module|class|unit) (?:page|site) \(([A-Z][\w ]{2,30} ?[>›→/] ?[^()]{2,40})\)/,
  /\b(?:via|through|using|to|into|in) the (?:file drop|drop|exchange|tray|inbox|locker|desk|counter) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /^\W*(?:how|via|where)\s*:\s*(?:via |through |on |in )?the ([A-Z][\w&’'-]+(?: [A-Z0-9][\w&’'-]*){0,3} (?:upload link|submission link|link|folder|box|area|inbox|portal|page))\b/,
  /\b(?:page|site|portal|platform), [“"‘]([^”"’\n]{3,80})[”"’] (?:drop-off|drop|upload|submission|hand-in|link|box|folder|area|slot|tray)\b/,
  /\byours is the (?:one|box|link|folder) (?:called|named|labelled|titled|marked) [“"‘]([^”"’\n]{3,80})[”"’]/,
  /\b(?:post|upload|put|submit|hand in) (?:it|them|your \w+|the \w+)? ?under ((?:Week|Unit|Part|Topic|Section) \d{1,2}\s*[/>›→]\s*[A-Z][\w’' -]{2,40}?)(?=\s*(?:[.,;(]|$))/,
]);
