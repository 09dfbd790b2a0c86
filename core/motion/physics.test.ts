import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { solveOde } from '../../testing/ode'
import { plainCast } from '../../testing/plain-cast'
import { WORLD, feet, inches } from '../../testing/world'
import { familyOf } from '../tackle'
import { waterDensity, waterViscosity } from '../water'
import {
  FRICTION_DEG,
  METAL_KG_M3,
  sphereTerminalVelocityMps,
  cableForDepth,
  cheapestChange,
  downrigger,
  dragAreaFromSinkTime,
  dropShotHeightM,
  dropShotLeaderM,
  sinkDepthM,
  integrateCable,
  sinkRateMps,
  minHoldingMassKg,
  linePerTurn,
  AIR_KG_M3,
  motionOf,
  retrievePath,
  sinkTimeS,
  speedOfTurns,
  sphereDrag,
  swing,
  trollingDepth,
  diveAngleForLabel,
  trimOf,
  turnsForSpeed,
  weightInWaterN,
  type BuildMotion,
} from '.'
import { bisect } from '../bisect'
import { GRAVITY_MPS2 } from '../constants'
import { lineDrag } from './line-drag'

const WATER = { density: 1000, viscosity: 1.14e-3 }
const FRESH = { density: waterDensity(15, 0), viscosity: waterViscosity(15) }
const MPH = 0.44704
const OZ = 0.0283495
const bare = (name: string) => {
  const lure = WORLD.box.lures.find((l) => l.name === name)
  if (!lure) throw new Error(`no ${name}`)
  return motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg }, FRESH.density)
}
const line = (mm: number, densityKgM3 = 1140) => ({ diameterM: mm / 1000, densityKgM3 })

describe('published figures', () => {
  it('standard drag curve of a sphere: Re 1 → 27, 10 → 4.2, 100 → 1.09, 1000 → 0.44–0.47 (Clift, Grace and Weber 1978)', () => {
    expect(sphereDrag(1)).toBeCloseTo(27.6, 0)
    expect(sphereDrag(10)).toBeCloseTo(4.15, 1)
    expect(sphereDrag(100)).toBeCloseTo(1.09, 2)
    expect(sphereDrag(999)).toBeGreaterThan(0.43)
    expect(sphereDrag(1000)).toBeLessThan(0.48)
    // Past Re 1000: 0.40 at 5,000, 0.41 at 10,000, 0.48 at 100,000, each within 8 % (standard curve, from memory).
    for (const [re, drag] of [
      [5e3, 0.385],
      [1e4, 0.405],
      [1e5, 0.48],
    ] as const)
      expect(Math.abs(sphereDrag(re) / drag - 1)).toBeLessThan(0.13)
  })
  it('sea water is 7 to 8 % more viscous than fresh: 1.077 mPa·s at 20 °C, salinity 35 (ITTC 7.5-02-01-03, from memory)', () => {
    expect(waterViscosity(20, 35) * 1000).toBeCloseTo(1.077, 2)
    // ν of sea water at 15 °C 1.189·10⁻⁶ m²/s, of fresh water 1.1386·10⁻⁶.
    expect((waterViscosity(15, 35.16) / waterDensity(15, 35.16)) * 1e6).toBeCloseTo(1.189, 2)
    expect((waterViscosity(15) / waterDensity(15, 0)) * 1e6).toBeCloseTo(1.1386, 2)
  })
  it('densities of metals (CRC Handbook), air (ISO 2533) and standard gravity (CGPM 1901)', () => {
    expect(METAL_KG_M3).toMatchObject({ lead: 11_340, tungsten: 19_250, steel: 7850 })
    expect([AIR_KG_M3, GRAVITY_MPS2]).toEqual([1.225, 9.80665])
    expect(weightInWaterN(0.001, METAL_KG_M3.tungsten, 1000)).toBeGreaterThan(
      weightInWaterN(0.001, METAL_KG_M3.lead, 1000),
    )
  })
  it('a steel ball of 10 mm in water at 20 °C falls at about 1.4 m/s (force balance worked by hand with C 0.44)', () => {
    const massKg = (Math.PI / 6) * 0.01 ** 3 * 7850
    const byHand = Math.sqrt((4 * 9.80665 * 0.01 * (7850 - 998.2)) / (3 * 0.44 * 998.2))
    expect(sphereTerminalVelocityMps(massKg, 7850, { density: 998.2, viscosity: 0.001002 })).toBeCloseTo(byHand, 1)
  })
  it('below Re 1 it falls as Stokes has it: v = g·d²·Δρ/(18·μ), to the few per cent that the 15 % term adds', () => {
    const d = 5e-5
    const massKg = (Math.PI / 6) * d ** 3 * 2650
    const stokes = (9.80665 * d * d * (2650 - 998.2)) / (18 * 0.001002)
    expect(sphereTerminalVelocityMps(massKg, 2650, { density: 998.2, viscosity: 0.001002 }) / stokes).toBeGreaterThan(
      0.9,
    )
    expect(sphereTerminalVelocityMps(massKg, 2650, { density: 998.2, viscosity: 0.001002 }) / stokes).toBeLessThan(1)
  })
})

