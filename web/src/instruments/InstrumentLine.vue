<script setup lang="ts">
import { toRef } from 'vue'
import { t } from '@/messages/instruments'
import UiButton from '@/ui/UiButton.vue'
import { useInstrument } from './useInstrument'

/** Whether an instrument answers at this address, from this machine. */
const props = defineProps<{ address: string }>()

const { state, connect } = useInstrument({ address: toRef(props, 'address') })
</script>

<template>
  <li>
    <span>
      <b>{{ address }}</b>
      <small role="status">{{ state.say }}</small>
    </span>
    <UiButton v-if="!state.isReady" kind="quiet" @click="connect">{{ t('measureDialog.connectAgain') }}</UiButton>
  </li>
</template>

<style scoped>
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
small {
  display: block;
  color: var(--text-2);
}
</style>
