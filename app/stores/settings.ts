import { defineStore } from 'pinia'
import type { OwnWords } from '../../core/exchange'
import type { UnitSystem } from '../../core/quantity'
import { settingsWords as words } from '../../words'
import { SETTINGS_KEY, choicesOf } from '../../storage/whole'
import { useCommands } from './commands'
import { repository } from './repository'
import { plain } from '~/composables/plain'

interface Kept {
  system: UnitSystem
  night: boolean
  placeId: string
  boxView: BoxView
  /** Sign or letters of the angler's own currency. */
  currency: string
  /** Day on which the browser was asked to keep the data for good, or was told not to ask again. */
  keepAskedOn: string
  /** Day of the last archive or sheet that went out. */
  exportedOn: string
  /** Day on which a reminder to export was waved away. */
  remindedOn: string
  /** The lure last looked at on the bench. */
  benchLureId: string
  /** The lure that others are compared with, by kind of test. */
  references: Partial<Record<string, string>>
  /** Whether the angler's own log is heard by the match. */
  ownRecord: boolean
  /** On the water: whether the screen is kept awake, and whether the phone notes where it goes. */
  keepAwake: boolean
  noteTrack: boolean
  /** What words of the angler's own stand for in a sheet. */
  ownWords: OwnWords
}

export type BoxView = 'trays' | 'families' | 'table'

/** Days that are of this browser alone, and do not go into an archive. */
const DAYS = ['keepAskedOn', 'exportedOn', 'remindedOn'] as const
const daysOf = (kept: unknown): Partial<Kept> =>
  Object.fromEntries(
    DAYS.flatMap((day) => {
      const value = ((kept ?? {}) as Partial<Record<string, unknown>>)[day]
      return typeof value === 'string' ? [[day, value]] : []
    }),
  )

/** What the angler chose once and keeps. */
export const useSettings = defineStore('settings', {
  state: (): Kept => ({
    system: 'metric',
    night: false,
    placeId: 'vessamere-north',
    boxView: 'trays',
    currency: '€',
    keepAskedOn: '',
    exportedOn: '',
    remindedOn: '',
    benchLureId: '',
    references: {},
    ownRecord: true,
    keepAwake: true,
    noteTrack: false,
    ownWords: {},
  }),
  actions: {
    async load() {
      const kept = await repository.setting(SETTINGS_KEY)
      this.$patch({ ...daysOf(kept), ...choicesOf(kept) })
    },
    /** Chooses at once; where it cannot be stored, the choice goes back to what it was. @throws Told */
    async keep(change: Partial<Kept>) {
      const before = Object.fromEntries(Object.keys(change).map((key) => [key, this.$state[key as keyof Kept]]))
      this.$patch(change)
      try {
        await useCommands().run(words.theChoice, () => repository.choose(plain(change)))
      } catch (error) {
        this.$patch(before)
        throw error
      }
    },
  },
})
