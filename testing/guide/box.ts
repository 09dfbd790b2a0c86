import type { Box } from '../../core/box'
import { Lure, PARTS as SCHEMAS, usualPart, type PartKind } from '../../core/tackle'
import { withPieces, type Piece } from '../../core/match'
import { WORLD } from '../world'

/** What a guide has aboard beside the demo angler’s box: lures and tackle for fish and ways that the demo has little for. Invented; SI. */
const g = (grams: number) => grams / 1000
const mm = (millimetres: number) => millimetres / 1000
const lb = (pounds: number) => Math.round(pounds * 4.448)

const made = (
  family: Lure['family'],
  id: string,
  lengthMm: number,
  grams: number,
  flank: string,
  traits: object,
  over: object = {},
) =>
  Lure.parse({
    ...WORLD.box.lures.find((l) => l.family === family),
    id: `guide-${id}`,
    name: `Guide ${id}`,
    lengthM: mm(lengthMm),
    massKg: g(grams),
    measuredMassKg: null,
    colour: { back: flank, flank, belly: 'white', pattern: 'plain' },
    traits: { ...WORLD.box.lures.find((l) => l.family === family)?.traits, ...traits },
    ...over,
  })

const LURES = [
  made('skirted-jig', 'flip-10', 85, 10.6, 'moss', { style: 'flipping' }),
  made('skirted-jig', 'flip-21', 85, 21, 'moss', { style: 'flipping' }),
  made('skirted-jig', 'ball-21', 85, 21, 'brown', { style: 'football' }),
  made('in-line-spinner', 'bucktail-200', 200, 55, 'black', { blade: 'colorado', bladeSize: 8 }),
  made('glide-bait', 'glide-230', 230, 130, 'silver', {}),
  made('paddle-tail', 'shad-230', 230, 95, 'silver', { shape: 'fat-ribbed' }),
  made('paddle-tail', 'shad-120', 120, 11, 'pearl', { shape: 'slim-smooth' }),
  made('casting-metal', 'metal-45', 100, 45, 'silver', {}),
  made('casting-metal', 'metal-60', 110, 60, 'silver', {}),
  made('long-jig', 'long-200', 200, 200, 'silver', {}),
  made('short-jig', 'short-80', 80, 80, 'silver', {}),
  made('slow-fall-jig', 'slow-200', 110, 200, 'silver', {}),
  made('surface', 'pop-150', 150, 70, 'silver', { style: 'popper' }),
  made(
    'surface',
    'frog-65',
    65,
    17,
    'green',
    { style: 'frog' },
    { hooks: { count: 1, size: '4/0', style: 'single', wire: 'heavy' } },
  ),
  made('casting-spoon', 'spoon-22', 75, 22, 'red', {}),
  made('thin-spoon', 'thin-100', 100, 12, 'silver', {}),
  made('jerkbait', 'troll-160', 160, 32, 'silver', { depthM: 4.5, lip: 'long' }),
  made('crankbait', 'square-60', 60, 14, 'brown', { lip: 'square', depthM: 1.4 }),
  made('hair-jig', 'hair-150', 130, 40, 'white', {}),
]

