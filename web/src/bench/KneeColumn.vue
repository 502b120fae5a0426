<script setup lang="ts">
import { computed } from 'vue'
import { recordKey } from '@/contract/part'
import type { Field, Manoeuvre, Payload, Side } from '@/contract/types'
import { t } from '@/messages/bench'
import { daysAgo, kneeOf, letterOf } from '@/shared/words'
import { inWords } from '@/stores/words'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import CheckList from './inputs/CheckList.vue'
import FieldInput from './inputs/FieldInput.vue'
import UiMore from '@/ui/UiMore.vue'

const props = defineProps<{ manoeuvre: Manoeuvre; side: Side | 'both'; active: boolean; brief?: boolean }>()
const emit = defineEmits<{ change: [part: Payload]; activate: [] }>()
const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()

const MOST_NOTE = 2000

const hurt = computed(() => props.side === 'both' || props.side === opened.hurtSide)
const payload = computed<Payload>(() => opened.record(props.manoeuvre.id, props.side) ?? {})
const across = computed<Payload | undefined>(() =>
  props.side === 'both'
    ? undefined
    : (opened.record(props.manoeuvre.id, props.side === 'left' ? 'right' : 'left') ?? undefined),
)
const last = computed(() => opened.earlier('lastTime', props.manoeuvre.id, props.side))
const sound = computed(() => opened.earlier('baseline', props.manoeuvre.id, props.side))
const looks = computed(() =>
  [
    { title: t('kneeColumn.lastTime'), look: last.value },
    { title: t('kneeColumn.atBaseline'), look: sound.value },
  ].flatMap(({ title, look }) => (look ? [{ title, ...look }] : [])),
)
const banded = computed(() => props.manoeuvre.fields.some((field) => field.widget === 'bands'))
const usable = computed(() => props.manoeuvre.fields.filter((field) => field.widget !== 'bands'))
const plain = computed(() => usable.value.filter((field) => !field.seldom && !hidden(field)))
const seldom = computed(() => (props.brief ? [] : usable.value.filter((field) => field.seldom)))
const part = computed(() => recordKey(props.manoeuvre.id, props.side))
const tags = computed(() =>
  [
    payload.value.normal === true && 'normal',
    typeof payload.value.notDone === 'string' && t('kneeColumn.notDone', { notDone: inWords(payload.value.notDone) }),
    Object.keys(payload.value).length > 0 &&
      !opened.isDone(props.manoeuvre.id, props.side) &&
      t('kneeColumn.waitingForAMeasurement'),
    examination.waitingFor.has(part.value) && 'waiting',
    verdict.beforeGate.has(part.value)
      ? t('kneeColumn.recordedBeforeTheSafetyCheck')
      : typeof payload.value.override === 'string' && t('kneeColumn.despiteTheSafetyCheck'),
    payload.value.fromMemory === true && t('kneeColumn.fromMemory'),
  ].filter((tag) => tag !== false),
)
const title = computed(() =>
  props.side === 'both'
    ? t('kneeColumn.bothLegs')
    : opened.head?.isBaseline
      ? t('kneeColumn.knee', { letter: letterOf(props.side), knee: kneeOf(props.side) })
      : hurt.value
        ? t('kneeColumn.hurtKnee', { letter: letterOf(props.side) })
        : t('kneeColumn.otherKnee', { letter: letterOf(props.side) }),
)

/** Some fields wait for another one; in brief, a band serves instead of millimetres. */
function hidden(field: Field): boolean {
  if (props.brief && field.unit === 'mm') return true
  return field.when !== null && !(Number(payload.value[field.when.field] ?? 0) > field.when.above)
}
</script>

<template>
  <section
    class="knee"
    :class="{ hurt, active }"
    :aria-label="title"
    tabindex="-1"
    @focusin="emit('activate')"
    @pointerdown="emit('activate')"
  >
    <h2>
      {{ title }}
      <span v-if="tags.length > 0">{{ tags.join(', ') }}</span>
    </h2>
    <p v-for="look in looks" :key="look.title" class="last">
      {{ look.title }}, {{ daysAgo(look.daysAgo) }}:
      <b class="number">{{ look.say }}</b>
    </p>
    <FieldInput
      v-for="field in plain"
      :key="field.name"
      :field="field"
      :lead="banded"
      :payload="payload"
      :across="across"
      :last="last?.numbers.find((one) => one.field === field.name)?.value"
      :sound="sound?.numbers.find((one) => one.field === field.name)?.value"
      :knee="title"
      :side="side"
      :hurt="hurt"
      @change="(part) => emit('change', part)"
    />
    <CheckList
      v-if="manoeuvre.checks.length > 0"
      :checks="manoeuvre.checks"
      :payload="payload"
      @change="(checks) => emit('change', { checks })"
    />
    <UiMore
      v-if="!brief"
      :title="t('kneeColumn.more', { label: [...seldom.map((field) => field.label.toLowerCase()), 'note'].join(', ') })"
    >
      <FieldInput
        v-for="field in seldom"
        :key="field.name"
        :field="field"
        :payload="payload"
        :across="across"
        :knee="title"
        :side="side"
        :hurt="hurt"
        @change="(part) => emit('change', part)"
      />
      <label class="field">
        <span>{{ t('kneeColumn.noteSavedWithTheFinding') }}</span>
        <input
          type="text"
          :maxlength="MOST_NOTE"
          :value="payload.note ?? ''"
          @change="(event) => emit('change', { note: (event.target as HTMLInputElement).value.trim() || undefined })"
        />
      </label>
    </UiMore>
  </section>
</template>

<style scoped>
.knee {
  display: flex;
  flex-direction: column;
  gap: 5px;
  min-width: 0;
  padding-top: 8px;
  border-top: 3px solid var(--line);
}
.knee.hurt {
  border-color: var(--ink);
}
.knee:focus-visible {
  outline: none;
}
.knee.active {
  border-top-width: 5px;
  padding-top: 6px;
}
.last {
  font-size: var(--type-note);
  color: var(--text-3);
}
.last b {
  font-weight: 600;
}
h2 {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
h2 span {
  font-weight: 400;
  font-size: var(--type-note);
  color: var(--mine);
}
details > * + * {
  margin-top: 8px;
}
@media (--phone) {
  .knee:not(.active) {
    display: none;
  }
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  color: var(--text-3);
  font-size: var(--type-small);
  cursor: pointer;
}
</style>
