/** The demo box: invented lures with invented names. Lengths in mm and masses in g here, as on a packet; SI in the box. */

type Colour = readonly [back: string, flank: string, belly: string, pattern?: string]
type More = {
  sound?: string
  weighedG?: number
  count?: number
  notes?: string
  /** Fitted with single hooks in place of trebles. */
  single?: boolean
}

let next = 0
function lure(
  family: string,
  tray: string,
  name: string,
  mm: number,
  g: number,
  colour: Colour,
  traits: object,
  more: More = {},
) {
  next += 1
  return {
    id: `demo-${String(next).padStart(3, '0')}`,
    family,
    name,
    lengthM: mm / 1000,
    massKg: g / 1000,
    measuredMassKg: more.weighedG === undefined ? null : more.weighedG / 1000,
    colour: { back: colour[0], flank: colour[1], belly: colour[2], pattern: colour[3] ?? 'plain' },
    sound: more.sound ?? 'silent',
    count: more.count ?? 1,
    tray,
    single: more.single ?? false,
    notes: more.notes ?? '',
    traits,
  }
}

/** Frame and skirt as they came. */
const FRAME = { hammered: false, skirt: 'full', wire: 'thin' } as const

const BLADES = 'Blades and wire'
const PLUGS = 'Plugs'
const SLIM = 'Slim plugs'
const SOFTS = 'Soft bodies'
const JIGS = 'Jigs'
const METAL = 'Metal'

