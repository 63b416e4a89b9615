/** Words for every check: `line` is what the docket calls it, `says` one sentence by key. Placeholders in braces are filled from the finding's data.
 * A sentence says what is so, why it matters, and what to do. Families (identity, metadata) share their sentences. */
export interface Words { line: string; says: Record<string, string> }

export const words: Record<string, Words> = {
  'file.type': { line: 'The kind that is asked for', says: { wrongKind: 'This is {kind}, and {asked} is asked for: the receiver would refuse it. Convert it in Mend.', otherKind: 'This is {kind}, and {asked} is asked for: the receiver would refuse it. Export the paper as {asked} from the program it was written in and bring that.', noPaper: 'This is {kind}, and {asked} is asked for: the receiver would refuse it. Bring the document itself.', packed: 'This is {kind}, and {asked} is asked for. Unpack it and bring the document itself.', archive: 'This is an archive that holds {inside}, and {asked} is asked for. Unpack it and bring the document itself.' } },
  'file.extension': { line: 'Ending fits the content', says: { mismatch: 'The name ends in .{extension}, but the content is {kind}: it would not open. Rename it to end in .{ending}.', none: 'The name has no ending, so receivers cannot tell that it is {kind}. Add .{ending}.' } },
  'file.size': { line: 'Size', says: { over: 'The file has {bytes} and may have {max}. Shrink it in Mend, or ask the department.', between: 'The file has {bytes} against {max}: within the limit if a megabyte is counted as 1,048,576 bytes, over it by the strict reading. Shrink it to be safe.' } },
  'file.empty': { line: 'Not empty', says: { zero: 'The file has 0 bytes: there is nothing in it. Save the paper again and bring that file.' } },
  'file.truncated': { line: 'Whole', says: { truncated: 'The file is cut short ({why}). Copy or download it again.', damaged: 'The file is damaged: {why}. Save it again from the program it was written in.', bomb: 'It was not unpacked: {why} Save the document again without the oversized part.' } },
  'file.encrypted': { line: 'Opens without a password', says: { password: 'The file asks for a password, which a marker does not have. Save a copy without one.', opens: 'The file is locked against changes, though it opens. Some receivers refuse such files; a copy without the lock is safer.' } },
  'file.link': { line: 'The document itself', says: { inside: 'The document holds a link ({address}) and hardly anything else. A marker has no access to it and it counts as nothing. Bring the paper itself.', link: 'This is only a link ({address}). A marker has no access to it and it counts as nothing. Download a copy as a word-processor file or PDF and bring that.' } },
  'file.lock': { line: 'Not an editor’s lock file', says: { lock: 'This is the lock file that an editor keeps beside an open document; it also holds a user name. Close the editor and bring the document itself.' } },
  'file.partial': { line: 'A finished download', says: { partial: 'A name ending in .{extension} is a download that has not finished. Wait for it or download it again.' } },
  'file.vendor': { line: 'A kind that others can open', says: { vendor: 'A .{extension} package opens only in the program it comes from. Export the paper there as PDF or DOCX and bring that.' } },
  'file.active': { line: 'No macros, scripts or outside parts', says: { macros: 'The file holds macros, which receivers refuse. Save it as an ordinary document.', javascript: 'The PDF holds JavaScript, which receivers refuse or strip. A clean copy goes without.', launch: 'The PDF would start another program when opened. A clean copy goes without.', externalReference: 'The file refers to something outside itself ({text}): the marker will not have it. Put it into the file.', oleObject: 'An object of another program is embedded ({text}); it may not open for the marker.' } },
  'file.attachments': { line: 'No files inside the file', says: { attachment: '“{name}” is attached inside the file. Markers often do not see it, and it was searched too.' } },
  'file.archive': { line: 'The form for long keeping', says: {
    unreadable: 'The parts of the file cannot be read one by one, so whether it is {asked} is not known. Export it again from the program it was written in.', notYet: 'How the file stands as {asked} is still being looked at.', other: 'The file says it is {claim}, and {asked} is asked for. Export it as {asked} from the program it was written in, or ask whether {claim} will do.',
    claim: 'The file does not say that it is PDF/A (clause {clause}). Mend writes it as PDF/A-2b.', metadata: 'It carries no metadata in the form that is demanded (clause {clause}). Mend writes them; they say nothing about you.', header: 'Its first lines do not mark it as binary (clause {clause}). Mend writes it anew.', identifier: 'It has no identifier (clause {clause}). Mend makes one from the content alone.', encryption: 'It is locked, which a file for keeping may not be (clause {clause}). Mend writes it without the lock.',
    outside: 'Part of its content lies in another file (clause {clause}): it would be lost. Export it again with everything inside.', filter: 'Content is packed in an old way that is not allowed (clause {clause}). Mend packs it anew.', intent: 'It does not say what its colours mean (clause {clause}). Mend puts a profile in.', colour: 'Colours in {text} have no stated meaning (clause {clause}). Mend states it; compare the pages.', state: 'Print settings that change tones are not allowed (clause {clause}). Mend takes them out.', image: 'A picture asks for smoothing or has a second version (clause {clause}). Mend takes that out.', postscript: 'It holds a program of a printer language or a page of another file (clause {clause}). Export it again.',
    font: 'The font {text} is not inside (clause {clause}): in years to come nobody will have it. Mend puts an open face in where one fits; otherwise export it again with fonts embedded.', widths: 'The file states other widths for letters of {text} than the font inside has (page {page}, clause {clause}): programs set them differently. Export it again from the program it was written in.', notdef: 'A sign on page {page} has no glyph in the font {text} (clause {clause}): an empty box or nothing is shown. Choose another font for it in the source, and export it again.', limits: '{text} is beyond what every reader can hold (clause {clause}). Export it again from the program it was written in.', glyphMap: 'The font {text} does not say which letter is which (clause {clause}). Mend adds it.', annotationKind: 'A mark of the kind {text} plays or carries something (clause {clause}). Mend takes it out.', annotationFlags: 'Marks of the kind {text} are hidden or would not be printed ({count}, clause {clause}). Mend settles that.', appearance: 'A mark of the kind {text} has no look of its own (clause {clause}): every program draws it differently. Take it out, or make it part of the page.',
    form: 'A form draws its fields only when opened (clause {clause}). Mend settles that.', xfa: 'It holds a second form that lives outside the pages (clause {clause}). Mend takes it out.', action: 'It holds an action that runs something ({text}, clause {clause}). Mend takes it out.', trigger: 'Something would run when a page or field is opened (clause {clause}). Mend takes it out.', attachment: 'Files are attached inside it (clause {clause}). Mend takes them out; hand them in by themselves.', layers: 'Its layers have no name, or switch themselves (clause {clause}). Mend settles that.', requirements: 'It demands abilities of the program that opens it (clause {clause}). Mend takes that out.',
  } },
  'file.repaired': { line: 'Sound structure', says: { repaired: 'The PDF opened only after its structure was repaired; a stricter program may refuse it. A clean copy is written anew.' } },
  'name.pattern': { line: 'Name by the rule', says: { unlike: '“{name}” does not follow “{pattern}”: {why}. Rename it in Mend.', unsure: '“{name}” has to follow “{pattern}”, which cannot be compared by machine: {why}. Look yourself.' } },
  'name.required': { line: 'Name carries what it must', says: { lacks: 'The name must carry the {field}, and “{name}” does not. Rename it in Mend.', unsure: 'The name must carry the {field}; whether “{name}” does cannot be told without my details.' } },
  'name.identity': { line: 'Name does not identify me', says: { identifies: '“{found}” in the file name identifies you. Rename it in Mend.' } },
  'name.characters': { line: 'Characters in the name', says: { refused: 'Common systems refuse these characters in a name: {characters}. Rename it.', edges: 'The name begins or ends with a space or a full stop, which common systems refuse. Rename it.', device: '“{name}” is a name that a common system keeps for a device. Rename it.', beyondAscii: 'Some receivers mangle these characters: {characters}. Plain letters are safer.' } },
  'name.length': { line: 'Length of the name', says: { bytes: 'The name takes {bytes} bytes; 255 is the most that systems keep. Shorten it.', long: 'The name has {characters} characters; in lists it will be cut off. Up to 100 is safe.' } },
  'name.version-marks': { line: 'No marks of versions', says: { mark: '“{mark}” in the name looks like an earlier version or a copy. Make sure that it is the newest, and name it plainly.' } },
  'name.template': { line: 'Not the template’s name', says: { same: '“{name}” is the name of the supplied template; such a file may be refused. Save it under another name.' } },
  'fonts.embedded': { line: 'Fonts travel with the file', says: { notEmbedded: 'The font {font} ({type}) is not embedded: another machine will show another font, or nothing. Export the PDF again with fonts embedded.', listedOnly: 'The font {font} ({type}) is listed in the file and not embedded, but no letter is shown in it: every page looks right. Where the receiver counts what is listed, embed it.' } },
  'fonts.unicode': { line: 'Text can be read by machine', says: { unmapped: 'Text in {font} cannot be turned into characters, so it cannot be searched or checked. Export the PDF again.' } },
  'fonts.type3': { line: 'Outline fonts', says: { type3: '{count} fonts are drawn glyph by glyph (Type 3, {font}); they print coarsely and often cannot be searched.' } },
  'fonts.available': { line: 'Fonts that receivers have', says: { rare: 'The font {font} is named but not embedded, and many machines lack it. A PDF carries it along.' } },
  'text.minimum': { line: 'Enough typed words', says: { few: 'A similarity check needs at least 20 typed words, and {words} can be read. A picture of text does not count.' } },
  'text.image-only': { line: 'Text, not pictures of text', says: { picture: 'Page {page} is a picture: no machine can read or search it.' } },
  'text.garbled': { line: 'Characters with a meaning', says: { garbled: '{count} characters here have no meaning for a machine. Export the PDF again from the source.' } },
  'text.invisible': { line: 'Nothing hidden in the text', says: { hidden: 'Here is text that is there and not shown: “{quote}”. A machine reads it. Take it out, unless it is meant to be there.' } },
  'text.background': { line: 'Text stands out', says: { blends: 'This text has the colour of what lies under it: “{quote}”. A machine reads it and nobody sees it. Take it out, or give it a colour.' } },
  'text.tiny': { line: 'Text large enough', says: { tiny: 'This text is under 4 pt: “{quote}”. A machine reads it and hardly anybody sees it.' } },
  'text.off-page': { line: 'Text on the page', says: { outside: 'This text lies outside the visible page: “{quote}”. A machine reads it and nobody sees it.' } },
  'text.lookalikes': { line: 'Words in one script', says: { lookalike: '“{word}” mixes letters of several scripts that look alike. A machine reads another word. Type it again.' } },
  'text.zero-width': { line: 'No invisible characters', says: { zeroWidth: '“{word}” holds an invisible character: a machine reads two words. Type it again.' } },
  'pages.limit': { line: 'Pages', says: { over: '{pages} pages, and {max} are allowed.', longer: '{pages} pages, and the wording asks for {max} without calling that a limit. Look whether a longer paper is taken.', under: '{pages} pages, and at least {min} are asked for.', overSimilarity: '{pages} pages; a similarity check takes fewer than {max}.', stated: 'It has {accounts}, where the wording asks for {limit}. A PDF settles it.', laid: 'It has {accounts}, where the wording asks for {limit}. A PDF settles it.', unfixed: 'How many pages there are depends on the program that opens the file. A PDF settles it.' } },
  'pages.size': { line: 'Sheet', says: { other: 'Page {page} is {size}, and {asked} is asked for.', otherSheet: 'The page is set up as {size}, and {asked} is asked for.' } },
  'pages.blank': { line: 'No blank pages', says: { blank: 'Page {page} is blank.' } },
  'pages.orientation': { line: 'Pages one way up', says: { across: 'Page {page} lies across among upright pages. Look whether it is meant to.', acrossSection: 'Among upright sections {count} of the file lie across. Look whether it is meant to.' } },
  'pages.numbers': { line: 'Page numbers', says: { none: 'Page numbers are asked for and none were found at the head or foot of the pages.', missing: 'Page {page} has no number.', noField: 'Page numbers are asked for, and no field at the head or foot of the pages counts them.' } },
  'layout.font-size': { line: 'Size of type', says: { other: 'The text is set in {size} pt, and {asked} pt is asked for.', mixed: 'Most of the text is in {size} pt, but some in {others} pt.', passage: 'A passage is set in {found} pt, where {asked} pt is asked for. Look whether it is meant to: “{quote}”' } },
  'layout.fonts': { line: 'Typeface', says: { other: 'The text is set in {font}, and {asked} is asked for.', alike: 'The text is set in {font}, an open face that sets like {asked}. Look whether that will do.', passage: 'A passage is set in {found}, where {asked} is asked for. Look whether it is meant to: “{quote}”' } },
  'layout.line-spacing': { line: 'Line spacing', says: { passage: 'A passage is set closer, with a line spacing of {found}, where {asked} is asked for: “{quote}”', other: 'The line spacing is {found}, and {asked} is asked for.', unmeasured: 'The line spacing could not be measured. Look yourself.' } },
  'photo.sharpness': { line: 'Sharp photo', says: { lost: 'The photo is blurred: letters run together ({sharpness} of 100). Take it again, resting the camera.', soft: 'The photo is a little blurred ({sharpness} of 100). Zoom in: if a word is hard to read, take it again.', nothing: 'There is no writing on the sheet to judge by. Look whether it is the right photo.' } },
  'photo.exposure': { line: 'Light on the sheet', says: { glare: 'A reflection burns out a part of the sheet, and writing there is gone. Take it again without the flash, or with the lamp at the side.', dark: 'The photo is dark. Take it again in more light if anything is hard to read.', faint: 'The writing hardly stands out from the paper. Take it again in better light, or use the ink filter.', shadow: 'A shadow lies on the sheet. Take it again without the hand or the lamp in the way if anything is hard to read.' } },
  'photo.edges': { line: 'The whole sheet', says: { cut: 'The sheet runs out of the photo at {sides} of its sides. Look whether writing is missing.', unsure: 'The edges of the sheet could not be seen clearly. Look at the corners and pull them where they belong.' } },
  'photo.ghost': { line: 'Nothing shines through', says: { ghost: 'Writing from the other side shines through. Put a dark sheet behind it, or use another filter.' } },
  'photo.turn': { line: 'Upright', says: { turned: 'The writing stands turned by {turn}°. Make it a page with the scan tools, which set it upright.' } },
  'photo.resolution': { line: 'Enough detail', says: { coarse: 'A page of this size has {dpi} dots per inch; 150 are needed for easy reading. Go nearer, so that the sheet fills the photo.' } },
  'photo.order': { line: 'Photos in order', says: { time: '“{name}” was taken before “{other}”, which stands before it. Look whether the pages are in order.', number: '“{name}” has a lower number than “{other}”, which stands before it. Look whether the pages are in order.' } },
  'photo.duplicates': { line: 'Each page once', says: { same: '“{name}” shows the same page as “{other}”. Keep the better one.' } },
  'pages.rotation': { line: 'Pages the right way up', says: { upsideDown: 'Page {page} stands on its head. Turn it before it goes.', sideways: 'The writing on page {page} runs up or down the page. Turn it unless it is a wide table that is meant so.' } },
  'text.covered': { line: 'No text under something else', says: { covered: '“{quote}” lies under a shape or picture: nobody sees it, but it can be copied out and a machine reads it. Take it out for good, or move what lies over it.' } },
  'text.hidden-layer': { line: 'No hidden layers', says: { hidden: 'Page {page} has text in a layer that is switched off: “{quote}”. It is in the file all the same. Take the layer out, or switch it on.' } },
  'fonts.permission': { line: 'Fonts that may be embedded', says: { restricted: 'The font “{font}” forbids embedding by its licence, so some programs take it out again. Use another font if that matters.' } },
  'remains.empty-section': { line: 'Nothing empty', says: { empty: 'Nothing stands under the heading “{heading}”. Write the section or take the heading out.' } },
  'time.extension': { line: 'Your extension', says: { between: 'The deadline for everyone ({due}) is over and yours is {extension}: the place may call the paper late. Keep the grant of the extension at hand.', earlier: 'Your extension ({extension}) lies before the deadline for everyone ({due}). Look which one holds.' } },
  'time.zone': { line: 'Time zone', says: { unsaid: 'The due time ({due}) comes without a time zone. Find out whose clock counts if you are elsewhere.' } },
  'set.sections': { line: 'Sections asked for', says: { missing: 'No section called “{section}” was found, and the brief asks for one.' } },
  'layout.margins': { line: 'Margins', says: { narrow: 'The {side} margin is {found} mm, and {asked} mm is asked for.', wide: 'The {side} margin is {found} mm, wider than the {asked} mm asked for.', page: 'On page {page} the {side} margin is {found} mm, and {asked} mm is asked for.', unmeasured: 'The margins could not be measured. Look yourself.' } },
  'words.count': { line: 'Words', says: { over: '{counted}, and at most {max} are allowed.', longer: '{counted}, and the wording asks for {max} without calling that a limit. Look whether a longer paper is taken.', under: '{counted}, and at least {min} are asked for.', depends: '{counted}: whether that is within the limit depends on what counts. Ask, or settle it in Read.' } },
  'remains.comments': { line: 'No comments left', says: { comments: 'Comments are still in the file ({count}). The marker would see them.' } },
  'remains.tracked-changes': { line: 'No tracked changes left', says: { changes: 'Tracked changes are still in the file ({count}). Accept or reject them.' } },
  'remains.highlight': { line: 'No highlighting left', says: { highlights: 'Stretches of text are highlighted ({count}).' } },
  'remains.placeholder': { line: 'Nothing left to fill in', says: { placeholder: '“{text}” looks like a place that was left to fill in.' } },
  'remains.broken-reference': { line: 'No broken references', says: { broken: '“{text}” is a reference that leads nowhere.' } },
  'remains.older-revision': { line: 'No earlier state inside', says: { revisions: 'Earlier saved states are still inside the file ({count}) and can be brought back. A clean copy goes without.' } },
  'identity.self-citation': { line: 'No pointing to my own work', says: { phrase: '“{phrase}” may point to you.' } },
  'identity.contact': { line: 'No other contact', says: { other: '“{contact}” is not among your details. Look whether it points to you: another address of yours, your supervisor’s or your placement’s does.' } },
  'identity.acknowledgement': { line: 'No thanks that point to me', says: { phrase: '“{phrase}” may point to you through somebody who is named.', section: 'There is a section of thanks. Look whether it says who you are through those who helped you.' } },
  'identity.third-person': { line: 'Nobody near me', says: { phrase: '“{phrase}” may point to you through somebody or something near you.' } },
  'identity.*': { line: 'Nothing that identifies me', says: { found: '“{found}” in {where} {reason}.', noDetails: 'Nothing was searched, because your details are missing. Enter them under My details; they stay in this browser.' } },
  'metadata.*': { line: 'Nothing stored about me', says: { identifies: 'The stored {what} ({key}) is “{value}”, which identifies you. A clean copy goes without.', stored: 'Stored with the file: {what} ({key}), “{value}”. A clean copy goes without.' } },
  'set.missing': { line: 'All documents are there', says: { missing: 'No file answers for “{label}” yet.' } },
  'set.surplus': { line: 'Nothing that is not asked for', says: { surplus: '“{name}” answers to none of the documents asked for.' } },
  'set.one-file': { line: 'One single file', says: { several: 'One single file is asked for and there are {count}. Put them into one PDF.' } },
  'set.duplicate': { line: 'Each document once', says: { bytes: '“{name}” and “{other}” are the same, byte for byte.', text: '“{name}” and “{other}” hold the same words.', name: 'Two different files are called “{name}”.' } },
  'set.kind': { line: 'Each document of its kind', says: { kinds: 'Asked for: {asked}. Brought: {found}. Convert one, or bring the other.' } },
  'set.earlier-version': { line: 'The newest version of each', says: { earlier: '“{name}” is nearly the same as “{other}” and older ({why}): {changed} words differ. Hand in the newer one.', unclear: '“{name}” and “{other}” are nearly the same ({changed} words differ), and nothing tells which is newer. Look at what changed.', kinds: '“{name}” and “{other}” say nearly the same, but {changed} words differ: one was not made from the other as it stands.' } },
  'set.template-unchanged': { line: 'The template is filled in', says: { unchanged: '“{name}” is the template “{template}” as it was supplied: nothing has been written in it.', barely: '“{name}” is the template “{template}” with {count} words written in it. Look whether it is the right file.' } },
  'time.window': { line: 'Open now', says: { notYet: 'It opens only on {opens}.', over: 'It closed on {due}. Ask the department to reopen it.' } },
  'time.margin': { line: 'Time to spare', says: { short: '{minutes} minutes are left. Sending can fail: start now.' } },
  'time.similarity': { line: 'Time for another score', says: { noSecond: 'A score after handing in again takes up to {hours} hours: it would come after the due time.' } },
};

