<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteFacts, AthleteSummary, Itinerary, Side } from '@/contract/types'
import { t } from '@/messages/today'
import { dayAndMonth, daysSince } from '@/shared/dates'
import UiButton from '@/ui/UiButton.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { refusedFigure } from '@/figures/refusedFigures'
import { begin } from '@/stores/begin'
import { useCatalogue } from '@/stores/catalogue'
import { keepPast, pastHere } from '@/stores/past'
import { newId } from '@/sync'
import UiNumber from '@/ui/UiNumber.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiChoice from '@/ui/UiChoice.vue'
import { capital, kneeOf } from '@/shared/words'

const props = withDefaults(
  defineProps<{
    athlete: AthleteSummary
    /** Of an athlete who was added on this device while the server was away. */
    added?: AthleteFacts
    /** The route that stands chosen at first. */
    on?: Itinerary['id']
  }>(),
  { on: 'clinic_core' },
)
const emit = defineEmits<{ close: []; started: [id: string, route: Itinerary['id']] }>()

const AGAIN_SHOWN = 3

const SINCE = [
  { id: 'today', label: t('startDialog.today'), days: 0 },
  { id: 'yesterday', label: t('startDialog.yesterday'), days: 1 },
  { id: 'week', label: t('startDialog.withinAWeek'), days: 4 },
  { id: 'fortnight', label: t('startDialog.withinAFortnight'), days: 10 },
  { id: 'longer', label: t('startDialog.longerAgo'), days: 60 },
  { id: 'none', label: t('startDialog.noInjury2'), days: null },
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
/** Pressed again after a refusal, it is the same examination. */
const begun = { id: newId(), at: new Date().toISOString() }

interface Injury {
  isBaseline: boolean
  hurtSide: Side
  injuredOn: string | null
}

const injuries = ref<Injury[]>([])

/** Knees that were examined before, each once; looking again begins with what was left open. */
const again = computed(() => {
  const knees = new Map(
    injuries.value.filter((one) => !one.isBaseline).map((one) => [`${one.hurtSide} ${one.injuredOn ?? ''}`, one]),
  )
  return [...knees.values()].slice(0, AGAIN_SHOWN)
})

function lookAgain({ hurtSide, injuredOn }: Injury): void {
  route.value = 'look_again'
  exactDays.value = injuredOn === null ? null : Math.max(0, daysSince(injuredOn))
  void start(hurtSide)
}

function choose(id: string): void {
  since.value = id
  exactDays.value = SINCE.find((choice) => choice.id === id)?.days ?? null
}

onMounted(catalogue.load)
onMounted(async () => {
  const path = { athlete: props.athlete.id }
  injuries.value = await answerOf(api.GET('/api/athletes/{athlete}', { params: { path } })).then(
    ({ examinations }) => examinations,
    injuriesHere,
  )
  if (!props.added) keepPast([props.athlete.id])
})

/** Those that this device knows of. */
async function injuriesHere(): Promise<Injury[]> {
  const knees = (await pastHere(props.athlete.id))?.value.knees ?? []
  return knees.filter((knee) => knee.episode !== null).reverse()
}

async function start(side: Side): Promise<void> {
  if (refusedFigure.value !== '') {
    problem.value = t('startDialog.enterTheDaysSinceTheInjury')
    return
  }
  busy.value = true
  try {
    const daysSinceInjury = isBaseline.value ? null : exactDays.value
    await begin({
      athlete: props.athlete,
      added: props.added ?? null,
      start: { ...begun, hurtSide: side, daysSinceInjury, route: route.value },
    })
    emit('started', begun.id, route.value)
  } catch (error) {
    problem.value = error instanceof Error ? error.message : t('startDialog.theExaminationCouldNotBeStarted')
    busy.value = false
  }
}
</script>

<template>
  <UiDialog :title="athlete.name" @close="emit('close')">
    <fieldset v-if="again.length > 0 && !isBaseline">
      <legend>{{ t('startDialog.reExamine') }}</legend>
      <div class="since">
        <UiButton v-for="knee in again" :key="knee.hurtSide + knee.injuredOn" :disabled="busy" @click="lookAgain(knee)">
          {{ capital(kneeOf(knee.hurtSide)) }}
          <small>
            {{
              knee.injuredOn === null
                ? t('startDialog.noInjury')
                : t('startDialog.of', { injuredOn: dayAndMonth(knee.injuredOn) })
            }}
          </small>
        </UiButton>
      </div>
    </fieldset>
    <fieldset v-if="!isBaseline">
      <legend>{{ again.length > 0 ? t('startDialog.orANewInjuryWhenWas') : t('startDialog.whenWasItHurt') }}</legend>
      <UiChoice :label="t('startDialog.whenWasItHurt')" :value="since" :options="SINCE" @pick="choose" />
      <p v-if="exactDays !== null" class="days">
        {{ t('startDialog.exactly') }}
        <UiNumber
          bare
          :label="t('startDialog.daysSinceTheInjury')"
          :value="exactDays"
          :least="0"
          :most="36500"
          whole
          unit="days"
          @change="(days) => (exactDays = days ?? 0)"
        />
        {{ t('startDialog.daysAgo') }}
      </p>
    </fieldset>
    <UiSelect
      class="route"
      :label="t('startDialog.whichRoute')"
      :value="route"
      :options="routes"
      @change="(id) => (route = id ?? route)"
    />
    <p v-if="isBaseline" class="baseline">
      {{ t('startDialog.bothKneesBeforeTheSeasonIn') }}
      <UiButton kind="main" :disabled="busy" @click="start('left')">{{ t('startDialog.startTheBaseline') }}</UiButton>
    </p>
    <fieldset v-else>
      <legend>{{ t('startDialog.whichKneeStartsAtOnce') }}</legend>
      <div class="sides">
        <UiButton :disabled="busy" @click="start('right')">
          <b>{{ t('startDialog.r') }}</b>
          {{ t('startDialog.rightKneeHurt') }}
        </UiButton>
        <UiButton :disabled="busy" @click="start('left')">
          <b>{{ t('startDialog.l') }}</b>
          {{ t('startDialog.leftKneeHurt') }}
        </UiButton>
      </div>
    </fieldset>
    <p v-if="added" class="quiet-text" role="status">
      {{ t('startDialog.addedWithTheExamination', { name: athlete.name }) }}
    </p>
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
