<script setup lang="ts">
import { computed, defineAsyncComponent, ref, toRef } from 'vue'
import type { Manoeuvre, Payload, Side } from '@/contract/types'
import { instrumentAddresses } from '@/instruments/addresses'
import { t } from '@/messages/bench'
import { capital, kneeOf, letterOf } from '@/shared/words'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import BandPicker from './inputs/BandPicker.vue'
import HeldNotice from './HeldNotice.vue'
import KneeColumn from './KneeColumn.vue'
import { useHold } from './useHold'
import { useRecorder } from './useRecorder'
import UiButton from '@/ui/UiButton.vue'
import UiMore from '@/ui/UiMore.vue'

/** One manoeuvre on both knees. Brief: the hurt knee alone, by feel, with one line on how. */
const props = defineProps<{ manoeuvre: Manoeuvre; activeSide: Side; brief?: boolean }>()
const emit = defineEmits<{ activate: [side: Side]; band: [band: string] }>()
const MeasureDialog = defineAsyncComponent(() => import('@/instruments/MeasureDialog.vue'))

const examination = useExamination()
const opened = useOpenExamination()
const manoeuvre = toRef(props, 'manoeuvre')
const { hold, canRecord } = useHold(manoeuvre)
const recorder = useRecorder(manoeuvre)

/** Where nothing is held, only what to do is said. */
const how = computed(() =>
  capital(`${props.manoeuvre.card.hold.replace(/^None[.:,]?\s*/, '')} ${props.manoeuvre.card.movement}`.trim()),
)
/** Neither knee of a baseline is hurt, so neither gives more. */
const banded = computed(() => recorder.has('differenceBand') && opened.head?.isBaseline !== true)

/** As seen from the foot of the couch: the right knee on the left. */
const sides = computed<(Side | 'both')[]>(() =>
  props.manoeuvre.bothAtOnce ? ['both'] : props.brief ? [opened.hurtSide] : ['right', 'left'],
)

const BY_INSTRUMENT = {
  arthrometer: t('manoeuvrePanel.arthrometer'),
  dynamometer: t('manoeuvrePanel.dynamometer'),
} as const

/** The instrument that measures this manoeuvre, where the operator of the server allows one. */
const instrument = computed(() => {
  if (props.brief || instrumentAddresses().length === 0) return null
  const named = props.manoeuvre.fields.map((field) => field.instrument)
  return named.find((one) => one === 'arthrometer' || one === 'dynamometer') ?? null
})
const isMeasuring = ref(false)
/** The sound knee shows the athlete and the hand what is to come. */
const knees = computed(() =>
  [opened.otherSide, opened.hurtSide].map((side) => ({
    side,
    name: capital(kneeOf(side)),
    isHurt: side === opened.hurtSide && opened.head?.isBaseline !== true,
  })),
)

function takeMeasured(records: Partial<Record<Side, Payload>>): void {
  for (const { side } of knees.value) {
    const part = records[side]
    if (part) recorder.change(part, side)
  }
}
</script>

