/** One pattern out of several wordings, each on a line of its own: what any of them says. Their groups keep their order. @param flags - of the whole; the wordings bring none but `u` */
export const anyOf = (flags: string, wordings: readonly RegExp[]): RegExp => new RegExp(wordings.map((w) => w.source).join('|'), flags);

/** What the first group that took part holds. */
export const firstGroup = (match: ArrayLike<string | undefined>): string => { for (let i = 1; i < match.length; i++) if (match[i] !== undefined) return match[i]!; return ''; };
