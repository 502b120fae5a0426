<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { LetterLine } from '@/contract/types'
import { t } from '@/messages/letters'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import BeginLetter from './BeginLetter.vue'

/** Letters about a signed examination, and another one begun. */
const props = defineProps<{ examination: string }>()
const letters = ref<LetterLine[]>([])
const writing = ref(false)
const { problem, attempt } = useDoing()

async function load(): Promise<void> {
  const path = { examination: props.examination }
  letters.value = await answerOf(api.GET('/api/examinations/{examination}/letters', { params: { path } }))
}

onMounted(() => attempt(load))
</script>

<template>
  <section class="letters" aria-labelledby="letters">
    <header>
      <h2 id="letters">{{ t('lettersCard.letters') }}</h2>
      <UiButton @click="writing = true">{{ t('lettersCard.writeALetter') }}</UiButton>
    </header>
    <UiAlert v-if="problem" :say="problem" />
    <ul v-if="letters.length > 0">
      <li v-for="one in letters" :key="one.id">
        <RouterLink :to="{ name: 'letter', params: { id: one.id } }">
          {{ one.toName || t('lettersCard.noRecipientYet') }}
          <small>
            {{
              one.sent
                ? t('lettersCard.sent', { sent: one.sent, at: day(one.at) })
                : t('lettersCard.draftOf', { at: day(one.at) })
            }}
          </small>
        </RouterLink>
      </li>
    </ul>
    <BeginLetter v-if="writing" :examination="examination" @close="writing = false" />
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
li a {
  display: block;
  min-height: var(--touch);
  padding: 6px 0;
  text-decoration: none;
  border-top: 1px solid var(--line);
}
li a:hover {
  text-decoration: underline;
}
small {
  display: block;
  color: var(--text-2);
}
@media print {
  .letters {
    display: none;
  }
}
</style>
