const CONDITION = {
  thin: 'thin for its length',
  lean: 'a little lean',
  good: 'in good condition',
  stout: 'stout for its length',
} as const
/** What the weight of a fish says of it. */
export const sayCondition = (condition: keyof typeof CONDITION): string => CONDITION[condition]