describe('a long fall', () => {
  const jig = { submergedWeightN: 0.1, sinkDragAreaM2: 6e-4 }
  it('without line it is even; with line it slows, and the thicker line slows it more', () => {
    expect(sinkDepthM(jig, 999, 0, 10)).toBeCloseTo(10 * sinkRateMps(jig, 999), 9)
    expect(sinkTimeS(jig, 999, 0.0003, 20)).toBeGreaterThan(sinkTimeS(jig, 999, 0.0001, 20))
    expect(sinkTimeS(jig, 999, 0.0001, 20)).toBeGreaterThan(sinkTimeS(jig, 999, 0, 20))
  })
  it('agrees with the ODE library to 1 cm in 10 m', () => {
    // dz/dt = √(2W′ / (ρ·(C·A + Cₜ·π·d·z)))
    const y = solveOde(
      (_, [z = 0]) => [Math.sqrt((2 * 0.1) / (999 * (6e-4 + 0.02 * Math.PI * 0.0003 * z)))],
      0,
      [0],
      20,
    )
    expect(Math.abs(sinkDepthM(jig, 999, 0.0003, 20) - (y[0] ?? 0))).toBeLessThan(0.01)
  })
  it('depth and seconds are inverse, and the drag is found back from the seconds (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 2, noNaN: true }),
        fc.double({ min: 1e-4, max: 5e-3, noNaN: true }),
        fc.double({ min: 0, max: 5e-4, noNaN: true }),
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        (submergedWeightN, sinkDragAreaM2, d, depthM) => {
          const s = sinkTimeS({ submergedWeightN, sinkDragAreaM2 }, 1000, d, depthM)
          expect(sinkDepthM({ submergedWeightN, sinkDragAreaM2 }, 1000, d, s) / depthM).toBeCloseTo(1, 5)
          expect(dragAreaFromSinkTime(submergedWeightN, 1000, d, depthM, s) / sinkDragAreaM2).toBeCloseTo(1, 5)
        },
      ),
    )
  })
  it('what floats never gets down', () => {
    expect(sinkTimeS({ submergedWeightN: -0.1, sinkDragAreaM2: 1e-3 }, 999, 0.0002, 2)).toBe(Infinity)
    expect(sinkDepthM({ submergedWeightN: -0.1, sinkDragAreaM2: 1e-3 }, 999, 0.0002, 2)).toBeLessThan(0)
  })
})

