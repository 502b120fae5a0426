<script setup lang="ts">
import { computed } from 'vue'
import type { SectionPayloads } from '@/contract/types'
import { t } from '@/messages/bench'
import { today } from '@/shared/dates'
import UiDate from '@/ui/UiDate.vue'
import UiChoice from '@/ui/UiChoice.vue'

/** What the surgeon who operated said of this knee: only that lifts the limits after a cruciate operation. */
type Said = NonNullable<SectionPayloads['episode']['surgeonSaid']>

const props = defineProps<{ value: Said | null | undefined }>()
const emit = defineEmits<{ change: [value: Said | undefined] }>()

const ANSWERS = [
  { id: false, label: t('surgeonsWord.notClearedForSport') },
  { id: true, label: t('surgeonsWord.clearedForSport') },
]
const said = computed(() => props.value ?? undefined)

function pick(cleared: boolean): void {
  emit('change', said.value?.cleared === cleared ? undefined : { on: today(), ...said.value, cleared })
}

function change(part: Partial<Said>): void {
  if (said.value) emit('change', { ...said.value, ...part })
}
</script>

<template>
  <fieldset class="surgeon wide">
    <legend>{{ t('surgeonsWord.theSurgeonSays') }}</legend>
    <UiChoice :label="t('surgeonsWord.theSurgeonSays')" :value="said?.cleared" :options="ANSWERS" @pick="pick" />
    <template v-if="said">
      <UiDate
        :label="t('surgeonsWord.on')"
        prop="on"
        :model-value="said.on"
        @update:model-value="(on) => on !== '' && change({ on })"
      />
      <label class="field">
        <span>{{ t('surgeonsWord.plan') }}</span>
        <input
          type="text"
          maxlength="4000"
          :value="said.plan ?? ''"
          @change="(event) => change({ plan: (event.target as HTMLInputElement).value.trim() || undefined })"
        />
      </label>
    </template>
  </fieldset>
</template>

<style scoped>
.surgeon {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
