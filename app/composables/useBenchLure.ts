import { retrievePath, zoneExposure } from '../../core/motion'
import { motionFromProfile, profileFromTests, pathBand, type LureProfile } from '../../core/bench'
import { benchPlan, judgedBy, reachOf, techniquesWith } from '../../core/match'
import { buildsOf, lureMass, type Build, type Line, type Lure } from '../../core/tackle'
import { useBox } from '~/stores/box'
import { useWater } from '~/stores/water'

/** The line on which a lure is looked at where the box has none. */
const ANY_LINE: Line = {
  id: '',
  name: 'Mono 0.30',
  material: 'mono',
  strengthN: 60,
  diameterM: 0.0003,
  reelId: null,
  cost: null,
}
/** The line looked at first: the one nearest to an ordinary thickness, m. */
const ORDINARY_M = 0.00026

/** One lure on the bench, in the water of the day: what is known of it, rigged, on a line, its path with its band. */
export function useBenchLure(lureId: Ref<string | null>) {
  const box = useBox()
  const water = useWater()

  const lure = computed<Lure | null>(() => (lureId.value ? (box.lureById.get(lureId.value) ?? null) : null))
  const known = computed<LureProfile | null>(() => lure.value && profileFromTests(lure.value, box.box.tests))
  const carrying = computed(() => ({ tempC: water.current?.waterTempC ?? 15, salinity: water.place?.salinity ?? 0 }))

  /** Every way it can be hooked, without trailers; a soft body without a hook that fits is looked at bare. */
  const builds = computed<Build[]>(() => {
    const l = lure.value
    if (!l) return []
    const own = buildsOf(l, box.box).filter((b) => b.trailer === null)
    return own.length > 0 ? own : [{ lure: l, mount: { kind: 'own' }, trailer: null, massKg: lureMass(l).kg }]
  })
  const buildAt = ref(0)
  const build = computed(() => builds.value[buildAt.value] ?? builds.value[0] ?? null)

  const lines = computed<readonly Line[]>(() => (box.box.lines.length > 0 ? box.box.lines : [ANY_LINE]))
  const lineId = ref<string | null>(null)
  const line = computed<Line>(() => {
    const chosen = lines.value.find((l) => l.id === lineId.value)
    const off = (l: Line) => Math.abs(l.diameterM - ORDINARY_M)
    return chosen ?? lines.value.reduce((best, l) => (off(l) < off(best) ? l : best))
  })

  const motion = computed(
    () => build.value && known.value && motionFromProfile(build.value, known.value, carrying.value),
  )
  const techniquesOf = computed(() => techniquesWith(judgedBy(box.practice).techniques))
  const techniques = computed(() => (lure.value ? techniquesOf.value(lure.value.family) : []))
  const techniqueId = ref<string | null>(null)
  const technique = computed(
    () =>
      techniques.value.find((r) => r.id === techniqueId.value) ??
      techniques.value.find((r) => r.id === 'wind') ??
      techniques.value[0],
  )
  watch(lureId, () => {
    buildAt.value = 0
    techniqueId.value = null
  })
  const speeds = computed<readonly [number, number]>(() => {
    const w = known.value?.window
    return w ? [w.slow.value, w.fast.value] : [0.4, 1]
  })

  const plan = computed(() => {
    const { current: c, reading } = water
    if (!c || !reading || !build.value || !motion.value || !technique.value) return null
    return benchPlan(
      { build: build.value, motion: motion.value, line: line.value, technique: technique.value, speeds: speeds.value },
      c,
      reading,
    )
  })
  const path = computed(() => plan.value && retrievePath(plan.value))
  const band = computed(() =>
    plan.value && known.value && !plan.value.surface ? pathBand(plan.value, known.value) : null,
  )
  const zone = computed(() => {
    const { current: c, reading } = water
    return c && reading ? reachOf(c, reading) : null
  })
  const share = computed(() =>
    path.value && plan.value && zone.value
      ? zoneExposure(path.value, { ...plan.value, zone: zone.value, coverTopM: null }).inZone
      : null,
  )

  return {
    lure,
    known,
    carrying,
    builds,
    buildAt,
    build,
    lines,
    lineId,
    line,
    motion,
    techniques,
    techniqueId,
    technique,
    speeds,
    plan,
    path,
    band,
    zone,
    share,
  }
}
export type BenchLure = ReturnType<typeof useBenchLure>
