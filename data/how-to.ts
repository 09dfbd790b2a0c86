/**
 * What is said beside a set-up: what to feel for, what an answer of the fish tells, what to change first, and what to mind. Common practice; `facts` are
 * the facts of the trade by number. `of`: the set-ups it speaks of; `when`: the waters; `school`: said only where that side is followed by half or more.
 */

/** What to feel for. The first two that fit are shown. */
export const FEEL = [
  {
    id: 'tick-of-blade',
    facts: [1, 5],
    of: { body: ['wire'] },
    says: 'the blade’s steady thump in the rod; when it stops, it is fouled or a fish has come up from behind',
  },
  { id: 'buzz', facts: [14], of: { family: ['bladed-jig'] }, says: 'a hard buzz; a moment of nothing is a take' },
  {
    id: 'shiver',
    facts: [36],
    of: { family: ['blade-bait'] },
    says: 'a few beats of shiver on each lift, then nothing: wind it no faster than that',
  },
  {
    id: 'lip-knocks',
    facts: [19],
    of: { family: ['crankbait'] },
    says: 'the lip touching: hit, stop, let it rise; if it ploughs, it runs too deep',
  },
  {
    id: 'tail-beat',
    facts: [33],
    of: { family: ['paddle-tail'] },
    says: 'the tail just beating in the tip; slower until you lose it, then a little faster',
  },
  {
    id: 'slack-then-weight',
    facts: [27],
    of: { family: ['jerkbait', 'soft-jerkbait'] },
    says: 'weight at the start of the next snap; most takes come while it hangs',
  },
  {
    id: 'line-on-the-fall',
    facts: [18],
    of: { body: ['soft', 'jig'] },
    says: 'the line: a jump, a stop too early or a sideways walk on the fall is a fish',
  },
  {
    id: 'spoon-kick',
    facts: [1, 3],
    of: { family: ['casting-spoon', 'thin-spoon'] },
    says: 'the kick of the spoon: too slow it dies, too fast it rolls',
  },
  {
    id: 'first-drop',
    facts: [37],
    of: { family: ['flutter-spoon'] },
    says: 'slack line after the pop: the first drop takes the best fish',
  },
  {
    id: 'jig-on-the-drop',
    facts: [38],
    of: { delivery: ['vertical'] },
    says: 'every stop on the drop; keep a thumb on the spool',
  },
  {
    id: 'turn-of-the-metal',
    facts: [36],
    of: { family: ['casting-metal'] },
    says: 'an even pull; wind just fast enough to hold its depth',
  },
  {
    id: 'needle-depth',
    facts: [40],
    of: { family: ['needle-plug'] },
    says: 'rock: wind faster; wake on top: wind slower',
  },
  {
    id: 'wake',
    facts: [40],
    of: { family: ['surface'] },
    says: 'nothing: watch it; strike when the weight is there, not at the splash',
  },
  {
    id: 'quiver',
    facts: [30],
    of: { mount: ['drop-shot', 'wacky'] },
    says: 'a little more weight than before; lift, do not strike',
  },
  { id: 'even-pull', facts: [23], of: {}, says: 'anything that changes: a tick, a weight, a slackness' },
] as const

