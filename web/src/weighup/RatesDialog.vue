<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { preferServer, rates } from '@/judge'
import { t } from '@/messages/weighup'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiFigure from '@/ui/UiFigure.vue'
import type { TypedTest } from './typedTest'

/** What a test is worth where a paper tells it otherwise: by the four counts of a study, or by likelihood ratios. */
const props = defineProps<{ number: number }>()
const emit = defineEmits<{ close: []; taken: [rates: Pick<TypedTest, 'sensitivity' | 'specificity' | 'intervals'>] }>()

const WAYS = [
  { id: 'counts' as const, label: t('ratesDialog.n22Counts') },
  { id: 'ratios' as const, label: t('ratesDialog.likelihoodRatios') },
]
const by = ref<'counts' | 'ratios'>('counts')
const counts = reactive({ truePositive: 85, falsePositive: 6, falseNegative: 15, trueNegative: 94 })
const ratios = reactive({ positive: 10, negative: 0.2 })
const { busy, problem, attempt } = useDoing()
const MOST = 1_000_000
const isSound = computed(() => Object.values(by.value === 'counts' ? counts : ratios).every(Number.isFinite))
const percent = (share: number) => Math.round(share * 1000) / 10
const ends = ([low, high]: [number, number]): [number, number] => [percent(low), percent(high)]

async function take(): Promise<void> {
  await attempt(async () => {
    const body = by.value === 'counts' ? { counts: { ...counts } } : { ratios: { ...ratios } }
    const { value: told } = await preferServer(
      () => answerOf(api.POST('/api/rates', { body })),
      () => rates(body),
    )
    const { sensitivityInterval: around, specificityInterval: about } = told
    emit('taken', {
      sensitivity: percent(told.sensitivity),
      specificity: percent(told.specificity),
      intervals:
        around && about
          ? { sensitivity: ends(around as [number, number]), specificity: ends(about as [number, number]) }
          : undefined,
    })
  })
}
</script>

<template>
  <UiDialog :title="t('ratesDialog.testFromAStudy', { number: props.number })" @close="emit('close')">
    <div class="body">
      <UiChoice :label="t('ratesDialog.givenAs')" :value="by" :options="WAYS" @pick="(picked) => (by = picked)" />
      <div v-if="by === 'counts'" class="pair">
        <UiFigure v-model="counts.truePositive" :label="t('ratesDialog.injuredPositive')" :least="0" :most="MOST" />
        <UiFigure v-model="counts.falsePositive" :label="t('ratesDialog.soundPositive')" :least="0" :most="MOST" />
        <UiFigure v-model="counts.falseNegative" :label="t('ratesDialog.injuredNegative')" :least="0" :most="MOST" />
        <UiFigure v-model="counts.trueNegative" :label="t('ratesDialog.soundNegative')" :least="0" :most="MOST" />
      </div>
      <div v-else class="pair">
        <UiFigure v-model="ratios.positive" :label="t('ratesDialog.lrOfAPositiveResult')" :least="1" />
        <UiFigure v-model="ratios.negative" :label="t('ratesDialog.lrOfANegativeResult')" :least="0" :most="1" />
      </div>
      <p class="quiet-text">
        {{ by === 'counts' ? t('ratesDialog.kneesOfOneStudyThe95') : t('ratesDialog.ratiosAloneGiveNoIntervalTheir') }}
      </p>
      <UiAlert v-if="problem" :say="problem" />
    </div>
    <template #actions>
      <UiButton @click="emit('close')">{{ t('ratesDialog.cancel') }}</UiButton>
      <UiButton kind="main" :disabled="busy || !isSound" @click="take">{{ t('ratesDialog.useTheseFigures') }}</UiButton>
    </template>
  </UiDialog>
</template>

<style scoped>
.body {
  display: grid;
  gap: 14px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
}
</style>
