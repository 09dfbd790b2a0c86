import { Outing, type Carried, type Entry, type NewEntry } from '../core/outing'
import { water } from './world'

/** Rigs and logs that tests of outings share. */
export function rig(id: string, over: Partial<Carried> = {}, ways: Partial<Carried['ways'][number]>[] = [{}]): Carried {
  return {
    id,
    lureId: id,
    name: `Lure ${id}`,
    modelKey: id,
    family: 'crankbait',
    lengthM: 0.08,
    colour: 'silver',
    sound: 'silent',
    vibration: 0.5,
    rig: '',
    linePerTurnM: 0.7,
    fallMps: 0,
    cost: 8,
    ...over,
    ways: ways.map((w) => ({
      id: w.techniqueId ?? 'wind',
      techniqueId: 'wind',
      name: 'Wind steadily',
      tempo: 0.45,
      patience: 0.5,
      paceMps: 0.6,
      pullS: 3,
      restS: 0,
      countDownS: 0,
      rodTipM: 0.2,
      depthM: 2,
      castM: 28,
      castS: 60,
      points: 70,
      ...w,
    })),
  }
}
export const RIG_A = rig('a')
export const RIG_B = rig('b', { lengthM: 0.05, colour: 'hot' })

const START = Date.parse('2026-06-12T06:00:00Z')
/** Minutes from six in the morning, universal time. */
export const at = (min: number): string =>
  new Date(START + Math.round(min * 60) * 1000).toISOString().slice(0, 19) + '+00:00'

export function logOf(said: readonly (readonly [number, NewEntry])[], over: Partial<Outing> = {}): Outing {
  return Outing.parse({
    id: 'log',
    placeName: 'Test lake',
    water: water({ depthM: 4 }),
    startedAt: at(0),
    effortBy: 'clock',
    carried: [RIG_A, RIG_B],
    entries: said.map(([min, one], i) => ({ id: `e${i}`, at: at(min), ...one }) as Entry),
    ...over,
  })
}
