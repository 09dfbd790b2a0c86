<script setup lang="ts">
import { trayView as words } from '../../../words'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { slotName, stepInTrays, type Lure, type Tray, type TrayPlace } from '../../../core/tackle'
import { useTrayDrag } from '~/composables/useTrayDrag'
import { useBox } from '~/stores/box'
import { byName } from '~/composables/by-name'

/** All trays one under the other, and what lies loose. Lures are moved by mouse, finger or keys. Only what is on screen is drawn. */
const props = defineProps<{ found: ReadonlySet<string> | null }>()
const emit = defineEmits<{ open: [lure: Lure]; tray: [tray: Tray | null]; weigh: [lures: readonly Lure[]] }>()

const box = useBox()
const root = ref<HTMLElement | null>(null)
const list = ref<HTMLElement | null>(null)

const lying = computed(() => {
  const byTray = new Map<string, Lure[]>()
  for (const lure of box.box.lures) {
    const key = lure.trayId && box.trayById.has(lure.trayId) ? lure.trayId : ''
    const beside = byTray.get(key)
    if (beside) beside.push(lure)
    else byTray.set(key, [lure])
  }
  return byTray
})
const loose = computed(() => lying.value.get('') ?? [])
/** More than this cannot be sorted by hand at one sitting. */
const MOST_LOOSE = 120
/** While something is sought, trays that hold nothing of it step aside. */
const trays = computed(() =>
  [...box.box.trays]
    .filter((t) => !props.found || lying.value.get(t.id)?.some((l) => props.found?.has(l.id)))
    .sort(byName),
)

const HEAD_PX = 40
const ROW_PX = 142
const CASE_PX = 22
const GAP_PX = 26
/** Where the list begins on the page; what lies loose above it comes and goes. */
const offset = ref(0)
function place() {
  offset.value = Math.round((list.value?.getBoundingClientRect().top ?? 0) + window.scrollY)
}
onMounted(place)
onUpdated(place)
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: trays.value.length,
    estimateSize: (i: number) => HEAD_PX + CASE_PX + GAP_PX + (trays.value[i]?.rows ?? 4) * ROW_PX,
    getItemKey: (i: number) => trays.value[i]?.id ?? i,
    overscan: 1,
    scrollMargin: offset.value,
  })),
)
/** A tray that is added, or comes back, is brought into sight. */
watch(
  () => trays.value.map((t) => t.id),
  async (now, before) => {
    const [added, ...more] = now.filter((id) => !before.includes(id))
    if (!added || more.length > 0 || before.length === 0 || props.found) return
    await nextTick()
    virtual.value.scrollToIndex(now.indexOf(added), { align: 'center' })
  },
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap((item) => {
    const tray = trays.value[item.index]
    return tray ? [{ item, tray }] : []
  }),
)
const measure = (el: unknown) => virtual.value.measureElement(el as Element | null)

/** What a hand or a key is about to lay down, and where. */
const target = ref<TrayPlace | null>(null)
const picked = ref<Lure | null>(null)
const said = ref('')
/** The compartment of a tray that is aimed at. A scroll changes none of what a tray shows: it is not drawn again for it. */
const targetIn = (tray: Tray) => (target.value?.trayId === tray.id ? target.value.slot : null)
const placeName = (place: TrayPlace) => {
  const tray = place.trayId ? box.trayById.get(place.trayId) : undefined
  return tray && place.slot !== null ? `${tray.name}, ${slotName(tray, place.slot)}` : 'loose'
}
async function lay(lure: Lure, place: TrayPlace) {
  await box.move([lure], place.trayId, place.slot)
  said.value = words.lies(lure.name, placeName(place))
}
useTrayDrag(
  root,
  (place) => (target.value = place),
  (lureId, place) => {
    const lure = box.lureById.get(lureId)
    if (lure) void lay(lure, place)
  },
)

