<script setup lang="ts">
import { partyCard as words } from '../../../words'
import { shareAt, type Account, type Outing, type Party } from '../../../core/outing'

/** What each of a party fishes in this turn; one tap takes one’s own share into the hand. */
const props = defineProps<{ outing: Outing & { party: Party }; now: string; inHand: Account['inHand'] }>()
defineEmits<{ take: [carriedId: string, wayId: string] }>()

const party = computed(() => props.outing.party)
const turn = computed(() => shareAt(party.value, props.now))
function shareName({ carriedId, wayId }: Party['turns'][number][number]): { lure: string; way: string } {
  const carried = props.outing.carried.find((c) => c.id === carriedId)
  return { lure: carried?.name ?? words.notCarried, way: carried?.ways.find((w) => w.id === wayId)?.name ?? '' }
}
const rows = computed(() =>
  party.value.names.flatMap((name, who) => {
    const share = turn.value.shares[who]
    return share ? [{ name, who, ...share, ...shareName(share) }] : []
  }),
)
const mine = computed(() => rows.value.find(({ who }) => who === party.value.who))
const others = computed(() => rows.value.filter(({ who }) => who !== party.value.who))
const holds = computed(
  () => mine.value?.carriedId === props.inHand?.carried.id && mine.value?.wayId === props.inHand?.way.id,
)
const turns = computed(() =>
  party.value.turns.map((shares, i) => ({
    nth: i + 1,
    now: i === turn.value.nth % party.value.turns.length,
    shares: shares.map((s) => shareName(s)),
  })),
)
</script>

<template>
  <section class="party" :aria-label="words.party">
    <p class="head">{{ words.turnLeft(turn.nth + 1, Math.ceil(turn.leftMin)) }}</p>
    <div v-if="mine" class="mine">
      <p><b>{{ mine.lure }}</b> <span>{{ mine.way }}</span></p>
      <button v-if="!holds" type="button" data-party="take" @click="$emit('take', mine.carriedId, mine.wayId)">
        {{ words.take }}
      </button>
      <p v-else class="quiet">{{ words.inHand }}</p>
    </div>
    <ul :aria-label="words.theOthers">
      <li v-for="o in others" :key="o.who"><b>{{ o.name }}</b> {{ o.lure }} <span class="quiet">{{ o.way }}</span></li>
    </ul>
    <div class="code">
      <ShareThing :id="outing.id" kind="party" :name="words.theParty" :label="words.showTheCode" size="default" />
    </div>
    <details>
      <summary>{{ words.allTurns }}</summary>
      <div class="scroll" tabindex="0" role="region" :aria-label="words.allTurns">
        <table>
          <thead>
            <tr>
              <th></th>
              <th v-for="n in party.names" :key="n">{{ n }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="t in turns" :key="t.nth" :class="{ now: t.now }">
              <td class="num">{{ t.nth }}</td>
              <td v-for="(s, i) in t.shares" :key="i">{{ s.lure }} <small>{{ s.way }}</small></td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  </section>
</template>

<style scoped>
.party {
  display: grid;
  gap: var(--space-8);
  padding-bottom: var(--space-12);
  margin-bottom: var(--space-12);
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
.head {
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
.mine {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: var(--space-8);
  align-items: center;
}
.mine b {
  display: block;
  font-family: var(--v-font-heading);
  font-size: var(--text-5);
  line-height: 1.2;
}
.mine button {
  min-height: 56px;
  padding: 0 var(--space-20);
  border-radius: var(--radius-l);
  font-weight: 700;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-4);
}
.code :deep(.v-btn) {
  min-height: 48px;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: var(--text-3);
}
th {
  text-align: left;
}
td {
  vertical-align: top;
  padding: var(--space-4) var(--space-8) var(--space-4) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
td small {
  display: block;
}
.now {
  background: rgba(var(--v-theme-primary), 0.1);
  font-weight: 650;
}
</style>
