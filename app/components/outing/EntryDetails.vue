<script setup lang="ts">
import {
  alteredWords,
  answerWords,
  entryDetails as words,
  fishDidWords,
  lostHowWords,
  lureDidWords,
  triedWords,
  watchedByWords,
  whereWords,
} from '../../../words'
import {
  FISH_DID,
  LOST_HOW,
  LURE_DID,
  TRIED_THEN,
  WATCHED_BY,
  WHERE_WATCHED,
  type Carried,
  type Entry,
  type Watched,
} from '../../../core/outing'
import type { Told } from '../../../storage/log'
import type { Telling } from '~/composables/useOutingLog'
import { useMeasure } from '~/composables/useMeasure'
import { useSettings } from '~/stores/settings'

/** What was just written down, to be told more of: everything here can be left unsaid. */
const props = defineProps<{
  entry: Entry
  carried: readonly Carried[]
  options: readonly string[]
  /** Friends of the party: then one of them is tapped, not typed. */
  friends: readonly string[]
}>()
const emit = defineEmits<{ tell: [telling: Telling]; close: [] }>()
const { show } = useMeasure()
const settings = useSettings()

const chips = <Id extends string>(ids: readonly Id[], say: (id: Id) => string) =>
  ids.map((id) => ({ id, name: say(id) }))
const answer = computed(() => (props.entry.kind === 'answer' ? props.entry : null))
const companion = computed(() => (props.entry.kind === 'companion' ? props.entry : null))
const altered = computed(() => (props.entry.kind === 'altered' ? props.entry : null))
const title = computed(() =>
  answer.value
    ? answerWords(answer.value.answer).name
    : altered.value
      ? alteredWords(altered.value.what).does
      : words.whoseFish,
)
/** One field; where nothing is chosen any more, it is unsaid. */
function tell(told: { readonly [K in keyof Told]: Told[K] | undefined }) {
  emit('tell', { told: said(told), unsaid: unsaid(told) })
}
function tellWatched(watched: { readonly [K in keyof Watched]: Watched[K] | undefined }) {
  emit('tell', { watched: said(watched), unsaid: unsaid(watched) })
}
const said = (fields: object) => Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined))
const unsaid = (fields: object) =>
  Object.entries(fields).flatMap(([key, value]) => (value === undefined ? [key as keyof Told] : []))
const seen = computed(() => answer.value?.answer === 'seen')
/** A finger's step of distance: 20 cm, or a foot. */
const offStepM = computed(() => (settings.system === 'metric' ? 0.2 : 0.3048))
/** Half a gram, or a sixty-fourth of an ounce. */
const leadStepKg = computed(() => (settings.system === 'metric' ? 0.0005 : 0.000443))
/** A lure is on somebody else's line as it is on one's own. */
const mine = computed(() => props.carried.map((c) => ({ id: c.id, name: words.asMine(c.name), carried: c })))
const chosenMine = computed(
  () => props.carried.find((c) => companion.value?.lure && c.lureId === companion.value.lure.lureId)?.id,
)
function onMine(id: string | undefined) {
  const found = props.carried.find((c) => c.id === id)
  if (!found) return tell({ lure: undefined })
  const { name, family, lengthM, colour, lureId } = found
  tell({ lure: { name, family, lengthM, colour, lureId } })
}
const who = ref(companion.value?.who ?? '')
const fishStepM = computed(() => (settings.system === 'metric' ? 0.01 : 0.0127))
</script>

