import type { BuildMotion } from '../../core/motion'
import { cachedProfile, motionFromProfile, profileFromTests, trolledMotion } from '../../core/bench'
import { familyOf, lureMass, type Lure } from '../../core/tackle'
import { byName } from './by-name'
import { useBox } from '~/stores/box'

const TROLLED = ['hard', 'metal', 'wire']
const dives = (l: Lure) => familyOf(l.family).swims === 'dives'

/** One lure of the box, and how it moves in a water: what is trolled, divers first, or what is lowered under the rod. */
export function useLureOfBox(water: () => { tempC: number; salinity: number }, fished: 'trolled' | 'lowered') {
  const box = useBox()
  const choice = computed(() =>
    box.box.lures
      .filter(({ family }) =>
        fished === 'trolled'
          ? familyOf(family).swims !== 'surface' && TROLLED.includes(familyOf(family).body)
          : familyOf(family).swims === 'sinks',
      )
      .sort((a, b) => Number(dives(b)) - Number(dives(a)) || byName(a, b)),
  )
  const lureId = ref<string | null>(null)
  const lure = computed<Lure | null>(() => choice.value.find((l) => l.id === lureId.value) ?? choice.value[0] ?? null)
  const known = computed(() => lure.value && (cachedProfile(box.box, lure.value) ?? profileFromTests(lure.value, [])))
  const castMotion = computed<BuildMotion | null>(() =>
    lure.value && known.value
      ? motionFromProfile(
          { lure: lure.value, mount: { kind: 'own' }, trailer: null, massKg: lureMass(lure.value).kg },
          known.value,
          water(),
        )
      : null,
  )
  /** Its own tests behind a boat go before what casts tell. */
  const motion = computed(() =>
    castMotion.value && known.value && fished === 'trolled'
      ? trolledMotion(known.value, castMotion.value)
      : castMotion.value,
  )
  const items = computed(() => choice.value.map((l) => ({ value: l.id, title: l.name })))
  return {
    lureId,
    lure,
    known,
    motion,
    castMotion,
    items,
    dives: computed(() => lure.value !== null && dives(lure.value)),
  }
}