/** The focus goes with the lure: once it lies where it was laid. */
function followFocus(id: string, place: TrayPlace) {
  const stop = watch(
    () => box.lureById.get(id),
    async (now) => {
      if (now?.trayId !== place.trayId || now.slot !== place.slot) return
      stop()
      await nextTick()
      root.value?.querySelector<HTMLElement>(`[data-lure-id="${CSS.escape(id)}"]`)?.focus()
    },
  )
}
const MOVES = new Set(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'PageUp', 'PageDown'])
async function key(event: KeyboardEvent, lure: Lure) {
  if (!picked.value) {
    if (event.key.toLowerCase() !== 'm' || event.ctrlKey || event.metaKey) return
    event.preventDefault()
    picked.value = lure
    target.value = { trayId: lure.trayId ?? trays.value[0]?.id ?? null, slot: lure.slot ?? 0 }
    said.value = words.pickedUpArrowsChoose(lure.name)
    return
  }
  event.preventDefault()
  const place = target.value
  if (event.key === 'Escape') {
    picked.value = target.value = null
    said.value = words.leftWhereItWas
  } else if (event.key === 'Enter' && place) {
    const { id } = picked.value
    followFocus(id, place)
    await lay(picked.value, place)
    picked.value = target.value = null
  } else if (MOVES.has(event.key) && place) {
    target.value = stepInTrays(trays.value, place, event.key)
    said.value = placeName(target.value)
    const index = trays.value.findIndex((t) => t.id === target.value?.trayId)
    if (index >= 0 && event.key.startsWith('Page')) virtual.value.scrollToIndex(index, { align: 'center' })
  }
}
</script>

<template>
  <div ref="root">
    <p class="sr-only" aria-live="polite">{{ said }}</p>
    <p class="hint quiet">
      <span class="mouse">{{ words.dragALure }}</span>
      <span class="finger">{{ words.restAFingerOn }}</span>
    </p>
    <section v-if="loose.length" class="loose" data-loose :aria-label="words.looseInNoTray">
      <h2>{{ words.loose }} <small>{{ words.inNoTrayYet }}</small></h2>
      <ul class="panel">
        <li v-for="lure in loose.slice(0, MOST_LOOSE)" :key="lure.id">
          <LureTile
            :lure="lure"
            :width-px="100"
            :dim="found !== null && !found.has(lure.id)"
            :picked="picked?.id === lure.id"
            @click="emit('open', lure)"
            @keydown="key($event, lure)"
          />
        </li>
      </ul>
      <p v-if="loose.length > MOST_LOOSE" class="quiet">
        {{ words.theFirst(MOST_LOOSE, loose.length) }}
      </p>
    </section>
    <div ref="list" class="list" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="{ item, tray } in shown"
        :key="tray.id"
        v-memo="[tray, item.start, offset, lying.get(tray.id), found, targetIn(tray), picked]"
        :ref="measure"
        :data-index="item.index"
        class="at"
        :style="{ transform: `translateY(${item.start - offset}px)` }"
      >
        <TrayBox
          :tray="tray"
          :lures="lying.get(tray.id) ?? []"
          :found="found"
          :target="targetIn(tray)"
          :picked-id="picked?.id ?? null"
          @open="(lure) => emit('open', lure)"
          @edit="emit('tray', tray)"
          @weigh="emit('weigh', lying.get(tray.id) ?? [])"
          @key="key"
        />
      </div>
    </div>
    <v-btn v-if="!found" variant="outlined" class="add" @click="emit('tray', null)">{{ words.addATray }}</v-btn>
  </div>
</template>

<style scoped>
.hint {
  margin: var(--space-8) 0 var(--space-12);
  font-size: var(--text-3);
}
.finger {
  display: none;
}
@media (pointer: coarse) {
  .finger {
    display: inline;
  }
  .mouse {
    display: none;
  }
}
.list {
  position: relative;
}
.at {
  position: absolute;
  inset: 0 0 auto 0;
  padding-bottom: var(--space-24);
}
.loose {
  margin-bottom: var(--space-24);
}
.loose small {
  font-family: var(--v-font-body);
  font-weight: 400;
  font-size: var(--text-3);
  letter-spacing: 0;
  opacity: var(--v-medium-emphasis-opacity);
}
.loose ul {
  list-style: none;
  margin: var(--space-6) 0 0;
  padding: var(--space-8);
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  grid-auto-rows: 132px;
  gap: var(--space-6);
  max-height: 430px;
  overflow-y: auto;
  background: var(--tray-bed);
}
.add {
  margin-top: var(--space-4);
}
</style>
