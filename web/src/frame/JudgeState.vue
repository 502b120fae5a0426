<script setup lang="ts">
import { computed } from 'vue'
import { SIZE_MB, failure, getJudge, keeping, share } from '@/judge'
import { t } from '@/messages/frame'
import UiButton from '@/ui/UiButton.vue'

/** Whether this device can judge without a network, and one press to make it so. */
const words = computed(() => {
  if (keeping.value === 'ready') return t('judgeState.ready')
  return keeping.value === 'getting'
    ? t('judgeState.getting', { percent: Math.round(100 * share.value) })
    : t('judgeState.absent')
})
</script>

<template>
  <p class="judge">
    <span role="status">{{ words }}</span>
    <UiButton v-if="keeping === 'absent'" @click="getJudge">
      {{ t('judgeState.download', { size: SIZE_MB }) }}
    </UiButton>
    <span v-if="failure && keeping !== 'ready'" role="alert">{{ t('judgeState.failed', { reason: failure }) }}</span>
  </p>
</template>

<style scoped>
.judge {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
</style>
