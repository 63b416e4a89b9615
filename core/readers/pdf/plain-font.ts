/** Faces that have been told already: every line of a long paper asks for one of a few. */
const told = new Map<string, string>(), mostKept = 1000;

/** A face without its subset tag and style: “ABCDEF+TimesNewRomanPS-BoldMT” is Times New Roman. */
export function plainFont(name: string): string {
  const known = told.get(name);
  if (known !== undefined) return known;
  const plain = name.replace(/^[A-Z]{6}\+/, '').replace(/-(?:Regu|Medi|Demi|Book)?(?:Ital|Obli|Slan)?$/, '').replace(/[-, ]?(?:Regular|Roman(?=$)|Bold|Italic|Oblique|Medium|Light|Semi[Bb]old|Book|Ital)+/g, '')
    .replace(/(?:PS)?MT$|PS$/, '').replace(/(?<!Dej)([a-z])([A-Z])/g, '$1 $2').replace(/[-,\s]+$/, '').trim() || name;
  if (told.size >= mostKept) told.clear();
  told.set(name, plain);
  return plain;
}
