/** What goes between line and lure, as it is usual, kg. Common practice. */
export const TERMINAL_USUAL = [
  { kind: 'snap', massKg: 0.0002 },
  { kind: 'snap-swivel', massKg: 0.0004 },
  { kind: 'ball-bearing', massKg: 0.0008 },
  { kind: 'keel', massKg: 0.005 },
] as const
