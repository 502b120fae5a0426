<script setup lang="ts">
import { t } from '@/messages/people'
import { required } from '@/ui/rules'
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Task } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiDate from '@/ui/UiDate.vue'
import UiText from '@/ui/UiText.vue'
import { tell } from '@/ui/telling'
import { PROPOSED, isProposed } from './proposed'
import { kneeOf } from '@/shared/words'

/** Something that is due: what became of it. */
const props = defineProps<{ task: Task }>()
const emit = defineEmits<{
  close: []
  changed: []
  examine: [task: Task]
  result: [task: Task]
  letter: [task: Task]
}>()
type Doing = 'answer' | 'move' | 'let_go'

const asked = ref<Doing | null>(null)
const given = reactive({ note: '', dueOn: props.task.dueOn ?? '' })
const { busy, problem, attempt } = useDoing()
const session = useSession()
const answers = computed(() => session.user?.answers === true)
const isSent = computed(() => props.task.state === 'sent')
const RULES: Record<Doing, object> = {
  answer: {},
  move: { dueOn: required(t('taskDialog.theDayIsMissing')) },
  let_go: { note: required(t('taskDialog.enterTheReasonForDismissingIt')) },
}

async function change(state: Task['state'], more: { dueOn?: string; note?: string } = {}): Promise<void> {
  const path = { task: props.task.id }
  let answer: unknown
  const done = await attempt(async () => {
    answer = await answerOf(api.PUT('/api/tasks/{task}', { params: { path }, body: { state, ...more } }))
  })
  if (!done) return
  if (isProposed(answer)) tell(PROPOSED)
  else
    tell(
      state === 'sent'
        ? t('taskDialog.markedAsSentTheAnswerIs')
        : state === 'open'
          ? t('taskDialog.moved')
          : t('taskDialog.taskClosedItStaysOnRecord'),
    )
  emit('changed')
}

function finish(): void {
  if (asked.value === 'move') void change(props.task.state, { dueOn: given.dueOn })
  else if (asked.value === 'let_go') void change('let_go', { note: given.note })
  else void change('done', { note: given.note })
}
</script>

<template>
  <UiDialog :title="task.title" @close="emit('close')">
    <p v-if="task.athlete" class="who">
      {{ [task.athlete.name, task.side && kneeOf(task.side)].filter(Boolean).join(', ') }}
      <RouterLink v-if="task.examination" :to="{ name: 'summary', params: { id: task.examination } }">
        {{ t('taskDialog.examinationThatAskedForIt') }}
      </RouterLink>
    </p>
    <p v-if="task.why">{{ task.why }}</p>
    <p v-if="!answers" class="quiet-text">
      {{ t('taskDialog.whatYouEnterHereIsA') }}
    </p>
    <UiForm
      v-if="asked"
      class="form"
      :label="t('taskDialog.outcomeOfTheTask')"
      :model="given"
      :rules="RULES[asked]"
      @submit="finish"
    >
      <UiDate v-if="asked === 'move'" v-model="given.dueOn" :label="t('taskDialog.dueOn')" prop="dueOn" />
      <UiText
        v-else
        v-model="given.note"
        :label="asked === 'let_go' ? t('taskDialog.why') : t('taskDialog.outcome')"
        prop="note"
      />
      <template #actions>
        <UiButton kind="main" submit :disabled="busy">
          {{
            asked === 'move'
              ? t('taskDialog.moveTask')
              : asked === 'let_go'
                ? t('taskDialog.dismissTask')
                : t('taskDialog.closeTask')
          }}
        </UiButton>
        <UiButton kind="quiet" @click="asked = null">{{ t('taskDialog.cancel') }}</UiButton>
      </template>
    </UiForm>
    <p v-else class="actions">
      <UiButton v-if="task.kind === 'look_again' && task.side" kind="main" @click="emit('examine', task)">
        {{ t('taskDialog.examineNow') }}
      </UiButton>
      <template v-else-if="task.kind === 'referral' && !isSent">
        <UiButton v-if="task.examination && answers" kind="main" @click="emit('letter', task)">
          {{ t('taskDialog.writeALetter') }}
        </UiButton>
        <UiButton :disabled="busy" @click="change('sent')">{{ t('taskDialog.markAsSent') }}</UiButton>
      </template>
      <template v-else-if="isSent">
        <UiButton v-if="task.episode" kind="main" @click="emit('result', task)">
          {{ t('taskDialog.enterResult') }}
        </UiButton>
        <UiButton :kind="task.episode ? 'plain' : 'main'" @click="asked = 'answer'">
          {{ t('taskDialog.enterAnswer') }}
        </UiButton>
      </template>
      <UiButton v-if="!isSent" :disabled="busy" @click="change('done')">{{ t('taskDialog.done') }}</UiButton>
      <UiButton @click="asked = 'move'">{{ t('taskDialog.moveTask') }}</UiButton>
      <UiButton @click="asked = 'let_go'">{{ t('taskDialog.dismissTask') }}</UiButton>
    </p>
    <p class="calendar">
      <a :href="`/api/tasks/${task.id}/calendar`" download>{{ t('taskDialog.forACalendarIcs') }}</a>
    </p>
    <UiAlert v-if="problem" :say="problem" />
  </UiDialog>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  font-weight: 600;
}
.who a {
  font-weight: 400;
}
p + p {
  margin-top: 8px;
}
.calendar {
  margin-top: 16px;
}
.form {
  display: grid;
  gap: 12px;
  margin-top: 14px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 16px;
}
</style>
