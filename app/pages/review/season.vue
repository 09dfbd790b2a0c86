<script setup lang="ts">
import { reviewSeasonPage as words } from '../../../words'
import { seasonSummary } from '../../../core/review'
import { speciesOf } from '../../../core/water'
import { useMeasure } from '~/composables/useMeasure'
import { useOutings } from '~/stores/outings'
import { useReview } from '~/stores/review'

useHead({ title: words.seasonYgrion })
const review = useReview()
const outings = useOutings()
const { show } = useMeasure()
const season = computed(() => seasonSummary(review.tried, outings.all))
const month = (iso: string) => new Date(`${iso}-15`).toLocaleDateString('en', { month: 'short', year: '2-digit' })
const mostHours = computed(() => Math.max(1, ...season.value.byMonth.map((m) => m.hours)))
const print = () => window.print()
</script>

<template>
  <div class="page season">
    <PageHead :title="words.theSeason" :about="words.monthsWatersAndFish"><ReviewTabs class="screen" /></PageHead>
    <ReviewFilter class="screen"
      ><button type="button" class="print" @click="print">{{ words.print }}</button></ReviewFilter
    >
    <section class="panel sheet" :aria-label="words.seasonSummary">
      <h2>{{ review.year ?? words.allYears }}</h2>
      <dl>
        <div>
          <dt>{{ words.outings }}</dt>
          <dd>{{ season.outings }}<small>{{ words.blank(season.blanks) }}</small></dd>
        </div>
        <div>
          <dt>{{ words.onTheWater }}</dt>
          <dd>{{ season.hours.toFixed(0) }} h<small>{{ words.ofEffortBreaksLeft }}</small></dd>
        </div>
        <div>
          <dt>{{ words.landed }}</dt>
          <dd>
            {{ season.landed
            }}<small
              >{{ words.ofTakes(season.takes)
              }}<template v-if="season.landedShare !== null"
                >, {{ Math.round(100 * season.landedShare) }} %</template
              ></small
            >
          </dd>
        </div>
        <div>
          <dt>{{ words.takesAnHour }}</dt>
          <dd>
            {{ season.rate.median.toFixed(2)
            }}<small>{{ season.rate.low.toFixed(2) }}–{{ season.rate.high.toFixed(2) }}</small>
          </dd>
        </div>
        <div v-if="season.longest">
          <dt>{{ words.longest }}</dt>
          <dd>
            {{ show(season.longest.lengthM, 'lureLength')
            }}<small
              >{{ speciesOf(season.longest.speciesId)?.name }}, {{ season.longest.lure }},
              {{ season.longest.date }}</small
            >
          </dd>
        </div>
      </dl>
      <div class="two">
        <table>
          <caption>
            {{ words.byMonth }}
          </caption>
          <thead>
            <tr>
              <th>{{ words.month }}</th>
              <th>
                <span class="sr-only">{{ words.asABar }}</span>
              </th>
              <th class="num">{{ words.hours }}</th>
              <th class="num">{{ words.landed }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in season.byMonth" :key="m.month">
              <th scope="row">{{ month(m.month) }}</th>
              <td class="bar">
                <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                  <rect :width="(100 * m.hours) / mostHours" height="10" rx="2" />
                </svg>
              </td>
              <td class="num">{{ m.hours.toFixed(1) }}</td>
              <td class="num">{{ m.landed }}</td>
            </tr>
          </tbody>
        </table>
        <table>
          <caption>
            {{ words.lures }}
          </caption>
          <thead>
            <tr>
              <th>{{ words.lure }}</th>
              <th class="num">{{ words.hours }}</th>
              <th class="num">{{ words.landed }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in season.lures" :key="l.name">
              <th scope="row">{{ l.name }}</th>
              <td class="num">{{ l.hours.toFixed(1) }}</td>
              <td class="num">{{ l.landed }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </div>
</template>

<style scoped>
.sheet {
  padding: var(--space-20) var(--space-24);
}
dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-16);
  margin: var(--space-12) 0 var(--space-20);
}
dt {
  font-weight: 650;
}
dd {
  margin: 0;
  font-family: var(--v-font-heading);
  font-weight: 750;
  font-size: var(--text-7);
  line-height: 1.1;
}
dd small {
  display: block;
  font-family: var(--v-font-body);
  font-weight: 400;
  font-size: var(--text-2);
  line-height: 1.3;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: var(--space-24);
}
table {
  width: 100%;
  border-collapse: collapse;
}
caption {
  text-align: left;
  font-weight: 700;
  padding-bottom: var(--space-6);
}
th,
td {
  padding: var(--space-4) var(--space-6);
  text-align: left;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.num {
  text-align: right;
}
.bar {
  width: 40%;
}
.bar svg {
  display: block;
  width: 100%;
  height: 10px;
  fill: rgb(var(--v-theme-primary));
}
.print {
  align-self: end;
  min-height: 44px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 650;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
@media print {
  .screen {
    display: none !important;
  }
}
</style>
