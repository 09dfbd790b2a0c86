/** What traits of lures are called in a sentence. */
export const TRAIT_WORDS: Readonly<Record<string, string>> = {
  blade: 'blade',
  blades: 'blades',
  bladeFinish: 'blade',
  bladeSize: 'blade size',
  lip: 'lip',
  buoyancy: 'at rest',
  shape: 'body',
  style: 'style',
  cup: 'shape',
  wire: 'wire',
}

export const SOUND_WORDS = { silent: 'silent', knock: 'one knock', rattles: 'rattles' } as const

export const MOUNT_WORDS = {
  own: 'on its own hooks',
  head: 'on a head',
  texas: 'rigged Texas',
  belly: 'on a belly-weighted hook',
  wacky: 'rigged wacky',
  'drop-shot': 'on a drop-shot',
} as const
