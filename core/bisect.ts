/**
 * Where something that only grows, or only falls, crosses a bound: the middle of what is left after halving so often.
 *
 * @param isBelow whether a value lies below the crossing; true at `low`, false at `high`
 * @param by `ratio` halves in proportion, for what spans powers of ten (both ends above 0)
 * @returns the crossing to (high − low) / 2^steps
 * @example bisect((x) => x * x < 2, 0, 2) // 1.41421356…
 */
export function bisect(
  isBelow: (value: number) => boolean,
  low: number,
  high: number,
  { steps = 40, by = 'difference' }: { readonly steps?: number; readonly by?: 'difference' | 'ratio' } = {},
): number {
  const middleOf = by === 'ratio' ? (a: number, b: number) => Math.sqrt(a * b) : (a: number, b: number) => (a + b) / 2
  let [from, to] = [low, high]
  for (let i = 0; i < steps; i++) {
    const middle = middleOf(from, to)
    if (isBelow(middle)) from = middle
    else to = middle
  }
  return middleOf(from, to)
}
