import type { Build, Retrieve } from '../tackle'
import type { OfferTest } from './rule'

function traitFits(build: Build, name: string, wanted: readonly (string | boolean)[]): boolean {
  const value = (build.lure.traits as Readonly<Record<string, string | boolean | number | undefined>>)[name]
  return (typeof value === 'string' || typeof value === 'boolean') && wanted.includes(value)
}

/** Whether a rule's habit speaks of the dressed lure itself; the retrieve is asked separately. */
export function buildFits(test: OfferTest, build: Build): boolean {
  return (
    (!test.family || test.family.includes(build.lure.family)) &&
    (!test.mount || test.mount.includes(build.mount.kind)) &&
    (!test.sound || test.sound.includes(build.lure.sound)) &&
    (!test.trailer || (build.trailer !== null && test.trailer.includes(build.trailer.kind))) &&
    (!test.traits || Object.entries(test.traits).every(([name, wanted]) => traitFits(build, name, wanted)))
  )
}

export function retrieveFits(test: OfferTest, retrieve: Retrieve): boolean {
  return !test.retrieve || test.retrieve.includes(retrieve.id)
}