/** What a touch or a take tells, and what to do about it. */
export const TELLS = [
  {
    id: 'thump-and-run',
    facts: [15],
    of: {},
    heard: 'A thump and a run',
    says: 'right lure, others near: slow down and pick the place apart',
  },
  {
    id: 'eaten-winding-in',
    facts: [15],
    of: { pauseS: [1.4, 60] },
    heard: 'Eaten while winding in',
    says: 'they want it passing: swim a jig or run a square-lip crankbait',
  },
  {
    id: 'pecks',
    facts: [15],
    of: {},
    heard: 'Pecks and misses',
    says: 'too much of it: a smaller body, a trimmed skirt, a shorter trailer',
  },
  {
    id: 'followed-hold',
    side: 'S3.hold',
    facts: [3],
    of: { family: ['casting-spoon', 'thin-spoon', 'in-line-spinner'] },
    heard: 'A fish follows',
    says: 'hold the pace, it is deciding; next time a longer wind or a smaller spoon',
  },
  {
    id: 'followed-change',
    side: 'S3.change',
    facts: [23],
    of: { body: ['hard', 'wire'] },
    heard: 'A fish follows',
    says: 'change the pace: stop it, or dash',
  },
  {
    id: 'followed-drop',
    facts: [37],
    of: { body: ['soft'] },
    heard: 'They follow and do not eat',
    says: 'drop a spoon in their face',
  },
  {
    id: 'hooks-outside',
    facts: [22],
    of: { body: ['hard'] },
    heard: 'Hooked outside the mouth',
    says: 'the wrong action or colour; well inside means the right one',
  },
  {
    id: 'barely',
    facts: [24],
    of: { hooks: ['in-turned treble'] },
    heard: 'They barely take it',
    says: 'round bends in place of in-turned trebles',
  },
  {
    id: 'hard',
    facts: [24],
    of: { hooks: ['round treble'] },
    heard: 'They hit hard and come off',
    says: 'in-turned trebles',
  },
  {
    id: 'one-bite-stay',
    side: 'S13.stay',
    facts: [25],
    of: {},
    heard: 'One bite, then nothing',
    says: 'stay and work the place over with other lures',
  },
  {
    id: 'one-bite-move',
    side: 'S13.move',
    facts: [25],
    of: {},
    heard: 'One bite, then nothing',
    says: 'a few more casts, then on: the next one is farther along',
  },
  {
    id: 'grass-bite',
    facts: [25],
    of: {},
    when: { cover: ['grass', 'reeds', 'pads'] },
    heard: 'One bite in grass',
    says: 'it means more than elsewhere: give the place 5 to 10 minutes and other lures',
  },
  {
    id: 'on-the-fall',
    facts: [18],
    of: { body: ['soft', 'jig'] },
    heard: 'Taken on the fall',
    says: 'lengthen the fall: lighter, or more pauses',
  },
  {
    id: 'short-strikes',
    facts: [30],
    of: { mount: ['drop-shot'] },
    heard: 'Short strikes',
    says: 'thread the worm instead of nose-hooking it: less motion, more hook-ups',
  },
  {
    id: 'short-strikes-blades',
    side: 'S6.on',
    facts: [10],
    of: { family: ['spinnerbait', 'bladed-jig'] },
    heard: 'Short strikes',
    says: 'a stinger hook, in open water only',
  },
] as const

/** First changes to try, in this order. */
export const CHANGES = [
  {
    id: 'other-action',
    facts: [22],
    of: { family: ['crankbait', 'jerkbait', 'lipless-crankbait'] },
    says: 'another action at the same depth, then natural against hot',
  },
  {
    id: 'slower-after-school',
    facts: [24],
    of: { family: ['crankbait'] },
    says: 'after the first few of a side: something slower on the bottom',
  },
  {
    id: 'longer-hang',
    facts: [27, 28],
    of: { family: ['jerkbait'] },
    says: 'pauses of 30 s; one hard upward kick; a bare shake in place',
  },
  {
    id: 'heavier-hooks',
    facts: [26],
    of: { family: ['jerkbait'], traits: { buoyancy: ['suspends', 'floats'] } },
    says: 'hooks one size heavier, so that it sinks slowly down to them',
  },
  {
    id: 'colder-trailer',
    facts: [13],
    of: { family: ['skirted-jig'] },
    says: 'the trailer: kicking craw, then gliding creature, then a stick worm crosswise',
  },
  { id: 'clip-blade', facts: [14], of: { family: ['skirted-jig'] }, says: 'fish that chase: clip a blade on the jig' },
  {
    id: 'other-blade',
    facts: [1, 5],
    of: { family: ['spinnerbait', 'in-line-spinner'] },
    says: 'a smaller or a slower blade',
  },
  {
    id: 'fall-first',
    facts: [16],
    of: { body: ['soft', 'jig'] },
    says: 'the fall rate: some days fast, some days slow',
  },
  {
    id: 'flat-or-round',
    facts: [30],
    of: { family: ['finesse-worm', 'stick-worm'] },
    says: 'flat side down glides, a round belly falls straight',
  },
  { id: 'scent', facts: [30], of: { body: ['soft'] }, says: 'scent, when it is hard' },
  {
    id: 'underspin',
    facts: [33],
    of: { family: ['paddle-tail'], mount: ['head'] },
    says: 'under cloud a head with a small blade',
  },
  {
    id: 'fan',
    facts: [3],
    of: { family: ['casting-spoon', 'thin-spoon', 'in-line-spinner', 'casting-metal'] },
    says: 'fan the casts from 45° on one side to the other, a count deeper each round',
  },
  {
    id: 'count-deeper',
    facts: [36],
    of: { body: ['metal', 'soft'], delivery: ['cast'] },
    says: 'another count: 2, 3, 5, until they touch it',
  },
  {
    id: 'trolled-steps',
    facts: [1],
    of: { retrieve: ['steady', 'slow-roll', 'burn'] },
    says: 'speed, in small steps of about 0.1 m/s',
  },
  {
    id: 'size',
    facts: [39],
    of: {},
    says: 'nothing for two hours where fish are: colour, speed, depth, and size, the one most often forgotten',
  },
  {
    id: 'spot',
    facts: [41],
    of: {},
    says: 'the pattern within the pattern: tip or trunk, last post or walkway; it changes daily',
  },
] as const

