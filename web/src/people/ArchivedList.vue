<script setup lang="ts">
import { defineAsyncComponent, onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { AthleteSummary } from '@/contract/types'
import { t } from '@/messages/people'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiMore from '@/ui/UiMore.vue'
import { tell } from '@/ui/telling'

/** Who was put away, to be taken back. */
const emit = defineEmits<{ restored: [] }>()
const EraseDialog = defineAsyncComponent(() => import('./EraseDialog.vue'))
const session = useSession()
const archived = ref<AthleteSummary[]>([])
const erasing = ref<AthleteSummary | null>(null)
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

async function erased(): Promise<void> {
  erasing.value = null
  tell(t('archivedList.erasedTheLogKeepsThatAn'))
  await load()
}

onMounted(load)
</script>

<template>
  <UiMore v-if="archived.length > 0" :title="t('archivedList.archived', { n: archived.length })">
    <UiAlert v-if="problem" :say="problem" />
    <ul>
      <li v-for="one in archived" :key="one.id">
        <span>{{ one.name }}, {{ one.squad }}</span>
        <span v-if="session.user?.answers === true" class="beside">
          <UiButton
            :disabled="busy"
            :aria-label="t('archivedList.restore', { name: one.name })"
            @click="restore(one.id)"
          >
            {{ t('archivedList.restore2') }}
          </UiButton>
          <UiButton
            v-if="session.user?.leads"
            kind="quiet"
            :aria-label="t('archivedList.eraseName', { name: one.name })"
            @click="erasing = one"
          >
            {{ t('archivedList.erase') }}
          </UiButton>
        </span>
      </li>
    </ul>
    <EraseDialog v-if="erasing" :athlete="erasing" @close="erasing = null" @erased="erased" />
  </UiMore>
</template>

<style scoped>
li,
.beside {
  display: flex;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 50px;
}
</style>
