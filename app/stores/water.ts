import { defineStore } from 'pinia'
import { faultOf, type SchemaFault } from '../../core/fault'
import { Conditions, readWater, speciesOf, startingWater, type Place, type Reading } from '../../core/water'
import { stashUnsaved } from '../../storage/unsaved'
import { waterStoreWords as words } from '../../words'
import { useBox } from './box'
import { useCommands } from './commands'
import { repository } from './repository'
import { useSettings } from './settings'
import { plain } from '~/composables/plain'

/** A pause in dragging after which the water is written down, ms. */
const SETTLED_MS = 150
let settling: ReturnType<typeof setTimeout> | undefined
/** The newest water that is not yet known to be stored. */
let unsaved: Conditions | null = null

/** Today's water. It follows the hand at once and is stored when the hand rests. */
export const useWater = defineStore('water', {
  state: () => ({ draft: null as Conditions | null }),
  getters: {
    place(): Place | undefined {
      const { places } = useBox()
      return places.find((p) => p.id === useSettings().placeId) ?? places[0]
    },
    current(): Conditions | undefined {
      const place = this.place as Place | undefined
      if (this.draft && this.draft.placeId === place?.id) return this.draft
      const { waters } = useBox()
      const [like] = waters
      return waters.find((w) => w.placeId === place?.id) ?? (place && like ? startingWater(place, like) : undefined)
    },
    reading(): Reading | undefined {
      const c = this.current as Conditions | undefined
      const place = this.place as Place | undefined
      const species = c && speciesOf(c.speciesId)
      return c && place && species ? readWater(c, place, species) : undefined
    },
  },
  actions: {
    /**
     * Changes the water; what cannot be (a zone below the bottom) is brought back into it first, and what is still wrong is refused: answers with what, or null.
     */
    change(over: Partial<Conditions>): { field: string; fault: SchemaFault } | null {
      const now = this.current
      if (!now) return null
      const wanted = fitted({ ...now, ...over })
      const checked = Conditions.safeParse(wanted)
      if (!checked.success) {
        const [issue] = checked.error.issues
        return issue ? { field: String(issue.path[0]), fault: faultOf(issue, wanted) } : null
      }
      this.draft = checked.data
      unsaved = this.draft
      clearTimeout(settling)
      settling = setTimeout(() => void this.store(), SETTLED_MS)
      return null
    },
    async store() {
      clearTimeout(settling)
      const { draft } = this
      if (!draft) return
      await useCommands().run(words.todaysWater, () => repository.putWater(plain(draft)))
      if (unsaved === draft) unsaved = null
    },
    /** The page is being left: what is not yet stored is kept aside, at once. */
    leave() {
      if (unsaved) stashUnsaved(plain(unsaved))
    },
    async goTo(placeId: string) {
      await this.store()
      this.draft = null
      await useSettings().keep({ placeId })
    },
  },
})

const THINNEST_M = 0.2

/** Zone and cover moved inside the water's depth. */
function fitted(c: Conditions): Conditions {
  const topM = Math.min(c.cover.topM, c.depthM)
  const cover = { ...c.cover, topM }
  if (!c.zone) return { ...c, cover }
  const bottomM = Math.min(Math.max(c.zone.bottomM, THINNEST_M), c.depthM)
  return { ...c, cover, zone: { topM: Math.max(0, Math.min(c.zone.topM, bottomM - THINNEST_M)), bottomM } }
}
