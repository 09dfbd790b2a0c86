<script setup lang="ts">
import { conflictDialog as words, fieldName } from '../../words'
import { useCommands } from '~/stores/commands'

/** Two hands on one thing: what the other tab has made of it, beside what was typed here, and which is to stay. */
const commands = useCommands()
const LONGEST = 60
function shown(item: unknown, field: string): string {
  const value = (item as Record<string, unknown> | null)?.[field]
  const text = typeof value === 'object' && value !== null ? JSON.stringify(value) : String((value as string) ?? '–')
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text
}
</script>

<template>
  <EditDialog
    :open="commands.conflict !== null"
    :label="words.changedElsewhere"
    :width-px="640"
    @close="commands.conflict?.answer(false)"
  >
    <v-card v-if="commands.conflict" class="conflict">
      <h2>{{ words.changedElsewhere }}</h2>
      <section v-for="c in commands.conflict.conflicts" :key="c.id">
        <p><b>{{ c.name }}</b> {{ c.theirs === null ? words.wasTakenOut : words.wasChanged }}</p>
        <table v-if="c.fields.length">
          <thead>
            <tr>
              <td />
              <th scope="col">{{ words.there }}</th>
              <th scope="col">{{ words.here }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in c.fields" :key="f">
              <th scope="row">{{ fieldName(f) }}</th>
              <td>{{ shown(c.theirs, f) }}</td>
              <td>{{ shown(c.mine, f) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <div class="do">
        <v-btn color="primary" @click="commands.conflict?.answer(true)">{{ words.keepMine }}</v-btn>
        <v-btn variant="outlined" @click="commands.conflict?.answer(false)">{{ words.keepWhatIs }}</v-btn>
      </div>
    </v-card>
  </EditDialog>
</template>

<style scoped>
.conflict {
  padding: var(--space-20);
  border-radius: var(--radius-l);
  display: grid;
  gap: var(--space-12);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: var(--space-6) var(--space-8);
  border-bottom: 1px solid rgba(var(--v-border-color), var(--v-border-opacity));
  overflow-wrap: anywhere;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-8);
}
</style>
