<script setup lang="ts">
import { appShell as words } from '../../words'
import { useHistory } from '~/stores/history'

/** What was done last, for a moment, with the way back. */
const history = useHistory()
const said = computed({
  get: () => history.said !== '',
  set: (on) => {
    if (!on) history.said = ''
  },
})
</script>

<template>
  <v-snackbar v-model="said" :timeout="6000" location="bottom" color="on-surface">
    {{ history.said }}
    <template #actions
      ><v-btn variant="text" class="snack-undo" @click="history.undo()">{{ words.undo }}</v-btn></template
    >
  </v-snackbar>
</template>

<style scoped>
.snack-undo {
  color: inherit;
  font-weight: 700;
}
</style>
