/**
 * How each test is done: what for, with what, in which steps, and what to mind. Common practice. `settings` are held fixed for a series, `readings` are taken each
 * time; `by` names the instrument that fills a field, and every field can be typed as well.
 */

type Field = {
  readonly key: string
  readonly label: string
  readonly role?: string
  readonly options?: readonly string[]
  readonly from?: 'rods' | 'lines' | 'trailers'
  readonly by?: 'watch' | 'taps' | 'turns' | 'scale'
  readonly start?: number | string | null
  readonly min?: number
  readonly max?: number
  readonly optional?: boolean
}

export interface HowTo {
  readonly name: string
  /** What it is good for, in half a sentence. */
  readonly gives: string
  readonly needs: readonly string[]
  readonly steps: readonly string[]
  readonly minds: readonly string[]
  readonly settings: readonly Field[]
  readonly readings: readonly Field[]
}

const HOOKS =
  'Tape over the points or take the hooks off where the test allows it; eyes and fingers away from bare trebles.'
const WET = 'Stand where you cannot fall in; never alone on ice or on a slippery jetty.'

export const HOW_TO: Readonly<Record<string, HowTo>> = {
  weigh: {
    name: 'Weigh and measure',
    gives: 'its true weight and length, which falls, casts and tuning rest on',
    needs: ['a scale that shows tenths of a gram', 'the lure dry, with the hooks it is fished with'],
    steps: [
      'Set the scale to zero.',
      'Lay the lure on and wait until the figure stands.',
      'Take it off and repeat twice. Lay it along a ruler once: nose to tail, lip and hooks left out.',
    ],
    minds: [HOOKS],
    settings: [],
    readings: [
      { key: 'massKg', label: 'Weight', role: 'lureMass', by: 'scale', min: 0.0003, max: 1 },
      {
        key: 'lengthM',
        label: 'Length (none: leave empty)',
        role: 'lureLength',
        optional: true,
        start: null,
        min: 0.01,
        max: 0.5,
      },
    ],
  },
  fall: {
    name: 'Timed fall',
    gives: 'how fast it sinks, and the count-down to any depth',
    needs: ['a pool, barrel or jetty of known depth, a metre and a half or more', 'the line you fish it on, slack'],
    steps: [
      'Measure the depth from the surface to the bottom.',
      'Hold the lure just under the surface, line slack.',
      'Let go and start the watch; stop it when it touches the bottom.',
      'Three times, or until they agree.',
    ],
    minds: [HOOKS, WET],
    settings: [
      { key: 'depthM', label: 'Depth of fall', role: 'depth', start: 2, min: 0.1, max: 30 },
      { key: 'withKg', label: 'Head or hook on it', role: 'lureMass', start: 0, min: 0, max: 0.5 },
      {
        key: 'lineDiameterM',
        label: 'Line (none: leave empty)',
        role: 'lineDiameter',
        start: 0.00013,
        optional: true,
        min: 0.00003,
        max: 0.002,
      },
    ],
    readings: [{ key: 'seconds', label: 'Seconds to the bottom', role: 'watch', by: 'watch', min: 0.05, max: 600 }],
  },
  action: {
    name: 'Action',
    gives: 'its kind of swing, how wide and how quick: what the match weighs as swing and thump',
    needs: ['clear water by a jetty, or a long bath', 'a ruler under the track, or the lure’s own length to compare'],
    steps: [
      'Draw it past at the pace you fish.',
      'Judge how far the tail travels from side to side.',
      'Tap once at every beat of the tail, for ten beats or so. Too quick to count: film it slowly and count there.',
    ],
    minds: [HOOKS, WET],
    settings: [{ key: 'speedMps', label: 'Pace', role: 'lureSpeed', start: 0.7, min: 0, max: 5 }],
    readings: [
      {
        key: 'swing',
        label: 'Kind',
        options: ['shiver', 'wobble', 'roll', 'kick', 'glide', 'flutter', 'spin'],
        start: 'wobble',
      },
      { key: 'amplitudeM', label: 'Travel of the tail', role: 'hookGap', start: 0.02, min: 0, max: 0.5 },
      { key: 'beatsPerS', label: 'Beats a second', role: 'beats', by: 'taps', min: 0, max: 60 },
    ],
  },
  window: {
    name: 'Speed window',
    gives: 'the slowest pace at which it works and the fastest before it rolls or washes out',
    needs: ['clear water by a jetty', 'a reel whose line per turn is known, or a marked stretch and a watch'],
    steps: [
      'Wind as slowly as it still works; tap once at every handle turn, or type the speed.',
      'Wind ever faster until it rolls over, rides up or stops working; tap the turns again.',
      'Change the speed in small steps: about 0.1 m/s (0.2 mph).',
    ],
    minds: [HOOKS, WET],
    settings: [],
    readings: [
      { key: 'slowMps', label: 'Slowest that works', role: 'lureSpeed', by: 'turns', min: 0.02, max: 8 },
      { key: 'fastMps', label: 'Fastest that works', role: 'lureSpeed', by: 'turns', min: 0.02, max: 8 },
    ],
  },
  rest: {
    name: 'Buoyancy',
    gives: 'its weight in water to hundredths of a gram, and the lead that makes it suspend',
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
    settings: [{ key: 'distanceM', label: 'Measured stretch', role: 'lureLength', start: 0.4, min: 0.05, max: 10 }],
    readings: [
      { key: 'addedKg', label: 'Lead taped on', role: 'lead', start: 0, min: 0, max: 0.2 },
      { key: 'way', label: 'It', options: ['rises', 'hangs', 'sinks'], start: 'rises' },
      {
        key: 'seconds',
        label: 'Seconds over the stretch (0 if it hangs)',
        role: 'watch',
        by: 'watch',
        min: 0,
        max: 600,
      },
    ],
  },
  depth: {
    name: 'Running depth',
    gives: 'its planing angle: depth on any line, cast and rod height',
    needs: ['a shelving hard bottom or a sounder’s depths', 'one line whose thickness you know', 'a measured cast'],
    steps: [
      'Cast over water of a depth you know and wind evenly.',
      'Note the deepest water in which it still just ticks the bottom.',
      'Three casts; if you can, of different lengths.',
    ],
    minds: [HOOKS, WET],
    settings: [
      { key: 'lineDiameterM', label: 'Line', role: 'lineDiameter', start: 0.0003, min: 0.00003, max: 0.002 },
      { key: 'rodTipM', label: 'Rod tip above water', role: 'depth', start: 1, min: -1, max: 6 },
      { key: 'retrieveSpeedMps', label: 'Pace', role: 'lureSpeed', start: 0.8, min: 0.1, max: 5 },
    ],
    readings: [
      { key: 'castM', label: 'Length of the cast', role: 'distance', start: 25, min: 1, max: 150 },
      { key: 'depthM', label: 'Deepest touch', role: 'depth', min: 0.05, max: 30 },
    ],
  },
  tear: {
    name: 'Tear load',
    gives: 'the pull at which the hook tears out of its nose',
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
    settings: [{ key: 'bagKg', label: 'Weight of bag and string', role: 'lureMass', start: 0.01, min: 0, max: 2 }],
    readings: [{ key: 'volumeM3', label: 'Water until it tore', role: 'volume', min: 0.00002, max: 0.03 }],
  },
  cast: {
    name: 'Length of cast',
    gives: 'how far you throw it, and by that every other lure on the same rod',
    needs: ['an empty field or open water, little wind', 'paces, marks on the line, or the handle turns back'],
    steps: [
      'Cast as you fish, not for a record.',
      'Pace it out, or tap once at each handle turn while winding back.',
      'Three casts.',
    ],
    minds: ['Nobody within a cast in front, and nobody behind you within the rod’s swing. Power lines kill.', HOOKS],
    settings: [
      { key: 'rodId', label: 'Rod', from: 'rods', start: null, optional: true },
      { key: 'withKg', label: 'Head or hook on it', role: 'lureMass', start: 0, min: 0, max: 0.5 },
    ],
    readings: [{ key: 'castM', label: 'Length', role: 'distance', by: 'turns', min: 1, max: 150 }],
  },
  revival: {
    name: 'Weighted-hook revival',
    gives: 'the lightest hook with which a body that falls dead begins to shimmy',
    needs: ['hooks of rising weight (1/16–1/8 oz bring nearly any to life)', 'clear water of a metre or more'],
    steps: [
      'Rig it straight on the lightest hook and let it fall on slack line.',
      'Judge it from dead to strongly.',
      'Next heavier hook.',
    ],
    minds: [HOOKS],
    settings: [],
    readings: [
      { key: 'hookKg', label: 'Weight of the hook', role: 'lead', start: 0.001, min: 0, max: 0.05 },
      { key: 'shimmy', label: 'It falls', options: ['dead', 'a little', 'shimmies', 'strongly'], start: 'dead' },
    ],
  },
  damping: {
    name: 'Trailer damping',
    gives: 'how much a trailer slows its beat: bulky ones deaden a bladed jig',
    needs: ['clear water by a jetty', 'the trailer you fish behind it'],
    steps: [
      'Draw it past bare and tap once at every beat, or hold the line and count the thumps.',
      'Put the trailer on and draw it past at the same pace.',
      'Three times, changing about.',
    ],
    minds: [HOOKS, WET],
    settings: [{ key: 'trailerId', label: 'Trailer', from: 'trailers' }],
    readings: [
      { key: 'bareBeatsPerS', label: 'Beats bare', role: 'beats', by: 'taps', min: 0.1, max: 60 },
      { key: 'withBeatsPerS', label: 'Beats with the trailer', role: 'beats', by: 'taps', min: 0, max: 60 },
    ],
  },
}
