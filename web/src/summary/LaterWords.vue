<script setup lang="ts">
import { t } from '@/messages/summary'
import { required } from '@/ui/rules'
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useOpenExamination } from '@/stores/openExamination'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** What was said of a signed examination later, and what took its place: nothing of it is changed. */
const emit = defineEmits<{ added: [] }>()
const opened = useOpenExamination()
const session = useSession()
const router = useRouter()
const given = reactive({ words: '' })
const writing = ref(false)
const RULES = { words: required(t('laterWords.theNoteIsEmpty')) }
const { busy, problem, attempt } = useDoing()

const head = computed(() => opened.head!)
const mayAdd = computed(() => session.user?.answers === true)
const isReplaced = computed(() => head.value.supersededBy?.isSigned === true)

async function add(): Promise<void> {
  const path = { examination: head.value.id }
  const done = await attempt(() =>
    answerOf(api.POST('/api/examinations/{examination}/addenda', { params: { path }, body: given })),
  )
  if (!done) return
  given.words = ''
  writing.value = false
  emit('added')
}

async function correct(): Promise<void> {
  const path = { examination: head.value.id }
  await attempt(async () => {
    const { id } = await answerOf(api.POST('/api/examinations/{examination}/correction', { params: { path } }))
    await router.push({ name: 'bench', params: { id } })
  })
}
</script>

<template>
  <section class="later" :aria-label="t('laterWords.addedLater')">
    <p v-if="head.supersededBy" :class="{ 'ink-line': isReplaced }">
      <RouterLink :to="{ name: isReplaced ? 'summary' : 'bench', params: { id: head.supersededBy.id } }">
        {{ isReplaced ? t('laterWords.thisExaminationWasReplacedByA') : t('laterWords.aCorrectionOfThisOneIs') }}
      </RouterLink>
    </p>
    <p v-if="head.supersedes">
      {{ t('laterWords.corrects') }}
      <RouterLink :to="{ name: 'summary', params: { id: head.supersedes } }">
        {{ t('laterWords.anEarlierSignedExamination') }}
      </RouterLink>
      .
    </p>
    <p v-for="one in head.addenda" :key="one.id" class="word">
      <b>{{ t('laterWords.addedBy', { by: one.by, at: moment(one.at) }) }}</b>
      {{ one.words }}
    </p>
    <UiForm v-if="writing" class="form" :label="t('laterWords.addNote')" :model="given" :rules="RULES" @submit="add">
      <UiText
        v-model="given.words"
        :label="t('laterWords.noteToAddTheSignedExamination')"
        prop="words"
        type="textarea"
      />
      <p class="actions">
        <UiButton kind="main" submit :disabled="busy">{{ t('laterWords.addNote') }}</UiButton>
        <UiButton kind="quiet" @click="writing = false">{{ t('laterWords.cancel') }}</UiButton>
      </p>
    </UiForm>
    <p v-else-if="mayAdd && head.status === 'signed'" class="actions">
      <UiButton @click="writing = true">{{ t('laterWords.addNote') }}</UiButton>
      <UiButton v-if="!head.supersededBy" kind="quiet" :disabled="busy" @click="correct">
        {{ t('laterWords.correctExamination') }}
      </UiButton>
    </p>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
.later {
  display: grid;
  gap: 10px;
}
.later:empty {
  display: none;
}
.word {
  padding: 8px 14px;
  background: var(--fill);
  border-radius: var(--radius);
  white-space: pre-line;
}
.form {
  display: grid;
  gap: 10px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media print {
  .actions {
    display: none;
  }
}
</style>
