<script setup lang="ts">
import { benchPage as words } from '../../../words'
import { familyOf } from '../../../core/tackle'
import { useBenchLure } from '~/composables/useBenchLure'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'

useHead({ title: words.benchYgrion })
const box = useBox()
const settings = useSettings()
const route = useRoute()
const router = useRouter()
const { show } = useMeasure()

const lureId = computed<string | null>(() => {
  const asked = String(route.query.lure ?? settings.benchLureId)
  if (box.lureById.has(asked)) return asked
  return box.box.tests.find((t) => t.kind === 'depth')?.lureId ?? box.box.lures[0]?.id ?? null
})
function choose(id: string) {
  void settings.keep({ benchLureId: id })
  void router.replace({ query: { lure: id } })
}
const bench = useBenchLure(lureId)
const { lure, known, motion } = bench
const dives = computed(() => known.value?.dive != null)
const query = computed(() => ({ lure: lureId.value ?? undefined }))
</script>

<template>
  <div class="page">
    <PageHead :title="words.bench" :about="words.aLureInTodays"><BenchTabs /></PageHead>
    <p v-if="box.status.state === 'ready' && box.box.lures.length === 0" class="panel none">
      {{ words.nothingToTestYet }} <NuxtLink to="/box">{{ words.putALureInto }}</NuxtLink> {{ words.first }}
    </p>
    <div v-else class="bench">
      <LurePick class="list" :chosen="lureId" @choose="choose" />
      <div v-if="lure && known && motion" class="work">
        <section class="panel head" :aria-label="words.theLure">
          <span class="picture"><LureDrawing :lure="lure" :width-px="96" /></span>
          <div>
            <h2>{{ lure.name }}</h2>
            <p class="quiet">
              {{ familyOf(lure.family).name }} · {{ show(lure.lengthM, 'lureLength') }} ·
              {{ show(known.mass.value, 'lureMass') }}
            </p>
          </div>
          <div class="ways">
            <v-btn variant="outlined" :to="{ path: '/bench/tune', query }">{{ words.tune }}</v-btn>
            <v-btn v-if="dives" variant="outlined" :to="{ path: '/bench/chart', query }">{{ words.diveChart }}</v-btn>
            <v-btn v-if="known.tests.length" variant="outlined" :to="{ path: '/bench/report', query }">{{
              words.report
            }}</v-btn>
          </div>
        </section>

        <section class="panel tests" :aria-label="words.tests">
          <h2>{{ words.tests }}</h2>
          <TestShelf :lure="lure" :known="known" />
        </section>

        <InTodaysWater :bench="bench" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 248px minmax(0, 1fr);
  gap: var(--space-16);
  margin-top: var(--space-16);
  align-items: start;
}
.list {
  position: sticky;
  top: 12px;
  height: calc(100vh - 40px);
  min-height: 320px;
}
.work {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  gap: var(--space-16);
  min-width: 0;
  align-items: start;
}
.work > .head {
  grid-column: 1 / -1;
}
.head {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) auto;
  gap: var(--space-16);
  align-items: center;
  padding: var(--space-8) var(--space-16) var(--space-8) var(--space-8);
}
.picture {
  display: grid;
  place-items: center;
  height: 84px;
  border-radius: var(--radius-m);
  background: var(--tray-bed);
  overflow: hidden;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.tests {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-12);
}
.tests h2 {
  padding-left: var(--space-6);
}
.none {
  margin-top: var(--space-16);
  padding: var(--space-24);
}
@media (max-width: 1000px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .work {
    grid-template-columns: minmax(0, 1fr);
  }
  .list {
    position: static;
    height: 240px;
    min-height: 0;
  }
}
@media (max-width: 700px) {
  .head {
    grid-template-columns: 110px minmax(0, 1fr);
  }
  .head .ways {
    grid-column: 1 / -1;
  }
}
</style>
