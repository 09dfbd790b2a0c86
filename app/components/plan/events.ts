import { printPage, sayWay, planPage } from '../../../words'
import type { PlanCalendar } from '../../../core/exchange'
import type { UnitSystem } from '../../../core/quantity'
import type { Plan } from '../../../core/plan'
import type { Box } from '../../../core/box'
import { epochOf, type Place } from '../../../core/water'

/** The blocks of a plan as a calendar takes them. */
export function eventsOf(
  plan: Plan,
  box: Box,
  places: readonly Place[],
  system: UnitSystem,
  atMs: number,
): PlanCalendar {
  const { planned } = plan
  const events = (planned?.blocks ?? []).flatMap((block) => {
    const leg = plan.legs.find(({ id }) => id === block.legId)
    const place = places.find(({ id }) => id === leg?.water.placeId)
    const one = planned?.carried.find(({ id }) => id === block.carriedId)
    const way = one?.ways.find(({ id }) => id === block.wayId)
    if (!leg || !place || !one || !way) return []
    const next = planned?.carried.find(({ id }) => id === block.nextCarriedId)
    const rod = box.rods.find(({ id }) => id === block.rodId)?.name ?? ''
    return [
      {
        id: `${plan.id} ${block.id}`,
        fromMs: epochOf(place, leg.water.date, block.fromH),
        toMs: epochOf(place, leg.water.date, block.toH),
        summary: `${one.name} · ${rod}`,
        description: [
          sayWay(way, system),
          one.rig,
          next ? `${printPage.then}: ${next.name}, ${printPage.minutes(block.giveMin)}` : '',
        ]
          .filter((line) => line !== '')
          .join('\n'),
        location: place.name,
      },
    ]
  })
  return { name: `${planPage.plan} ${plan.name}`, atMs, events }
}
