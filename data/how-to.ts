/**
 * What is said beside a set-up: what to feel for, what an answer of the fish tells, what to change first, and what to mind. Common practice; `facts` are
 * the facts of the trade by number. `of`: the set-ups it speaks of; `when`: the waters; `school`: said only where that side is followed by half or more.
 */

/** What to feel for. The first two that fit are shown. */
export const FEEL = [
  { id: 'tip-nods', facts: [85], of: { delivery: ['troll', 'downrigger'] } },
  { id: 'weight-comes-round', facts: [82], of: { delivery: ['swing'] } },
  {
    id: 'tick-of-blade',
    facts: [1, 5],
    of: { body: ['wire'] },
  },
  { id: 'buzz', facts: [14], of: { family: ['bladed-jig'] } },
  {
    id: 'shiver',
    facts: [36],
    of: { family: ['blade-bait'] },
  },
  {
    id: 'lip-knocks',
    facts: [19],
    of: { family: ['crankbait'] },
  },
  {
    id: 'tail-beat',
    facts: [33],
    of: { family: ['paddle-tail'] },
  },
  {
    id: 'slack-then-weight',
    facts: [27],
    of: { family: ['jerkbait', 'soft-jerkbait'] },
  },
  {
    id: 'line-on-the-fall',
    facts: [18],
    of: { body: ['soft', 'jig'] },
  },
  {
    id: 'spoon-kick',
    facts: [1, 3],
    of: { family: ['casting-spoon', 'thin-spoon'] },
  },
  {
    id: 'first-drop',
    facts: [37],
    of: { family: ['flutter-spoon'] },
  },
  {
    id: 'jig-on-the-drop',
    facts: [38],
    of: { delivery: ['vertical'] },
  },
  {
    id: 'turn-of-the-metal',
    facts: [36],
    of: { family: ['casting-metal'] },
  },
  {
    id: 'needle-depth',
    facts: [40],
    of: { family: ['needle-plug'] },
  },
  {
    id: 'wake',
    facts: [40],
    of: { family: ['surface'] },
  },
  {
    id: 'quiver',
    facts: [30],
    of: { mount: ['drop-shot', 'wacky'] },
  },
  { id: 'even-pull', facts: [23], of: {} },
] as const

/** What a touch or a take tells, and what to do about it. */
export const TELLS = [
  { id: 'inner-rod', facts: [85], of: { delivery: ['troll', 'downrigger'] } },
  { id: 'outer-rod', facts: [85], of: { delivery: ['troll', 'downrigger'] } },
  {
    id: 'thump-and-run',
    facts: [15],
    of: {},
  },
  {
    id: 'eaten-winding-in',
    facts: [15],
    of: { restS: [1.4, 60] },
  },
  {
    id: 'pecks',
    facts: [15],
    of: {},
  },
  // Which of these three is said is asked of data/followers.
  { id: 'followed-hold', side: 'S3.hold', facts: [3, 109], of: {}, follower: 'hold' },
  { id: 'followed-change', side: 'S3.change', facts: [23, 109], of: {}, follower: 'change' },
  { id: 'followed-drop', facts: [37, 79], of: {}, follower: 'drop' },
  {
    id: 'hooks-outside',
    facts: [22],
    of: { body: ['hard'] },
  },
  {
    id: 'barely',
    facts: [24],
    of: { hooks: ['in-turned treble'] },
  },
  {
    id: 'hard',
    facts: [24],
    of: { hooks: ['round treble'] },
  },
  {
    id: 'one-bite-stay',
    side: 'S13.stay',
    facts: [25],
    of: {},
  },
  {
    id: 'one-bite-move',
    side: 'S13.move',
    facts: [25],
    of: {},
  },
  {
    id: 'bites-rotate',
    side: 'S18.rotate',
    facts: [15],
    of: {},
  },
  {
    id: 'bites-keep',
    side: 'S18.keep',
    facts: [15],
    of: {},
  },
  {
    id: 'grass-bite',
    facts: [25],
    of: {},
    when: { cover: ['grass', 'reeds', 'pads'] },
  },
  {
    id: 'on-the-fall',
    facts: [18],
    of: { body: ['soft', 'jig'] },
  },
  {
    id: 'short-strikes',
    facts: [30],
    of: { mount: ['drop-shot'] },
  },
  {
    id: 'short-strikes-blades',
    side: 'S6.on',
    facts: [10],
    of: { family: ['spinnerbait', 'bladed-jig'] },
  },
] as const