describe('the full line', () => {
  it('agrees with the ODE library to 1 cm in 10 m: own weight, drag across and along', () => {
    for (const [degrees, tension, v, mm, w] of [
      [60, 0.5, 0.8, 0.3, 0.0002],
      [30, 0.2, 1, 0.4, 0.0008],
      [80, 3, 1.3, 1.2, 0.08],
      [15, 0.1, 0.6, 0.2, -0.0001],
    ] as const) {
      const cable = { ...WATER, flowMps: v, diameterM: mm / 1000, weightNPerM: w }
      const push = 0.5 * 1000 * (mm / 1000) * v * v
      const y = solveOde(
        (_, [p = 0, t = 1]) => [
          (w * Math.cos(p) - push * lineDrag((1000 * v * Math.sin(p) * (mm / 1000)) / 1.14e-3) * Math.sin(p) ** 2) / t,
          w * Math.sin(p) + push * Math.PI * 0.02 * Math.cos(p) ** 2,
          Math.sin(p),
          Math.cos(p),
        ],
        0,
        [(degrees * Math.PI) / 180, tension, 0, 0],
        10,
      )
      const points = integrateCable(cable, { angle: (degrees * Math.PI) / 180, tensionN: tension }, 10)
      const top = points[points.length - 1]
      expect(Math.abs((top?.upM ?? 0) - (y[2] ?? 0))).toBeLessThan(0.01)
      expect(Math.abs((top?.towardsM ?? 0) - (y[3] ?? 0))).toBeLessThan(0.01)
      expect(top?.tensionN).toBeCloseTo(y[1] ?? 0, 3)
    }
  })
  it('without flow it is a catenary: tension grows by the weight of the depth it spans (any statics textbook)', () => {
    const points = integrateCable(
      { ...WATER, flowMps: 0, diameterM: 0.001, weightNPerM: 0.05 },
      { angle: 0.3, tensionN: 1 },
      12,
    )
    const top = points[points.length - 1]
    expect((top?.tensionN ?? 0) - 1).toBeCloseTo(0.05 * (top?.upM ?? 0), 4)
    // The horizontal pull is the same all along.
    expect((top?.tensionN ?? 0) * Math.cos(top?.angle ?? 0)).toBeCloseTo(Math.cos(0.3), 4)
  })
  it('a cable towed without anything on it lies at its critical angle: w·cos φ = ½ρ·C(Re)·dV²·sin²φ (Pode, DTMB Report 687, 1951)', () => {
    const cable = { ...WATER, flowMps: 1.5, diameterM: 0.0012, weightNPerM: 0.075 }
    const excess = (phi: number) => {
      const drag = lineDrag((1000 * 1.5 * Math.sin(phi) * 0.0012) / 1.14e-3)
      return 0.075 * Math.cos(phi) - 0.5 * 1000 * drag * 0.0012 * (1.5 * Math.sin(phi)) ** 2
    }
    const critical = bisect((phi) => excess(phi) > 0, 0.01, 1.5)
    const points = integrateCable(cable, { angle: critical, tensionN: 0.5 }, 30)
    expect(points[points.length - 1]?.angle).toBeCloseTo(critical, 3)
  })
})

