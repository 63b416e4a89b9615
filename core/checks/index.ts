import type { Check } from './define.ts';
import type { SetCheck } from './define-set.ts';
import { fileActive } from './file/active.ts';
import { fileArchive } from './file/archive.ts';
import { fileAttachments } from './file/attachments.ts';
import { fileEmpty } from './file/empty.ts';
import { fileEncrypted } from './file/encrypted.ts';
import { fileExtension } from './file/extension.ts';
import { fileLink } from './file/link.ts';
import { fileLock } from './file/lock.ts';
import { filePartial } from './file/partial.ts';
import { fileRepaired } from './file/repaired.ts';
import { fileSize } from './file/size.ts';
import { fileTruncated } from './file/truncated.ts';
import { fileType } from './file/type.ts';
import { fileVendor } from './file/vendor.ts';
import { fontsAvailable } from './fonts/available.ts';
import { fontsEmbedded } from './fonts/embedded.ts';
import { fontsPermission } from './fonts/permission.ts';
import { fontsType3 } from './fonts/type3.ts';
import { fontsUnicode } from './fonts/unicode.ts';
import { identityAcknowledgement } from './identity/acknowledgement.ts';
import { identityContact } from './identity/contact.ts';
import { identityFilename } from './identity/filename.ts';
import { identityChecks } from './identity/places.ts';
import { identitySelfCitation } from './identity/self-citation.ts';
import { identityShown } from './identity/shown.ts';
import { identityThirdPerson } from './identity/third-person.ts';
import { metadataChecks } from './metadata/sorts.ts';
import { layoutFontSize } from './layout/font-size.ts';
import { layoutFonts } from './layout/fonts.ts';
import { layoutLineSpacing } from './layout/line-spacing.ts';
import { layoutMargins } from './layout/margins.ts';
import { nameCharacters } from './name/characters.ts';
import { nameIdentity } from './name/identity.ts';
import { nameLength } from './name/length.ts';
import { namePattern } from './name/pattern.ts';
import { nameRequired } from './name/required.ts';
import { nameTemplate } from './name/template.ts';
import { nameVersionMarks } from './name/version-marks.ts';
import { pagesBlank } from './pages/blank.ts';
import { pagesLimit } from './pages/limit.ts';
import { pagesNumbers } from './pages/numbers.ts';
import { pagesOrientation } from './pages/orientation.ts';
import { pagesRotation } from './pages/rotation.ts';
import { pagesSize } from './pages/size.ts';
import { photoChecks } from './photo/photo.ts';
import { photoDuplicates } from './photo/duplicates.ts';
import { photoOrder } from './photo/order.ts';
import { remainsBrokenReference } from './remains/broken-reference.ts';
import { remainsComments } from './remains/comments.ts';
import { remainsEmptySection } from './remains/empty-section.ts';
import { remainsHighlight } from './remains/highlight.ts';
import { remainsOlderRevision } from './remains/older-revision.ts';
import { remainsPlaceholder } from './remains/placeholder.ts';
import { remainsTrackedChanges } from './remains/tracked-changes.ts';
import { setDuplicate } from './set/duplicate.ts';
import { setEarlierVersion } from './set/earlier-version.ts';
import { setKind } from './set/kind.ts';
import { setMissing } from './set/missing.ts';
import { setOneFile } from './set/one-file.ts';
import { setSections } from './set/sections.ts';
import { setSurplus } from './set/surplus.ts';
import { setTemplateUnchanged } from './set/template-unchanged.ts';
import { textBackground } from './text/background.ts';
import { textCovered } from './text/covered.ts';
import { textGarbled } from './text/garbled.ts';
import { textHiddenLayer } from './text/hidden-layer.ts';
import { textImageOnly } from './text/image-only.ts';
import { textInvisible } from './text/invisible.ts';
import { textLookalikes } from './text/lookalikes.ts';
import { textMinimum } from './text/minimum.ts';
import { textOffPage } from './text/off-page.ts';
import { textTiny } from './text/tiny.ts';
import { textZeroWidth } from './text/zero-width.ts';
import { timeExtension } from './time/extension.ts';
import { timeMargin } from './time/margin.ts';
import { timeSimilarity } from './time/similarity.ts';
import { timeWindow } from './time/window.ts';
import { timeZone } from './time/zone.ts';
import { wordsCount } from './words/count.ts';
import { wordsStated } from './words/stated.ts';

/** Every check of one document, in the order of the docket. */
export const checks: readonly Check[] = [
  fileType, fileExtension, fileSize, fileEmpty, fileTruncated, fileEncrypted, fileLink, fileLock, filePartial, fileVendor, fileActive, fileAttachments, fileRepaired, fileArchive,
  namePattern, nameRequired, nameIdentity, nameCharacters, nameLength, nameVersionMarks, nameTemplate,
  pagesLimit, pagesSize, pagesOrientation, pagesRotation, pagesNumbers, pagesBlank, layoutFontSize, layoutFonts, layoutLineSpacing, layoutMargins, wordsCount, wordsStated,
  fontsEmbedded, fontsUnicode, fontsType3, fontsPermission, fontsAvailable,
  textMinimum, textImageOnly, textGarbled, textInvisible, textBackground, textTiny, textOffPage, textCovered, textHiddenLayer, textLookalikes, textZeroWidth, ...photoChecks,
  ...identityChecks, identityFilename, identityContact, identitySelfCitation, identityAcknowledgement, identityShown, identityThirdPerson, ...metadataChecks,
  remainsComments, remainsTrackedChanges, remainsHighlight, remainsPlaceholder, remainsBrokenReference, remainsOlderRevision, remainsEmptySection,
];

/** Every check of the documents together. */
export const setChecks: readonly SetCheck[] = [setMissing, setSurplus, setKind, setOneFile, setDuplicate, setEarlierVersion, setTemplateUnchanged, setSections, photoOrder, photoDuplicates, timeWindow, timeMargin, timeExtension, timeZone, timeSimilarity];
