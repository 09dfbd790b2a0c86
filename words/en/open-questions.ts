/** Points on which good anglers disagree: the question, its two sides, and why the default is what it is. */
export const QUESTION_WORDS = {
  S1: {
    question: 'A crankbait in grass',
    first: 'Touch the tips and ease through; if you must snatch, you run too deep.',
    second: 'Hang on the grass and rip free: the rip triggers.',
    why: 'By mood and cold: a rip for active fish, easing through for cold ones.',
  },
  S2: {
    question: 'The reel for a crankbait',
    first: 'About 6 to 1, and slow your hand.',
    second: 'About 5 to 1.',
    why: '6 to 1 covers both: a hand can slow down, a slow reel cannot speed up.',
  },
  S3: {
    question: 'A fish that follows',
    first: 'Hold the pace.',
    second: 'Change the pace.',
    why: 'Hold it for trout and with spoons; change it for bass and with crankbaits.',
  },
  S4: {
    question: 'Colour',
    first: 'By how clear the water is; in the dark only light against dark.',
    second: 'By the sky.',
    why: 'Clarity first and sky second; at night only the contrast counts.',
  },
  S5: {
    question: 'Weight',
    first: 'The lightest that still holds.',
    second: 'Heavy: it drops fast and triggers a reaction bite.',
    why: 'Light, unless the mood is aggressive.',
  },
  S6: {
    question: 'A stinger hook',
    first: 'Leave it off.',
    second: 'On, in the open.',
    why: 'Off near cover, where it finds wood before it finds fish; on for short strikes in the open.',
  },
  S7: {
    question: 'Fighting a fish on a slow-pitch rod',
    first: 'With the reel, the rod low.',
    second: 'With a stiffer rod.',
    why: 'A soft slow-pitch rod is not lifted past about 40°: what the rod was built for decides.',
  },
  S8: {
    question: 'Size',
    first: 'A big lure for a big fish.',
    second: 'Smaller until they eat.',
    why: 'The forage’s length first, then the answers you get.',
  },
  S9: {
    question: 'Hooks for trout and salmon',
    first: 'Trebles: they hook more.',
    second: 'Singles, for the fish.',
    why: 'Singles where the law asks for them or fish go back; a water’s own law is kept whatever is chosen here.',
  },
  S10: {
    question: 'Sound',
    first: 'Silent first.',
    second: 'Rattles first.',
    why: 'Silent, unless the fish can hardly see.',
  },
  S11: {
    question: 'A jerkbait’s pauses',
    first: 'Cover water, short pauses.',
    second: 'One place, long pauses.',
    why: 'By temperature: the colder, the longer.',
  },
  S12: {
    question: 'The rod for a drop-shot',
    first: 'Moderate-fast: fewer are lost on the jump.',
    second: 'Extra-fast: it is felt as more sensitive.',
    why: 'Moderate-fast: sensitivity is the blank’s, not the tip’s.',
  },
  S13: {
    question: 'After a bite',
    first: 'Stay, and work the place over.',
    second: 'Move on.',
    why: 'Stay in grass and for fish that go in shoals; elsewhere the next one is farther on.',
  },
} as const
