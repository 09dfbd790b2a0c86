/**
 * What is done with a fish that follows and does not eat, by lure and fish (facts 3, 23, 37, 79, 109). Common practice. What is let fall is dropped on it; of what is wound, the
 * pace is held or changed: where the angler follows neither side of question S3, spoons, spinners and the trout kinds are held.
 */
export const FOLLOWERS = {
  facts: [3, 23, 37, 79, 109],
  /** Held whatever the fish. */
  heldFamilies: ['casting-spoon', 'thin-spoon', 'in-line-spinner'],
  /** Held whatever is wound for them. */
  heldGroups: ['salmonid'],
  /** Let fall. */
  dropped: ['soft', 'jig', 'metal'],
} as const
