<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { FigureSource } from '@/contract/types'
import { t } from '@/messages/instruments'
import UiActions from '@/ui/UiActions.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import { type AngleKind, type Lie, angleTaker } from './hold'
import { useSensor } from './useSensor'

/** An angle by the device itself: laid on one side of the joint, then on the other, each held still for a second. */
const props = defineProps<{
  /** What is measured, and of which knee. */
  label: string
  kind: AngleKind
  least: number
  most: number
  /** Of the other knee, in degrees. */
  across?: number | undefined
}>()
const emit = defineEmits<{ close: []; take: [degrees: number, source: FigureSource] }>()

const STEPS = {
  incline: { zero: t('angleDialog.zero'), limb: t('angleDialog.limb') },
  turn: { zero: t('angleDialog.zeroTurn'), limb: t('angleDialog.limbTurn') },
} as const
const DIGITS = 1
const BUZZ_MS = 60
const taker = shallowRef(angleTaker(props.kind))
const phase = ref<'zero' | 'limb' | 'taken'>('zero')
const live = ref<number | null>(null)
const turnedOver = ref(false)
const isSigned = computed(() => props.least < 0)

const { state, start } = useSensor((lie: Lie) => {
  if (phase.value === 'taken') return
  taker.value.add(lie)
  live.value = taker.value.now(lie)
  if (taker.value.phase() === phase.value) return
  phase.value = taker.value.phase()
  // Felt through the hand that holds the device, whose eyes are on the knee.
  navigator.vibrate?.(BUZZ_MS)
})
onMounted(start)

const angle = computed(() => (phase.value === 'taken' ? taker.value.angle() : null))
const shown = computed(() => {
  const degrees = angle.value?.degrees ?? live.value
  return degrees === null ? null : Math.round(degreesOf(degrees))
})
const spread = computed(() => Number((angle.value?.spread ?? 0).toFixed(DIGITS)))
const isOutside = computed(
  () => phase.value === 'taken' && shown.value !== null && (shown.value < props.least || shown.value > props.most),
)

/** What has no sign is how far, whichever way. */
function degreesOf(degrees: number): number {
  return isSigned.value ? degrees * (turnedOver.value ? -1 : 1) : Math.abs(degrees)
}

const said = computed(() => {
  if (state.value === 'refused') return t('angleDialog.refused')
  if (state.value === 'none') return t('angleDialog.none')
  return ''
})
const step = computed(() =>
  phase.value === 'taken' ? t('angleDialog.taken', { spread: String(spread.value) }) : STEPS[props.kind][phase.value],
)

function again(): void {
  taker.value = angleTaker(props.kind)
  phase.value = 'zero'
  live.value = null
  if (state.value !== 'live') void start()
}

function take(close: () => void): void {
  if (shown.value === null) return
  emit('take', shown.value, { kind: 'sensor', spread: spread.value })
  close()
}

function minus(degrees: number): string {
  return String(degrees).replace('-', '−')
}
</script>

<template>
  <UiDialog v-slot="{ close }" :title="t('angleDialog.title', { label })" @close="emit('close')">
    <UiAlert v-if="said !== ''" :say="said" />
    <div v-else class="reading" :class="phase">
      <p class="step" role="status">{{ step }}</p>
      <p class="figure number">{{ shown === null ? '–' : minus(shown) }}°</p>
      <p v-if="across !== undefined" class="quiet-text">
        {{ t('angleDialog.otherKnee', { degrees: minus(across) }) }}
      </p>
      <p v-if="isOutside" class="quiet-text">
        {{ t('angleDialog.outside', { least: minus(least), most: minus(most) }) }}
      </p>
      <UiButton v-if="isSigned && phase === 'taken'" kind="quiet" @click="turnedOver = !turnedOver">
        {{ t('angleDialog.changeSign') }}
      </UiButton>
    </div>
    <UiActions>
      <UiButton kind="quiet" @click="close">{{ t('angleDialog.cancel') }}</UiButton>
      <UiButton v-if="phase !== 'zero' || said !== ''" @click="again">{{ t('angleDialog.again') }}</UiButton>
      <UiButton v-if="phase === 'taken' && !isOutside" kind="main" @click="take(close)">
        {{ t('angleDialog.use', { degrees: minus(shown ?? 0) }) }}
      </UiButton>
    </UiActions>
  </UiDialog>
</template>

<style scoped>
.reading {
  display: grid;
  justify-items: center;
  gap: 6px;
  padding: 8px 0 14px;
  text-align: center;
}
.step {
  max-width: 34ch;
  min-height: 3em;
  font-size: var(--type-lead);
}
.figure {
  font-size: calc(2 * var(--type-huge));
  line-height: 1.1;
  color: var(--text-3);
}
.taken .figure {
  color: var(--ink);
}
</style>
