<script setup lang="ts">
import { unreadableRows as words, fieldName, sayFault, tableName } from '../../../words'
import type { UnreadableRow } from '../../../core/exchange'
import { valueAt } from '../../../core/fault'
import { download, fileName } from '~/composables/download'
import { useBox } from '~/stores/box'

/** What was stored and could not be read: the field in fault is mended where it stands, the rest stays as it was. */
const box = useBox()
/** What is typed for a row and not yet tried. */
const typed = reactive(new Map<string, string>())
const found = (u: UnreadableRow) => valueAt(u.row, u.path)
/** Only what stands in one field can be typed anew. */
const canMend = (u: UnreadableRow) => {
  const value = found(u)
  return u.path.length > 0 && (value === null || typeof value !== 'object')
}
const text = (u: UnreadableRow) => typed.get(u.id) ?? String(found(u) ?? '')
const place = (u: UnreadableRow) =>
  u.path.map((step) => (typeof step === 'number' ? step + 1 : fieldName(step))).join(' › ')
async function mend(u: UnreadableRow) {
  await box.mend(u, canMend(u) ? text(u) : null)
  typed.delete(u.id)
}
const save = (u: UnreadableRow) =>
  download(fileName(`${u.table} ${u.name || u.id}`, 'json'), 'application/json', JSON.stringify(u.row, null, 2))
</script>

<template>
  <section v-if="box.unreadable.length" class="panel unreadable" :aria-label="words.couldNotBeRead">
    <h2>{{ words.couldNotBeRead }}</h2>
    <p class="quiet">{{ words.nothingIsLost }}</p>
    <ol>
      <li v-for="u in box.unreadable" :key="u.id">
        <form @submit.prevent="mend(u)">
          <p>
            <b>{{ u.name || words.withoutAName }}</b> ({{ tableName(u.table) }}): {{ place(u) }}
            {{ sayFault(u.fault) }}.
          </p>
          <v-textarea
            v-if="canMend(u)"
            :label="words.shouldBe(place(u))"
            :model-value="text(u)"
            rows="1"
            auto-grow
            :max-rows="4"
            @update:model-value="(v: string) => typed.set(u.id, v)"
          />
          <div class="do">
            <v-btn color="primary" size="small" type="submit">{{ words.tryAgain }}</v-btn>
            <v-btn variant="outlined" size="small" @click="save(u)">{{ words.saveAsAFile }}</v-btn>
            <v-btn variant="text" size="small" color="error" @click="box.dropUnreadable(u)">{{
              words.throwAway
            }}</v-btn>
          </div>
        </form>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.unreadable {
  padding: var(--space-16) var(--space-20);
  border-left: 5px solid rgb(var(--v-theme-error));
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: var(--space-12) 0;
  border-top: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
}
li p {
  overflow-wrap: anywhere;
  margin-bottom: var(--space-8);
}
.do {
  display: flex;
  margin-top: var(--space-8);
  flex-wrap: wrap;
  gap: var(--space-8);
}
</style>