/** What to see to before the first cast. */
export const READY = [
  { id: 'tied-direct', facts: [3], of: { family: ['casting-spoon'] }, says: 'Tie it direct.' },
  {
    id: 'snap-swivel',
    facts: [2, 3],
    of: { family: ['thin-spoon', 'in-line-spinner'] },
    says: 'A snap swivel: it spins, and spinning twists line; trolled, it needs a keel as well.',
  },
  {
    id: 'flutter-swivel',
    facts: [37],
    of: { family: ['flutter-spoon'] },
    says: 'Ball-bearing swivel, strong split ring, a hook with room to the metal.',
  },
  {
    id: 'mark-the-exit',
    facts: [18],
    of: { body: ['soft'], mount: ['head'] },
    says: 'Mark where the hook comes out before threading: off centre it runs wrong.',
  },
  {
    id: 'flat-side-down',
    facts: [30],
    of: { family: ['finesse-worm'], mount: ['drop-shot'] },
    says: 'Flat side down, hook #1 to #2.',
  },
  { id: 'wire-count', facts: [12], of: { family: ['spinnerbait'] }, says: 'Count its fish: thin wire wears out.' },
  {
    id: 'smooth-load',
    facts: [26],
    of: { family: ['jerkbait'] },
    says: 'Load the cast smoothly: the inner weight goes back first, and it flies straight.',
  },
  { id: 'tail-single', facts: [40], of: { family: ['needle-plug'] }, says: 'One dressed single at the tail.' },
  {
    id: 'rod-low',
    facts: [38],
    of: { family: ['slow-fall-jig'] },
    says: 'Never lift a soft slow-pitch rod past about 40°: fight with the reel.',
  },
] as const

/** What can hurt somebody, or break a law. */
export const CAUTIONS = [
  {
    id: 'hooks',
    facts: [],
    of: {},
    when: {},
    says: 'Look behind you before you cast; glasses and a cap keep hooks out of eyes.',
  },
  {
    id: 'teeth',
    facts: [],
    of: {},
    when: { group: ['pike'] },
    says: 'Teeth cut thin line and skin: bite-proof leader, pliers and a cutter at hand.',
  },
  {
    id: 'night',
    facts: [],
    of: {},
    when: { light: ['night'] },
    says: 'By night a lamp, somebody who knows where you are, and no wading in water you do not know.',
  },
  {
    id: 'surf',
    facts: [40],
    of: {},
    when: { swellM: { above: [0.3, 0.8] } },
    says: 'Swell: never turn your back on it; studded soles and a life jacket on rock.',
  },
  {
    id: 'cold-water',
    facts: [28],
    of: {},
    when: { waterTempC: { below: [10, 13] } },
    says: 'Water this cold takes your strength in minutes: wear the life jacket.',
  },
  {
    id: 'current',
    facts: [39],
    of: {},
    when: { currentMps: { above: [0.6, 1] } },
    says: 'Fast water: wade with a staff, belt closed, never deeper than the thigh.',
  },
  {
    id: 'wind',
    facts: [],
    of: {},
    when: { windMps: { above: [8, 12] } },
    says: 'With this wind a small boat stays ashore.',
  },
  {
    id: 'spawners',
    facts: [30],
    of: {},
    when: { season: ['spawn'] },
    says: 'They are spawning: many waters are closed now; let guarding fish go at once.',
  },
  {
    id: 'many-hooks',
    facts: [34],
    of: { family: ['umbrella-rig'] },
    when: {},
    says: 'How many hooks a line may carry is local law: count before you cast.',
  },
  {
    id: 'warm-fish',
    facts: [],
    of: {},
    when: { group: ['salmonid', 'pike'], waterTempC: { above: [18, 21] } },
    says: 'Warm water: fight short, keep it wet, and stop when fish do not swim off well.',
  },
] as const
