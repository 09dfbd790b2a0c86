/** How a proof-reader reads: what no message may hold, and a name long enough to break a line. For the tests. */

export const LONG = 'Grumblewing 18 Thud of the very long name that goes on and on to the end'

export const FAULTS: readonly (readonly [what: string, pattern: RegExp])[] = [
  ['nothing at all', /^\s*$/],
  ['what is left of a program', /undefined(?!_)|NaN|\[object|\bnull\b|\{|\}/],
  ['two stops, or a stop after a stop', /\.\.(?!\.)|[.!]\.|,\.|:\.|;\./],
  ['a space too many, or before a stop', / {2}|\s[.,;:!](?!\d)/],
  ['the same word twice', /\b([a-z]+) \1\b/i],
  ['“a” before a vowel', /\ba (?!is better|against B)(?:[aeiou])(?!ne\b|uni|use|eu)/i],
  ['“an” before a consonant', /\ban (?![aeiou]|NMEA|Ygrion|h(?:our|onest))/i],
  [
    'a unit said twice in a range',
    /(\d\s?(?:cm|mm|g|kg|m|s|N|oz|ft|in|lb)) to \d+(?:[.,]\d+)?\s?(?:cm|mm|g|kg|m|s|N|oz|ft|in|lb)\b/,
  ],
  [
    'one of many, or many of one',
    /\b1 (?:lures|lines|rods|hours|answers|rules|readings)\b|\b(?:[02-9]|\d\d+) (?:lure|line|rod|hour|answer|rule|reading)\b/,
  ],
]
