import { defineStore } from 'pinia'
import type { UnitSystem } from '../../core/quantity'
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
}

export type BoxView = 'trays' | 'families' | 'table'

const KEY = 'settings'

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
  }),
  actions: {
    async load() {
      this.$patch((await repository.setting<Partial<Kept>>(KEY)) ?? {})
    },
    async keep(change: Partial<Kept>) {
      this.$patch(change)
      await repository.setSetting(KEY, plain(this.$state))
    },
  },
})
