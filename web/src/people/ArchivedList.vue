<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteSummary } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiMore from '@/ui/UiMore.vue'

/** Who was put away, to be taken back. */
const emit = defineEmits<{ restored: [] }>()
const session = useSession()
const archived = ref<AthleteSummary[]>([])
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  archived.value = await answerOf(api.GET('/api/athletes/archived')).catch(() => [])
}

function restore(id: string): void {
  void attempt(async () => {
    await answerOf(api.POST('/api/athletes/{archived}/restoration', { params: { path: { archived: id } } }))
    await load()
    emit('restored')
  })
}

onMounted(load)
</script>

<template>
  <UiMore v-if="archived.length > 0" :title="`Put away: ${archived.length}`">
    <UiAlert v-if="problem" :say="problem" />
    <ul>
      <li v-for="one in archived" :key="one.id">
        <span>{{ one.name }}, {{ one.squad }}</span>
        <UiButton
          v-if="session.user?.role !== 'student'"
          :disabled="busy"
          :aria-label="`Take back ${one.name}`"
          @click="restore(one.id)"
        >
          Take back
        </UiButton>
      </li>
    </ul>
  </UiMore>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 50px;
}
</style>
