import { transverseSpeedMps } from './pull'

export interface BowSetup {
  readonly submergedWeightN: number
  readonly towDragAreaM2: number
  readonly sinkDragAreaM2: number
  readonly diveAngleTan: number
  readonly density: number
  readonly lineDiameterM: number
  readonly lineDensity: number
  readonly depthM: number
  readonly rodTipM: number
  readonly flow: readonly [number, number]
}
export const C = { nodes: [0.05, 0.15, 0.3, 0.5, 0.75], its: 4, along: 1, half: 1 }
export const count = { solves: 0, steps: 0 }
export class BowedLine {
  x = 0
  y = 0
  z = 0
  tension = 0.02
  S = 0
  a = 0
  private v = 0
  private k: number
  private kt: number
  private g: number
  private half: number
  private wWet: number
  private wAir: number
  fall: number
  private sec: number
  readonly n: number
  sig: Float64Array
  // bow: at nodes 0..n+1 (ends 0)
  bx: Float64Array
  by: Float64Array
  bz: Float64Array
  private nbx: Float64Array
  private nby: Float64Array
  private nbz: Float64Array
  private V: Float64Array
  private cp: Float64Array
  private len: Float64Array
  constructor(readonly p: BowSetup) {
    this.half = 0.5 * p.density * p.towDragAreaM2
    this.g = p.submergedWeightN / this.half
    this.k = 0.5 * p.density * 1.2 * p.lineDiameterM
    this.kt = C.along * 0.5 * p.density * 0.02 * Math.PI * p.lineDiameterM
    const area = (Math.PI / 4) * p.lineDiameterM ** 2 * 9.80665
    this.wWet = (p.lineDensity - p.density) * area
    this.wAir = p.lineDensity * area
    const q = p.submergedWeightN / (0.5 * p.density * p.sinkDragAreaM2)
    this.fall = Math.sign(q) * Math.sqrt(Math.abs(q))
    this.sec = Math.sqrt(1 + p.diveAngleTan ** 2)
    this.n = C.nodes.length
    const m = this.n + 2
    this.sig = Float64Array.from([0, ...C.nodes, 1])
    this.bx = new Float64Array(m)
    this.by = new Float64Array(m)
    this.bz = new Float64Array(m)
    this.nbx = new Float64Array(m)
    this.nby = new Float64Array(m)
    this.nbz = new Float64Array(m)
    this.V = new Float64Array(m)
    this.cp = new Float64Array(m)
    this.len = new Float64Array(m)
  }
  get L() {
    return Math.hypot(this.x, this.y, this.z + this.p.rodTipM)
  }
  /** slack: line lies on the surface and leads straight down to the lure */
  start(x: number, y: number, z: number, slack: boolean) {
    this.x = x
    this.y = y
    this.z = z
    const L = this.L
    const h = this.p.rodTipM
    if (slack) {
      const [ex, ey, ez] = [-x / L, -y / L, -(z + h) / L]
      const c = Math.sqrt(1 - ez * ez)
      const [ux, uy, uz] = [(ez * ex) / c, (ez * ey) / c, (-1 + ez * ez) / c]
      const R = Math.hypot(x, y)
      const uh = Math.hypot(ux, uy)
      for (let i = 1; i <= this.n; i++) {
        const s = this.sig[i]!
        const zs = z * (1 - s) - h * s
        const up = Math.max(0, Math.min(zs / -uz, (s * R) / uh))
        this.bx[i] = up * ux
        this.by[i] = up * uy
        this.bz[i] = up * uz
      }
    }
    this.S = this.arc(this.bx, this.by, this.bz, L)
  }
  private arc(bx: Float64Array, by: Float64Array, bz: Float64Array, L: number) {
    let sum = 0
    for (let i = 1; i <= this.n + 1; i++) {
      const d = (this.sig[i]! - this.sig[i - 1]!) * L
      const X = bx[i]! - bx[i - 1]!, Y = by[i]! - by[i - 1]!, Z = bz[i]! - bz[i - 1]!
      const l = Math.sqrt(d * d + X * X + Y * Y + Z * Z)
      this.len[i] = l
      sum += l
    }
    return sum
  }
  step(dt: number, r: number) {
    const free = r < 0
    if (free) r = 0
    count.steps++
    const { p, n, sig, bx, by, bz, nbx, nby, nbz, V, cp, len } = this
    const H = this.z + p.rodTipM
    const L = this.L
    const ex = -this.x / L, ey = -this.y / L, ez = -H / L
    for (let i = 1; i <= n; i++) {
      const along = bx[i]! * ex + by[i]! * ey + bz[i]! * ez
      bx[i]! -= along * ex
      by[i]! -= along * ey
      bz[i]! -= along * ez
    }

    const [fx, fy] = p.flow
    const eFlow = ex * fx + ey * fy
    const wx = -ez * ex, wy = -ez * ey, wz = 1 - ez * ez
    let a = this.a
    let v = this.v
    let T = this.tension
    let tx = 0, ty = 0, tz = 0, nx = 0, ny = 0, nz = 0
    nbx.set(bx); nby.set(by); nbz.set(bz)
    let lowA = -Infinity, floorA = 0, highA = Infinity, lastA = 0, lastG = 0
    for (let it = 0; it < C.its; it++) {
      count.solves++
      // direction of the line at the lure
      const d1 = sig[1]! * L
      const load = (C.half * len[1]!) / (2 * T)
      let sx = nbx[1]! / d1, sy = nby[1]! / d1, sz = nbz[1]! / d1
      // half a piece's load bends it further
      {
        const ux = a * tx + v * nx, uy = a * ty + v * ny, uz = a * tz + v * nz
        const ue = ux * ex + uy * ey + uz * ez
        const mx = ux - ue * ex, my = uy - ue * ey, mz = uz - ue * ez
        const m = Math.sqrt(mx * mx + my * my + mz * mz)
        const wl = this.wWet
        let cx = load * (wl * wx - this.k * m * mx), cy = load * (wl * wy - this.k * m * my), cz = load * (wl * wz - this.k * m * mz)
        const c = Math.sqrt(cx * cx + cy * cy + cz * cz)
        const cap = c > 0.5 ? 0.5 / c : 1
        sx += cx * cap; sy += cy * cap; sz += cz * cap
      }
      const tx0 = ex + sx, ty0 = ey + sy, tz0 = ez + sz
      const norm = Math.sqrt(tx0 * tx0 + ty0 * ty0 + tz0 * tz0)
      tx = tx0 / norm; ty = ty0 / norm; tz = tz0 / norm
      const cosPhi = Math.sqrt(Math.max(1e-6, 1 - tz * tz))
      nx = (-tz * tx) / cosPhi; ny = (-tz * ty) / cosPhi; nz = (1 - tz * tz) / cosPhi
      const te = 1 / norm
      const ne = nx * ex + ny * ey + nz * ez
      const size0 = Math.sqrt(a * a + v * v)
      const share = size0 > 1e-6 ? Math.max(0, (a + v * p.diveAngleTan) / (size0 * this.sec)) : 1
      const area = p.towDragAreaM2 * share * share + p.sinkDragAreaM2 * (1 - share * share)
      const half = 0.5 * p.density * area
      const tan = (p.diveAngleTan * share * p.towDragAreaM2) / area
      // Never slower away from the rod than it would fall by itself, along its line.
      floorA = -this.fall * Math.max(-1, -tz)
      if (a < floorA) a = floorA
      v = a >= 0 ? transverseSpeedMps(a, tan, p.submergedWeightN / half, cosPhi) : transverseSpeedMps(-a, 0, p.submergedWeightN / half, cosPhi)
      const U = Math.sqrt(a * a + v * v)
      T = Math.max(2e-3, half * U * (a + v * tan) - p.submergedWeightN * tz)
      if (free) {
        a = 0
        v = 0
        T = 2e-3
      }
      const ux = a * tx + v * nx, uy = a * ty + v * ny, uz = free ? this.fall : a * tz + v * nz
      const ue = ux * ex + uy * ey + uz * ez
      const ax = ux - ue * ex, ay = uy - ue * ey, az = uz - ue * ez
      const px = -fx + eFlow * ex, py = -fy + eFlow * ey, pz = eFlow * ez
      const tau = this.kt * a * a
      // tridiagonal: lower -q_i, upper -q_{i+1}
      let prevX = 0, prevY = 0, prevZ = 0
      cp[0] = 0
      for (let i = 1; i <= n; i++) {
        const s = sig[i]!
        const qi = (T + tau * L * (s + sig[i - 1]!) * 0.5) / len[i]!
        const qj = (T + tau * L * (s + sig[i + 1]!) * 0.5) / len[i + 1]!
        const chord = ((sig[i + 1]! - sig[i - 1]!) * L) / 2
        const arcL = (len[i]! + len[i + 1]!) / 2
        const cos = chord / arcL
        const chordV = (1 - s) * ue - s * eFlow
        const gx = (nbx[i + 1]! - nbx[i - 1]!) / (2 * chord), gy = (nby[i + 1]! - nby[i - 1]!) / (2 * chord), gz = (nbz[i + 1]! - nbz[i - 1]!) / (2 * chord)
        const mx = (1 - s) * ax + s * px, my = (1 - s) * ay + s * py, mz = (1 - s) * az + s * pz
        const Vx = (nbx[i]! - bx[i]!) / dt + mx - gx * chordV, Vy = (nby[i]! - by[i]!) / dt + my - gy * chordV, Vz = (nbz[i]! - bz[i]!) / dt + mz - gz * chordV
        const now = Math.sqrt(Vx * Vx + Vy * Vy + Vz * Vz)
        const sp = it === 0 ? (V[i]! + now) / 2 : Math.sqrt(V[i]! * Math.max(now, 1e-4))
        V[i] = Math.max(sp, 1e-3)
        const zi = this.z * (1 - s) - p.rodTipM * s + nbz[i]!
        const wet = zi > -0.02 ? 1 : 0
        const c = (wet ? 1 : 0.03) * this.k * chord * cos * cos * V[i]!
        const w = (wet ? this.wWet : this.wAir) * arcL
        // The line slides along its own shape: c·chordV·∂b/∂s, implicit like the rest.
        const adv = (c * chordV) / (2 * chord)
        const low = qi - adv, up = qj + adv
        const diag = qi + qj + c / dt
        const m = 1 / (diag - low * cp[i - 1]!)
        cp[i] = up * m
        prevX = (w * wx + c * (bx[i]! / dt - mx) + low * prevX) * m
        prevY = (w * wy + c * (by[i]! / dt - my) + low * prevY) * m
        prevZ = (w * wz + c * (bz[i]! / dt - mz) + low * prevZ) * m
        nbx[i] = prevX; nby[i] = prevY; nbz[i] = prevZ
      }
      for (let i = n - 1; i >= 1; i--) {
        nbx[i]! += cp[i]! * nbx[i + 1]!
        nby[i]! += cp[i]! * nby[i + 1]!
        nbz[i]! += cp[i]! * nbz[i + 1]!
      }
      const E1 = this.arc(nbx, nby, nbz, L) - L
      const want = (r + (L + E1 - this.S) / dt - eFlow - v * ne) / te
            if (free) continue
      // G grows with a
      const G = a - want
      if (G > 0) highA = Math.min(highA, a)
      else lowA = Math.max(lowA, a)
      let next = it > 0 && Math.abs(G - lastG) > 1e-12 ? a - (G * (a - lastA)) / (G - lastG) : want
      if (!(next >= lowA && next <= highA)) next = highA < Infinity && lowA > -Infinity ? (lowA + highA) / 2 : want
      lastA = a
      lastG = G
      if (it === C.its - 1) break
      a = next
      if (Math.abs(a - lastA) < 1e-3 && it > 0) break
    }
    this.S -= r * dt
    this.x += (a * tx + v * nx + fx) * dt
    this.y += (a * ty + v * ny + fy) * dt
    this.z += (free ? this.fall : a * tz + v * nz) * dt
    if (this.z < 0) this.z = 0
    if (this.z > p.depthM) this.z = p.depthM
    bx.set(nbx); by.set(nby); bz.set(nbz)
    this.v = v
    if (!free) {
      this.a = a
    this.tension = T
    } else this.S = this.arc(nbx, nby, nbz, this.L)
  }
}