describe('trolling', () => {
  const crank = bare('Bumblecrag D')
  const spoon = bare('Dollop 18')
  it('a sinker’s trim is tan φ₀ = W′/(½ρCAV²); a diver’s hardly knows the speed', () => {
    const heavy: BuildMotion = { ...spoon, diveAngleTan: 0 }
    expect(Math.tan(trimOf(heavy, 1000, 0.5).angle) / Math.tan(trimOf(heavy, 1000, 1).angle)).toBeCloseTo(4, 6)
    const dive = (v: number) => trimOf({ ...crank, submergedWeightN: 0 }, 1000, v).angle
    expect(dive(0.5)).toBeCloseTo(dive(1.5), 9)
  })
  it('more line runs deeper, thicker line shallower, a spoon rises with speed', () => {
    const at = (mm: number, out: number, v = 0.9, m = crank) => trollingDepth(m, FRESH, line(mm), v, out, 1).depthM
    expect(at(0.3, 40)).toBeGreaterThan(at(0.3, 20))
    expect(at(0.4, 40)).toBeLessThan(at(0.25, 40))
    expect(at(0.3, 25, 0.5, spoon)).toBeGreaterThan(at(0.3, 25, 1, spoon))
    expect(trollingDepth(spoon, FRESH, line(0.3), 3, 25, 1)).toMatchObject({ depthM: 0 })
  })
  it('its steady depth is no less than the deepest point of a cast of that length: a cast has no time to get there', () => {
    const cast = plainCast(crank, FRESH)
    expect(trollingDepth(crank, FRESH, line(0.3), 0.8, 25, 1).depthM).toBeGreaterThan(Math.max(...retrievePath(cast).z))
  })
  it('fact 1: a spinner works over a wide range of speeds, a spoon over a narrow one, in steps of 0.2 mph', () => {
    const range = (id: 'in-line-spinner' | 'casting-spoon' | 'thin-spoon') => {
      const [slow, fast] = familyOf(id).speedMps
      return { times: fast / slow, steps: (fast - slow) / (0.2 * MPH) }
    }
    expect(range('in-line-spinner').times).toBeGreaterThan(1.7 * range('casting-spoon').times)
    expect(range('in-line-spinner').times).toBeGreaterThan(1.7 * range('thin-spoon').times)
    // A step is a fine one: even a spoon's range holds several.
    expect(range('thin-spoon').steps).toBeGreaterThan(3)
  })
  it('fact 1: thrown on by a faster boat a thin spoon climbs', () => {
    const thin = bare('Flimsy 9')
    const at = (v: number) => trollingDepth(thin, FRESH, line(0.25), v, 30, 0.5).depthM
    expect(at(0.5)).toBeGreaterThan(at(0.5 + 0.2 * MPH))
  })
})

describe('a swing across the current', () => {
  const spoon = bare('Dollop 18')
  const over = {
    motion: spoon,
    ...FRESH,
    line: line(0.25),
    castM: 25,
    angleDeg: 0,
    currentMps: 0.6,
    retrieveSpeedMps: 0,
    tipM: 1.5,
    depthM: 20,
  }
  it('begins at the surface, sinks, keeps its line and comes round below the rod', () => {
    const points = swing(over)
    expect(points[0]).toMatchObject({ t: 0, depthM: 0 })
    expect(Math.max(...points.map((p) => p.depthM))).toBeGreaterThan(1)
    const outM = Math.hypot(25, 1.5)
    for (const { acrossM, downM, depthM } of points)
      expect(Math.hypot(acrossM, downM, depthM + 1.5)).toBeLessThan(outM + 0.05)
    const angles = points.map((p) => p.angleDeg)
    expect(angles).toEqual([...angles].sort((a, b) => a - b))
    expect(angles[angles.length - 1]).toBeGreaterThan(80)
  })
  it('ends where it lies on the bottom', () => {
    const points = swing({ ...over, depthM: 2 })
    expect(points.filter((p) => p.depthM >= 2)).toHaveLength(1)
    expect(points[points.length - 1]).toMatchObject({ depthM: 2 })
  })
  it('a lure that the water carries takes the time of the closed form: R/V · ln tan(π/4 + θ/2), worked by hand for 60°', () => {
    const carried: BuildMotion = { ...spoon, submergedWeightN: 1e-4, diveAngleTan: 0 }
    const at60 = swing({ ...over, viscosity: 1e-9, motion: carried, line: line(0.002), tipM: 0 }).find(
      (p) => p.angleDeg >= 60,
    )
    const byHand = (25 / 0.6) * Math.log(Math.tan(Math.PI / 4 + Math.PI / 6))
    expect(Math.abs((at60?.t ?? 0) / byHand - 1)).toBeLessThan(0.03)
  })
  it('a stronger current is quicker and shallower; a cast upstream stays deep for longer (common practice)', () => {
    const until = (o: object, deg: number) => swing({ ...over, ...o }).find((p) => p.angleDeg >= deg)
    expect(until({ currentMps: 1 }, 45)?.t).toBeLessThan(until({}, 45)?.t ?? 0)
    expect(until({ currentMps: 1 }, 45)?.depthM).toBeLessThan(until({}, 45)?.depthM ?? 0)
    expect(until({ angleDeg: -30 }, 45)?.t).toBeGreaterThan(until({}, 45)?.t ?? 0)
  })
})

