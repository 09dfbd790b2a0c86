/**
 * Gap of a hook by size, mm. Makers differ by a good tenth; typical catalogue values, from memory.
 * Sizes count down from #14 to #1, then up from 1/0.
 */
export const HOOK_GAPS_MM = [
  ['#14', 3.2],
  ['#12', 3.8],
  ['#10', 4.5],
  ['#8', 5.5],
  ['#6', 6.8],
  ['#4', 8.2],
  ['#2', 9.6],
  ['#1', 10.5],
  ['1/0', 12],
  ['2/0', 13.5],
  ['3/0', 15],
  ['4/0', 17],
  ['5/0', 19],
  ['6/0', 21.5],
  ['7/0', 24],
  ['8/0', 27],
  ['10/0', 33],
] as const
