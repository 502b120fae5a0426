<script setup lang="ts">
import { t } from '@/messages/people'
import { required } from '@/ui/rules'
import { reactive } from 'vue'
import { answerOf, api } from '@/api/client'
import { today } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiDate from '@/ui/UiDate.vue'
import UiText from '@/ui/UiText.vue'
import { tell } from '@/ui/telling'
import { PROPOSED, isProposed } from './proposed'

/** Something to do for an athlete, noted by hand. */
const props = defineProps<{ athlete: string }>()
const emit = defineEmits<{ noted: [] }>()
const given = reactive({ title: '', dueOn: today() })
const missing = (what: string) => required(t('noteTask.isMissing', { what }))
const RULES = { title: missing(t('noteTask.whatIsToBeDone')), dueOn: missing(t('noteTask.theDay')) }
const session = useSession()
const { busy, problem, attempt } = useDoing()

async function note(): Promise<void> {
  const path = { athlete: props.athlete }
  let answer: unknown
  const done = await attempt(async () => {
    answer = await answerOf(api.POST('/api/athletes/{athlete}/tasks', { params: { path }, body: { ...given } }))
  })
  if (!done) return
  if (isProposed(answer)) tell(PROPOSED)
  given.title = ''
  emit('noted')
}
</script>

<template>
  <UiForm class="form" :label="t('noteTask.addATask')" :model="given" :rules="RULES" @submit="note">
    <UiText v-model="given.title" :label="t('noteTask.task')" prop="title" />
    <UiDate v-model="given.dueOn" :label="t('noteTask.by')" prop="dueOn" />
    <UiButton submit :disabled="busy">
      {{ session.user?.answers ? t('noteTask.addTask') : t('noteTask.proposeTask') }}
    </UiButton>
  </UiForm>
  <UiAlert v-if="problem" :say="problem" />
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 160px auto;
  gap: 10px;
  align-items: start;
}
.form > * {
  margin: 0;
}
/* Beside the fields, below the height of their labels. */
.form > :deep(.button) {
  margin-top: 26px;
}
@media (--phone) {
  .form {
    grid-template-columns: 1fr;
  }
  .form > :deep(.button) {
    margin-top: 0;
  }
}
</style>