<template>
  <section class="details" :aria-label="title">
    <header>
      <h2>{{ title }} <small>{{ words.tell }}</small></h2>
      <button type="button" class="close" @click="emit('close')">{{ words.done }}</button>
    </header>
    <template v-if="answer">
      <ChipRow
        v-if="answer.answer === 'lost'"
        :label="words.whyWasItLost"
        :options="chips(LOST_HOW, lostHowWords)"
        :chosen="answer.lostHow"
        @choose="(lostHow) => tell({ lostHow })"
      />
      <template v-else>
        <StepRow
          :label="words.howFarOff"
          :less="words.nearer"
          :more="words.farther"
          :unsaid="words.howFar"
          :value="answer.watched?.offM ?? null"
          :start="offStepM * 3"
          :step="offStepM"
          :least="0"
          :most="30"
          :show="(m) => show(m, 'depth')"
          @change="(offM) => tellWatched({ offM })"
        />
        <ChipRow
          :label="words.whatDidTheLure"
          :options="chips(LURE_DID, lureDidWords)"
          :chosen="answer.watched?.lureDid"
          @choose="(lureDid) => tellWatched({ lureDid })"
        />
        <ChipRow
          v-if="seen"
          :label="words.whatDidItDo"
          :options="chips(FISH_DID, fishDidWords)"
          :chosen="answer.watched?.fishDid"
          @choose="(fishDid) => tellWatched({ fishDid })"
        />
        <ChipRow
          :label="words.whatDidYouTry"
          :options="chips(TRIED_THEN, triedWords)"
          :chosen="answer.watched?.then"
          @choose="(then) => tellWatched({ then })"
        />
        <ChipRow
          :label="words.whereWasIt"
          :options="chips(WHERE_WATCHED, whereWords)"
          :chosen="answer.watched?.where"
          @choose="(where) => tellWatched({ where })"
        />
        <ChipRow
          :label="words.seenBy"
          :options="chips(WATCHED_BY, watchedByWords)"
          :chosen="answer.watched?.by"
          @choose="(by) => tellWatched({ by })"
        />
      </template>
    </template>
    <template v-else-if="companion">
      <ChipRow
        v-if="friends.length"
        :label="words.who"
        :options="friends.map((name) => ({ id: name, name }))"
        :chosen="companion.who ?? undefined"
        @choose="(name) => tell({ who: name ?? null })"
      />
      <ChipRow :label="words.onWhat" :options="mine" :chosen="chosenMine" @choose="onMine" />
      <StepRow
        :label="words.length"
        :less="words.shorter"
        :more="words.longer"
        :unsaid="words.howMuch"
        :value="companion.lengthM"
        :start="0.3"
        :step="fishStepM"
        :least="0.05"
        :most="3"
        :show="(m) => show(m, 'lureLength')"
        @change="(lengthM) => tell({ lengthM })"
      />
      <label v-if="friends.length === 0">
        {{ words.who }}
        <input v-model.trim="who" maxlength="80" @change="tell({ who: who === '' ? null : who })" />
      </label>
    </template>
    <template v-else-if="altered">
      <StepRow
        v-if="altered.what === 'heavier' || altered.what === 'lighter'"
        :label="words.byHowMuch"
        :less="words.less"
        :more="words.more"
        :unsaid="words.howMuch"
        :value="altered.byKg ?? null"
        :start="leadStepKg * 4"
        :step="leadStepKg"
        :least="leadStepKg"
        :most="1"
        :show="(kg) => show(kg, 'lureMass')"
        @change="(byKg) => tell({ byKg })"
      />
      <ChipRow
        v-else
        :label="words.whatIsOnNow"
        :options="[...options, words.none].map((name) => ({ id: name, name }))"
        :chosen="altered.to"
        @choose="(to) => tell({ to })"
      />
    </template>
  </section>
</template>

<style scoped>
.details {
  display: grid;
  gap: var(--space-12);
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-8);
}
h2 small {
  display: block;
  font-size: var(--text-2);
  font-weight: 400;
  opacity: var(--v-medium-emphasis-opacity);
}
.close {
  min-height: 48px;
  padding: 0 var(--space-16);
  border-radius: var(--radius-m);
  font-weight: 700;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
label {
  display: grid;
  gap: var(--space-2);
  font-size: var(--text-3);
  font-weight: 650;
}
input {
  min-height: 48px;
  padding: 0 var(--space-8);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.55);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
</style>
