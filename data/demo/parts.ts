/** The demo angler's drawers: all invented. SI. */
const g = (grams: number) => grams / 1000
const mm = (millimetres: number) => millimetres / 1000

export const DEMO_PARTS = {
  heads: [
    { id: 'head-ball-5', name: 'Ball head 5 g', kind: 'ball', massKg: g(5), hookSize: '2/0' },
    { id: 'head-ball-7', name: 'Ball head 7 g', kind: 'ball', massKg: g(7), hookSize: '4/0' },
    { id: 'head-ball-10', name: 'Ball head 10 g', kind: 'ball', massKg: g(10), hookSize: '3/0' },
    { id: 'head-ball-14', name: 'Ball head 14 g', kind: 'ball', massKg: g(14), hookSize: '4/0' },
    { id: 'head-swim-21', name: 'Swim head 21 g', kind: 'swim', massKg: g(21), hookSize: '6/0' },
    { id: 'head-mush-3', name: 'Mushroom head 3 g', kind: 'mushroom', massKg: g(3), hookSize: '1/0' },
    { id: 'head-darter-4', name: 'Darter head 3.5 g', kind: 'darter', massKg: g(3.5), hookSize: '1/0' },
    { id: 'head-guard-10', name: 'Guarded head 10 g', kind: 'weed-guard', massKg: g(10), hookSize: '4/0' },
  ],
  hooks: [
    { id: 'hook-offset-4', name: 'Wide-gap offset 4/0', style: 'offset', hookSize: '4/0', massKg: g(1.4) },
    { id: 'hook-offset-2', name: 'Wide-gap offset 2/0', style: 'offset', hookSize: '2/0', massKg: g(0.9) },
    { id: 'hook-belly-4', name: 'Belly-weighted 4/0, 5 g', style: 'belly-weighted', hookSize: '4/0', massKg: g(6.2) },
    { id: 'hook-belly-6', name: 'Belly-weighted 6/0, 10 g', style: 'belly-weighted', hookSize: '6/0', massKg: g(12) },
    { id: 'hook-wacky-1', name: 'Wacky hook 1/0', style: 'wacky', hookSize: '1/0', massKg: g(0.5) },
    { id: 'hook-wacky-w', name: 'Weighted wacky 1/0, 2.5 g', style: 'wacky', hookSize: '1/0', massKg: g(2.5) },
    { id: 'hook-drop-2', name: 'Drop-shot hook #2', style: 'drop-shot', hookSize: '#2', massKg: g(0.3) },
  ],
  sinkers: [
    { id: 'bullet-5', name: 'Bullet 5 g', kind: 'bullet', massKg: g(5) },
    { id: 'bullet-10', name: 'Bullet 10 g', kind: 'bullet', massKg: g(10) },
    { id: 'drop-7', name: 'Drop-shot weight 7 g', kind: 'drop-shot', massKg: g(7) },
    { id: 'drop-10', name: 'Drop-shot weight 10 g', kind: 'drop-shot', massKg: g(10) },
  ],
  trailers: [
    { id: 'trailer-craw', name: 'Kicking craw 70', kind: 'kicking-craw', lengthM: mm(70), massKg: g(5) },
    { id: 'trailer-glide', name: 'Gliding creature 75', kind: 'gliding-creature', lengthM: mm(75), massKg: g(6) },
    { id: 'trailer-grub', name: 'Grub 60', kind: 'grub', lengthM: mm(60), massKg: g(2.5) },
    { id: 'trailer-split', name: 'Split tail 75', kind: 'split-tail', lengthM: mm(75), massKg: g(3) },
    { id: 'trailer-paddle', name: 'Paddle tail 75', kind: 'paddle-tail', lengthM: mm(75), massKg: g(3.4) },
    { id: 'trailer-stick', name: 'Short stick 60', kind: 'stick-worm', lengthM: mm(60), massKg: g(3) },
  ],
  leaders: [
    { id: 'leader-fluoro-28', name: 'Fluorocarbon 0.28', material: 'fluoro', strengthN: 62, diameterM: mm(0.28), lengthM: 1.5 },
    { id: 'leader-fluoro-36', name: 'Fluorocarbon 0.36', material: 'fluoro', strengthN: 95, diameterM: mm(0.36), lengthM: 1.2 },
    { id: 'leader-fluoro-80', name: 'Fluorocarbon 0.80, bite-proof', material: 'fluoro', strengthN: 230, diameterM: mm(0.8), lengthM: 0.6 },
    { id: 'leader-wire', name: 'Seven-strand wire', material: 'wire', strengthN: 130, diameterM: mm(0.4), lengthM: 0.4 },
  ],
  rods: [
    { id: 'rod-reedling', name: 'Reedling 2–10', type: 'spinning', lengthM: 2.05, power: 'light', action: 'fast', lureMinKg: g(2), lureMaxKg: g(10), lineMinN: 18, lineMaxN: 50 },
    { id: 'rod-tern', name: 'Ternwhistle 5–18', type: 'spinning', lengthM: 2.15, power: 'medium-light', action: 'moderate-fast', lureMinKg: g(5), lureMaxKg: g(18), lineMinN: 30, lineMaxN: 80 },
    { id: 'rod-longarm', name: 'Longarm 12–35', type: 'spinning', lengthM: 2.7, power: 'medium', action: 'moderate-fast', lureMinKg: g(12), lureMaxKg: g(35), lineMinN: 50, lineMaxN: 150 },
    { id: 'rod-sapling', name: 'Sapling 8–25', type: 'casting', lengthM: 2.1, power: 'medium', action: 'moderate', lureMinKg: g(8), lureMaxKg: g(25), lineMinN: 40, lineMaxN: 95 },
    { id: 'rod-oakstave', name: 'Oakstave 10–40', type: 'casting', lengthM: 2.2, power: 'medium-heavy', action: 'fast', lureMinKg: g(10), lureMaxKg: g(40), lineMinN: 55, lineMaxN: 180 },
    { id: 'rod-barge', name: 'Bargepole 40–110', type: 'casting', lengthM: 2.3, power: 'heavy', action: 'moderate-fast', lureMinKg: g(40), lureMaxKg: g(110), lineMinN: 130, lineMaxN: 320 },
  ],
  reels: [
    { id: 'reel-tick', name: 'Tick 1000', type: 'spinning', gearRatio: 5.2, linePerTurnM: 0.66 },
    { id: 'reel-tock', name: 'Tock 2500', type: 'spinning', gearRatio: 5.8, linePerTurnM: 0.78 },
    { id: 'reel-surge', name: 'Surge 4000', type: 'spinning', gearRatio: 6.2, linePerTurnM: 0.98 },
    { id: 'reel-amble', name: 'Amble 64', type: 'casting', gearRatio: 6.4, linePerTurnM: 0.66 },
    { id: 'reel-brisk', name: 'Brisk 73', type: 'casting', gearRatio: 7.3, linePerTurnM: 0.77 },
    { id: 'reel-haul', name: 'Haul 300', type: 'casting', gearRatio: 5.8, linePerTurnM: 0.72 },
  ],
  lines: [
    { id: 'line-braid-08', name: 'Braid 0.08', material: 'braid', strengthN: 45, diameterM: mm(0.08), reelId: 'reel-tick' },
    { id: 'line-braid-13', name: 'Braid 0.13', material: 'braid', strengthN: 75, diameterM: mm(0.13), reelId: 'reel-tock' },
    { id: 'line-braid-19', name: 'Braid 0.19', material: 'braid', strengthN: 130, diameterM: mm(0.19), reelId: 'reel-surge' },
    { id: 'line-fluoro-26', name: 'Fluorocarbon 0.26', material: 'fluoro', strengthN: 48, diameterM: mm(0.26), reelId: 'reel-amble' },
    { id: 'line-mono-36', name: 'Mono 0.36', material: 'mono', strengthN: 78, diameterM: mm(0.36), reelId: 'reel-brisk' },
    { id: 'line-braid-23', name: 'Braid 0.23', material: 'braid', strengthN: 170, diameterM: mm(0.23), reelId: 'reel-brisk' },
    { id: 'line-braid-30', name: 'Braid 0.30', material: 'braid', strengthN: 260, diameterM: mm(0.3), reelId: 'reel-haul' },
  ],
} as const
