<script setup lang="ts">
import { computed } from 'vue'
import type { ItemStatus, RecordItem } from './useRecordImport'
import { t } from '@/messages/exchange'
import { day } from '@/shared/dates'

/** Each examination and result of a file with what would become of it; first what someone has to look at. */
const props = defineProps<{ items: readonly RecordItem[] }>()

const ORDER: ItemStatus[] = ['refused', 'needs_athlete', 'new', 'same']
const WORDS: Record<ItemStatus, string> = {
  refused: t('recordItems.refused'),
  needs_athlete: t('recordItems.needsAthlete'),
  new: t('recordItems.new'),
  same: t('recordItems.same'),
}
const sorted = computed(() =>
  [...props.items].sort((one, other) => ORDER.indexOf(one.status) - ORDER.indexOf(other.status)),
)

function what(item: RecordItem): string {
  const { what, side } = item
  if (side === null) return what
  return side === 'left' ? t('recordItems.left', { what }) : t('recordItems.right', { what })
}
</script>

<template>
  <div class="scroll">
    <table class="figures">
      <thead>
        <tr>
          <th scope="col">{{ t('recordItems.result') }}</th>
          <th scope="col">{{ t('recordItems.what') }}</th>
          <th scope="col">{{ t('recordItems.day') }}</th>
          <th scope="col">{{ t('recordItems.athlete') }}</th>
          <th scope="col">{{ t('recordItems.place') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="item in sorted" :key="item.place" :class="item.status">
          <td>
            <b>{{ WORDS[item.status] }}</b>
            <small v-if="item.why">{{ item.why }}</small>
          </td>
          <td>
            {{ what(item) }}
            <small v-if="item.isSigned">{{ t('recordItems.signed') }}</small>
            <small v-if="item.left.length > 0">{{ t('recordItems.leftOut', { left: item.left.join(', ') }) }}</small>
          </td>
          <td class="number">{{ item.on ? day(item.on) : '' }}</td>
          <td>
            {{ item.athlete?.name ?? item.person }}
            <small v-if="item.addsAthlete">{{ t('recordItems.addsAthlete') }}</small>
          </td>
          <td class="quiet-text">{{ item.place }}</td>
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
