/**
 * What anglers tie on for a group of fish: `usual` families, what they try `seldom`, and by omission what they leave at home for it. Common practice. Where, when and how
 * is for the other rules to say.
 */
const TIED_ON_FOR = {
  bass: {
    usual:
      'spinnerbait bladed-jig crankbait lipless-crankbait jerkbait glide-bait hard-swimbait surface paddle-tail soft-jerkbait stick-worm finesse-worm ribbon-worm fork-minnow grub creature tube skirted-jig hair-jig blade-bait casting-spoon flutter-spoon umbrella-rig segmented-bait',
    seldom: 'in-line-spinner thin-spoon casting-metal gliding-jig needle-plug streamer',
  },
  perch: {
    usual:
      'in-line-spinner casting-spoon blade-bait gliding-jig crankbait lipless-crankbait jerkbait paddle-tail fork-minnow grub finesse-worm creature tube hair-jig segmented-bait soft-jerkbait surface',
    seldom:
      'thin-spoon stick-worm ribbon-worm spinnerbait bladed-jig casting-metal needle-plug streamer skirted-jig hard-swimbait',
  },
  zander: {
    usual:
      'paddle-tail fork-minnow grub soft-jerkbait jerkbait crankbait blade-bait casting-spoon hair-jig gliding-jig',
    seldom:
      'in-line-spinner finesse-worm ribbon-worm tube stick-worm thin-spoon casting-metal flutter-spoon hard-swimbait segmented-bait lipless-crankbait needle-plug surface spinnerbait creature',
  },
  pike: {
    usual:
      'spinnerbait bladed-jig in-line-spinner casting-spoon flutter-spoon jerkbait glide-bait hard-swimbait surface paddle-tail soft-jerkbait lipless-crankbait crankbait grub',
    seldom:
      'thin-spoon hair-jig streamer umbrella-rig needle-plug creature tube fork-minnow blade-bait skirted-jig ribbon-worm',
  },
  asp: {
    usual:
      'casting-metal casting-spoon in-line-spinner surface jerkbait needle-plug crankbait thin-spoon paddle-tail soft-jerkbait fork-minnow hair-jig streamer',
    seldom: 'grub lipless-crankbait blade-bait tube hard-swimbait finesse-worm segmented-bait creature',
  },
  panfish: {
    usual:
      'hair-jig grub paddle-tail tube fork-minnow finesse-worm segmented-bait in-line-spinner gliding-jig streamer',
    seldom: 'casting-spoon crankbait jerkbait blade-bait surface thin-spoon creature spinnerbait',
  },
  striper: {
    usual:
      'casting-metal casting-spoon flutter-spoon paddle-tail soft-jerkbait jerkbait surface needle-plug hair-jig hard-swimbait long-jig umbrella-rig lipless-crankbait grub',
    seldom:
      'blade-bait in-line-spinner crankbait tube short-jig slow-fall-jig thin-spoon glide-bait fork-minnow streamer',
  },
  catfish: {
    usual: 'paddle-tail soft-jerkbait casting-spoon jerkbait crankbait hard-swimbait grub in-line-spinner',
    seldom:
      'flutter-spoon slow-fall-jig spinnerbait bladed-jig glide-bait hair-jig ribbon-worm creature lipless-crankbait surface long-jig casting-metal tube',
  },
  salmonid: {
    usual:
      'casting-spoon thin-spoon in-line-spinner jerkbait streamer hair-jig needle-plug crankbait paddle-tail fork-minnow grub hard-swimbait',
    seldom:
      'soft-jerkbait lipless-crankbait blade-bait casting-metal finesse-worm segmented-bait long-jig slow-fall-jig gliding-jig surface tube flutter-spoon',
  },
  'sea-bass': {
    usual: 'needle-plug soft-jerkbait jerkbait surface paddle-tail hard-swimbait casting-metal casting-spoon',
    seldom:
      'hair-jig grub tube fork-minnow streamer lipless-crankbait long-jig short-jig slow-fall-jig crankbait stick-worm',
  },
  bottom: {
    usual: 'paddle-tail hair-jig soft-jerkbait slow-fall-jig long-jig short-jig casting-metal casting-spoon grub',
    seldom: 'jerkbait needle-plug fork-minnow tube creature flutter-spoon hard-swimbait crankbait surface',
  },
  pelagic: {
    usual: 'casting-metal casting-spoon surface needle-plug jerkbait long-jig short-jig hair-jig',
    seldom:
      'thin-spoon slow-fall-jig paddle-tail soft-jerkbait streamer lipless-crankbait in-line-spinner hard-swimbait flutter-spoon crankbait grub fork-minnow',
  },
  offshore: {
    usual:
      'long-jig short-jig slow-fall-jig surface casting-metal needle-plug hair-jig paddle-tail soft-jerkbait jerkbait hard-swimbait',
    seldom: 'grub flutter-spoon casting-spoon lipless-crankbait crankbait',
  },
  reef: {
    usual:
      'slow-fall-jig short-jig long-jig paddle-tail hair-jig soft-jerkbait grub surface jerkbait crankbait hard-swimbait lipless-crankbait',
    seldom: 'casting-metal casting-spoon needle-plug tube creature flutter-spoon',
  },
  inshore: {
    usual: 'paddle-tail soft-jerkbait jerkbait surface casting-spoon hair-jig grub hard-swimbait segmented-bait',
    seldom:
      'crankbait lipless-crankbait needle-plug creature tube stick-worm fork-minnow casting-metal glide-bait flutter-spoon streamer finesse-worm slow-fall-jig short-jig long-jig',
  },
  flathead: {
    usual: 'paddle-tail grub hair-jig segmented-bait soft-jerkbait fork-minnow stick-worm',
    seldom:
      'creature tube blade-bait jerkbait crankbait lipless-crankbait hard-swimbait casting-spoon casting-metal finesse-worm long-jig short-jig slow-fall-jig',
  },
  bream: {
    usual: 'grub creature blade-bait segmented-bait crankbait surface finesse-worm fork-minnow hair-jig paddle-tail',
    seldom: 'jerkbait stick-worm lipless-crankbait soft-jerkbait streamer tube casting-metal gliding-jig',
  },
  whiting: {
    usual: 'surface segmented-bait grub finesse-worm hair-jig crankbait jerkbait paddle-tail',
    seldom: 'fork-minnow tube stick-worm blade-bait soft-jerkbait creature',
  },
} as const

/** What it costs a family that it is seldom tied on for a group, or never; assumed. */
const COSTS = { seldom: 1.5, never: 6 } as const

const listed = Object.entries(TIED_ON_FOR).map(([group, row]) => ({
  group,
  usual: row.usual.split(' '),
  seldom: row.seldom.split(' '),
}))
const FAMILY_IDS = [...new Set(listed.flatMap(({ usual, seldom }) => [...usual, ...seldom]))]

/** One rule a group. */
export const BY_FISH = listed.map(({ group, usual, seldom }) => ({
  id: `tied-on-for-${group}`,
  facts: [47],
  when: { group: [group] },
  effects: [
    { avoid: { family: seldom }, weight: COSTS.seldom },
    { avoid: { family: FAMILY_IDS.filter((id) => !usual.includes(id) && !seldom.includes(id)) }, weight: COSTS.never },
  ],
}))
