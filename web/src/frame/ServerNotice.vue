<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/frame'
import { useSession } from '@/stores/session'

/** What is not as it should be with the machine that this runs on: to leads what they can mend, to all what stops them. */
const session = useSession()
const lines = computed(() => {
  const { mailLeaves, disk } = session.server
  const leads = session.user?.leads === true
  return [
    disk === 'full' && t('serverNotice.theServersDiskIsFullNothing'),
    disk === 'low' && leads && t('serverNotice.theServersDiskIsNearlyFull'),
    !mailLeaves && leads && t('serverNotice.thisServerSendsNoMailCopy'),
  ].filter((line): line is string => typeof line === 'string')
})
</script>

<template>
  <div v-if="lines.length > 0" class="notice" role="status">
    <p v-for="line in lines" :key="line">{{ line }}</p>
  </div>
</template>

<style scoped>
.notice {
  display: grid;
  gap: 6px;
  padding: 10px 14px;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
}
</style>
