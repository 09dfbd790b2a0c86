import type { FieldOf, TestKind } from '../../core/bench'

/** How a test is done, in words. Common practice. */
interface TestWords<K extends TestKind = TestKind> {
  readonly name: string
  /** What it is good for, in half a sentence. */
  readonly gives: string
  /** What its figure is, before the figure: “falls at”; nothing where it comes to no figure. */
  readonly figure: string
  readonly needs: readonly string[]
  readonly steps: readonly string[]
  /** What to mind. */
  readonly minds: readonly string[]
  readonly labels: { readonly [F in FieldOf<K>]: string }
}

const HOOKS =
  'Tape over the points or take the hooks off where the test allows it; eyes and fingers away from bare trebles.'
const WET = 'Stand where you cannot fall in; never alone on ice or on a slippery jetty.'

const TESTS: { readonly [K in TestKind]: TestWords<K> } = {
  weigh: {
    name: 'Weigh and measure',
    gives: 'its true weight and length, which falls, casts and tuning rest on',
    figure: 'weighs',
    needs: ['a scale that shows tenths of a gram', 'the lure dry, with the hooks it is fished with'],
    steps: [
      'Set the scale to zero.',
      'Lay the lure on and wait until the figure stands.',
      'Take it off and repeat twice. Lay it along a ruler once: nose to tail, lip and hooks left out.',
    ],
    minds: [HOOKS],
    labels: {
      massKg: 'Weight',
      lengthM: 'Length (none: leave empty)',
    },
  },
  fall: {
    name: 'Timed fall',
    gives: 'how fast it sinks, and the count-down to any depth',
    figure: 'falls at',
    needs: ['a pool, barrel or jetty of known depth, a metre and a half or more', 'the line you fish it on, slack'],
    steps: [
      'Measure the depth from the surface to the bottom.',
      'Hold the lure just under the surface, line slack.',
      'Let go and start the watch; stop it when it touches the bottom.',
      'Three times, or until they agree.',
    ],
    minds: [HOOKS, WET],
    labels: {
      depthM: 'Depth of fall',
      withKg: 'Head or hook on it',
      lineDiameterM: 'Line (none: leave empty)',
      seconds: 'Seconds to the bottom',
    },
  },
  action: {
    name: 'Action',
    gives: 'its kind of swing, how wide and how quick: what the match weighs as swing and thump',
    figure: 'beats',
    needs: ['clear water by a jetty, or a long bath', 'a ruler under the track, or the lure’s own length to compare'],
    steps: [
      'Draw it past at the pace you fish.',
      'Judge how far the tail travels from side to side.',
      'Tap once at every beat of the tail, for ten beats or so. Too quick to count: film it slowly and count there.',
    ],
    minds: [HOOKS, WET],
    labels: {
      speedMps: 'Pace',
      swing: 'Kind',
      amplitudeM: 'Travel of the tail',
      beatsPerS: 'Beats a second',
    },
  },
  window: {
    name: 'Speed window',
    gives: 'the slowest pace at which it works and the fastest before it rolls or washes out',
    figure: 'works from',
    needs: ['clear water by a jetty', 'a reel whose line per turn is known, or a marked stretch and a watch'],
    steps: [
      'Wind as slowly as it still works; tap once at every handle turn, or type the speed.',
      'Wind ever faster until it rolls over, rides up or stops working; tap the turns again.',
      'Change the speed in small steps: about 0.1 m/s (0.2 mph).',
    ],
    minds: [HOOKS, WET],
    labels: {
      slowMps: 'Slowest that works',
      fastMps: 'Fastest that works',
    },
  },
  rest: {
    name: 'Buoyancy',
    gives: 'its weight in water to hundredths of a gram, and the lead that makes it suspend',
    figure: 'rises (below zero) or sinks at',
    needs: [
      'a clear vessel or bath deep enough to time it over a hand’s length or two',
      'a thermometer',
      'strips of lead or wire of known weight, and tape',
    ],
    steps: [
      'Let the water and the lure come to one temperature; wipe off every bubble.',
      'Hold it at the bottom (or the top) of the measured stretch, let go, time it.',
      'Tape on a little lead and time it again: two weights tell more than two repeats.',
    ],
    minds: ['Lead is poisonous: wash your hands, do not file it indoors, keep it from children.', HOOKS],
    labels: {
      distanceM: 'Measured stretch',
      addedKg: 'Lead taped on',
      way: 'It',
      seconds: 'Seconds over the stretch (0 if it hangs)',
    },
  },
  depth: {
    name: 'Running depth',
    gives: 'its planing angle: depth on any line, cast and rod height',
    figure: 'runs, on 0.30 mm line and a cast of 25 m, at',
    needs: ['a shelving hard bottom or a sounder’s depths', 'one line whose thickness you know', 'a measured cast'],
    steps: [
      'Cast over water of a depth you know and wind evenly.',
      'Note the deepest water in which it still just ticks the bottom.',
      'Three casts; if you can, of different lengths.',
    ],
    minds: [HOOKS, WET],
    labels: {
      lineDiameterM: 'Line',
      rodTipM: 'Rod tip above water',
      retrieveSpeedMps: 'Pace',
      castM: 'Length of the cast',
      depthM: 'Deepest touch',
    },
  },
  trolled: {
    name: 'Depth behind a boat',
    gives: 'its own depth when trolled, where sums and practice differ; a sinker’s drag',
    figure: 'runs, trolled at 1 m/s on 30 m of 0.30 mm line, at',
    needs: [
      'a boat whose speed through the water you know',
      'a counter or marks on the line',
      'a shelving bottom or a sounder that shows the lure',
    ],
    steps: [
      'Go straight, without current, and let the line out to a mark.',
      'Note the deepest bottom it still just ticks, or its depth on the sounder.',
      'Three runs; if you can, with different lengths of line.',
    ],
    minds: ['Someone steers and looks ahead while the other reads.', HOOKS],
    labels: {
      lineDiameterM: 'Line',
      rodTipM: 'Rod tip above water',
      speedMps: 'Speed through the water',
      lineOutM: 'Line out',
      depthM: 'Depth',
    },
  },
  wound: {
    name: 'Wound over a ledge',
    gives: 'a sinker’s drag while it is pulled: how high it climbs at any pace',
    figure: 'runs, counted to 3 m and half-way home at 0.8 m/s, at',
    needs: [
      'a ledge, bar or jetty’s foot of known depth within a cast',
      'one line whose thickness you know',
      'a measured cast and an even hand',
    ],
    steps: [
      'Cast beyond the ledge, count it down and wind evenly.',
      'Change the count until it just ticks the ledge.',
      'Note cast, count, and how far off and how deep the ledge is.',
    ],
    minds: [HOOKS, WET],
    labels: {
      lineDiameterM: 'Line',
      rodTipM: 'Rod tip above water',
      retrieveSpeedMps: 'Pace',
      castM: 'Length of the cast',
      countS: 'Counted down, s',
      awayM: 'Ledge off the rod',
      depthM: 'Depth of the ledge',
    },
  },
  tear: {
    name: 'Tear load',
    gives: 'the pull at which the hook tears out of its nose',
    figure: 'tears at',
    needs: ['a bag or bottle on a string', 'a measuring jug', 'the hook you fish it on'],
    steps: [
      'Hook the body as you fish it and hang the bag on the hook’s eye, the body held fast.',
      'Pour in water a little at a time until it tears; note the water poured in.',
      'A fresh body each time.',
    ],
    minds: [
      'The hook flies when it tears: glasses on, hand and face out of its line.',
      'Glue for mended noses bonds skin: open the window, no gloves of cotton.',
    ],
    labels: {
      bagKg: 'Weight of bag and string',
      volumeM3: 'Water until it tore',
    },
  },
  cast: {
    name: 'Length of cast',
    gives: 'how far you throw it, and by that every other lure on the same rod',
    figure: 'is cast',
    needs: ['an empty field or open water, little wind', 'paces, marks on the line, or the handle turns back'],
    steps: [
      'Cast as you fish, not for a record.',
      'Pace it out, or tap once at each handle turn while winding back.',
      'Three casts.',
    ],
    minds: ['Nobody within a cast in front, and nobody behind you within the rod’s swing. Power lines kill.', HOOKS],
    labels: {
      rodId: 'Rod',
      withKg: 'Head or hook on it',
      castM: 'Length',
    },
  },
  revival: {
    name: 'Weighted-hook revival',
    gives: 'the lightest hook with which a body that falls dead begins to shimmy',
    figure: 'shimmies from a hook of',
    needs: ['hooks of rising weight (1/16–1/8 oz bring nearly any to life)', 'clear water of a metre or more'],
    steps: [
      'Rig it straight on the lightest hook and let it fall on slack line.',
      'Judge it from dead to strongly.',
      'Next heavier hook.',
    ],
    minds: [HOOKS],
    labels: {
      hookKg: 'Weight of the hook',
      shimmy: 'It falls',
    },
  },
  damping: {
    name: 'Trailer damping',
    gives: 'how much a trailer slows its beat: bulky ones deaden a bladed jig',
    figure: '',
    needs: ['clear water by a jetty', 'the trailer you fish behind it'],
    steps: [
      'Draw it past bare and tap once at every beat, or hold the line and count the thumps.',
      'Put the trailer on and draw it past at the same pace.',
      'Three times, changing about.',
    ],
    minds: [HOOKS, WET],
    labels: {
      trailerId: 'Trailer',
      bareBeatsPerS: 'Beats bare',
      withBeatsPerS: 'Beats with the trailer',
    },
  },
}

export const testWords = (kind: TestKind): TestWords => TESTS[kind]
/** What a field of a test is called on its form. */
export const testLabel = (kind: TestKind, field: string): string =>
  (TESTS[kind].labels as Readonly<Record<string, string>>)[field] ?? field