/** Why a sign weighs what it weighs, to end a sentence. */
export const reasons: Record<string, string> = {
  exact: 'is yours and identifies you', structured: 'is stored where a name belongs and identifies you', titlePage: 'stands on the title page and identifies you', citation: 'stands in a citation; look whether it points to you',
  referenceEntry: 'stands in the reference list; look whether it points to you', otherPerson: 'stands with another person’s name; look whether it is you', half: 'is half of your surname; look whether it is you', given: 'is your given name; look whether it is you',
  commonWord: 'is also an ordinary word; look whether it is you', lowerCase: 'is written small; look whether it is you', weak: 'may be yours; look',
};

/** What the docket calls places and sorts of the two families. */
export function wordsFor(check: string): Words {
  const own = words[check];
  if (own) return own;
  const family = words[`${check.split('.')[0]}.*`];
  if (!family) throw new Error(`no words for ${check}`);
  return family;
}

/** Fills a sentence. @throws Error for a key that has no words: a house test keeps that from happening */
export function say(check: string, key: string, data: Record<string, string | number>): string {
  const template = wordsFor(check).says[key];
  if (template === undefined) throw new Error(`no words for ${check}/${key}`);
  return template.replace(/\{(\w+)\}/g, (_, name: string) => (name === 'reason' ? reasons[String(data.reason)] ?? String(data.reason) : String(data[name] ?? '')));
}

/** On what it rests that one of two versions is newer. */
export const groundWords: Record<string, string> = {
  savedInside: 'its exact bytes are an earlier state inside the other', revisionIds: 'the other holds all its editing sessions and more', changesAccepted: 'its tracked changes are settled in the other', saves: 'it was saved fewer times', editingTime: 'it was edited for less time',
  modified: 'it was last changed earlier', leftovers: 'it still has places to fill in', comments: 'it still has comments', textDate: 'the date on its first page is earlier', nameMark: 'its name says so', fileTime: 'its file is older on disk', sameLine: 'the other was made from it here',
};

/** Why a line is unread. */
export const unreadWords: Record<string, string> = {
  encrypted: 'locked by a password', damaged: 'the file is damaged', notOfThisKind: 'does not apply to this kind', noFixedPages: 'this kind has no fixed pages', tooLarge: 'too large to look at', noFile: 'no file yet',
};
