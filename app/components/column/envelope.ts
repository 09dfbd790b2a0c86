import { area } from 'd3-shape'
import type { Path } from '../../../core/motion'
import type { Scene } from './scene'

/** How deep some paths run at even distances from the rod: the shallowest and the deepest of them, m. */
export interface Envelope {
  readonly x: readonly number[]
  readonly low: readonly number[]
  readonly high: readonly number[]
}

/** The room that the worked parts of some paths take up, in even strips from the rod to `reachM`; strips where none runs are left out. */
export function envelopeOf(paths: readonly Path[], reachM: number, strips: number): Envelope {
  const width = reachM / strips
  const low = new Array<number>(strips + 1).fill(Infinity)
  const high = new Array<number>(strips + 1).fill(-Infinity)
  const meet = (i: number, z: number) => {
    if (i < 0 || i > strips) return
    low[i] = Math.min(low[i] ?? Infinity, z)
    high[i] = Math.max(high[i] ?? -Infinity, z)
  }
  for (const { x, z, retrieveStartIndex } of paths)
    for (let i = retrieveStartIndex + 1; i < x.length; i++) {
      const [x0 = 0, x1 = 0, z0 = 0, z1 = 0] = [x[i - 1], x[i], z[i - 1], z[i]]
      const [from, to] = [Math.min(x0, x1) / width, Math.max(x0, x1) / width]
      for (let strip = Math.ceil(from); strip <= to; strip++)
        meet(strip, x1 === x0 ? z1 : z0 + ((z1 - z0) * (strip * width - x0)) / (x1 - x0))
      // What rises and falls between two strips counts for the nearer one.
      meet(Math.round(from), x0 < x1 ? z0 : z1)
      meet(Math.round(to), x0 < x1 ? z1 : z0)
    }
  const met = low.flatMap((z, i) => (Number.isFinite(z) ? [i] : []))
  return {
    x: met.map((i) => i * width),
    low: met.map((i) => low[i] ?? 0),
    high: met.map((i) => high[i] ?? 0),
  }
}

/** Its outline in a scene, as the d of an SVG path; empty where there is none. */
export function outlineOf({ x, low, high }: Envelope, scene: Pick<Scene, 'x' | 'z'>): string {
  if (x.length < 2) return ''
  const draw = area<number>()
    .x((_, i) => scene.x(x[i] ?? 0))
    .y0((_, i) => scene.z(low[i] ?? 0))
    .y1((_, i) => scene.z(high[i] ?? 0))
  return draw([...x]) ?? ''
}
