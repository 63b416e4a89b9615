/** Bytes as a person reads them, decimal units (IEC 80000-13). */
export function showBytes(bytes: number): string {
  if (bytes < 1000) return `${bytes} bytes`;
  const [value, unit] = bytes < 1e6 ? [bytes / 1e3, 'KB'] : bytes < 1e9 ? [bytes / 1e6, 'MB'] : [bytes / 1e9, 'GB'];
  return `${value >= 100 || Number.isInteger(value) ? Math.round(value) : value.toFixed(1)} ${unit}`;
}