<template>
  <div class="panel">
    <header>
      <h1>
        {{ manoeuvre.card.name }}
        <small>{{ manoeuvre.card.gist }}</small>
      </h1>
      <p v-if="manoeuvre.card.movement" class="how">{{ how }}</p>
      <p v-if="manoeuvre.card.caution" class="aside">
        <b>{{ t('manoeuvrePanel.caution') }}</b>
        {{ manoeuvre.card.caution }}
      </p>
      <div class="under">
        <p v-if="manoeuvre.card.sayFirst" class="say">
          <span class="unseen">{{ t('manoeuvrePanel.sayFirst') }}</span>
          {{ manoeuvre.card.sayFirst }}
        </p>
        <UiMore v-if="manoeuvre.card.spoils && !brief" :title="t('manoeuvrePanel.positionPositiveSignsPitfalls')">
          <dl>
            <dt>{{ t('manoeuvrePanel.position') }}</dt>
            <dd>{{ manoeuvre.card.position }}</dd>
            <dt>{{ t('manoeuvrePanel.normal') }}</dt>
            <dd>{{ manoeuvre.card.normal }}</dd>
            <dt>{{ t('manoeuvrePanel.positiveIf') }}</dt>
            <dd>{{ manoeuvre.card.counts }}</dd>
            <dt>{{ t('manoeuvrePanel.notValidIf') }}</dt>
            <dd>{{ manoeuvre.card.spoils }}</dd>
            <template v-if="manoeuvre.card.easier">
              <dt>{{ t('manoeuvrePanel.easier') }}</dt>
              <dd>{{ manoeuvre.card.easier }}</dd>
            </template>
          </dl>
        </UiMore>
      </div>
    </header>
    <HeldNotice
      v-if="hold"
      :key="manoeuvre.id"
      :hold="hold"
      :recorded="opened.isRecorded(manoeuvre.id)"
      @override="(reason) => examination.override(manoeuvre.id, reason)"
      @take-back="recorder.takeBack"
    />
    <!-- What was recorded before stays in sight, out of reach until there is a reason. -->
    <div v-if="canRecord || opened.isRecorded(manoeuvre.id)" class="entry" :inert="!canRecord">
      <section v-if="banded" class="band" :aria-label="t('manoeuvrePanel.comparedWithTheOtherKnee')">
        <h2>
          {{ t('manoeuvrePanel.movesMore') }}
          <small>{{ brief ? t('manoeuvrePanel.thanTheOtherKnee') : t('manoeuvrePanel.byHandOrMmBelow') }}</small>
        </h2>
        <BandPicker
          :value="opened.record(manoeuvre.id, opened.hurtSide)?.differenceBand ?? undefined"
          @pick="(band) => emit('band', band)"
        />
      </section>
      <p v-if="instrument">
        <UiButton @click="isMeasuring = true">{{ BY_INSTRUMENT[instrument] }}</UiButton>
      </p>
      <MeasureDialog
        v-if="instrument && isMeasuring"
        :kind="instrument"
        :knees="knees"
        @take="takeMeasured"
        @close="isMeasuring = false"
      />
      <div v-if="sides.length > 1" class="which" role="group" :aria-label="t('manoeuvrePanel.kneeShown')">
        <button
          v-for="side in sides"
          :key="side"
          type="button"
          class="choice"
          :aria-pressed="side === activeSide"
          @click="side !== 'both' && emit('activate', side)"
        >
          {{ letterOf(side) }}
          {{
            opened.head?.isBaseline
              ? t('manoeuvrePanel.knee')
              : side === opened.hurtSide
                ? t('manoeuvrePanel.hurt')
                : t('manoeuvrePanel.other')
          }}
        </button>
      </div>
      <div class="pair" :class="{ single: sides.length === 1 }">
        <KneeColumn
          v-for="side in sides"
          :key="`${manoeuvre.id}${side}`"
          :manoeuvre="manoeuvre"
          :side="side"
          :active="brief || side === 'both' || side === activeSide"
          :brief="brief"
          @change="(part) => recorder.change(part, side)"
          @activate="side !== 'both' && emit('activate', side)"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.panel {
  display: flex;
  flex-direction: column;
  gap: 7px;
  min-height: 100%;
}
h1 small {
  font-size: var(--type-base);
  font-weight: 400;
  letter-spacing: 0;
  color: var(--text-3);
  margin-left: 6px;
}
.how {
  margin-top: 4px;
  max-width: 68ch;
  color: var(--text-2);
}
.aside {
  margin-top: 6px;
  padding-left: 10px;
  border-left: 3px solid var(--text-2);
  color: var(--text-2);
  font-size: var(--type-note);
}
.under {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 2px 20px;
}
.under details[open] {
  flex-basis: 100%;
  order: 2;
}
.say {
  font-style: italic;
  color: var(--text-2);
  font-size: var(--type-note);
}
summary {
  min-height: 28px;
  display: flex;
  align-items: center;
  color: var(--text-3);
  font-size: var(--type-note);
  cursor: pointer;
}
@media (pointer: coarse) {
  summary {
    min-height: 44px;
  }
}
dl {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 4px 12px;
  padding: 4px 0 8px;
  font-size: var(--type-note);
}
dt {
  color: var(--text-3);
}
.entry {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.entry[inert] {
  opacity: 0.75;
}
.band {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 12px;
  align-items: center;
}
.band small {
  display: block;
  font-weight: 400;
  color: var(--text-3);
}
.which {
  display: none;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}
.pair.single {
  grid-template-columns: minmax(0, 460px);
}
@media (--phone) {
  .band,
  .pair {
    grid-template-columns: 1fr;
    gap: 4px;
  }
  .which {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px;
  }
}
</style>
