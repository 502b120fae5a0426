<script setup lang="ts">
import { computed } from 'vue'
import type { ImportPreview } from '@/contract/types'
import { t } from '@/messages/people'
import { day } from '@/shared/dates'
import UiTick from '@/ui/UiTick.vue'
import type { LineStatus } from './useImport'

/** Each line of a list with what becomes of it; first what someone has to look at. */
const props = defineProps<{ lines: ImportPreview['lines']; taken: ReadonlySet<number> }>()
const emit = defineEmits<{ take: [row: number, on: boolean] }>()

const ORDER: LineStatus[] = ['refused', 'clash', 'new', 'same']
const WORDS: Record<LineStatus, string> = {
  refused: t('importLines.notImported'),
  clash: t('importLines.differentAthlete'),
  new: t('importLines.willBeAdded'),
  same: t('importLines.hereAlready'),
}
const sorted = computed(() =>
  [...props.lines].sort((one, other) => ORDER.indexOf(one.status) - ORDER.indexOf(other.status) || one.row - other.row),
)
</script>

<template>
  <div class="scroll">
    <table class="figures">
      <thead>
        <tr>
          <th scope="col" class="n">{{ t('importLines.row') }}</th>
          <th scope="col">{{ t('importLines.result') }}</th>
          <th scope="col">{{ t('importLines.name') }}</th>
          <th scope="col">{{ t('importLines.born') }}</th>
          <th scope="col">{{ t('importLines.squad') }}</th>
          <th scope="col">{{ t('importLines.number') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in sorted" :key="line.row" :class="line.status">
          <td class="n">{{ line.row }}</td>
          <td>
            <b>{{ WORDS[line.status] }}</b>
            <small v-if="line.why">{{ line.why }}</small>
            <UiTick
              v-if="line.status === 'clash'"
              :model-value="taken.has(line.row)"
              @update:model-value="(on) => emit('take', line.row, on)"
            >
              {{ t('importLines.addAsADifferentAthlete', { name: line.name }) }}
            </UiTick>
          </td>
          <template v-if="line.name">
            <td>{{ line.name }}</td>
            <td class="number">{{ line.bornOn ? day(line.bornOn) : '' }}</td>
            <td>{{ line.squad }}</td>
            <td>{{ line.number }}</td>
          </template>
          <td v-else colspan="4" class="quiet-text">{{ line.written }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
td {
  vertical-align: top;
}
.n {
  width: 52px;
}
small {
  display: block;
  color: var(--text-2);
}
.same {
  color: var(--text-2);
}
.new b,
.same b {
  font-weight: 400;
}
</style>
