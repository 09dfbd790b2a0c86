import { defineStore } from 'pinia'
import type { UnitSystem } from '../../core/quantity'
import { repository } from './repository'

interface Kept {
  system: UnitSystem
  night: boolean
  placeId: string
  schools: Partial<Record<string, 'first' | 'second' | 'both'>>
}

const KEY = 'settings'

/** What the angler chose once and keeps. */
export const useSettings = defineStore('settings', {
  state: (): Kept => ({ system: 'metric', night: false, placeId: 'vessamere-north', schools: {} }),
  actions: {
    async load() {
      this.$patch((await repository.setting<Partial<Kept>>(KEY)) ?? {})
    },
    async keep(change: Partial<Kept>) {
      this.$patch(change)
      await repository.setSetting(KEY, JSON.parse(JSON.stringify(this.$state)))
    },
  },
})
