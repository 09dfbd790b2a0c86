import { quantile } from 'd3-array'
import {
  LABEL_CAST,
  STEADY_WIND,
  diveAngleForLabel,
  estimateCast,
  newTrack,
  retrievePath,
  simulateRetrieve,
  type CastPlan,
} from '../core/motion'
import { lineDifferences } from '../testing/reference/differences'
import { solveOde } from '../testing/ode'
import { median, times } from './timing'

/** The line held to its table, and what a path on it costs. */

/** The table of cases: how many marks are within what is allowed, how far out they are, and which is worst. */
export function lineTable() {
  const all = lineDifferences()
  console.log('\nThe line against lumped masses (allowed: divers 8 %, others 15 %, or 10 cm)')
  console.log('group    marks  within  median  95 of 100  worst')
  for (const group of [...new Set(all.map((d) => d.group))]) {
    const of = all.filter((d) => d.group === group)
    const off = of.map((d) => Math.abs(d.foundM - d.referenceM))
    const worst = of.reduce((far, d) =>
      Math.abs(d.foundM - d.referenceM) > Math.abs(far.foundM - far.referenceM) ? d : far,
    )
    const cm = (m: number | undefined) => `${((m ?? NaN) * 100).toFixed(0)} cm`
    console.log(
      [
        group.padEnd(7),
        String(of.length).padStart(6),
        String(of.filter((d) => d.within).length).padStart(7),
        cm(quantile(off, 0.5)).padStart(7),
        cm(quantile(off, 0.95)).padStart(10),
        ` ${worst.name}, mark ${worst.mark}: ${worst.referenceM.toFixed(2)} m, here ${worst.foundM.toFixed(2)} m`,
      ].join(' '),
    )
  }
  const held = all.filter((d) => d.within).length
  console.log(`all     ${all.length} marks, ${held} within, ${((100 * held) / all.length).toFixed(1)} %\n`)
}

/** A plain loop that everything is measured by: a million square roots. */
function plainLoop(): number {
  let sum = 0
  for (let i = 1; i <= 1e6; i++) sum += Math.sqrt(i)
  return sum
}

const plug: CastPlan['motion'] = {
  towDragAreaM2: 0.00125,
  sinkDragAreaM2: 0.00125,
  diveAngleTan: diveAngleForLabel(3, 0.00125),
  submergedWeightN: 0,
  basis: 'labelled',
}
const STEADY: CastPlan = { ...STEADY_WIND, ...LABEL_CAST, castM: 25, motion: plug, depthM: 60 }
const BEATS: CastPlan = { ...STEADY, pauseS: 2, slack: true }

/** In plain loops, on the line as it was before (a towed cable in closed form, no bow of its own), measured in the same way on the same machine on 2026-11-28. */
const BEFORE = {
  exact: 0.0195,
  ranked: 0.0039,
  glance: 0.00148,
  exactBeats: 0.026,
  rankedBeats: 0.005,
  glanceBeats: 0.0015,
}

export function pathCosts() {
  const track = newTrack()
  const loop = median(times(31, () => void plainLoop()))
  const per = (run: () => void, many: number) =>
    median(
      times(21, () => {
        for (let i = 0; i < many; i++) run()
      }),
    ) / many
  const costs = {
    exact: per(() => void retrievePath(STEADY), 100),
    ranked: per(() => simulateRetrieve(STEADY, track), 300),
    glance: per(() => estimateCast(STEADY, track), 1000),
    exactBeats: per(() => void retrievePath(BEATS), 50),
    rankedBeats: per(() => simulateRetrieve(BEATS, track), 100),
    glanceBeats: per(() => estimateCast(BEATS, track), 1000),
  }
  for (const key of Object.keys(costs) as (keyof typeof costs)[])
    console.log(
      `path, ${key}: before ${BEFORE[key].toFixed(4)}, now ${(costs[key] / loop).toFixed(4)} plain loops, ${(costs[key] / loop / BEFORE[key]).toFixed(1)} ×`,
    )
  console.log(
    `a glance costs ${(costs.glance / costs.ranked).toFixed(2)} of a path, ${(costs.glanceBeats / costs.rankedBeats).toFixed(2)} with pauses`,
  )
  const shot = median(times(5, () => void towedByOde(12)))
  console.log(
    `path of a 25 m cast: ${Math.round(shot / costs.exact)} × as fast as the general ODE library for line and lure together`,
  )
}

/**
 * The same job given to the general library (odex): 31 s of a plug drawn at 0.8 m/s on 25 m of line in so many pieces, upright, to a centimetre. The rod
 * tip is drawn along instead of the line in, which is the easier task.
 */
function towedByOde(pieces: number): number[] {
  const long = STEADY.castM / pieces
  const { density, lineDiameterM, retrieveSpeedMps, rodTipM } = STEADY
  const stiff = 150 / long
  const mass = 1e-3 * long
  const across = 0.5 * density * 1.2 * lineDiameterM * long
  const lure = 0.5 * density * plug.towDragAreaM2
  // Places x, z and speeds of each mass in turn; the last is the lure.
  const slope = (t: number, s: number[]) => {
    const change = new Array<number>(4 * pieces).fill(0)
    for (let i = 0; i < pieces; i++) {
      const at = 4 * i
      const [x = 0, z = 0, u = 0, w = 0] = s.slice(at, at + 4)
      const [px = 0, pz = 0, pu = 0, pw = 0] =
        i > 0 ? s.slice(at - 4, at) : [-retrieveSpeedMps * t, -rodTipM, -retrieveSpeedMps, 0]
      const [dx, dz] = [x - px, z - pz]
      const length = Math.hypot(dx, dz)
      const [ex, ez] = [dx / length, dz / length]
      const stretch = stiff * (length - long) + 0.8 * Math.sqrt(stiff * mass) * ((u - pu) * ex + (w - pw) * ez)
      const pull = length > long ? Math.max(0, stretch) : 0
      const m = i === pieces - 1 ? 0.015 : mass
      const slip = u * ex + w * ez
      const [nx, nz] = [u - slip * ex, w - slip * ez]
      const drag = across * Math.hypot(nx, nz)
      let [fx, fz] = [-pull * ex - drag * nx, -pull * ez - drag * nz]
      if (i === pieces - 1) {
        const speed = Math.hypot(u, w)
        fx -= lure * speed * (u + w * plug.diveAngleTan)
        fz -= lure * speed * (w + u * plug.diveAngleTan)
      }
      change[at] = u
      change[at + 1] = w
      change[at + 2] = (change[at + 2] ?? 0) + fx / m
      change[at + 3] = (change[at + 3] ?? 0) + fz / m
      if (i > 0) {
        change[at - 2] = (change[at - 2] ?? 0) + (pull * ex) / mass
        change[at - 1] = (change[at - 1] ?? 0) + (pull * ez) / mass
      }
    }
    return change
  }
  const start = Array.from({ length: pieces }, (_, i) => [(i + 1) * long, 0, -retrieveSpeedMps, 0]).flat()
  return solveOde(slope, 0, start, 31, 1e-2)
}
