<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Payload, Side } from '@/contract/types'
import { t } from '@/messages/instruments'
import UiActions from '@/ui/UiActions.vue'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiNumber from '@/ui/UiNumber.vue'
import UiSelect from '@/ui/UiSelect.vue'
import MeasureTable from './MeasureTable.vue'
import PullChart from './PullChart.vue'
import TakeList from './TakeList.vue'
import { instrumentAddresses } from './addresses'
import { ASKED, type Muscle, counting, flawOf, pullsOf, recordOf } from './measured'
import type { InstrumentKind } from './protocol'
import type { Curve } from './pullOptions'
import { useMeasuring } from './useMeasuring'

/** Both knees by an arthrometer or a dynamometer: three pulls each, drawn while they are pulled. */
const props = defineProps<{
  kind: InstrumentKind
  /** The knees in the order in which they are measured, and what they are called. */
  knees: readonly { side: Side; name: string; isHurt: boolean }[]
}>()
const emit = defineEmits<{ close: []; take: [records: Partial<Record<Side, Payload>>] }>()

const TITLES: Record<InstrumentKind, string> = {
  arthrometer: t('measureDialog.arthrometer'),
  dynamometer: t('measureDialog.dynamometer'),
}
const LEVER_CM = { least: 5, most: 100 }
const MASS_KG = { least: 15, most: 250 }
const CM_IN_M = 100

const addresses = instrumentAddresses()
const address = ref(addresses[0] ?? '')
const { device, state, connect, active, takes, live, force, discard } = useMeasuring({
  kind: props.kind,
  address,
  sides: props.knees.map(({ side }) => side),
})
watch(address, connect)

const muscle = ref<Muscle>({})
const hurt = computed(() => props.knees.find(({ isHurt }) => isHurt)?.side)
const curves = computed<Curve[]>(() => [
  ...props.knees.flatMap(({ side, isHurt }) =>
    takes.value[side].flatMap((take) =>
      take.kind === 'pull' ? [{ isHurt, isOut: flawOf(take) !== null, points: take.pull.points }] : [],
    ),
  ),
  ...(live.value.length === 0 ? [] : [{ isHurt: active.value === hurt.value, isOut: false, points: live.value }]),
])
const records = computed(() => {
  const read: Partial<Record<Side, Payload>> = {}
  for (const { side } of props.knees) {
    const record = device.value && recordOf(side, takes.value, device.value, muscle.value)
    if (record) read[side] = record
  }
  return read
})
const hasRecord = computed(() => Object.keys(records.value).length > 0)
const label = computed(() =>
  t('measureDialog.curves', { n: props.knees.flatMap(({ side }) => pullsOf(takes.value[side])).length }),
)

function use(close: () => void): void {
  emit('take', records.value)
  close()
}
</script>

<template>
  <UiDialog v-slot="{ close }" wide :title="TITLES[kind]" @close="emit('close')">
    <div class="measuring">
      <UiSelect
        v-if="addresses.length > 1"
        :label="t('measureDialog.instrument')"
        :value="address"
        :options="addresses.map((one) => ({ id: one, label: one }))"
        @pick="(one: string) => (address = one)"
      />
      <p v-if="state.isReady" class="quiet-text" role="status">{{ state.say }}</p>
      <UiAlert v-else :say="state.say">
        <UiButton @click="connect">{{ t('measureDialog.connectAgain') }}</UiButton>
      </UiAlert>
      <div class="knees" role="group" :aria-label="t('measureDialog.kneeMeasured')">
        <button
          v-for="knee in knees"
          :key="knee.side"
          type="button"
          class="choice"
          :aria-pressed="active === knee.side"
          @click="active = knee.side"
        >
          {{ knee.name }}
          <small>
            {{ t('measureDialog.done', { done: counting(takes[knee.side]).length, asked: ASKED }) }}
          </small>
        </button>
      </div>
      <div class="beside">
        <PullChart v-if="kind === 'arthrometer'" :curves="curves" :label="label" />
        <div v-else class="effort">
          <p class="now number">{{ t('measureDialog.now', { newtons: Math.round(force) }) }}</p>
          <div class="muscle">
            <UiNumber
              :label="t('measureDialog.lever')"
              v-bind="LEVER_CM"
              unit="cm"
              :value="muscle.leverM === undefined ? undefined : muscle.leverM * CM_IN_M"
              @change="(cm) => (muscle = { ...muscle, leverM: cm === undefined ? undefined : cm / CM_IN_M })"
            />
            <UiNumber
              :label="t('measureDialog.mass')"
              v-bind="MASS_KG"
              unit="kg"
              :value="muscle.massKg"
              @change="(massKg) => (muscle = { ...muscle, massKg })"
            />
          </div>
        </div>
        <TakeList :takes="takes[active]" @discard="(index) => discard(active, index)" />
      </div>
      <MeasureTable v-if="hasRecord" :kind="kind" :knees="knees" :takes="takes" :muscle="muscle" />
    </div>
    <UiActions>
      <UiButton kind="quiet" @click="close">{{ t('measureDialog.cancel') }}</UiButton>
      <UiButton v-if="hasRecord" kind="main" @click="use(close)">{{ t('measureDialog.use') }}</UiButton>
    </UiActions>
  </UiDialog>
</template>

<style scoped>
.measuring {
  display: grid;
  gap: 12px;
}
.knees,
.muscle {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.knees small {
  display: block;
  color: inherit;
}
.beside {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 20px;
  align-items: start;
}
.effort {
  display: grid;
  gap: 12px;
}
.now {
  font-size: var(--type-huge);
}
@media (--phone) {
  .beside {
    grid-template-columns: 1fr;
  }
}
</style>
