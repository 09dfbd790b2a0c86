<script setup lang="ts">
import { rodCards as words, sayHours } from '../../../words'
import type { Planned } from '../../../core/plan'
import { useBox } from '~/stores/box'

/** The rods to rig: what is tied on each of them at home, and what later. */
const props = defineProps<{ planned: Planned; chosen: string | null }>()
defineEmits<{ choose: [id: string] }>()
const box = useBox()
const nameIn = (list: readonly { id: string; name: string }[], id: string) =>
  list.find((one) => one.id === id)?.name ?? id
const carriedOf = (id: string) => props.planned.carried.find((one) => one.id === id)
const rods = computed(() =>
  props.planned.rods.map(({ rodId, reelId, lineIds }) => {
    const runs: { carriedId: string; fromH: number; toH: number; blockId: string; main: boolean }[] = []
    for (const block of props.planned.blocks) {
      const main = block.rodId === rodId
      const carriedId = main ? block.carriedId : block.beside.find((b) => b.rodId === rodId)?.carriedId
      if (!carriedId) continue
      const last = runs.at(-1)
      if (last?.carriedId === carriedId && last.toH === block.fromH) {
        last.toH = block.toH
        last.main ||= main
      } else runs.push({ carriedId, fromH: block.fromH, toH: block.toH, blockId: block.id, main })
    }
    return {
      rodId,
      name: nameIn(box.box.rods, rodId),
      reel: nameIn(box.box.reels, reelId),
      lines: lineIds.map((id) => nameIn(box.box.lines, id)),
      runs: runs.map((run, i) => {
        const carried = carriedOf(run.carriedId)
        return { ...run, first: i === 0, name: carried?.name ?? '', lure: box.lureById.get(carried?.lureId ?? '') }
      }),
    }
  }),
)
</script>

<template>
  <section class="rods panel" :aria-label="words.rodsToRig">
    <h2>{{ words.rodsToRig }}</h2>
    <p class="quiet">{{ words.reTies(planned.reTies) }}</p>
    <ul>
      <li v-for="rod in rods" :key="rod.rodId">
        <h3>{{ rod.name }}</h3>
        <p class="quiet">
          {{ words.with(rod.reel)
          }}<template v-for="(line, i) in rod.lines" :key="line"
            >, {{ line }}<template v-if="i > 0"> ({{ words.spool }})</template></template
          >
        </p>
        <ol>
          <li v-for="run in rod.runs" :key="run.blockId">
            <button type="button" :class="{ main: run.main }" @click="$emit('choose', run.blockId)">
              <LureDrawing v-if="run.lure" :lure="run.lure" :width-px="52" />
              <span
                ><b>{{ run.name }}</b
                ><small
                  >{{ sayHours(run.fromH, run.toH)
                  }}<template v-if="run.first">, {{ words.tiedFirst }}</template></small
                ></span
              >
            </button>
          </li>
        </ol>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.rods {
  padding: var(--space-16);
}
ul,
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
ul > li {
  margin-top: var(--space-12);
  padding-left: var(--space-12);
  border-left: 4px solid var(--colour-rod);
}
.v-theme--night ul > li {
  border-color: var(--colour-rod-night);
}
ul p {
  font-size: var(--text-2);
}
ol button {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-8);
  width: 100%;
  min-height: 48px;
  text-align: left;
  opacity: 0.85;
}
ol button.main {
  opacity: 1;
}
small {
  display: block;
  font-size: var(--text-2);
}
</style>
