<script setup lang="ts">
import { computed } from 'vue'
import type { Payload } from '@/contract/types'
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import UiButton from '@/ui/UiButton.vue'
import UiHint from '@/ui/UiHint.vue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import UiSelect from '@/ui/UiSelect.vue'

const catalogue = useCatalogue()
const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()

const LIMITS = [5, 8, 10, 12, 15, 20, 30].map((minutes) => ({
  id: minutes,
  label: t('routeHead.minutes', { minutes }),
}))

const route = computed(() => verdict.assessment?.route)
const frame = computed(() => opened.section('frame'))
/** A baseline stays one, and nothing else becomes one: what follows from either is not the same. */
const routes = computed(() =>
  (catalogue.catalogue?.routes ?? []).filter(
    ({ isBaseline }) => Boolean(isBaseline) === (opened.head?.isBaseline === true),
  ),
)
const core = computed(() => (opened.head?.isBaseline ? [] : (route.value?.core ?? [])))
const coreDone = computed(() => core.value.filter((step) => step.state === 'done').length)
const STATES = {
  done: t('routeHead.done'),
  held: t('routeHead.withheld'),
  out_of_reach: t('routeHead.outOfReach'),
  open: t('routeHead.open'),
}
const share = computed(() =>
  route.value && route.value.minutes > 0 ? (100 * route.value.minutesDone) / route.value.minutes : 0,
)

function set(part: Payload): void {
  examination.saveSection('frame', { ...frame.value, ...part })
}

function minutes(value: number): string {
  return value.toFixed(value < 10 ? 1 : 0)
}
</script>

<template>
  <div v-if="route" class="head">
    <UiSelect
      :label="t('routeHead.route')"
      :value="route.id"
      :options="routes"
      unseen-label
      @change="(id) => set({ route: id })"
    />
    <UiSelect
      :label="t('routeHead.timeLimit')"
      class="limit"
      :none="t('routeHead.noLimit')"
      :value="frame.timeLimitMin ?? undefined"
      :options="LIMITS"
      unseen-label
      @change="(limit) => set({ timeLimitMin: limit ?? null })"
    />
    <p class="time number" role="status">
      <b>{{ t('routeHead.minutes', { minutes: minutes(route.minutesLeft) }) }}</b>
      {{ t('routeHead.leftUsed', { minutesDone: minutes(route.minutesDone) }) }}
    </p>
    <div class="bar" aria-hidden="true"><i :style="{ width: `${share}%` }" /></div>
    <UiButton
      v-if="route.id === 'touchline' && opened.head"
      :to="{ name: 'touchline', params: { id: opened.head.id } }"
    >
      {{ t('routeHead.oneHandView') }}
    </UiButton>
    <div
      v-if="core.length > 0"
      class="core"
      role="img"
      :aria-label="t('routeHead.coreSetOfDone', { coreDone, n: core.length })"
    >
      <UiHint
        v-for="step in core"
        :key="step.manoeuvre"
        :say="`${catalogue.nameOf(step.manoeuvre)}: ${STATES[step.state]}`"
      >
        <i :class="step.state" />
      </UiHint>
    </div>
    <p v-if="core.length > 0" class="quiet-text number">
      {{
        route.tooShort
          ? t('routeHead.coreSetTooLong', { coreDone, n: core.length })
          : t('routeHead.coreSet', { coreDone, n: core.length })
      }}
    </p>
    <p v-if="route.dropped.length > 0" class="quiet-text">
      {{ t('routeHead.leftOutForTime', { n: route.dropped.length }) }}
    </p>
  </div>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 88px);
  gap: 4px 6px;
  padding: 0 4px 8px;
}
.head :deep(.el-select__wrapper) {
  gap: 2px;
  padding: 4px 8px;
  font-size: var(--type-note);
}
@media (--narrow) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }
}
.time {
  grid-column: 1 / -1;
  font-size: var(--type-note);
  color: var(--text-2);
}
.bar {
  grid-column: 1 / -1;
  height: 5px;
  background: var(--line);
  border-radius: 3px;
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--mine);
}
.core {
  grid-column: 1 / -1;
  display: flex;
  gap: 2px;
}
.core i {
  flex: 1;
  height: 12px;
  border: 1px solid var(--line-2);
  border-radius: 2px;
}
.core .done {
  background: var(--mine);
  border-color: var(--mine);
}
.core .held,
.core .out_of_reach {
  background: repeating-linear-gradient(135deg, var(--line-2) 0 1px, transparent 1px 4px);
}
.head > .button {
  grid-column: 1 / -1;
}
.head > .quiet-text {
  grid-column: 1 / -1;
  font-size: var(--type-small);
}
</style>
