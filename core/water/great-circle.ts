/** Mean radius of the earth, m (IUGG). */
const EARTH_M = 6_371_008.8
const rad = (deg: number) => (deg * Math.PI) / 180
const half = (deg: number) => Math.sin(rad(deg) / 2) ** 2

export interface Position {
  readonly latDeg: number
  readonly lonDeg: number
}

/**
 * Great-circle distance over the ground, m, by the haversine formula.
 *
 * @example a degree of latitude: greatCircleM({ latDeg: 0, lonDeg: 0 }, { latDeg: 1, lonDeg: 0 }) // 111 195
 */
export function greatCircleM(a: Position, b: Position): number {
  const h = half(b.latDeg - a.latDeg) + Math.cos(rad(a.latDeg)) * Math.cos(rad(b.latDeg)) * half(b.lonDeg - a.lonDeg)
  return 2 * EARTH_M * Math.asin(Math.min(1, Math.sqrt(h)))
}