const PARTS: Partial<Record<PartKind, readonly object[]>> = {
  heads: [
    { id: 'g-head-3', name: 'Ball head 3.5 g', kind: 'ball', massKg: g(3.5), hookSize: '#1' },
    { id: 'g-head-10s', name: 'Ball head 10 g, small hook', kind: 'ball', massKg: g(10), hookSize: '1/0' },
    { id: 'g-head-14s', name: 'Ball head 14 g, small hook', kind: 'ball', massKg: g(14), hookSize: '2/0' },
    { id: 'g-head-21', name: 'Ball head 21 g', kind: 'ball', massKg: g(21), hookSize: '3/0' },
    { id: 'g-head-45', name: 'Ball head 45 g', kind: 'ball', massKg: g(45), hookSize: '6/0', wire: 'heavy' },
    { id: 'g-head-100', name: 'Ball head 100 g', kind: 'ball', massKg: g(100), hookSize: '8/0', wire: 'heavy' },
  ],
  hooks: [
    { id: 'g-offset-1', name: 'Wide-gap offset 1/0', style: 'offset', hookSize: '1/0', massKg: g(0.6) },
    { id: 'g-offset-3', name: 'Wide-gap offset 3/0', style: 'offset', hookSize: '3/0', massKg: g(1.1) },
    { id: 'g-drop-1', name: 'Drop-shot hook #1', style: 'drop-shot', hookSize: '#1', massKg: g(0.35) },
  ],
  sinkers: [
    { id: 'g-drop-5', name: 'Drop-shot weight 5 g', kind: 'drop-shot', massKg: g(5) },
    { id: 'g-drop-14', name: 'Drop-shot weight 14 g', kind: 'drop-shot', massKg: g(14) },
    { id: 'g-drop-21', name: 'Drop-shot weight 21 g', kind: 'drop-shot', massKg: g(21) },
    { id: 'g-three-60', name: 'Three-way weight 60 g', kind: 'dropper', massKg: g(60) },
    { id: 'g-three-100', name: 'Three-way weight 100 g', kind: 'dropper', massKg: g(100) },
    { id: 'g-bullet-21', name: 'Bullet 21 g', kind: 'bullet', massKg: g(21) },
    { id: 'g-bullet-35', name: 'Bullet 35 g', kind: 'bullet', massKg: g(35) },
  ],
  leaders: [8, 12, 20, 25, 30, 40, 60, 80, 100].map((pounds) => ({
    id: `g-leader-${pounds}`,
    name: `Fluorocarbon ${pounds} lb`,
    material: 'fluoro',
    strengthN: lb(pounds),
    diameterM: mm(Math.sqrt(lb(pounds) / 560)),
    lengthM: 1.2,
  })),
  rods: [
    ['g-rod-flip', 'casting', 'all-round', 2.35, 'heavy', 'fast', 12, 60, 20, 65],
    ['g-rod-bass', 'casting', 'all-round', 2.15, 'medium-heavy', 'fast', 8, 30, 12, 20],
    ['g-rod-crank', 'casting', 'all-round', 2.1, 'medium', 'moderate', 7, 21, 8, 16],
    ['g-rod-drop', 'spinning', 'all-round', 2.1, 'medium-light', 'fast', 4, 16, 5, 12],
    ['g-rod-plumb', 'spinning', 'all-round', 1.8, 'medium', 'fast', 7, 30, 6, 15],
    ['g-rod-surf', 'spinning', 'all-round', 3.2, 'medium-heavy', 'moderate-fast', 25, 90, 15, 35],
    ['g-rod-shore', 'spinning', 'all-round', 2.7, 'medium', 'fast', 10, 42, 10, 25],
    ['g-rod-stout', 'spinning', 'all-round', 2.2, 'heavy', 'fast', 30, 120, 30, 80],
    ['g-rod-musky', 'casting', 'all-round', 2.5, 'extra-heavy', 'fast', 40, 200, 50, 100],
    ['g-rod-jig', 'casting', 'fast jigging', 1.7, 'heavy', 'fast', 80, 250, 30, 80],
    ['g-rod-slow', 'casting', 'slow-pitch', 1.95, 'medium-heavy', 'slow', 60, 250, 20, 60],
  ].map(([id, type, purpose, lengthM, power, action, least, most, thin, thick]) => ({
    id,
    name: `Guide ${String(id).slice(6)} rod`,
    type,
    purpose,
    lengthM,
    power,
    action,
    lureMinKg: g(Number(least)),
    lureMaxKg: g(Number(most)),
    lineMinN: lb(Number(thin)),
    lineMaxN: lb(Number(thick)),
  })),
  reels: [
    ['g-reel-flip', 'casting', 7.5, 0.8],
    ['g-reel-bass', 'casting', 7.1, 0.75],
    ['g-reel-crank', 'casting', 6, 0.64],
    ['g-reel-drop', 'spinning', 6.2, 0.9],
    ['g-reel-shore', 'spinning', 5.8, 0.95],
    ['g-reel-stout', 'spinning', 5.7, 1.05],
    ['g-reel-deep', 'overhead', 6.2, 1],
  ].map(([id, type, gearRatio, linePerTurnM]) => ({
    id,
    name: `Guide ${String(id).slice(7)} reel`,
    type,
    gearRatio,
    linePerTurnM,
  })),
  lines: [
    ['g-braid-65', 'braid', 65, 0.36, 'g-reel-flip'],
    ['g-fluoro-17', 'fluoro', 17, 0.38, 'g-reel-bass'],
    ['g-mono-12', 'mono', 12, 0.33, 'g-reel-crank'],
    ['g-mono-6', 'mono', 6, 0.22, 'g-reel-drop'],
    ['g-braid-10', 'braid', 10, 0.12, 'g-reel-drop'],
    ['g-braid-20', 'braid', 20, 0.18, 'g-reel-shore'],
    ['g-braid-30', 'braid', 30, 0.23, 'g-reel-shore'],
    ['g-braid-50', 'braid', 50, 0.3, 'g-reel-stout'],
    ['g-braid-40', 'braid', 40, 0.26, 'g-reel-deep'],
    ['g-braid-80', 'braid', 80, 0.4, 'g-reel-flip'],
  ].map(([id, material, pounds, thickMm, reelId]) => ({
    id,
    name: `Guide ${String(id).slice(2)}`,
    material,
    strengthN: lb(Number(pounds)),
    diameterM: mm(Number(thickMm)),
    reelId,
  })),
}

const pieces = (Object.keys(PARTS) as PartKind[]).flatMap((kind) =>
  (PARTS[kind] ?? []).map(
    (row) => ({ kind, part: SCHEMAS[kind].parse({ ...usualPart(kind, 'guide'), ...row }) }) as Piece,
  ),
)

export const GUIDE_BOX: Box = withPieces({ ...WORLD.box, lures: [...WORLD.box.lures, ...LURES] }, pieces)
