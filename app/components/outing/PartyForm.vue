<script setup lang="ts">
import { partyForm as words } from '../../../words'
import { MOST_FRIENDS } from '../../../core/outing'
import type { PartyAsked } from '~/stores/outings'

/** Whether one fishes with friends: who they are, and how long a turn lasts. */
const props = defineProps<{ carried: number }>()
const emit = defineEmits<{ change: [party: PartyAsked | null, fits: boolean] }>()

const TURNS_MIN = [10, 15, 20, 30] as const
const open = ref(false)
const names = ref(['', ''])
const turnMin = ref<number>(20)
const given = computed(() => names.value.map((n) => n.trim()))
/** Friends that were not named are left out; two at least there must be, each with a name of his own. */
const party = computed(() => given.value.filter((n) => n !== ''))
const apart = computed(() => {
  const all = party.value.map((n) => n.toLowerCase())
  return given.value[0] !== '' && all.length >= 2 && new Set(all).size === all.length
})
const enough = computed(() => props.carried >= party.value.length)
watch(
  [open, apart, enough, party, turnMin],
  () =>
    emit(
      'change',
      open.value ? { names: party.value, turnMin: turnMin.value } : null,
      !open.value || (apart.value && enough.value),
    ),
  { immediate: true },
)
</script>

<template>
  <button v-if="!open" type="button" class="more" @click="open = true">{{ words.fishAsAParty }}</button>
  <section v-else class="party" :aria-label="words.fishAsAParty">
    <p class="quiet">{{ words.howItWorks }}</p>
    <div class="names">
      <v-text-field
        v-for="(_, i) in names"
        :key="i"
        v-model="names[i]"
        :label="i === 0 ? words.yourName : words.friend(i)"
        maxlength="40"
        density="comfortable"
        hide-details
      />
    </div>
    <div class="row">
      <button v-if="names.length < MOST_FRIENDS" type="button" class="more" @click="names.push('')">
        {{ words.oneMore }}
      </button>
      <fieldset>
        <legend>{{ words.turn }}</legend>
        <label v-for="n in TURNS_MIN" :key="n"
          ><input v-model="turnMin" type="radio" name="turn" :value="n" /> {{ words.minutes(n) }}</label
        >
      </fieldset>
    </div>
    <p v-if="!apart" role="status">{{ words.namesNeeded }}</p>
    <p v-else-if="!enough" role="status">{{ words.tooFew(party.length) }}</p>
    <p class="quiet">{{ words.orOpen }}</p>
    <div class="row">
      <TakeFile />
      <button type="button" class="more" @click="open = false">{{ words.alone }}</button>
    </div>
  </section>
</template>

<style scoped>
.party {
  display: grid;
  gap: var(--space-12);
  padding: var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgb(var(--v-theme-primary));
}
.names {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(200px, 100%), 1fr));
  gap: var(--space-8);
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-8) var(--space-20);
}
.more {
  min-height: 48px;
  padding: 0 var(--space-16);
  justify-self: start;
  border-radius: var(--radius-m);
  border: 2px solid rgba(var(--v-border-color), 0.5);
  font-weight: 650;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 var(--space-16);
}
legend {
  float: left;
  font-weight: 650;
  margin-right: var(--space-12);
}
fieldset label {
  display: inline-flex;
  align-items: center;
  gap: var(--space-8);
  min-height: 48px;
}
input[type='radio'] {
  accent-color: rgb(var(--v-theme-primary));
}
</style>
