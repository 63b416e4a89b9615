import type { Details, DetailName } from '../model/details.ts';
import { nameWords, particles } from '../tables/name-words.ts';
import { squash } from './fold.ts';

/** One spelling of one detail that is looked for. */
export interface Form {
  key: string;
  detail: DetailName;
  /** `strong` stops by itself; `weak` needs a context (half a surname, a given name, a word) */
  weight: 'strong' | 'weak';
  kind: 'name' | 'number' | 'handle' | 'email' | 'phrase';
  /** positions in `key` where a gap is natural: between given name and surname, at a hyphen, at the @ */
  joints: ReadonlySet<number>;
  /** the detail as the student wrote it */
  shown: string;
  /** the word is also an ordinary one */
  common: boolean;
  /** both a given name or initial and a surname */
  full: boolean;
  /** letters of a script that is written without spaces */
  unspaced: boolean;
  /** a given name before the surname's initials: “Mark Y.” */
  shortened?: true;
  /** a user name or mailbox that is spelled as one of the student's names is */
  alsoName?: Pick<Form, 'detail' | 'weight'>;
}
export interface Forms { forms: Form[]; refused: { detail: DetailName; value: string; reason: 'short' }[] }

/** Other spellings of one name: umlauts written out, doubled vowels for ring and slash. Common practice of transliteration. */
function spellings(name: string): string[] {
  const out = new Set([squash(name)]);
  const lower = name.toLowerCase().normalize('NFC');
  const written: Record<string, string> = { ä: 'ae', ö: 'oe', ü: 'ue', å: 'aa', ø: 'oe', ñ: 'n' };
  if (/[äöüåø]/.test(lower)) out.add(squash(lower.replace(/[äöüåø]/g, (c) => written[c]!)));
  if (/aa|oe|ue|ae/.test(lower)) out.add(squash(lower.replace(/aa/g, 'å').replace(/oe/g, 'ö').replace(/ue/g, 'ü').replace(/ae/g, 'ä')));
  // A word of capitals alone may fold otherwise: more of them look like letters of another script.
  if (/[\u0370-\u058f]/.test(name)) out.add(squash(name.toUpperCase()));
  return [...out].filter((s) => s.length > 0);
}

