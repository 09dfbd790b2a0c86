<script setup lang="ts">
import { partyTaken as words } from '../../../words'
import { isInvitation, partyOutingId, type Outing, type Party } from '../../../core/outing'
import type { Place } from '../../../core/water'
import { sayError } from '~/composables/say-error'
import { useOutings } from '~/stores/outings'
import { outingPath } from '~/composables/paths'

/** What came of a party: asked to fish along, or a friend’s log of the day. */
const props = defineProps<{ outing: Outing & { party: Party }; places: readonly Place[] }>()
const outings = useOutings()
const asks = computed(() => isInvitation(props.outing))
const name = computed(() => props.outing.party.names[props.outing.party.who] ?? '')
const there = computed(() => outings.all.find((o) => o.id === partyOutingId(props.outing.party)))
const isOwn = computed(() => there.value !== undefined && !there.value.party?.isFriends)
/** One’s own log of this party, and the day: that, or the friend’s. */
const own = computed(() => outings.all.find((o) => o.party?.id === props.outing.party.id && !o.party.isFriends))
const day = computed(() => own.value ?? there.value)
const state = ref<'shown' | 'taking' | 'taken'>('shown')
const problem = ref('')

async function does(work: () => Promise<unknown>) {
  if (state.value !== 'shown') return
  state.value = 'taking'
  problem.value = ''
  try {
    await work()
    state.value = 'taken'
  } catch (error) {
    problem.value = words.notTaken(sayError(error))
    state.value = 'shown'
  }
}
const join = (who: number) => does(() => outings.join(props.outing, who, props.places))
const take = () => does(() => outings.takeFriends(props.outing))
</script>

<template>
  <template v-if="asks">
    <h1>{{ words.aPartyAt(outing.placeName) }}</h1>
    <p>{{ words.asksYou(name) }}</p>
    <p class="quiet">{{ words.carriedTogether }}: {{ outing.carried.map((c) => c.name).join(', ') }}</p>
    <template v-if="own && state !== 'taken'">
      <p role="status">{{ words.youAreIn(own.party?.names[own.party.who] ?? '') }}</p>
      <v-btn color="primary" to="/outing">{{ words.toTheWater }}</v-btn>
    </template>
    <template v-else-if="state !== 'taken'">
      <h2>{{ words.whoAreYou }}</h2>
      <div class="who">
        <template v-for="(one, i) in outing.party.names" :key="one">
          <button v-if="i !== outing.party.who" type="button" :disabled="state === 'taking'" @click="join(i)">
            {{ one }}
          </button>
        </template>
      </div>
    </template>
    <template v-else>
      <p role="status">{{ words.started }}</p>
      <v-btn color="primary" to="/outing">{{ words.toTheWater }}</v-btn>
    </template>
  </template>
  <template v-else>
    <h1>{{ words.logOf(name, outing.placeName) }}</h1>
    <p>{{ outing.startedAt.slice(0, 10) }} · {{ words.entries(outing.entries.length) }}</p>
    <template v-if="state === 'taken'">
      <p role="status">{{ words.isIn }}</p>
      <v-btn v-if="day" color="primary" :to="outingPath(day.id)">{{ words.lookAtTheDay }}</v-btn>
    </template>
    <p v-else-if="isOwn" role="status">{{ words.isYours }}</p>
    <template v-else>
      <p v-if="there" class="quiet">{{ words.isThere(there.entries.length, outing.entries.length) }}</p>
      <p class="quiet">{{ words.countedOnce }}</p>
      <v-btn color="primary" :loading="state === 'taking'" @click="take">{{ words.takeIn }}</v-btn>
    </template>
  </template>
  <p v-if="problem" role="alert">{{ problem }}</p>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
.who button {
  min-height: 56px;
  min-width: 120px;
  padding: 0 var(--space-20);
  border-radius: var(--radius-l);
  border: 2px solid rgb(var(--v-theme-primary));
  font-weight: 700;
}
</style>
