<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteSummary, ExaminationSummary, Itinerary, Side } from '@/contract/types'
import { dayAndMonth, daysSince } from '@/shared/dates'
import UiButton from '@/ui/UiButton.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { refusedFigure } from '@/figures/refusedFigures'
import { useCatalogue } from '@/stores/catalogue'
import UiNumber from '@/ui/UiNumber.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiChoice from '@/ui/UiChoice.vue'

const props = withDefaults(
  defineProps<{
    athlete: AthleteSummary
    /** The route that stands chosen at first. */
    on?: Itinerary['id']
  }>(),
  { on: 'clinic_core' },
)
const emit = defineEmits<{ close: []; started: [id: string, route: Itinerary['id']] }>()

const AGAIN_SHOWN = 3

const SINCE = [
  { id: 'today', label: 'Today', days: 0 },
  { id: 'yesterday', label: 'Yesterday', days: 1 },
  { id: 'week', label: 'Within a week', days: 4 },
  { id: 'fortnight', label: 'Within a fortnight', days: 10 },
  { id: 'longer', label: 'Longer ago', days: 60 },
  { id: 'none', label: 'No injury', days: null },
]

const since = ref('today')
const exactDays = ref<number | null>(0)
const route = ref(props.on)
const catalogue = useCatalogue()
/** Nothing is hurt: neither the day nor the side is asked for. */
const isBaseline = computed(() => catalogue.catalogue?.routes.find(({ id }) => id === route.value)?.isBaseline === true)
const routes = computed(() =>
  (catalogue.catalogue?.routes ?? []).map(({ id, label, says }) => ({ id, label: `${label}: ${says}` })),
)
const problem = ref('')
const busy = ref(false)

const examinations = ref<ExaminationSummary[]>([])

/** Knees that were examined before, each once; looking again begins with what was left open. */
const again = computed(() => {
  const knees = new Map(
    examinations.value
      .filter((e) => !e.isBaseline)
      .map((e) => [`${e.hurtSide} ${e.injuredOn ?? ''}`, { side: e.hurtSide, injuredOn: e.injuredOn }]),
  )
  return [...knees.values()].slice(0, AGAIN_SHOWN)
})

function lookAgain(knee: { side: Side; injuredOn: string | null }): void {
  route.value = 'look_again'
  exactDays.value = knee.injuredOn === null ? null : Math.max(0, daysSince(knee.injuredOn))
  void start(knee.side)
}

function choose(id: string): void {
  since.value = id
  exactDays.value = SINCE.find((choice) => choice.id === id)?.days ?? null
}

onMounted(catalogue.load)
onMounted(async () => {
  const path = { athlete: props.athlete.id }
  examinations.value = await answerOf(api.GET('/api/athletes/{athlete}', { params: { path } })).then(
    (athlete) => athlete.examinations,
    () => [],
  )
})

async function start(side: Side): Promise<void> {
  if (refusedFigure.value !== '') {
    problem.value = 'The days since the injury are not a number that can be used.'
    return
  }
  busy.value = true
  try {
    const daysSinceInjury = isBaseline.value ? null : exactDays.value
    const body = { hurtSide: side, daysSinceInjury, route: route.value }
    emit(
      'started',
      (
        await answerOf(
          api.POST('/api/athletes/{athlete}/examinations', { params: { path: { athlete: props.athlete.id } }, body }),
        )
      ).id,
      route.value,
    )
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The examination could not be started.'
    busy.value = false
  }
}
</script>

<template>
  <UiDialog :title="athlete.name" @close="emit('close')">
    <fieldset v-if="again.length > 0 && !isBaseline">
      <legend>Re-examine</legend>
      <div class="since">
        <UiButton v-for="knee in again" :key="knee.side + knee.injuredOn" :disabled="busy" @click="lookAgain(knee)">
          {{ knee.side }} knee
          <small>{{ knee.injuredOn === null ? 'no injury' : `of ${dayAndMonth(knee.injuredOn)}` }}</small>
        </UiButton>
      </div>
    </fieldset>
    <fieldset v-if="!isBaseline">
      <legend>{{ again.length > 0 ? 'Or a new one: when was it hurt?' : 'When was it hurt?' }}</legend>
      <UiChoice label="When was it hurt?" :value="since" :options="SINCE" @pick="choose" />
      <p v-if="exactDays !== null" class="days">
        exactly
        <UiNumber
          bare
          label="Days since the injury"
          :value="exactDays"
          :least="0"
          :most="36500"
          whole
          unit="days"
          @change="(days) => (exactDays = days ?? 0)"
        />
        days ago
      </p>
    </fieldset>
    <UiSelect
      class="route"
      label="Which route?"
      :value="route"
      :options="routes"
      @change="(id) => (route = id ?? route)"
    />
    <p v-if="isBaseline" class="baseline">
      Both knees before the season, in about six minutes. What is measured now stands in for the other knee when both
      are hurt, for two years.
      <UiButton kind="main" :disabled="busy" @click="start('left')">Start the baseline</UiButton>
    </p>
    <fieldset v-else>
      <legend>Which knee? Starts at once.</legend>
      <div class="sides">
        <UiButton :disabled="busy" @click="start('right')">
          <b>R</b>
          right knee hurt
        </UiButton>
        <UiButton :disabled="busy" @click="start('left')">
          <b>L</b>
          left knee hurt
        </UiButton>
      </div>
    </fieldset>
    <UiAlert v-if="problem" :say="problem" />
  </UiDialog>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0 0 18px;
  padding: 0;
}
legend {
  padding: 0;
  margin-bottom: 8px;
  font-weight: 650;
}
.since {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.route {
  margin-bottom: 18px;
}
.baseline {
  display: grid;
  gap: 14px;
}
.days {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-top: 10px;
  color: var(--text-2);
}
.days input {
  width: 90px;
  min-height: 44px;
  padding: 0 10px;
  font: inherit;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line-2);
  border-radius: var(--radius);
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.sides .button {
  min-height: 64px;
}
.sides b {
  font-size: var(--type-head);
}
@media (--phone) {
  .since {
    grid-template-columns: 1fr 1fr;
  }
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
