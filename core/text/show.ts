/** Bytes as a person reads them, decimal units (IEC 80000-13). */
export function showBytes(bytes: number): string {
  if (bytes < 1000) return `${bytes} bytes`;
  const [value, unit] = bytes < 1e6 ? [bytes / 1e3, 'KB'] : bytes < 1e9 ? [bytes / 1e6, 'MB'] : [bytes / 1e9, 'GB'];
  return `${value >= 100 || Number.isInteger(value) ? Math.round(value) : value.toFixed(1)} ${unit}`;
}

/** A name with its invisible characters made visible (control pictures, Unicode block 2400), so that the full name can be read. */
export const showName = (name: string): string => name.replace(/[\u0000-\u001f]/g, (c) => String.fromCodePoint(0x2400 + c.charCodeAt(0))).replace(/\u007f/g, '\u2421').replace(/[\u200b-\u200f\u202a-\u202e\u2060-\u2069\ufeff]/g, '\ufffd');
