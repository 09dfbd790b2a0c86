<script setup lang="ts">
import { LAKE_ASSUMES, lessonWords, practicePage, practiceStart as words } from '../../../words'
import { LESSONS, type LessonId } from '../../../core/practice'

/** Which lesson, and which lake. */
const props = defineProps<{ filling: boolean; seed: number }>()
const emit = defineEmits<{ begin: [lessonId: LessonId, seed: number] }>()
const lesson = ref<LessonId>('one-thing')
const typed = ref(String(props.seed))
const MOST = 999_999
const number = computed(() => (/^\d{1,6}$/.test(typed.value.trim()) ? Number(typed.value.trim()) : 0))
const fits = computed(() => number.value >= 1 && number.value <= MOST)
const hours = (minutes: number) => String(minutes / 60)
</script>

<template>
  <section class="panel start" :aria-label="practicePage.practiceLake">
    <h1>{{ practicePage.practiceLake }}</h1>
    <p>{{ words.readFish }}</p>
    <fieldset>
      <legend>{{ words.lesson }}</legend>
      <label v-for="l in LESSONS" :key="l.id" :class="{ on: lesson === l.id }">
        <input v-model="lesson" type="radio" name="lesson" :value="l.id" />
        <span>
          <b>{{ lessonWords(l.id).title }}</b>
          {{ lessonWords(l.id).says }}
          <small>{{ words.hours(hours(l.minutes)) }}</small>
        </span>
      </label>
    </fieldset>
    <div class="lake">
      <v-text-field
        v-model="typed"
        :label="words.lakeNumber"
        inputmode="numeric"
        :error-messages="fits ? [] : [words.badNumber]"
        :hint="words.sameNumber"
        persistent-hint
      />
      <button type="button" class="go" :disabled="!fits || filling" @click="emit('begin', lesson, number)">
        {{ filling ? words.filling : words.begin }}
      </button>
    </div>
    <details>
      <summary>{{ words.whatItAssumes }}</summary>
      <ul>
        <li v-for="one in LAKE_ASSUMES" :key="one">{{ one }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.start {
  padding: var(--space-20) var(--space-24);
  display: grid;
  gap: var(--space-12);
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: var(--space-8);
}
legend {
  font-weight: 650;
  margin-bottom: var(--space-6);
}
label {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-12);
  padding: var(--space-12);
  border-radius: var(--radius-m);
  border: 1.5px solid rgba(var(--v-border-color), 0.25);
  cursor: pointer;
}
label.on {
  border-color: rgb(var(--v-theme-primary));
  background: rgba(var(--v-theme-primary), 0.07);
}
label b,
label small {
  display: block;
}
label small {
  opacity: var(--v-medium-emphasis-opacity);
}
input {
  accent-color: rgb(var(--v-theme-primary));
}
.lake {
  margin-top: var(--space-8);
  display: grid;
  grid-template-columns: minmax(0, 280px) auto;
  justify-content: start;
  align-items: start;
  gap: var(--space-12);
}
.go {
  min-height: 56px;
  padding: 0 var(--space-32);
  border-radius: var(--radius-l);
  font-weight: 750;
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-on-secondary));
}
.go:disabled {
  opacity: 0.5;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}
ul {
  margin: 0;
  padding-left: var(--space-16);
  display: grid;
  gap: var(--space-4);
}
@media (max-width: 600px) {
  .lake {
    grid-template-columns: 1fr;
    justify-content: stretch;
  }
}
</style>
