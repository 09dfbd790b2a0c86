<script setup lang="ts">
import { rigDrawing as words, sayFurtherAt } from '../../../words'
import { drawPart, type Lure, type PartKind, type PartOf, type RigParts } from '../../../core/tackle'

/** A rig as it hangs: rod tip, line, leader, hardware, weight, hook and lure, in the order in which they are tied. */
const props = defineProps<{ parts: RigParts }>()

interface Piece {
  readonly key: string
  readonly name: string
  readonly what: string
  readonly wide: number
  readonly kind: 'rod' | 'string' | 'part' | 'lure'
  readonly lure?: Lure
  readonly part?: { kind: PartKind; one: PartOf<PartKind> }
  readonly thick?: number
}
const pieces = computed<Piece[]>(() => {
  const { rod, line, leader, terminal, sinker, head, hook, lure, trailer, type, further } = props.parts
  const hung = (at: 'above' | 'behind' | 'arm'): Piece[] =>
    further
      .filter((one) => one.at === at)
      .map((one, i) => ({
        key: `${at}${i}`,
        name: one.lure.name,
        what: sayFurtherAt(at),
        wide: 110,
        kind: 'lure',
        lure: one.lure,
      }))
  const part = (kind: PartKind, one: PartOf<PartKind> | null, what: string): Piece[] =>
    one ? [{ key: what, name: one.name, what, wide: 96, kind: 'part', part: { kind, one } }] : []
  const drop = type.mount === 'drop-shot'
  const weight = part('sinkers', sinker, 'Weight')
  return [
    { key: 'rod', name: rod?.name ?? words.noRodYet, what: words.rod, wide: 150, kind: 'rod' },
    {
      key: 'line',
      name: line?.name ?? words.noLineYet,
      what: words.line,
      wide: 110,
      kind: 'string',
      thick: (line?.diameterM ?? 0.0002) * 1000 * 6,
    },
    ...(drop ? [] : weight),
    ...part('terminals', terminal, 'Hardware'),
    ...(leader
      ? [
          {
            key: 'leader',
            name: leader.name,
            what: words.leader,
            wide: 100,
            kind: 'string' as const,
            thick: leader.diameterM * 1000 * 6,
          },
        ]
      : []),
    ...hung('above'),
    ...part('heads', head, 'Head'),
    ...part('hooks', hook, 'Hook'),
    {
      key: 'lure',
      name: lure?.name ?? words.noLureYet,
      what: words.lure,
      wide: 170,
      kind: 'lure',
      ...(lure && { lure }),
    },
    ...part('trailers', trailer, 'Trailer'),
    ...hung('arm'),
    ...hung('behind'),
    ...(drop ? weight : []),
  ]
})
const shapes = (piece: Piece) => (piece.part ? drawPart(piece.part.kind, piece.part.one as never) : [])
</script>

<template>
  <ol class="rig" :aria-label="words.theRigFrom">
    <li
      v-for="piece in pieces"
      :key="piece.key"
      :style="{ flexBasis: `${piece.wide}px`, flexGrow: piece.kind === 'string' ? 2 : 1 }"
    >
      <span class="picture" :class="piece.kind">
        <svg v-if="piece.kind === 'rod'" viewBox="0 0 150 80" preserveAspectRatio="xMaxYMid meet" aria-hidden="true">
          <path d="M4 74Q90 62 150 40" fill="none" stroke="#5d4a2f" stroke-width="3" stroke-linecap="round" />
          <path d="M40 69l3 8M88 58l3 8M126 48l2 7" stroke="#7d868a" stroke-width="1.4" />
        </svg>
        <i
          v-else-if="piece.kind === 'string'"
          class="string"
          :style="{ height: `${Math.max(1.4, piece.thick ?? 1)}px` }"
        />
        <LureDrawing v-else-if="piece.lure" :lure="piece.lure" :width-px="piece.wide * 0.7" />
        <svg v-else-if="piece.part" viewBox="-45 -34 90 68" aria-hidden="true">
          <path
            v-for="(s, i) in shapes(piece)"
            :key="i"
            :d="s.d"
            :fill="s.fill ?? 'none'"
            :stroke="s.stroke ?? 'none'"
            :stroke-width="s.width ?? 0"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
        </svg>
      </span>
      <span class="what">{{ piece.what }}</span>
      <span class="name" :class="{ open: piece.name.startsWith('no ') }">{{ piece.name }}</span>
    </li>
  </ol>
</template>

<style scoped>
.rig {
  list-style: none;
  margin: 0;
  padding: var(--space-12) var(--space-8);
  display: flex;
  border-radius: var(--radius-l);
  background: var(--tray-bed);
  color: var(--colour-ink);
}
.v-theme--night .rig {
  background: var(--tray-bed);
  color: var(--colour-print-ink);
}
li {
  display: grid;
  grid-template-rows: 84px auto auto;
  align-content: start;
  justify-items: center;
  text-align: center;
  min-width: 74px;
}
.picture {
  display: grid;
  align-items: center;
  justify-items: center;
  width: 100%;
  height: 84px;
  overflow: hidden;
}
.picture svg {
  max-width: 100%;
  max-height: 100%;
}

.picture.rod {
  justify-items: end;
}
.picture i.string {
  width: 100%;
  background: var(--colour-steel-dark);
  border-radius: var(--radius-s);
}
.what {
  font-size: var(--text-1);
  color: var(--colour-ink-soft);
}
.name {
  font-size: var(--text-2);
  font-weight: 600;
  padding: 0 var(--space-4);
  line-height: 1.2;
}
.open {
  font-weight: 400;
  font-style: italic;
}
.v-theme--night .what {
  color: var(--colour-print-ink);
}
@media (max-width: 720px) {
  .rig {
    flex-wrap: wrap;
    row-gap: var(--space-8);
  }
}
</style>
