<script setup lang="ts">
import { castFan as words } from '../../../words'
import { arc } from 'd3-shape'
import { answerOf, type Stretch } from '../../../core/outing'

/** Casts from where one stands, by direction and by the depth they were worked at. A tap on a direction counts a cast there. */
const props = defineProps<{ stretches: readonly Stretch[]; depthM: number; aim: number | null }>()
const emit = defineEmits<{ cast: [aim: number] }>()

const AIMS = [
  { aim: -2, name: words.hardLeft },
  { aim: -1, name: words.left },
  { aim: 0, name: words.ahead },
  { aim: 1, name: words.right },
  { aim: 2, name: words.hardRight },
] as const
/** Rings from the hand outwards: shallow to deep, by thirds of the water. */
const DEPTHS = [words.upperThird, words.middleThird, words.lowerThird] as const
const [INNER, OUTER] = [26, 100]
const SPAN = Math.PI * 0.92

const ringOf = (depthM: number) => Math.min(2, Math.max(0, Math.floor((depthM / props.depthM) * 3)))
const cells = computed(() => {
  const made = arc<{ a: number; r: number }>()
    .innerRadius((d) => INNER + ((OUTER - INNER) * d.r) / 3 + 0.7)
    .outerRadius((d) => INNER + ((OUTER - INNER) * (d.r + 1)) / 3)
    .startAngle((d) => -SPAN / 2 + (SPAN * (d.a + 2)) / 5 + 0.012)
    .endAngle((d) => -SPAN / 2 + (SPAN * (d.a + 3)) / 5 - 0.012)
  return AIMS.flatMap(({ aim, name }) =>
    DEPTHS.map((depth, r) => {
      const here = props.stretches.filter((s) => ringOf(s.way.depthM) === r)
      const casts = here.reduce((sum, s) => sum + s.casts.filter((c) => c.aim === aim).length, 0)
      const takes = here.reduce(
        (sum, s) => sum + s.answers.filter((a) => a.aim === aim && answerOf(a.answer).bite).length,
        0,
      )
      const at = { a: aim, r }
      return { key: `${aim} ${r}`, aim, name, depth, casts, takes, d: made(at) ?? '', at: made.centroid(at) }
    }),
  )
})
const totalOf = (aim: number) => cells.value.filter((c) => c.aim === aim).reduce((sum, c) => sum + c.casts, 0)
const bare = computed(() => AIMS.filter((a) => totalOf(a.aim) === 0).map((a) => a.name))
const shade = (casts: number) => (casts === 0 ? 0 : Math.min(0.85, 0.25 + 0.12 * casts))
</script>

<template>
  <div class="fan">
    <svg
      viewBox="-104 -104 208 118"
      role="img"
      :aria-label="words.castsByDirection(AIMS.map((a) => `${a.name} ${totalOf(a.aim)}`).join(', '))"
    >
      <g v-for="c in cells" :key="c.key">
        <path :d="c.d" class="cell" :style="{ fillOpacity: shade(c.casts) }" />
        <text
          v-if="c.casts"
          :x="c.at[0]"
          :y="c.at[1] + 3.4"
          text-anchor="middle"
          :class="{ dark: shade(c.casts) > 0.5 }"
        >
          {{ c.casts }}{{ c.takes ? '●'.repeat(Math.min(3, c.takes)) : '' }}
        </text>
      </g>
      <path d="M-5 8q5 -9 10 0z" class="you" />
    </svg>
    <p class="quiet">{{ words.ringsFromYouOutwards(DEPTHS.join(', ')) }}</p>
    <div class="aims" role="group" :aria-label="words.countACast">
      <button
        v-for="a in AIMS"
        :key="a.aim"
        type="button"
        :class="{ on: aim === a.aim }"
        :data-aim="a.aim"
        @click="emit('cast', a.aim)"
      >
        {{ a.name }}<b>{{ totalOf(a.aim) }}</b>
      </button>
    </div>
    <p v-if="stretches.some((s) => s.casts.length) && bare.length" class="bare">
      {{ words.noCastYet(bare.join(', ')) }}
    </p>
  </div>
</template>

<style scoped>
.fan {
  display: grid;
  gap: var(--space-8);
}
svg {
  width: 100%;
  max-height: 240px;
}
.cell {
  fill: rgb(var(--v-theme-primary));
  stroke: rgb(var(--v-theme-on-surface));
  stroke-opacity: 0.45;
  stroke-width: 0.8;
}
text {
  font-size: var(--text-1);
  font-weight: 700;
  fill: rgb(var(--v-theme-on-surface));
}
text.dark {
  fill: rgb(var(--v-theme-on-primary));
}
.you {
  fill: rgb(var(--v-theme-secondary));
}
.aims {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: var(--space-6);
}
.aims button {
  min-height: 64px;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.55);
  font-size: var(--text-2);
  line-height: 1.15;
  display: grid;
  align-content: center;
}
.aims button.on {
  border-color: rgb(var(--v-theme-secondary));
}
.aims b {
  font-size: var(--text-5);
}
.quiet {
  font-size: var(--text-2);
}
.bare {
  font-weight: 600;
}
</style>