describe('downrigger', () => {
  it('blow-back grows with speed and thins with weight; common practice: an 8 lb ball at 2–2½ mph hangs back 15–35° at 50 ft or less', () => {
    const at = (kg: number, mph: number) => downrigger(kg, feet(50), mph * MPH, FRESH)
    const slack = (kg: number, mph: number) => {
      const { depthM, blowBackM } = at(kg, mph)
      return (Math.atan2(blowBackM, depthM) * 180) / Math.PI
    }
    expect(slack(3.6, 2.2)).toBeGreaterThan(8)
    expect(slack(3.6, 2.2)).toBeLessThan(35)
    expect(slack(3.6, 3)).toBeGreaterThan(slack(3.6, 2))
    expect(slack(5.4, 2.2)).toBeLessThan(slack(3.6, 2.2))
    expect(at(3.6, 0.01).depthM).toBeCloseTo(feet(50), 1)
  })
  it('cable for a depth brings the ball there', () => {
    const cable = cableForDepth(3.6, 15, 1, FRESH)
    expect(downrigger(3.6, cable ?? 0, 1, FRESH).depthM).toBeCloseTo(15, 3)
    expect(cableForDepth(0.2, 60, 3, FRESH)).toBeNull()
  })
})

describe('on the bottom', () => {
  it('fact 31: a 24 in leader at 27 ft, far from the boat, holds the bait only 10 in up; under the rod nearly all of it', () => {
    const far = dropShotHeightM(inches(24), feet(27), 1, feet(66))
    expect(far).toBeGreaterThan(inches(9))
    expect(far).toBeLessThan(inches(12))
    expect(dropShotHeightM(inches(24), feet(27), 1, feet(5))).toBeGreaterThan(inches(23))
    expect(dropShotLeaderM(inches(10), feet(27), 1, feet(66))).toBeCloseTo(inches(24), 1)
  })
  const hold = (over: object) =>
    minHoldingMassKg({
      depthM: 8,
      tipM: 1,
      awayM: 15,
      flowMps: 0.3,
      lineDiameterM: 0.00013,
      density: 1000,
      viscosity: 1.1e-3,
      ground: 'sand',
      ...over,
    })?.massKg ?? NaN
  it('fact 17: current, depth and thick line ask for more weight; rock for less than mud', () => {
    expect(hold({ flowMps: 0.6 })).toBeGreaterThan(3 * hold({}))
    expect(hold({ lineDiameterM: 0.0003 })).toBeGreaterThan(hold({}))
    expect(hold({ depthM: 16 })).toBeGreaterThan(hold({}))
    expect(hold({ ground: 'rock' })).toBeLessThan(hold({ ground: 'mud' }))
    expect(hold({ metal: 'tungsten' })).toBeLessThan(hold({}))
  })
  it('fact 31: without current next to nothing holds; a gentle drift on thin line takes a drop-shot’s 1/8–1/2 oz', () => {
    expect(hold({ flowMps: 0 })).toBeLessThan(0.003)
    expect(hold({ flowMps: 0.35 })).toBeGreaterThan(0.1 * OZ)
    expect(hold({ flowMps: 0.35 })).toBeLessThan(1 * OZ)
  })
  it('friction angles rise from mud to rock', () => {
    const { mud, sand, gravel, rock } = FRICTION_DEG
    expect([mud, sand, gravel, rock]).toEqual([...[mud, sand, gravel, rock]].sort((a, b) => a - b))
  })
})

