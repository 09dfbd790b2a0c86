<script setup lang="ts">
import { familyOf } from '../../../core/tackle'
import { testsOf } from '../../../core/bench'
import { useBenchLure } from '~/composables/useBenchLure'
import { useMeasure } from '~/composables/useMeasure'
import { useBox } from '~/stores/box'
import { useSettings } from '~/stores/settings'
import { useWater } from '~/stores/water'
import { sayMount } from '../../../words'

useHead({ title: 'Bench · Ygrion' })
const box = useBox()
const water = useWater()
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
const {
  lure,
  known,
  builds,
  buildAt,
  lines,
  lineId,
  line,
  motion,
  retrieves,
  retrieve,
  retrieveId,
  plan,
  path,
  band,
  share,
} = bench
const measuredDepths = computed(() =>
  lure.value && known.value
    ? testsOf(known.value.tests, lure.value.id, 'depth').flatMap((t) => t.readings.map((r) => r.depthM))
    : [],
)
const sinks = computed(() => lure.value !== null && familyOf(lure.value.family).swims === 'sinks')
const dives = computed(() => known.value?.dive != null)
const query = computed(() => ({ lure: lureId.value ?? undefined }))
</script>

<template>
  <div class="page">
    <PageHead title="Bench" about="A lure in today’s water: what its tests tell, and what would bring it to the fish."
      ><BenchTabs
    /></PageHead>
    <p v-if="box.status.state === 'ready' && box.box.lures.length === 0" class="panel none">
      Nothing to test yet: <NuxtLink to="/box">put a lure into the box</NuxtLink> first.
    </p>
    <div v-else class="bench">
      <LurePick class="list" :chosen="lureId" @choose="choose" />
      <div v-if="lure && known && motion" class="work">
        <section class="panel head" aria-label="The lure">
          <span class="picture"><LureDrawing :lure="lure" :width-px="96" /></span>
          <div>
            <h2>{{ lure.name }}</h2>
            <p class="quiet">
              {{ familyOf(lure.family).name }} · {{ show(lure.lengthM, 'lureLength') }} ·
              {{ show(known.mass.value, 'lureMass') }}
            </p>
          </div>
          <div class="ways">
            <v-btn variant="outlined" :to="{ path: '/bench/tune', query }">Tune it</v-btn>
            <v-btn v-if="dives" variant="outlined" :to="{ path: '/bench/chart', query }">Dive chart</v-btn>
            <v-btn v-if="known.tests.length" variant="outlined" :to="{ path: '/bench/report', query }">Report</v-btn>
          </div>
        </section>

        <section class="panel tests" aria-label="Tests">
          <h2>Tests</h2>
          <TestShelf :lure="lure" :known="known" />
        </section>

        <section class="panel way" aria-label="In today’s water">
          <div class="rig">
            <h2>In today’s water</h2>
            <v-select
              v-if="builds.length > 1"
              v-model="buildAt"
              label="Rigged on"
              density="compact"
              hide-details
              :items="builds.map((b, i) => ({ value: i, title: sayMount({ build: b }) ?? 'as it is' }))"
            />
            <v-select
              :model-value="line.id"
              label="Line"
              density="compact"
              hide-details
              :items="lines.map((l) => ({ value: l.id, title: l.name }))"
              @update:model-value="(id: string) => (lineId = id)"
            />
            <v-select
              :model-value="retrieve?.id"
              label="Retrieve"
              density="compact"
              hide-details
              :items="retrieves.map((r) => ({ value: r.id, title: r.name }))"
              @update:model-value="(id: string) => (retrieveId = id)"
            />
          </div>
          <WaterColumn
            v-if="water.current && water.reading && plan && path"
            :c="water.current"
            :zone="water.reading.zone"
            :light="water.reading.light"
            :plan="plan"
            :path="path"
            :lure="lure"
            :share="share"
            :band="band"
            :measured-m="measuredDepths"
            @change="water.change"
          >
            <span v-if="share !== null" class="share">{{ Math.round(share * 100) }} % of the cast in the zone</span>
          </WaterColumn>
          <p v-if="band && plan" class="legend">
            The pale band holds the path 19 times in 20 (95 %), by what is known of this lure<template
              v-if="measuredDepths.length"
              >; crosses are depths you measured, on your own casts and line</template
            >. More tests make it narrower.
          </p>
          <div class="below">
            <PutInZone :bench="bench" />
            <div v-if="sinks && water.reading && water.current" class="count">
              <h3>Count it down</h3>
              <CountTable
                :known="known"
                :motion="motion"
                :density="water.reading.density"
                :line-diameter-m="line.diameterM"
                :depth-m="water.current.depthM"
              />
            </div>
          </div>
        </section>
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
  padding: var(--space-12) var(--space-12);
}
.tests h2 {
  padding-left: var(--space-6);
}
.tests,
.way {
  display: grid;
  gap: var(--space-12);
}
.way {
  padding: var(--space-16) 0 var(--space-16);
}
.rig {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(3, minmax(0, 176px));
  gap: var(--space-8);
  align-items: center;
  padding: 0 var(--space-20);
}
.share {
  font-weight: 650;
}
.legend,
.below {
  padding: 0 var(--space-20);
}
.legend {
  font-size: var(--text-2);
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-8) var(--space-32);
}
.count {
  display: grid;
  gap: var(--space-8);
  align-content: start;
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
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 700px) {
  .head {
    grid-template-columns: 110px minmax(0, 1fr);
  }
  .head .ways {
    grid-column: 1 / -1;
  }
  .rig {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
