<script setup lang="ts">
import { plansPage as words } from '../../../words'
import type { Plan } from '../../../core/plan'
import { useBox } from '~/stores/box'
import { usePlans } from '~/stores/plans'
import { planPath } from '~/composables/paths'

useHead({ title: words.plansYgrion })
const plans = usePlans()
const box = useBox()
const hours = ({ legs }: Plan) => legs.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)
const luresOf = ({ planned }: Plan) =>
  (planned?.lures ?? []).slice(0, 6).flatMap(({ lureId }) => box.lureById.get(lureId) ?? [])
</script>

<template>
  <div class="page">
    <PageHead :title="words.plan" :about="words.about" />
    <p v-if="plans.status.state === 'loading'" role="status">{{ words.opening }}</p>
    <div v-else class="two">
      <NewPlan />
      <section v-if="plans.newest.length" class="panel list" :aria-label="words.yourPlans">
        <h2>{{ words.yourPlans }}</h2>
        <ul>
          <li v-for="plan in plans.newest" :key="plan.id">
            <NuxtLink :to="planPath(plan.id)">
              <b>{{ plan.name }}</b>
              <span class="quiet"
                >{{ words.hours(hours(plan)) }} ·
                {{
                  plan.planned ? words.carries(plan.planned.lures.length, plan.planned.rods.length) : words.notWorkedOut
                }}</span
              >
              <span class="lures" aria-hidden="true">
                <LureDrawing v-for="l in luresOf(plan)" :key="l.id" :lure="l" :width-px="44" />
              </span>
            </NuxtLink>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 700px));
  gap: var(--space-16);
  align-items: start;
}
.list {
  padding: var(--space-16);
}
ul {
  list-style: none;
  margin: var(--space-8) 0 0;
  padding: 0;
}
li + li {
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
a {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-12) 0;
  text-decoration: none;
}
.lures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
}
.lures :deep(svg) {
  border-radius: var(--radius-s);
  background: var(--tray-bed);
}
</style>
