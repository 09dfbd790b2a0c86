<script setup lang="ts">
import {
  EFFORT_WORDS,
  alteredWords,
  answerWords,
  boatForm as boat,
  logList as words,
  lostHowWords,
  lostPartWords,
  lureDidWords,
  saySign,
  saySky,
} from '../../../words'
import { speciesOf } from '../../../core/water'
import { contenderNames, deliveryOfWay, spotLabel, type Entry, type Outing } from '../../../core/outing'
import { useMeasure } from '~/composables/useMeasure'

/** What was written down, newest first; each entry can be taken out. */
const props = defineProps<{ outing: Outing; fixed?: boolean }>()
const emit = defineEmits<{ drop: [entry: Entry]; open: [entry: Entry] }>()
const { show } = useMeasure()
const carried = (id: string) => props.outing.carried.find((c) => c.id === id)

/** What was counted when an entry was made: casts, drops, passes. */
function effortOf(entry: Entry) {
  const before = props.outing.entries.slice(0, props.outing.entries.indexOf(entry))
  const rig = before.findLast((e) => e.kind === 'rig')
  const way = rig && carried(rig.carriedId)?.ways.find((w) => w.id === rig.wayId)
  return EFFORT_WORDS[deliveryOfWay(way ?? {}).effort]
}

function say(e: Entry): string {
  switch (e.kind) {
    case 'rig': {
      const c = carried(e.carriedId)
      return `${c?.name ?? '?'}: ${c?.ways.find((w) => w.id === e.wayId)?.name.toLowerCase() ?? ''}`
    }
    case 'spot':
      return words.stop(e.stop, spotLabel(e).toLowerCase())
    case 'cast':
      return effortOf(e).one
    case 'answer': {
      const said = [
        answerWords(e.answer).name,
        e.fish?.lengthM && show(e.fish.lengthM, 'lureLength'),
        e.lostHow && lostHowWords(e.lostHow).toLowerCase(),
        e.watched?.offM !== undefined && show(e.watched.offM, 'depth'),
        e.watched?.lureDid && lureDidWords(e.watched.lureDid).toLowerCase(),
      ]
        .filter(Boolean)
        .join(', ')
      const lure = e.lureId && props.outing.carried.flatMap((c) => c.beside ?? []).find((b) => b.lureId === e.lureId)
      return lure ? words.toWhich(said, lure.name) : said
    }
    case 'altered':
      return words.altered(
        carried(e.carriedId)?.name ?? '?',
        alteredWords(e.what).said,
        [
          e.lengthM !== undefined && show(e.lengthM, 'lureLength'),
          e.byKg !== undefined && show(e.byKg, 'lureMass'),
          e.to,
        ]
          .filter(Boolean)
          .map((part) => ` ${part}`)
          .join(','),
      )
    case 'boat':
      return [
        e.speedMps !== undefined && show(e.speedMps, 'boatSpeed'),
        e.lineOutM !== undefined && words.lineOut(show(e.lineOutM, 'distance')),
        e.side && boat[e.side],
        e.turn && boat[e.turn],
      ]
        .filter(Boolean)
        .join(', ')
    case 'reading':
      return [
        e.waterTempC !== undefined && words.water(show(e.waterTempC, 'waterTemp')),
        e.visibilityM !== undefined && words.seen(show(e.visibilityM, 'depth')),
        e.depthM !== undefined && words.depth(show(e.depthM, 'depth')),
        e.windMps !== undefined && words.wind(show(e.windMps, 'wind')),
        e.sky !== undefined && saySky(e.sky),
      ]
        .filter(Boolean)
        .join(', ')
    case 'pause':
      return words.aBreak
    case 'resume':
      return words.fishingAgain
    case 'advice':
      return `${e.taken ? words.adviceFollowed : words.adviceLeft}: ${e.says}`
    case 'lost-lure':
      return words.theLureIsLost
    case 'lost-part':
      return lostPartWords(e.part)
    case 'sign':
      return saySign(e.sign)
    case 'companion':
      return words.somebodysFish(
        e.who ?? words.somebody,
        [speciesOf(e.speciesId)?.name.toLowerCase() ?? e.speciesId, e.lengthM && show(e.lengthM, 'lureLength')]
          .filter(Boolean)
          .join(', '),
        e.lure ? words.onLure(e.lure.name) : '',
      )
    case 'comparison':
      return words.trialAgainst(
        ...contenderNames(props.outing, {
          a: { carriedId: e.a, wayId: e.aWayId ?? null },
          b: { carriedId: e.b, wayId: e.bWayId ?? null },
        }),
      )
    case 'comparison-end':
      return words.trialEnded
    case 'note':
      return e.text
    case 'end':
      return words.ended
  }
}
/** Casts one after another are one line. */
const lines = computed(() => {
  const out: { entry: Entry; text: string; casts: number }[] = []
  for (const entry of [...props.outing.entries].reverse()) {
    const last = out[out.length - 1]
    if (entry.kind === 'cast' && last?.entry.kind === 'cast') last.casts += 1
    else out.push({ entry, text: say(entry), casts: 1 })
  }
  return out
})
</script>

<template>
  <ol class="log">
    <li v-for="l in lines" :key="l.entry.id" :data-kind="l.entry.kind">
      <time>{{ l.entry.at.slice(11, 16) }}</time>
      <button
        v-if="l.entry.kind === 'answer' && l.entry.fish && !fixed"
        type="button"
        class="text"
        @click="emit('open', l.entry)"
      >
        <b>{{ l.text }}</b>
      </button>
      <span v-else :class="{ bold: l.entry.kind === 'answer' }">{{
        l.casts > 1 ? effortOf(l.entry).more(l.casts) : l.text
      }}</span>
      <button
        v-if="!fixed && outing.entries.length > 1"
        type="button"
        class="drop"
        :aria-label="words.takeOut(l.text)"
        @click="emit('drop', l.entry)"
      >
        ✕
      </button>
    </li>
  </ol>
</template>

<style scoped>
.log {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: var(--space-8);
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
time {
  font-weight: 650;
}
.text {
  text-align: left;
  text-decoration: underline;
  min-height: 48px;
}
.bold {
  font-weight: 700;
}
.drop {
  width: 48px;
  height: 48px;
}
</style>
