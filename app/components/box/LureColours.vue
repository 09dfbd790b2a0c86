<script setup lang="ts">
import { lureColours as words } from '../../../words'
import { COLOURS, PATTERNS, type Colouring } from '../../../core/tackle'
import { capital, choices } from '~/components/form/choices'

/** Back, flank and belly of a lure, and its pattern. */
const colouring = defineModel<Colouring>({ required: true })
const SIDES = ['back', 'flank', 'belly'] as const
const colours = COLOURS.map((c) => ({ value: c.id, title: c.name, hex: c.hex }))
const patterns = choices(PATTERNS)
const change = (over: Partial<Colouring>) => (colouring.value = { ...colouring.value, ...over })
</script>

<template>
  <v-select
    v-for="side in SIDES"
    :key="side"
    :model-value="colouring[side]"
    :label="capital(side)"
    :items="colours"
    @update:model-value="(colour) => change({ [side]: colour })"
  >
    <template #item="{ props: item, internalItem }">
      <v-list-item v-bind="item">
        <template #prepend>
          <svg width="26" height="20" aria-hidden="true">
            <circle cx="10" cy="10" r="9" :fill="internalItem.raw.hex" stroke="currentColor" />
          </svg>
        </template>
      </v-list-item>
    </template>
  </v-select>
  <v-select
    :model-value="colouring.pattern"
    :label="words.pattern"
    :items="patterns"
    @update:model-value="(pattern) => change({ pattern })"
  />
</template>
