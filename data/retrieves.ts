/**
 * Ways of working a lure. Common practice.
 *
 * `window`: pull speed as a place in the lure's own speed window (0 slowest at which it works … 1 fastest); `pullMps`: a fixed pull of the rod instead.
 * `pullS`, `restS`: one beat. `slack`: the line goes slack on the rest. `passing`: 1 goes past the fish … 0 drops to it or stays.
 * `sinkTo`: how deep it is let sink before the work begins. `where`: cast out, pitched a few metres to cover, or worked under the rod. `mounts`: only on these rigs.
 */
export const RETRIEVES = [
  { id: 'slow-roll', name: 'Wind as slowly as it still works', window: 0.08, pullS: 3, restS: 0, slack: false, passing: 1, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'steady', name: 'Steady wind', window: 0.45, pullS: 3, restS: 0, slack: false, passing: 1, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'burn', name: 'Burn it', window: 0.92, pullS: 3, restS: 0, slack: false, passing: 1, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'stop-go', name: 'Wind, stop, wind', window: 0.45, pullS: 2.5, restS: 1.5, slack: false, passing: 0.85, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'touch-pause', name: 'Wind to touch, pause, let it rise', window: 0.3, pullS: 3, restS: 1.5, slack: true, passing: 0.85, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'rip-pause', name: 'Rip, rip, pause', pullMps: 1.1, pullS: 0.9, restS: 2, slack: true, passing: 0.75, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast', mounts: ['own', 'texas', 'belly'] },
  { id: 'rip-wait', name: 'Rip, rip, wait', pullMps: 1, pullS: 0.9, restS: 8, slack: true, passing: 0.55, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast', mounts: ['own', 'texas', 'belly'] },
  { id: 'hang', name: 'Wind to depth, then drag and hang', pullMps: 0.5, pullS: 1.2, restS: 35, slack: true, passing: 0.35, sinkTo: ['surface', 'zone', 'bottom'], where: 'cast' },
  { id: 'walk', name: 'Walk it', window: 0.4, pullS: 0.4, restS: 0.5, slack: true, passing: 0.9, sinkTo: ['surface'], where: 'cast' },
  { id: 'pop-wait', name: 'Pop and wait', window: 0.5, pullS: 0.4, restS: 4, slack: true, passing: 0.6, sinkTo: ['surface'], where: 'cast' },
  { id: 'hop', name: 'Hop along the bottom', pullMps: 1.3, pullS: 0.4, restS: 2.5, slack: true, passing: 0.35, sinkTo: ['bottom'], where: 'cast' },
  { id: 'slow-hop', name: 'Hop, then leave it lying', pullMps: 0.9, pullS: 0.35, restS: 12, slack: true, passing: 0.2, sinkTo: ['bottom'], where: 'cast' },
  { id: 'drag', name: 'Drag and stop', pullMps: 0.15, pullS: 2.5, restS: 5, slack: false, passing: 0.3, sinkTo: ['bottom'], where: 'cast' },
  { id: 'stand', name: 'Dead-stick', pullMps: 0.5, pullS: 0.4, restS: 22, slack: true, passing: 0.1, sinkTo: ['bottom'], where: 'cast' },
  { id: 'blade-hop', name: 'Short lifts till it shivers', pullMps: 0.7, pullS: 0.35, restS: 4, slack: true, passing: 0.3, sinkTo: ['bottom'], where: 'cast' },
  { id: 'lift-drop', name: 'Lift and let it drop on slack line', pullMps: 1.4, pullS: 0.9, restS: 3, slack: true, passing: 0.15, sinkTo: ['zone', 'bottom'], where: 'cast' },
  { id: 'pitch', name: 'Pitch to cover, drop, hop twice', pullMps: 0.8, pullS: 0.4, restS: 3.5, slack: true, passing: 0.05, sinkTo: ['surface'], where: 'pitch' },
  { id: 'slow-pitch', name: 'Half-turn lifts under the rod', pullMps: 0.5, pullS: 0.5, restS: 1.5, slack: true, passing: 0.05, sinkTo: ['surface'], where: 'under-rod' },
  { id: 'shake', name: 'Shake in place, rest', pullMps: 0.1, pullS: 1, restS: 15, slack: false, passing: 0.05, sinkTo: ['surface'], where: 'pitch', mounts: ['drop-shot'] },
] as const