const tokensOf = (name: string): string[] => name.split(/[\s\p{Pd}'’.]+/u).filter(Boolean);

/** All forms of all details, for one automaton. Details of one or two letters are refused: they would be found everywhere. */
export function buildForms(details: Details): Forms {
  const forms: Form[] = [], refused: Forms['refused'] = [];
  const add = (words: string[], base: Omit<Form, 'key' | 'joints' | 'common' | 'unspaced'>): void => {
    // Each word may be spelled in several ways; combinations stay few because variants are rare.
    let combinations: string[][] = [[]];
    for (const word of words) combinations = combinations.flatMap((c) => spellings(word).map((s) => [...c, s])).slice(0, 24);
    for (const combination of combinations) {
      const joints = new Set<number>();
      let length = 0;
      combination.forEach((word, i) => {
        if (length > 0) joints.add(length);
        // “MacDonald” is written “Mac Donald” as well.
        if (squash(words[i]!) === word) for (const m of words[i]!.matchAll(/(?<=\p{Ll})(?=\p{Lu}\p{Ll})/gu)) joints.add(length + squash(words[i]!.slice(0, m.index)).length);
        length += word.length;
      });
      const key = combination.join('');
      if (key.length === 0 || forms.some((f) => f.key === key && f.detail === base.detail && f.full === base.full)) continue;
      forms.push({ ...base, key, joints, common: combination.length === 1 && nameWords.has(key), unspaced: /[\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af\u0e00-\u0e7f]/.test(key) });
    }
  };
  const longEnough = (detail: DetailName, value: string, least: number): boolean => {
    const key = squash(value);
    const cjk = /[\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af]/.test(key);
    if (key.length >= (cjk ? 1 : least)) return true;
    if (key.length > 0) refused.push({ detail, value, reason: 'short' });
    return false;
  };

  const surname = tokensOf(details.surname);
  const given = details.givenNames.flatMap((g) => g.trim() ? [tokensOf(g)] : []);
  const core = surname.filter((t) => !particles.has(t.toLowerCase()) || surname.length === 1);
  const hasSurname = details.surname.trim() !== '' && longEnough('surname', details.surname, 2);
  const base = { kind: 'name', shown: details.surname, full: false } as const;
  if (hasSurname) {
    const short = squash(details.surname).length < 3 && !/[^\u0000-\u024f]/.test(squash(details.surname));
    add(surname, { ...base, detail: 'surname', weight: short || nameWords.has(squash(details.surname)) ? 'weak' : 'strong' });
    if (core.length < surname.length && core.length > 0) add(core, { ...base, detail: 'surname', weight: core.length > 1 ? 'strong' : 'weak' });
    if (core.length > 1) for (const half of core) if (squash(half).length >= 3) add([half], { ...base, detail: 'surname', weight: 'weak' });
  }
  for (const name of given) {
    if (longEnough('givenName', name.join(''), 2) && squash(name.join('')).length >= 3) add(name, { kind: 'name', detail: 'givenName', weight: 'weak', shown: name.join('-'), full: false });
    else if (/[\u3400-\u9fff\uac00-\ud7af]/.test(name.join(''))) add(name, { kind: 'name', detail: 'givenName', weight: 'weak', shown: name.join(''), full: false });
  }
  if (hasSurname && given.length > 0) {
    // “de la Fuente” of “de la Fuente Ruiz”: a half with the particles before it.
    const withParticles = core.length > 1 && core.length < surname.length ? core.map((word) => { const at = surname.indexOf(word); let from = at; while (from > 0 && !core.includes(surname[from - 1]!)) from--; return surname.slice(from, at + 1); }).filter((half) => half.length > 1) : [];
    const surnames = [surname, ...(core.length !== surname.length ? [core] : []), ...withParticles, ...(core.length > 1 ? core.filter((h) => squash(h).length >= 3).map((h) => [h]) : [])];
    const all = given.flat(), first = given[0]!;
    const givens = [...new Map([all, first, ...given].map((g) => [g.join(' '), g])).values()];
    for (const s of surnames) {
      const full = { kind: 'name', detail: 'fullName', weight: 'strong', shown: `${details.givenNames[0] ?? ''} ${details.surname}`.trim(), full: true } as const;
      for (const g of givens) { add([...g, ...s], full); add([...s, ...g], full); }
      const initials = all.map((g) => g[0]!);
      for (const i of [...new Map([initials, initials.slice(0, 1)].map((x) => [x.join(''), x])).values()]) {
        const withInitials = { ...full, detail: 'initials', weight: s === surname || (s === core && core.length > 1) ? 'strong' : 'weak' } as const;
        add([...i, ...s], withInitials);
        add([...s, ...i], withInitials);
      }
      // A catalogue sets particles behind: “Berg, P. van den”.
      if (s === core && core.length < surname.length) {
        const behind = surname.filter((t) => !core.includes(t));
        for (const g of givens) add([...s, ...g, ...behind], full);
        add([...s, ...initials, ...behind], { ...full, detail: 'initials' });
      }
      // “A. v.d. Berg”: particles are shortened, too.
      if (s === surname && core.length < surname.length && core.length > 0) {
        const short = surname.map((t) => core.includes(t) ? t : t[0]!);
        for (const g of [...givens, initials]) add([...g, ...short], { ...full, detail: 'initials' });
      }
      // Middle names are often shortened: Nina M. Vestergaard.
      if (all.length > 1) { add([first.join(''), ...all.slice(first.length).map((g) => g[0]!), ...s], full); }
    }
  }
  if (hasSurname) for (const g of given) for (const last of [core.map((t) => t[0]!), core.slice(0, 1).map((t) => t[0]!)]) if (g.join('').length > 2 && last.length > 0) add([...g, ...last], { kind: 'name', detail: 'initials', weight: 'weak', shown: `${g.join(' ')} ${last.join('. ')}.`, full: true, shortened: true });
  // A short name goes with the surname, an earlier surname with the given name: together they are the student, whatever each is alone.
  for (const other of details.otherNames.map(tokensOf).filter((t) => t.length === 1 && squash(t[0]!).length >= 2)) {
    const both = { kind: 'name', detail: 'otherName', weight: 'strong', shown: `${other[0]} ${details.surname}`, full: true } as const;
    if (hasSurname) { add([...other, ...surname], both); add([...surname, ...other], both); }
    if (given.length > 0) { const shown = `${details.givenNames[0]} ${other[0]}`; add([...given[0]!, ...other], { ...both, shown }); add([...other, ...given[0]!], { ...both, shown }); }
  }
  for (const other of details.otherNames) if (longEnough('otherName', other, 3)) add(tokensOf(other), { kind: 'name', detail: 'otherName', weight: tokensOf(other).length > 1 ? 'strong' : nameWords.has(squash(other)) ? 'weak' : 'strong', shown: other, full: tokensOf(other).length > 1 });
  for (const words of details.otherNames.map(tokensOf).filter((t) => t.length > 1 && squash(t.at(-1)!).length >= 3)) {
    const short = { kind: 'name', detail: 'initials', weight: 'strong', shown: words.join(' '), full: true } as const, rest = words.slice(1);
    add([words[0]![0]!, ...rest], short);
    add([...rest, words[0]![0]!], short);
  }
  const alsoName = (handle: string): Pick<Form, 'alsoName'> => {
    const is = (name: string[]): boolean => squash(name.join('')) === squash(handle);
    return is(surname) || is(core) ? { alsoName: { detail: 'surname', weight: nameWords.has(squash(handle)) ? 'weak' : 'strong' } } : given.some(is) ? { alsoName: { detail: 'givenName', weight: 'weak' } } : {};
  };
  if (details.username && longEnough('username', details.username, 3)) add([details.username], { ...alsoName(details.username), kind: 'handle', detail: 'username', weight: 'strong', shown: details.username, full: false });
  for (const [detail, value] of [['studentNumber', details.studentNumber], ['candidateNumber', details.candidateNumber]] as const) {
    if (value && longEnough(detail, value, 3)) {
      add([value], { kind: 'number', detail, weight: 'strong', shown: value, full: false });
      // A leading letter is often left out.
      const digits = squash(value).replace(/^[a-z]{1,2}(?=\d{5,}$)/, '');
      if (digits !== squash(value)) add([digits], { kind: 'number', detail, weight: 'strong', shown: value, full: false });
    }
  }
  for (const email of details.emails) {
    if (!longEnough('email', email, 5)) continue;
    const [local = '', domain = ''] = email.split('@');
    add([local, domain], { kind: 'email', detail: 'email', weight: 'strong', shown: email, full: false });
    // The part before the @ identifies by itself when it is no plain word.
    if (squash(local).length >= 5 && !nameWords.has(squash(local)) && !/^(info|mail|office|admin|student|contact)$/.test(local.toLowerCase())) add([local], { ...alsoName(local), kind: 'handle', detail: 'email', weight: 'strong', shown: email, full: false });
  }
  for (const phone of details.phones) {
    const digits = squash(phone).replace(/\D/g, '');
    if (digits.length < 6) { if (digits) refused.push({ detail: 'phone', value: phone, reason: 'short' }); continue; }
    // The national part is the same with and without the country's code or the leading zero.
    const national = digits.length > 9 ? digits.slice(-9) : digits.replace(/^0/, '');
    add([national], { kind: 'number', detail: 'phone', weight: 'strong', shown: phone, full: false });
  }
  for (const other of details.other) if (longEnough('other', other, 3)) add(tokensOf(other), { kind: 'phrase', detail: 'other', weight: nameWords.has(squash(other)) ? 'weak' : 'strong', shown: other, full: false });
  return { forms, refused };
}
