/** The value that weighs most in all; undefined for no values. */
export function commonest<T>(values: T[], weights: number[]): T | undefined {
  const sums = new Map<T, number>();
  values.forEach((v, i) => sums.set(v, (sums.get(v) ?? 0) + weights[i]!));
  return [...sums].sort((a, b) => b[1] - a[1])[0]?.[0];
}