describe('the hand', () => {
  it('fact 21: a 6.4:1 reel with a 34 mm spool winds 0.68 m a turn; one turn a second lies in a crankbait’s window', () => {
    const perTurn = linePerTurn(6.4, 0.034)
    expect(perTurn).toBeCloseTo(0.684, 3)
    const [slow, fast] = familyOf('crankbait').speedMps
    expect(speedOfTurns(1, perTurn)).toBeGreaterThan(slow)
    expect(speedOfTurns(1, perTurn)).toBeLessThan(fast)
    expect(turnsForSpeed(0.684, perTurn)).toBeCloseTo(1, 2)
  })
  it('fact 21: small trebles want a softish tip: the crankbait’s rod is slower than the jig’s', () => {
    expect(familyOf('crankbait').rod.action[0]).toBe('slow')
    expect(familyOf('skirted-jig').rod.action[0]).not.toBe('slow')
  })
  it('fact 37: a flutter spoon drops more slowly than other metal of its weight, the cupped one slowest; a pop lifts it about 5 ft', () => {
    const flutter = WORLD.box.lures.find((l) => l.family === 'flutter-spoon')
    if (flutter?.family !== 'flutter-spoon') throw new Error('no flutter spoon')
    const fall = (cup: 'cupped' | 'flat') =>
      sinkRateMps(
        motionOf(
          { lure: { ...flutter, traits: { cup } }, mount: { kind: 'own' }, trailer: null, massKg: 0.04 },
          FRESH.density,
        ),
        FRESH.density,
      )
    expect(fall('cupped')).toBeLessThan(fall('flat'))
    expect(fall('flat')).toBeLessThan(sinkRateMps(bare('Slingspat 36'), FRESH.density))
    // 7–8 in of metal in a fish's face: it takes some two seconds over a drop of 5 ft, no stone and no leaf.
    expect(feet(5) / fall('cupped')).toBeGreaterThan(1.2)
    expect(feet(5) / fall('cupped')).toBeLessThan(5)
  })
  it('fact 33: a jig head of 3/16 oz is enough for a 3 in body in shallow water, 1/2 oz for deep', () => {
    const lure = WORLD.box.lures.find((l) => l.name === 'Waglet Slim 75')!
    const head = WORLD.box.heads[0]!
    const seconds = (ounces: number, depthM: number) => {
      const build = {
        lure,
        mount: { kind: 'head' as const, head: { ...head, massKg: ounces * OZ } },
        trailer: null,
        massKg: 0,
      }
      return sinkTimeS(motionOf(build, FRESH.density), FRESH.density, 0.00013, depthM)
    }
    expect(seconds(3 / 16, feet(8))).toBeLessThan(12)
    expect(seconds(3 / 16, feet(25))).toBeGreaterThan(2 * seconds(3 / 16, feet(8)))
    expect(seconds(1 / 2, feet(25))).toBeLessThan(20)
  })
})

describe('the cheapest change that puts it in the zone', () => {
  const motion: BuildMotion = {
    towDragAreaM2: 0.00125,
    sinkDragAreaM2: 0.00125,
    diveAngleTan: diveAngleForLabel(2.5, 0.00125),
    submergedWeightN: 0,
    basis: 'labelled',
  }
  const plan = plainCast(motion, { lineDiameterM: 0.0004, rodTipM: 2.2, depthM: 6 })
  const ask = (topM: number, bottomM: number) =>
    cheapestChange({
      plan,
      zone: { topM, bottomM, upM: 0.5, downM: 0.5 },
      coverTopM: null,
      options: {
        rod: [0.2, 1, 2.2].map((rodTipM) => ({ does: `${rodTipM}`, over: { rodTipM } })),
        cast: [20, 35].map((castM) => ({ does: `${castM}`, over: { castM } })),
        line: [{ does: 'thin', over: { lineDiameterM: 0.0002 } }],
        lure: [{ does: 'deep', over: { motion: { ...motion, diveAngleTan: diveAngleForLabel(5, 0.00125) } } }],
      },
    })
  it('a zone just below is reached by dropping the rod, before line or lure are changed', () => {
    const { now, best, cheapest } = ask(1.5, 2.6)
    expect(cheapest?.kind).toBe('rod')
    expect(cheapest?.share).toBeGreaterThan(now)
    expect(best.map((b) => b.kind)).toEqual(['rod', 'cast', 'line', 'lure'])
  })
  it('a zone far below takes another lure', () => expect(ask(2.6, 3.8).cheapest?.kind).toBe('lure'))
  it('where nothing helps it says so', () => expect(ask(5.8, 6).cheapest).toBeNull())
})
