<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '@/stores/session'

/** What is not as it should be with the machine that this runs on: to leads what they can mend, to all what stops them. */
const session = useSession()
const lines = computed(() => {
  const { mailLeaves, disk } = session.server
  const leads = session.user?.leads === true
  return [
    disk === 'full' &&
      'The disk of the server is full. Nothing can be saved until there is room; what you enter stays on this device.',
    disk === 'low' && leads && 'The disk of the server is nearly full. Tell its administrator before saving stops.',
    !mailLeaves && leads && 'No mail leaves this machine. Copy invitation links from Team, and hand letters over.',
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
