/**
 * Standard weight by length: log10 W(g) = a + b · log10 L(mm, total length), good from `fromMm` on. The equations describe a fish in good condition (the
 * 75th percentile of populations), not the mean fish. Coefficients from memory of the compilations by Anderson and Neumann (1996, Fisheries Techniques,
 * 2nd ed., ch. 15) and Neumann, Guy and Willis (2012, Fisheries Techniques, 3rd ed., ch. 14). `of`: where a near relative lends its equation.
 */
export const STANDARD_WEIGHTS = [
  { species: ['pike'], a: -5.437, b: 3.096, fromMm: 100, of: 'northern pike' },
  { species: ['muskellunge'], a: -6.066, b: 3.325, fromMm: 380, of: 'muskellunge' },
  { species: ['perch', 'yellow-perch'], a: -5.386, b: 3.23, fromMm: 100, of: 'yellow perch' },
  { species: ['zander', 'walleye'], a: -5.453, b: 3.18, fromMm: 150, of: 'walleye' },
  { species: ['largemouth-bass'], a: -5.528, b: 3.273, fromMm: 150, of: 'largemouth bass' },
  { species: ['smallmouth-bass'], a: -5.329, b: 3.2, fromMm: 150, of: 'smallmouth bass' },
  { species: ['spotted-bass'], a: -5.392, b: 3.215, fromMm: 100, of: 'spotted bass' },
  { species: ['striped-bass'], a: -4.924, b: 3.007, fromMm: 150, of: 'striped bass' },
  { species: ['rainbow-trout'], a: -5.023, b: 3.024, fromMm: 120, of: 'rainbow trout of running water' },
  { species: ['brown-trout'], a: -4.867, b: 2.96, fromMm: 140, of: 'brown trout of running water' },
  { species: ['sea-trout'], a: -5.422, b: 3.194, fromMm: 140, of: 'brown trout of lakes' },
  { species: ['lake-trout', 'char'], a: -5.681, b: 3.246, fromMm: 280, of: 'lake trout' },
] as const
