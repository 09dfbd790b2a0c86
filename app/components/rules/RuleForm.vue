<script setup lang="ts">
import { ruleForm as words } from '../../../words'
import { AXES, type OwnRule } from '../../../core/match'
import { COLOUR_GROUPS, FAMILIES, TECHNIQUES } from '../../../core/tackle'
import { capital } from '~/components/form/choices'
import { draftKey, fieldsOfForm, useDraft } from '~/composables/useDraft'
import { useBox } from '~/stores/box'
import { draftOf, newDraft, ruleOf, type RuleDraft } from './rule-draft'
import { newId } from '../../../core/new-id'

/** A rule of one's own, with a look at what it would change in the water of today before it is kept. */
const props = defineProps<{ rule: OwnRule | null }>()
const emit = defineEmits<{ keep: [rule: OwnRule]; close: [] }>()

const draft = reactive<RuleDraft>(props.rule ? draftOf(props.rule) : newDraft(`own-${newId()}`))
const kept = useDraft(
  draftKey('rules', props.rule?.id ?? null),
  () => draft.sentence || words.aRuleOfMy,
  fieldsOfForm(draft),
)
const made = computed(() => ruleOf(draft))
const box = useBox()
const others = computed(() => box.practice.own.filter((r) => r.id !== draft.id))
const preview = computed(() =>
  made.value.ok ? { ok: true as const, withIt: { own: [...others.value, made.value.rule] } } : made.value,
)
function cancel() {
  void kept.drop()
  emit('close')
}
function keep() {
  if (!made.value.ok) return
  kept.sent()
  emit('keep', made.value.rule)
}

const families = FAMILIES.map((f) => ({ value: f.id as string, title: f.name }))
const techniques = [...TECHNIQUES, ...box.practice.techniques].map((r) => ({ value: r.id, title: r.name }))
const colours = COLOUR_GROUPS.map((g) => ({ value: g as string, title: capital(g) }))
const axes = AXES.filter((a) => a.id !== 'colour' && a.id !== 'record').map((a) => ({
  value: a.id as string,
  title: a.name,
}))
const ASKS = [
  { value: 'favour', title: words.tieOn },
  { value: 'avoid', title: words.leaveInTheBox },
  { value: 'axis', title: words.askForMoreOr },
]
</script>

<template>
  <JudgedForm
    :title="rule ? words.changeMyRule : words.aRuleOfMy"
    :keep-label="words.keepTheRule"
    :complete="made.ok"
    @keep="keep"
    @cancel="cancel"
  >
    <v-text-field v-model="draft.sentence" :label="words.theRule" maxlength="200" autofocus />
    <RuleConditions v-model="draft.conditions" />
    <fieldset>
      <legend>{{ words.then }}</legend>
      <v-select v-model="draft.asks" :label="words.whatItDoes" :items="ASKS" hide-details />
      <template v-if="draft.asks !== 'axis'">
        <v-autocomplete
          v-model="draft.families"
          :label="words.kindsOfLure"
          :items="families"
          multiple
          chips
          closable-chips
          hide-details
        />
        <v-autocomplete
          v-model="draft.techniques"
          :label="words.fishedLikeThis"
          :items="techniques"
          multiple
          chips
          closable-chips
          hide-details
        />
        <v-select
          v-model="draft.colours"
          :label="words.mostlyOfThisColour"
          :items="colours"
          multiple
          chips
          hide-details
        />
      </template>
      <template v-else>
        <v-select v-model="draft.axis" :label="words.ofWhat" :items="axes" hide-details />
        <FigureField v-model="draft.want" :label="words.howMuchMS" :step="0.05" />
      </template>
      <WeightField v-model="draft.weight" :label="words.weight" />
    </fieldset>
    <JudgedPreview :without="{ own: others }" :made="preview" />
  </JudgedForm>
</template>
