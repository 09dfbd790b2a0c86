<script setup lang="ts">
import type { CoverKind } from '../../../core/water'
import { scatter, type Scene } from './scene'

/** Cover drawn from the bed up to its top: stems, trunks, boulders. */
const props = defineProps<{
  scene: Scene
  kind: CoverKind
  topM: number
  density: number
  depthM: number
  reachM: number
  night: boolean
}>()

const MOST = {
  grass: 90,
  reeds: 60,
  pads: 16,
  timber: 9,
  brush: 12,
  docks: 7,
  rock: 12,
  shell: 26,
  clay: 0,
  open: 0,
} as const
const TONE: Record<CoverKind, string> = {
  grass: '#4d6a2c',
  reeds: '#6c7436',
  pads: '#3f6a3a',
  timber: '#4b3a2a',
  brush: '#5a4630',
  docks: '#6a5238',
  rock: '#5f6460',
  shell: '#8c8577',
  clay: '#8a6b50',
  open: '#000',
}

const shapes = computed(() => {
  const { scene, kind, topM, density, depthM, reachM } = props
  const count = Math.round(MOST[kind] * (0.35 + 0.65 * density))
  const bed = scene.z(depthM) + 4
  return Array.from({ length: count }, (_, i) => {
    const x = scene.x(((i + 0.2 + 0.6 * scatter(i)) / count) * reachM)
    const top = scene.z(topM + (depthM - topM) * (i === Math.floor(count / 2) ? 0 : 0.22 * scatter(i + 50)))
    const lean = (scatter(i + 99) - 0.5) * 14
    const height = bed - top
    if (kind === 'grass')
      return { d: `M${x} ${bed}q${lean} ${-height * 0.5} ${lean * 0.4} ${-height}`, width: 2.2, fill: 'none' }
    if (kind === 'reeds') return { d: `M${x} ${bed}L${x + lean * 0.4} ${top}`, width: 2.4, fill: 'none' }
    if (kind === 'pads')
      return {
        d: `M${x} ${bed}q${lean} ${-height / 2} 0 ${-height}m-16 0q16 -8 32 0q-16 5 -32 0Z`,
        width: 1.6,
        fill: TONE.pads,
      }
    if (kind === 'timber')
      return {
        d: `M${x - 5} ${bed}L${x - 2} ${top}L${x + 2} ${top}L${x + 6} ${bed}ZM${x} ${top + height * 0.3}l${16 + lean} ${-height * 0.16}M${x} ${top + height * 0.5}l${-18 + lean} ${-height * 0.14}`,
        width: 2.4,
        fill: TONE.timber,
      }
    if (kind === 'brush')
      return {
        d: `M${x} ${bed}l${-14} ${-height * 0.8}M${x} ${bed}l${-5} ${-height}M${x} ${bed}l${6} ${-height * 0.9}M${x} ${bed}l${15} ${-height * 0.7}`,
        width: 2,
        fill: 'none',
      }
    if (kind === 'docks') return { d: `M${x - 3} ${bed}V${top}h6V${bed}Z`, width: 1, fill: TONE.docks }
    const w = kind === 'shell' ? 6 + 6 * scatter(i + 7) : 34 + 34 * scatter(i + 7)
    const step = (share: number, up: number) => `L${x + w * share} ${bed - height * up}`
    const ragged = [
      step(-0.78, 0.42),
      step(-0.52, 0.5),
      step(-0.3, 0.86),
      step(0.02, 1),
      step(0.3, 0.9),
      step(0.48, 0.62),
      step(0.8, 0.4),
    ]
    return { d: `M${x - w} ${bed}${ragged.join('')}L${x + w} ${bed}Z`, width: 2, fill: TONE[kind] }
  })
})
</script>

<template>
  <g aria-hidden="true">
    <path
      v-for="(s, i) in shapes"
      :key="i"
      :d="s.d"
      :stroke="TONE[kind]"
      :stroke-opacity="night ? 0.5 : 0.75"
      :fill-opacity="night ? 0.5 : 0.75"
      :stroke-width="s.width"
      :fill="s.fill"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </g>
</template>
