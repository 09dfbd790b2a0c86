import type { Block, Leg, Plan, Planned } from './plan'

/** Where a plan stands at a moment. */

/** The leg of a plan that a moment belongs to: the one under way or the next one of that day, else the first. */
export function legAt({ legs }: Pick<Plan, 'legs'>, date: string, hour: number): Leg {
  const [first] = legs
  if (!first) throw new Error('a plan has a leg')
  return legs.find(({ water, toH }) => water.date === date && hour < toH) ?? first
}

/** What is fished in a leg at an hour: the block under way, else the nearest to come, else the last; null where nothing is laid out. */
export function blockAt({ blocks }: Pick<Planned, 'blocks'>, legId: string, hour: number): Block | null {
  const mine = blocks.filter((block) => block.legId === legId)
  return mine.find(({ toH }) => hour < toH) ?? mine.at(-1) ?? blocks[0] ?? null
}
