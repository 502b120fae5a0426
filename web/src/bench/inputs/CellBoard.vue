<script setup lang="ts">
import { computed } from 'vue'
import type { Cell } from '@/contract/types'
import { t } from '@/messages/bench'
import UiNumber from '@/ui/UiNumber.vue'
import UiToggle from '@/ui/UiToggle.vue'
import PainStrip from './PainStrip.vue'

const props = defineProps<{ value: Cell[] | undefined }>()
const emit = defineEmits<{ change: [cells: Cell[] | undefined] }>()

const ROTATIONS = ['outward', 'inward']
const STRESSES = ['varus', 'valgus']
const SITES = ['medial', 'lateral', 'elsewhere']
const ENDS = [
  { end: 'block', label: 'block' },
  { end: 'gives_way', label: t('cellBoard.givesWay') },
]
const MOST_BEND = 160
/** The least that counts as pain; the strip that then appears takes the athlete's own figure. */
const LEAST_PAIN = 1

function cell(rotation: string, stress: string): Cell | undefined {
  return props.value?.find((c) => c.rotation === rotation && c.stress === stress)
}

function change(rotation: string, stress: string, part: Partial<Cell> | null): void {
  const others = (props.value ?? []).filter((c) => c.rotation !== rotation || c.stress !== stress)
  const next = part === null ? others : [...others, { ...(cell(rotation, stress) ?? { rotation, stress }), ...part }]
  emit('change', next.length > 0 ? next : undefined)
}

/** The run stops short, or the knee gives way in it: one or the other, or neither. */
function toggleEnd(rotation: string, stress: string, end: string): void {
  const now = cell(rotation, stress)
  change(rotation, stress, { click: now?.click === true, cellEnd: now?.cellEnd === end ? 'none' : end })
}

function toggle(rotation: string, stress: string, kind: 'quiet' | 'click' | 'pain'): void {
  const now = cell(rotation, stress)
  if (kind === 'quiet') change(rotation, stress, now ? null : { click: false, pain: 0, cellEnd: 'none' })
  else if (kind === 'click') change(rotation, stress, { click: now?.click !== true })
  else change(rotation, stress, { pain: Number(now?.pain ?? 0) > 0 ? 0 : LEAST_PAIN })
}

/** The ways that gave a sign: only these are asked where. */
const tried = computed(() =>
  ROTATIONS.flatMap((r) => STRESSES.map((s): [string, string] => [r, s])).filter(([r, s]) => symptomatic(cell(r, s))),
)

function symptomatic(c: Cell | undefined): boolean {
  const ends = c?.cellEnd === 'block' || c?.cellEnd === 'gives_way'
  return c !== undefined && (c.click === true || Number(c.pain ?? 0) > 0 || ends)
}
</script>

<template>
  <div class="board" role="group" :aria-label="t('cellBoard.fourWaysOfTurningAndStressing')">
    <span />
    <b v-for="rotation in ROTATIONS" :key="rotation">{{ t('cellBoard.turned', { rotation }) }}</b>
    <template v-for="stress in STRESSES" :key="stress">
      <b class="row">{{ stress }}</b>
      <div
        v-for="rotation in ROTATIONS"
        :key="rotation"
        class="cell"
        role="group"
        :aria-label="t('cellBoard.turned2', { rotation, stress })"
      >
        <button
          type="button"
          class="choice"
          :aria-pressed="!!cell(rotation, stress) && !symptomatic(cell(rotation, stress))"
          @click="toggle(rotation, stress, 'quiet')"
        >
          {{ t('cellBoard.quiet') }}
        </button>
        <button
          type="button"
          class="choice"
          :aria-pressed="cell(rotation, stress)?.click === true"
          @click="toggle(rotation, stress, 'click')"
        >
          {{ t('cellBoard.click') }}
        </button>
        <button
          type="button"
          class="choice"
          :aria-pressed="Number(cell(rotation, stress)?.pain ?? 0) > 0"
          @click="toggle(rotation, stress, 'pain')"
        >
          {{ t('cellBoard.pain') }}
        </button>
        <button
          v-for="{ end, label } in ENDS"
          :key="end"
          type="button"
          class="choice"
          :aria-pressed="cell(rotation, stress)?.cellEnd === end"
          @click="toggleEnd(rotation, stress, end)"
        >
          {{ label }}
        </button>
      </div>
    </template>
  </div>
  <div
    v-for="[rotation, stress] in tried"
    :key="`${rotation}${stress}`"
    class="told"
    role="group"
    :aria-label="t('cellBoard.whereTurned', { rotation, stress })"
  >
    <h4>{{ t('cellBoard.turned3', { rotation, stress }) }}</h4>
    <PainStrip
      v-if="Number(cell(rotation, stress)?.pain ?? 0) > 0"
      :value="Number(cell(rotation, stress)?.pain)"
      :label="t('cellBoard.painTurned', { rotation, stress })"
      @pick="(pain) => change(rotation, stress, { pain })"
    />
    <div class="sites">
      <button
        v-for="site in SITES"
        :key="site"
        type="button"
        class="choice"
        :aria-pressed="(cell(rotation, stress)?.painSite ?? cell(rotation, stress)?.clickSite) === site"
        @click="change(rotation, stress, { painSite: site, clickSite: site })"
      >
        {{ site }}
      </button>
    </div>
    <div class="more">
      <UiNumber
        v-if="Number(cell(rotation, stress)?.pain ?? 0) > 0"
        :label="t('cellBoard.hurtsAtABendOf')"
        :value="cell(rotation, stress)?.hurtsAtDeg ?? undefined"
        :least="0"
        :most="MOST_BEND"
        unit="°"
        @change="(hurtsAtDeg) => change(rotation, stress, { hurtsAtDeg })"
      />
      <UiToggle
        :on="cell(rotation, stress)?.axial === true"
        @toggle="change(rotation, stress, { axial: cell(rotation, stress)?.axial === true ? undefined : true })"
      >
        {{ t('cellBoard.pressedAlongTheShin') }}
      </UiToggle>
    </div>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) minmax(0, 1fr);
  gap: 4px 6px;
  align-items: center;
  text-align: center;
  font-size: var(--type-small);
}
.board b {
  font-weight: 600;
  color: var(--text-2);
}
.board .row {
  text-align: left;
}
.cell {
  display: grid;
  grid-template-columns: 1fr 1fr;
  border: 1px solid var(--line-2);
  border-radius: var(--radius);
  overflow: hidden;
}
.cell .choice {
  padding: 0;
  border-width: 1px 0 0;
  border-color: var(--line);
  border-radius: 0;
}
.cell .choice:first-child {
  grid-column: 1 / -1;
  border-top: 0;
}
.cell .choice:nth-child(odd) {
  border-left-width: 1px;
}
.cell .choice:first-child {
  border-left-width: 0;
}
.told {
  display: grid;
  gap: 4px;
  margin-top: 8px;
  padding-left: 8px;
  border-left: 3px solid var(--mine);
}
h4 {
  margin: 0;
  font-size: var(--type-small);
  font-weight: 600;
  color: var(--text-2);
}
.sites {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 4px;
}
.sites .choice {
  padding: 0;
}
.more {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px;
  align-items: end;
}
</style>