export const DEMO_LURES = [
  lure('spinnerbait', BLADES, 'Grumblewing 14', 100, 14, ['white', 'white', 'pearl'], {
    ...FRAME,
    blade: 'willow',
    bladeSize: 4,
    bladeFinish: 'silver',
    blades: 'two',
    stinger: false,
  }),
  lure(
    'spinnerbait',
    BLADES,
    'Grumblewing 21 Thud',
    110,
    21,
    ['black', 'black', 'purple'],
    { ...FRAME, blade: 'colorado', bladeSize: 5, bladeFinish: 'gold', blades: 'two', stinger: false, hammered: true },
    { weighedG: 22.3 },
  ),
  lure('spinnerbait', BLADES, 'Grumblewing 10', 90, 10.6, ['olive', 'chartreuse', 'white'], {
    ...FRAME,
    blade: 'indiana',
    bladeSize: 5,
    bladeFinish: 'gold',
    blades: 'one',
    stinger: false,
  }),
  lure('spinnerbait', BLADES, 'Grumblewing 18 Thud', 105, 17.7, ['orange', 'chartreuse', 'white'], {
    ...FRAME,
    blade: 'colorado',
    bladeSize: 4,
    bladeFinish: 'copper',
    blades: 'two',
    stinger: true,
  }),
  lure('bladed-jig', BLADES, 'Shudderkin 10', 95, 10.6, ['olive', 'moss', 'copper'], {
    skirt: 'full',
    bladeFinish: 'gold',
  }),
  lure('bladed-jig', BLADES, 'Shudderkin 14', 100, 14, ['white', 'white', 'silver'], {
    skirt: 'full',
    bladeFinish: 'silver',
  }),
  lure('in-line-spinner', BLADES, 'Pirrip 4', 45, 4, ['black', 'gold', 'red'], {
    blade: 'indiana',
    bladeSize: 1,
    bladeFinish: 'gold',
    hammered: false,
  }),
  lure(
    'in-line-spinner',
    BLADES,
    'Pirrip 7',
    60,
    7.2,
    ['blue-back', 'silver', 'white'],
    { blade: 'willow', bladeSize: 2, bladeFinish: 'silver', hammered: false },
    { single: true, weighedG: 7.4 },
  ),
  lure('in-line-spinner', BLADES, 'Pirrip 12', 75, 12, ['black', 'copper', 'orange'], {
    blade: 'colorado',
    bladeSize: 4,
    bladeFinish: 'copper',
    hammered: false,
  }),
  lure('casting-spoon', METAL, 'Dollop 12', 55, 12, ['red', 'white', 'white'], {}, { single: true }),
  lure(
    'casting-spoon',
    METAL,
    'Dollop 18',
    65,
    18,
    ['blue-back', 'silver', 'silver', 'scales'],
    {},
    { weighedG: 17.6 },
  ),
  lure('casting-spoon', METAL, 'Dollop 7', 45, 7, ['copper', 'gold', 'gold'], {}, { single: true }),
  lure('flutter-spoon', METAL, 'Langblad 170', 170, 40, ['blue-back', 'silver', 'white'], { cup: 'cupped' }),
  lure('blade-bait', METAL, 'Tremolo 7', 48, 7, ['black', 'gold', 'gold'], {}),
  lure('blade-bait', METAL, 'Tremolo 12', 55, 12, ['blue-back', 'silver', 'white'], {}),
  lure(
    'casting-metal',
    METAL,
    'Slingspat 28',
    80,
    28,
    ['blue-back', 'silver', 'white', 'scales'],
    {},
    { single: true, weighedG: 27.1, count: 2 },
  ),
  lure('casting-metal', METAL, 'Slingspat 18', 70, 18, ['green', 'silver', 'white'], {}),
  lure('casting-metal', METAL, 'Slingspat 36', 95, 36, ['pink', 'silver', 'pearl'], {}, { single: true }),
  lure('slow-fall-jig', METAL, 'Leafwhisper 40', 60, 40, ['pink', 'silver', 'white'], {}),
  lure('slow-fall-jig', METAL, 'Leafwhisper 25', 50, 25, ['green', 'gold', 'orange'], {}),
  lure(
    'crankbait',
    PLUGS,
    'Bumblecrag S',
    50,
    10,
    ['olive', 'chartreuse', 'orange'],
    { lip: 'square', depthM: 1.2, buoyancy: 'floats' },
    { sound: 'rattles' },
  ),
  lure('crankbait', PLUGS, 'Bumblecrag S Hush', 50, 9.5, ['moss', 'olive', 'bone', 'bars'], {
    lip: 'square',
    depthM: 1,
    buoyancy: 'floats',
  }),
  lure(
    'crankbait',
    PLUGS,
    'Bumblecrag M',
    58,
    12.5,
    ['blue-back', 'silver', 'white'],
    { lip: 'round', depthM: 1.8, buoyancy: 'floats' },
    { sound: 'knock' },
  ),
  lure('crankbait', PLUGS, 'Bumblecrag M Hush', 58, 12, ['olive', 'gold', 'orange', 'bars'], {
    lip: 'round',
    depthM: 1.6,
    buoyancy: 'floats',
  }),
  lure(
    'crankbait',
    PLUGS,
    'Bumblecrag D',
    65,
    17,
    ['brown', 'orange', 'bone'],
    { lip: 'long', depthM: 3.4, buoyancy: 'floats' },
    { sound: 'rattles' },
  ),
  lure('crankbait', PLUGS, 'Bumblecrag D Hush', 62, 15, ['smoke', 'silver', 'white', 'scales'], {
    lip: 'long',
    depthM: 3,
    buoyancy: 'floats',
  }),
  lure('lipless-crankbait', PLUGS, 'Kettledrum 14', 65, 14, ['brown', 'red', 'orange'], {}, { sound: 'rattles' }),
  lure('lipless-crankbait', PLUGS, 'Kettledrum 10 Hush', 60, 10.5, ['blue-back', 'silver', 'white'], {}),
  lure('jerkbait', SLIM, 'Nimbletwig 90', 90, 10.5, ['olive', 'smoke', 'pearl', 'bars'], {
    lip: 'short',
    depthM: 1.2,
    buoyancy: 'suspends',
  }),
  lure(
    'jerkbait',
    SLIM,
    'Nimbletwig 110',
    110,
    15,
    ['blue-back', 'silver', 'white', 'scales'],
    { lip: 'short', depthM: 1.6, buoyancy: 'suspends' },
    { weighedG: 15.4 },
  ),
  lure('jerkbait', SLIM, 'Nimbletwig 100 Deep', 100, 14.5, ['smoke', 'pearl', 'white'], {
    lip: 'long',
    depthM: 2.6,
    buoyancy: 'suspends',
  }),
  lure('jerkbait', SLIM, 'Nimbletwig 75', 75, 6, ['black', 'gold', 'orange'], {
    lip: 'short',
    depthM: 0.8,
    buoyancy: 'floats',
  }),
  lure('jerkbait', SLIM, 'Nimbletwig 85 Sink', 85, 13, ['green', 'silver', 'pink'], {
    lip: 'short',
    depthM: 1.3,
    buoyancy: 'sinks',
  }),
  lure('jerkbait', SLIM, 'Nimbletwig 130', 130, 22, ['black', 'gold', 'orange', 'bars'], {
    lip: 'short',
    depthM: 1.4,
    buoyancy: 'suspends',
  }),
  lure('glide-bait', PLUGS, 'Swaynard 150', 150, 52, ['olive', 'silver', 'white', 'spots'], { joint: 'one' }),
  lure('glide-bait', PLUGS, 'Swaynard 180', 180, 85, ['brown', 'gold', 'orange', 'bars'], { joint: 'two' }),
  lure('surface', SLIM, 'Plopsworth 70', 70, 9, ['green', 'bone', 'white', 'spots'], { style: 'popper' }),
  lure('surface', SLIM, 'Meanderling 95', 95, 13, ['smoke', 'silver', 'white'], { style: 'walker' }),
  lure('surface', SLIM, 'Whirlygag 100', 100, 18, ['black', 'black', 'red'], { style: 'prop' }),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Slim 75',
    76,
    3.4,
    ['smoke', 'pearl', 'white'],
    { shape: 'slim-smooth' },
    { count: 8 },
  ),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Slim 100',
    102,
    6.5,
    ['olive', 'silver', 'white'],
    { shape: 'slim-smooth' },
    { count: 6 },
  ),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Rib 95',
    96,
    7.2,
    ['green', 'chartreuse', 'white'],
    { shape: 'slim-ribbed' },
    { count: 7 },
  ),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Rib 120',
    120,
    12,
    ['brown', 'gold', 'orange'],
    { shape: 'slim-ribbed' },
    { count: 5, weighedG: 12.4 },
  ),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Fat 145',
    147,
    28,
    ['olive', 'pearl', 'orange', 'bars'],
    { shape: 'fat-ribbed' },
    { count: 4 },
  ),
  lure(
    'paddle-tail',
    SOFTS,
    'Waglet Fat 100',
    100,
    11,
    ['moss', 'copper', 'bone'],
    { shape: 'fat-ribbed' },
    { count: 6 },
  ),
  lure('soft-jerkbait', SOFTS, 'Limpwick 115', 115, 9, ['smoke', 'pearl', 'white'], {}, { count: 6 }),
  lure('stick-worm', SOFTS, 'Plainstick 125', 127, 9.2, ['brown', 'moss', 'moss'], {}, { count: 9 }),
  lure('stick-worm', SOFTS, 'Plainstick 100', 100, 5.4, ['black', 'black', 'purple'], {}, { count: 9 }),
  lure('finesse-worm', SOFTS, 'Flatling 90', 92, 2.6, ['smoke', 'sand', 'bone'], {}, { count: 10 }),
  lure('finesse-worm', SOFTS, 'Flatling 90 Dusk', 92, 2.6, ['purple', 'brown', 'smoke'], {}, { count: 8 }),
  lure('grub', SOFTS, 'Curlewtail 60', 62, 2.8, ['chartreuse', 'chartreuse', 'white'], {}, { count: 12 }),
  lure('grub', SOFTS, 'Curlewtail 80', 80, 5, ['smoke', 'smoke', 'pearl'], {}, { count: 9 }),
  lure('creature', SOFTS, 'Clatterclaw 90', 90, 8.5, ['brown', 'moss', 'orange'], { form: 'craw' }, { count: 7 }),
  lure('creature', SOFTS, 'Flapperdam 100', 100, 10, ['black', 'black', 'blue'], { form: 'creature' }, { count: 6 }),
  lure('tube', SOFTS, 'Hollowick 90', 90, 7.5, ['olive', 'olive', 'sand', 'spots'], {}, { count: 8 }),
  lure('skirted-jig', JIGS, 'Broombelly Flip 14', 85, 14, ['black', 'black', 'blue'], {
    style: 'flipping',
    skirt: 'full',
  }),
  lure(
    'skirted-jig',
    JIGS,
    'Broombelly Ball 18',
    85,
    17.7,
    ['brown', 'moss', 'orange'],
    { style: 'football', skirt: 'full' },
    { weighedG: 18.4 },
  ),
  lure('skirted-jig', JIGS, 'Broombelly Wee 7', 65, 7, ['olive', 'brown', 'moss'], { style: 'finesse', skirt: 'full' }),
  lure('skirted-jig', JIGS, 'Broombelly Swim 10', 85, 10.6, ['olive', 'white', 'pearl'], {
    style: 'swim',
    skirt: 'full',
  }),
  lure('hair-jig', JIGS, 'Moulting 4', 55, 3.5, ['black', 'black', 'brown'], {}, { count: 3 }),
  lure('hair-jig', JIGS, 'Moulting 7', 65, 7, ['olive', 'white', 'pearl'], {}, { count: 2 }),
  lure('thin-spoon', METAL, 'Flimsy 5', 50, 4.5, ['copper', 'silver', 'orange'], { bend: 'even' }),
  lure('thin-spoon', METAL, 'Flimsy 9', 70, 8, ['green', 'gold', 'orange'], { bend: 'late' }),
  lure('long-jig', METAL, 'Skimming 60', 125, 60, ['blue-back', 'silver', 'pink'], { balance: 'centre' }),
  lure('long-jig', METAL, 'Skimming 90', 150, 90, ['green', 'gold', 'silver'], { balance: 'tail' }),
  lure('hard-swimbait', PLUGS, 'Hingelmore 130', 130, 38, ['olive', 'silver', 'white', 'scales'], { joints: 'three' }),
  lure('needle-plug', SLIM, 'Darnsel 170', 170, 28, ['black', 'purple', 'black'], { loadKg: 0.02 }, { single: true }),
  lure('needle-plug', SLIM, 'Darnsel 150', 150, 24, ['blue-back', 'pearl', 'white'], { loadKg: 0 }),
  lure('segmented-bait', SOFTS, 'Ringlet 90', 90, 3.6, ['moss', 'sand', 'bone'], { end: 'pointed' }, { count: 7 }),
  lure('segmented-bait', SOFTS, 'Ringlet 150', 150, 9, ['brown', 'pink', 'sand'], { end: 'flat' }, { count: 3 }),
  lure('streamer', METAL, 'Wispling 70', 70, 0.8, ['blue-back', 'silver', 'pink'], { eyes: 'none' }, { count: 2 }),
  lure('streamer', METAL, 'Wispling 60 Bead', 60, 1.2, ['black', 'orange', 'gold'], { eyes: 'bead' }),
  lure('umbrella-rig', BLADES, 'Fivefold 220', 220, 55, ['smoke', 'pearl', 'white'], { arms: 'five', bladed: true }),
  // Bought twice, and owned in more colours than anyone needs.
  lure('blade-bait', METAL, 'Tremolo 7 again', 48, 7, ['black', 'gold', 'gold'], {}),
  lure('jerkbait', SLIM, 'Nimbletwig 110 spare', 110, 15, ['blue-back', 'silver', 'white', 'scales'], {
    lip: 'short',
    depthM: 1.6,
    buoyancy: 'suspends',
  }),
  ...(
    [
      ['Ruddy', ['brown', 'orange', 'red']],
      ['Pale', ['bone', 'white', 'pearl']],
      ['Night', ['black', 'purple', 'black']],
    ] as const
  ).map(([name, colour]) =>
    lure('grub', SOFTS, `Curlewtail 60 ${name}`, 62, 2.8, colour, {}, { count: name === 'Pale' ? 2 : 6 }),
  ),
]
