/** What is said beside a set-up: what to feel for, what an answer of the fish tells, what to change first, what to mind. */
export const NOTES = {
  'tick-of-blade': {
    says: 'the blade’s steady thump in the rod; when it stops, it is fouled or a fish has come up from behind',
  },
  buzz: {
    says: 'a hard buzz; a moment of nothing is a take',
  },
  shiver: {
    says: 'a few beats of shiver on each lift, then nothing: wind it no faster than that',
  },
  'lip-knocks': {
    says: 'the lip touching: hit, stop, let it rise; if it ploughs, it runs too deep',
  },
  'tail-beat': {
    says: 'the tail just beating in the tip; slower until you lose it, then a little faster',
  },
  'slack-then-weight': {
    says: 'weight at the start of the next snap; most takes come while it hangs',
  },
  'line-on-the-fall': {
    says: 'the line: a jump, a stop too early or a sideways walk on the fall is a fish',
  },
  'spoon-kick': {
    says: 'the kick of the spoon: too slow it dies, too fast it rolls',
  },
  'first-drop': {
    says: 'slack line after the pop: the first drop takes the best fish',
  },
  'jig-on-the-drop': {
    says: 'every stop on the drop; keep a thumb on the spool',
  },
  'turn-of-the-metal': {
    says: 'an even pull; wind just fast enough to hold its depth',
  },
  'needle-depth': {
    says: 'rock: wind faster; wake on top: wind slower',
  },
  wake: {
    says: 'nothing: watch it; strike when the weight is there, not at the splash',
  },
  quiver: {
    says: 'a little more weight than before; lift, do not strike',
  },
  'even-pull': {
    says: 'anything that changes: a tick, a weight, a slackness',
  },
  'thump-and-run': {
    heard: 'A thump and a run',
    says: 'right lure, others near: slow down and pick the place apart',
  },
  'eaten-winding-in': {
    heard: 'Eaten while winding in',
    says: 'they want it passing: swim a jig or run a square-lip crankbait',
  },
  pecks: {
    heard: 'Pecks and misses',
    says: 'too much of it: a smaller body, a trimmed skirt, a shorter trailer',
  },
  'followed-hold': {
    heard: 'A fish follows',
    says: 'hold the pace, it is deciding; next time a longer wind or a smaller spoon',
  },
  'followed-change': {
    heard: 'A fish follows',
    says: 'change the pace: stop it, or dash',
  },
  'followed-drop': {
    heard: 'They follow and do not eat',
    says: 'drop a spoon in their face',
  },
  'hooks-outside': {
    heard: 'Hooked outside the mouth',
    says: 'the wrong action or colour; well inside means the right one',
  },
  barely: {
    heard: 'They barely take it',
    says: 'round bends in place of in-turned trebles',
  },
  hard: {
    heard: 'They hit hard and come off',
    says: 'in-turned trebles',
  },
  'one-bite-stay': {
    heard: 'One bite, then nothing',
    says: 'stay and work the place over with other lures',
  },
  'one-bite-move': {
    heard: 'One bite, then nothing',
    says: 'a few more casts, then on: the next one is farther along',
  },
  'bites-rotate': {
    heard: 'Two from one small place on one lure',
    says: 'show them another colour or another way before they tire of it',
  },
  'bites-keep': {
    heard: 'One fish after the other',
    says: 'there are many: keep what works until it stops',
  },
  'grass-bite': {
    heard: 'One bite in grass',
    says: 'it means more than elsewhere: give the place 5 to 10 minutes and other lures',
  },
  'on-the-fall': {
    heard: 'Taken on the fall',
    says: 'lengthen the fall: lighter, or more pauses',
  },
  'short-strikes': {
    heard: 'Short strikes',
    says: 'thread the worm instead of nose-hooking it: less motion, more hook-ups',
  },
  'short-strikes-blades': {
    heard: 'Short strikes',
    says: 'a stinger hook, in open water only',
  },
  'other-action': {
    says: 'another action at the same depth, then natural against hot',
  },
  'line-by-rule': {
    says: 'too deep or too shallow by two or three feet: the next line, thicker or thinner; or test it on the bench',
  },
  'line-by-sum': {
    says: 'too deep or too shallow: rod up or down, a shorter or a longer cast, another pace; a line size moves it by a hand',
  },
  'slower-after-school': {
    says: 'after the first few of a side: something slower on the bottom',
  },
  'longer-hang': {
    says: 'pauses of 30 s; one hard upward kick; a bare shake in place',
  },
  'heavier-hooks': {
    says: 'hooks one size heavier, so that it sinks slowly down to them',
  },
  'colder-trailer': {
    says: 'the trailer: kicking craw, then gliding creature, then a stick worm crosswise',
  },
  'clip-blade': {
    says: 'fish that chase: clip a blade on the jig',
  },
  'other-blade': {
    says: 'a smaller or a slower blade',
  },
  'fall-first': {
    says: 'the fall rate: some days fast, some days slow',
  },
  'flat-or-round': {
    says: 'flat side down glides, a round belly falls straight',
  },
  scent: {
    says: 'scent, when it is hard',
  },
  underspin: {
    says: 'under cloud a head with a small blade',
  },
  fan: {
    says: 'fan the casts from 45° on one side to the other, a count deeper each round',
  },
  'count-deeper': {
    says: 'another count: 2, 3, 5, until they touch it',
  },
  'tip-nods': { says: 'the rod tip nods evenly while it works; a dead tip drags weed, or goes too slowly' },
  'weight-comes-round': { says: 'the pull grows as it comes round; most takes come there, and as it hangs' },
  'inner-rod': { heard: 'Taken on the inner rod in a turn', says: 'they want it slower' },
  'outer-rod': { heard: 'Taken on the outer rod in a turn', says: 'they want it faster' },
  'boat-steps': { says: 'the pace, by 0.1 to 0.2 mph and nothing else: it decides most' },
  'lead-length': { says: 'more line behind the ball where the water is clear' },
  'line-out': { says: 'more line out to run deeper and farther from the boat' },
  'swing-angle': { says: 'cast more across and it comes round faster; more downstream, slower and higher' },
  'dropper-steps': { says: 'the dropper, by 2 ft, to fish higher or lower' },
  'wait-longer': { says: 'wait a minute before it is moved' },
  'weak-dropper': { says: 'Tie the dropper with line of half the strength: the sinker is lost, not the rig.' },
  lookout: { says: 'Keep a lookout ahead while the boat moves; keep lines clear of the propeller and of other boats.' },
  cable: { says: 'Hands off the cable under load, and a lookout ahead: the ball can catch on the bottom.' },
  ice: {
    says: 'Test the ice as you go, never go alone, and carry picks and a rope. Ask locally; no figure makes ice safe.',
  },
  wading: { says: 'Shuffle, use a staff, wear a belt on waders, and leave when the water rises or colours.' },
  'trolled-steps': {
    says: 'speed, in small steps of about 0.1 m/s',
  },
  size: {
    says: 'nothing for two hours where fish are: colour, speed, depth, and size, the one most often forgotten',
  },
  spot: {
    says: 'the pattern within the pattern: tip or trunk, last post or walkway; it changes daily',
  },
  'flutter-swivel': {
    says: 'Ball-bearing swivel, strong split ring, a hook with room to the metal.',
  },
  'mark-the-exit': {
    says: 'Mark where the hook comes out before threading: off centre it runs wrong.',
  },
  'flat-side-down': {
    says: 'Flat side down, hook #1 to #2.',
  },
  'wire-count': {
    says: 'Count its fish: thin wire wears out.',
  },
  'smooth-load': {
    says: 'Load the cast smoothly: the inner weight goes back first, and it flies straight.',
  },
  'tail-single': {
    says: 'One dressed single at the tail.',
  },
  'rod-low': {
    says: 'Never lift a soft slow-pitch rod past about 40°: fight with the reel.',
  },
  hooks: {
    says: 'Look behind you before you cast; glasses and a cap keep hooks out of eyes.',
  },
  teeth: {
    says: 'Teeth cut thin line and skin: bite-proof leader, pliers and a cutter at hand.',
  },
  night: {
    says: 'By night a lamp, somebody who knows where you are, and no wading in water you do not know.',
  },
  surf: {
    says: 'Swell: never turn your back on it; studded soles and a life jacket on rock.',
  },
  'cold-water': {
    says: 'Water this cold takes your strength in minutes: wear the life jacket.',
  },
  current: {
    says: 'Fast water: wade with a staff, belt closed, never deeper than the thigh.',
  },
  wind: {
    says: 'With this wind a small boat stays ashore.',
  },
  spawners: {
    says: 'They are spawning: many waters are closed now; let guarding fish go at once.',
  },
  'many-hooks': {
    says: 'How many hooks a line may carry is local law: count before you cast.',
  },
  'warm-fish': {
    says: 'Warm water: fight short, keep it wet, and stop when fish do not swim off well.',
  },
} as const
