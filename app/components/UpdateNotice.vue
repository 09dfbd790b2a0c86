<script setup lang="ts">
import { updateNotice as words } from '../../words'
import { useUpdates } from '~/stores/updates'

/** A newer Ygrion, let in when the angler says so. */
const updates = useUpdates()
const reload = () => window.location.reload()
</script>

<template>
  <v-snackbar :model-value="updates.waits || updates.inPlace" :timeout="-1" location="top" color="on-surface">
    {{ updates.inPlace ? words.inPlace : words.ready }}
    <template #actions>
      <v-btn variant="text" class="act" @click="updates.inPlace ? reload() : updates.open()">{{
        updates.inPlace ? words.reload : words.update
      }}</v-btn>
    </template>
  </v-snackbar>
</template>

<style scoped>
.act {
  color: inherit;
  font-weight: 700;
}
</style>