/** First changes to try, in this order. */
export const CHANGES = [
  { id: 'boat-steps', facts: [85], of: { delivery: ['troll', 'downrigger'] } },
  { id: 'lead-length', facts: [85], of: { delivery: ['downrigger'] } },
  { id: 'line-out', facts: [85], of: { delivery: ['troll'] } },
  { id: 'swing-angle', facts: [82], of: { delivery: ['swing'] } },
  { id: 'dropper-steps', facts: [83], of: { delivery: ['three-way'] } },
  { id: 'wait-longer', facts: [83], of: { delivery: ['three-way', 'still'] } },
  {
    id: 'other-action',
    facts: [22],
    of: { family: ['crankbait', 'jerkbait', 'lipless-crankbait'] },
  },
  {
    id: 'line-by-rule',
    side: 'S15.thickness',
    facts: [20],
    of: { family: ['crankbait'] },
  },
  {
    id: 'line-by-sum',
    side: 'S15.sum',
    facts: [20],
    of: { family: ['crankbait'] },
  },
  {
    id: 'slower-after-school',
    facts: [24],
    of: { family: ['crankbait'] },
  },
  {
    id: 'longer-hang',
    facts: [27, 28],
    of: { family: ['jerkbait'] },
  },
  {
    id: 'heavier-hooks',
    facts: [26],
    of: { family: ['jerkbait'], traits: { buoyancy: ['suspends', 'floats'] } },
  },
  {
    id: 'colder-trailer',
    facts: [13],
    of: { family: ['skirted-jig'] },
  },
  { id: 'clip-blade', facts: [14], of: { family: ['skirted-jig'] } },
  {
    id: 'other-blade',
    facts: [1, 5],
    of: { family: ['spinnerbait', 'in-line-spinner'] },
  },
  {
    id: 'fall-first',
    facts: [16],
    of: { body: ['soft', 'jig'] },
  },
  {
    id: 'flat-or-round',
    facts: [30],
    of: { family: ['finesse-worm', 'stick-worm'] },
  },
  { id: 'scent', facts: [30], of: { body: ['soft'] } },
  {
    id: 'underspin',
    facts: [33],
    of: { family: ['paddle-tail'], mount: ['head'] },
  },
  {
    id: 'fan',
    facts: [3],
    of: {
      delivery: ['cast'],
      family: ['casting-spoon', 'thin-spoon', 'in-line-spinner', 'casting-metal'],
    },
  },
  {
    id: 'count-deeper',
    facts: [36],
    of: { body: ['metal', 'soft'], delivery: ['cast'] },
  },
  {
    id: 'trolled-steps',
    facts: [1],
    of: { technique: ['wind'] },
  },
  {
    id: 'size',
    facts: [39],
    of: {},
  },
  {
    id: 'spot',
    facts: [41],
    of: {},
  },
] as const

/** What to see to before the first cast. */
export const READY = [
  { id: 'weak-dropper', facts: [83], of: { delivery: ['three-way'] } },
  {
    id: 'flutter-swivel',
    facts: [37],
    of: { family: ['flutter-spoon'] },
  },
  {
    id: 'mark-the-exit',
    facts: [18],
    of: { body: ['soft'], mount: ['head'] },
  },
  {
    id: 'flat-side-down',
    facts: [30],
    of: { family: ['finesse-worm'], mount: ['drop-shot'] },
  },
  { id: 'wire-count', facts: [12], of: { family: ['spinnerbait'] } },
  {
    id: 'smooth-load',
    facts: [26],
    of: { family: ['jerkbait'] },
  },
  { id: 'tail-single', facts: [40], of: { family: ['needle-plug'] } },
  {
    id: 'rod-low',
    facts: [38],
    of: { family: ['slow-fall-jig'] },
  },
] as const

/** What can hurt somebody, or break a law. */
export const CAUTIONS = [
  { id: 'lookout', facts: [85], of: { delivery: ['troll'] }, when: {} },
  { id: 'cable', facts: [85], of: { delivery: ['downrigger'] }, when: {} },
  { id: 'ice', facts: [], of: {}, when: { stand: ['ice'] } },
  { id: 'wading', facts: [82], of: {}, when: { stand: ['wading'] } },
  {
    id: 'hooks',
    facts: [],
    of: { delivery: ['cast', 'pitch', 'swing', 'three-way', 'still'] },
    when: {},
  },
  {
    id: 'teeth',
    facts: [],
    of: {},
    when: { group: ['pike'] },
  },
  {
    id: 'night',
    facts: [],
    of: {},
    when: { light: ['night'] },
  },
  {
    id: 'surf',
    facts: [40],
    of: {},
    when: { swellM: { above: [0.3, 0.8] } },
  },
  {
    id: 'cold-water',
    facts: [28],
    of: {},
    when: { waterTempC: { below: [10, 13] } },
  },
  {
    id: 'current',
    facts: [39],
    of: {},
    when: { currentMps: { above: [0.6, 1] } },
  },
  {
    id: 'wind',
    facts: [],
    of: {},
    when: { windMps: { above: [8, 12] } },
  },
  {
    id: 'spawners',
    facts: [30],
    of: {},
    when: { season: ['spawn'] },
  },
  {
    id: 'many-hooks',
    facts: [34],
    of: { family: ['umbrella-rig'] },
    when: {},
  },
  {
    id: 'warm-fish',
    facts: [],
    of: {},
    when: { group: ['salmonid', 'pike'], waterTempC: { above: [18, 21] } },
  },
] as const
