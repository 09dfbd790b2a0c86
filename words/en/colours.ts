import type { ColourGroup } from '../../core/tackle'

/** A colour to change to. */
export const GROUP_WORDS: Readonly<Record<ColourGroup, string>> = {
  natural: 'a natural shade',
  light: 'white or pearl',
  silver: 'silver',
  gold: 'gold or copper',
  hot: 'a hot colour',
  painted: 'a painted one',
  dark: 'black or purple',
}
