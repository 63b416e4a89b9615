/** A name for a file that is about a paper: what it is, and the title in letters and digits. */
export const fileStem = (what: string, title: string): string => `${what}-${title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '').slice(0, 50) || 'paper'}`;
