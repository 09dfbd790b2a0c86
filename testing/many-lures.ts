import { writeArchive } from '../core/exchange'
import { demoWorld } from '../core/demo/world'
import { trayFor, type Lure } from '../core/tackle'

/** An archive of so many lures, the demo's over and over, in trays of 24. */
export function manyLures(count: number): string {
  const world = demoWorld('2026-06-12')
  const trays = Array.from({ length: Math.ceil(count / 24) }, (_, i) => trayFor(`Tray ${i + 1}`, 24))
  const lures = Array.from({ length: count }, (_, i): Lure => {
    const like = world.box.lures[i % world.box.lures.length] as Lure
    return {
      ...like,
      id: `many-${i + 1}`,
      name: `Many ${i + 1}`,
      trayId: trays[Math.floor(i / 24)]?.id ?? null,
      slot: i % 24,
      changes: [],
    }
  })
  return writeArchive({ ...world, box: { ...world.box, lures, trays, rigs: [] } })
}
