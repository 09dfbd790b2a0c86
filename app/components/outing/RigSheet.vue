<script setup lang="ts">
import { rigSheet as words } from '../../../words'
import type { AlteredInHand, Carried, Way } from '../../../core/outing'
import { useBox } from '~/stores/box'
import { useMeasure } from '~/composables/useMeasure'

/** What is carried, and the ways to fish each: one tap takes it into the hand. */
const props = defineProps<{ carried: readonly Carried[]; inHand: { carried: Carried; way: Way } | null }>()
const emit = defineEmits<{
  take: [carriedId: string, wayId: string]
  lost: []
  alter: [what: AlteredInHand, lengthM: number | null]
  close: []
}>()
const box = useBox()
const { show } = useMeasure()
const open = ref(props.inHand?.carried.id ?? props.carried[0]?.id ?? '')
const rigs = computed(() =>
  props.carried.map((c) => ({ ...c, lure: c.lureId ? box.lureById.get(c.lureId) : undefined })),
)
</script>

<template>
  <BottomSheet :title="words.whatIsCarried" :closing="words.close" @close="emit('close')">
    <ul>
      <li v-for="c in rigs" :key="c.id" :class="{ on: c.id === inHand?.carried.id }">
        <button type="button" class="rig" :aria-expanded="open === c.id" :data-carried="c.id" @click="open = c.id">
          <LureDrawing v-if="c.lure" :lure="c.lure" :width-px="64" />
          <span
            ><b>{{ c.name }}</b
            ><small>{{ show(c.lengthM, 'lureLength') }} · {{ c.colour }}</small></span
          >
        </button>
        <div v-if="open === c.id" class="ways">
          <button
            v-for="w in c.ways"
            :key="w.id"
            type="button"
            :class="{ on: c.id === inHand?.carried.id && w.id === inHand.way.id }"
            :data-way="w.id"
            @click="emit('take', c.id, w.id)"
          >
            {{ w.name
            }}<small>{{
              words.aboutDown(w.countDownS ? words.count(w.countDownS) : '', show(w.depthM, 'depth'))
            }}</small>
          </button>
        </div>
      </li>
    </ul>
    <AlterInHand v-if="inHand" :carried="inHand.carried" @alter="(what, m) => emit('alter', what, m)" />
    <button v-if="inHand" type="button" class="lost" @click="emit('lost')">
      {{ words.isLost(inHand.carried.name) }}
    </button>
  </BottomSheet>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li + li {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.rig {
  display: flex;
  align-items: center;
  gap: var(--space-12);
  width: 100%;
  min-height: 60px;
  text-align: left;
}
.rig b,
.rig small {
  display: block;
}
li.on .rig b {
  color: rgb(var(--v-theme-secondary));
}
.ways {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-8);
  padding-bottom: var(--space-12);
}
.ways button {
  min-height: 60px;
  padding: var(--space-6) var(--space-8);
  text-align: left;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
  line-height: 1.15;
}
.ways button.on {
  border-color: rgb(var(--v-theme-secondary));
}
small {
  display: block;
  font-weight: 400;
  font-size: var(--text-2);
  opacity: var(--v-medium-emphasis-opacity);
}
.lost {
  width: 100%;
  min-height: 56px;
  margin-top: var(--space-8);
  border-radius: var(--radius-m);
  border: 2px dashed rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-error));
  font-weight: 650;
}
</style>
