<script setup lang="ts">
import { t } from '@/messages/views'
import { required } from '@/ui/rules'
import { computed, onMounted, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import SendDialog from '@/letters/SendDialog.vue'
import { useLetter } from '@/letters/useLetter'
import SubjectPage from '@/frame/SubjectPage.vue'
import { moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiMore from '@/ui/UiMore.vue'
import UiText from '@/ui/UiText.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'

/** A letter: written on until it leaves, and as it left afterwards. */
const props = defineProps<{ id: string }>()
const { letter, newer, given, isSent, isChanged, load, save, send, discard, takeBack, keepOurs, show } = useLetter({
  id: () => props.id,
})
const session = useSession()
const sending = ref(false)
const gone = ref(false)
const { busy, problem, attempt } = useDoing()
const missing = (what: string) => required(t('letterView.isMissing', { what }))
const RULES = { subject: missing(t('letterView.theSubject')), text: missing(t('letterView.theText')) }
const state = computed(() => {
  const { sent, at, sentBy, version } = letter.value!
  if (sent) return t('letterView.sentOnBy', { sent, at: moment(at), sentBy })
  const draft = t('letterView.draftVersion', { version, at: moment(at) })
  return session.server.mailLeaves ? draft : t('letterView.thisServerSendsNoMail', { draft })
})
const title = computed(() =>
  letter.value ? t('letterView.letterAbout', { name: letter.value.athlete.name }) : t('letterView.letter'),
)

async function keep(): Promise<void> {
  const was = letter.value!.version
  let saved = false
  await attempt(async () => {
    saved = await save()
  })
  if (saved)
    tell(
      letter.value!.version === was
        ? t('letterView.thereIsNothingToSave')
        : t('letterView.savedAsVersion', { version: letter.value!.version }),
    )
}

async function leave(by: 'mail' | 'hand', carries: string[]): Promise<void> {
  const done = await attempt(async () => {
    if (!(await send(by, carries))) throw new Error('Another version was saved meanwhile. Look at it first.')
  })
  if (!done) return
  sending.value = false
  tell(by === 'mail' ? t('letterView.theLetterWasGivenToThe') : t('letterView.recordedAsHandedOver'))
}

async function drop(): Promise<void> {
  gone.value = await attempt(discard)
}

async function bring(): Promise<void> {
  if (await attempt(takeBack)) gone.value = false
}

// What is typed is not lost by a tap beside it.
onBeforeRouteLeave(async () => {
  if (!isChanged.value || isSent.value || gone.value) return true
  return (await attempt(save)) && newer.value === null
})
onMounted(() => attempt(load))
watch(
  () => props.id,
  () => attempt(load),
)
</script>

<template>
  <SubjectPage :title="title">
    <template v-if="letter && !gone" #beside>
      <nav class="files" :aria-label="t('letterView.letter')">
        <UiButton :href="`/api/letters/${id}/pdf`" target="_blank">{{ t('letterView.pdf') }}</UiButton>
        <UiButton :href="`/api/letters/${id}/text`" download>{{ t('letterView.text') }}</UiButton>
        <UiButton v-if="!isSent" kind="main" :disabled="busy" @click="sending = true">
          {{ session.server.mailLeaves ? t('letterView.send') : t('letterView.handOver') }}
        </UiButton>
      </nav>
    </template>
    <UiAlert v-if="problem && !sending" :say="problem">
      <UiButton v-if="!letter" @click="attempt(load)">{{ t('letterView.tryAgain') }}</UiButton>
    </UiAlert>
    <p v-if="gone" role="status" class="gone">
      {{ t('letterView.theDraftIsDiscardedYouCan') }}
      <UiButton :disabled="busy" @click="bring">{{ t('letterView.restore') }}</UiButton>
    </p>
    <UiWaiting v-else-if="!letter" :label="t('letterView.loadingTheLetter')" />
    <template v-else>
      <p class="state quiet-text">
        <span>{{ state }}</span>
        <RouterLink :to="{ name: 'summary', params: { id: letter.examination } }">
          {{ t('letterView.theExamination') }}
        </RouterLink>
      </p>
      <div v-if="newer" class="newer" role="alert">
        <b>{{ t('letterView.anotherVersionWasSavedMeanwhile', { version: newer.version }) }}</b>
        {{ t('letterView.yoursIsStillBelowAndNot') }}
        <span class="lines theirs" role="region" :aria-label="t('letterView.whatTheyWrote')" tabindex="0">
          {{ newer.text }}
        </span>
        <span class="actions">
          <UiButton :disabled="busy" @click="attempt(keepOurs)">{{ t('letterView.keepMine') }}</UiButton>
          <UiButton kind="quiet" @click="show(newer)">{{ t('letterView.takeTheirs') }}</UiButton>
        </span>
      </div>
      <article v-if="isSent" class="sent">
        <p v-if="letter.toName" class="lines">{{ [letter.toName, letter.to.address].filter(Boolean).join('\n') }}</p>
        <h2>{{ letter.subject }}</h2>
        <p class="lines">{{ letter.text }}</p>
      </article>
      <UiForm v-else class="form" :label="t('letterView.letter')" :model="given" :rules="RULES" @submit="keep">
        <div class="words">
          <UiText v-model="given.subject" :label="t('letterView.subject')" prop="subject" />
          <UiText v-model="given.text" :label="t('letterView.text')" prop="text" type="textarea" :rows="14" />
          <p class="actions">
            <UiButton kind="main" submit :disabled="busy || !isChanged">{{ t('letterView.saveLetter') }}</UiButton>
            <UiButton kind="quiet" :disabled="busy" @click="drop">{{ t('letterView.discardDraft') }}</UiButton>
          </p>
        </div>
        <div class="to">
          <h2>{{ t('letterView.to') }}</h2>
          <UiText v-model="given.name" :label="t('letterView.name')" prop="name" />
          <UiText v-model="given.practice" :label="t('letterView.practiceOrHospital')" prop="practice" />
          <UiText v-model="given.address" :label="t('letterView.address')" prop="address" type="textarea" />
          <UiText v-model="given.email" :label="t('letterView.email')" prop="email" />
          <RouterLink :to="{ name: 'doctors' }">{{ t('letterView.addressBook') }}</RouterLink>
        </div>
      </UiForm>
      <UiMore
        v-if="letter.versions.length > 1"
        :title="t('letterView.earlierVersions', { n: letter.versions.length - 1 })"
      >
        <article v-for="one in letter.versions.slice(1)" :key="one.number" class="version">
          <h3>{{ t('letterView.version', { number: one.number, by: one.by, at: moment(one.at) }) }}</h3>
          <p class="lines">{{ one.text }}</p>
        </article>
      </UiMore>
    </template>
    <SendDialog
      v-if="sending && letter"
      :letter="letter"
      :email="given.email.trim()"
      :busy="busy"
      :problem="problem"
      @close="sending = false"
      @send="leave"
    />
  </SubjectPage>
</template>

<style scoped>
.files,
.state,
.actions,
.gone {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
.form {
  display: grid;
  grid-template-columns: minmax(0, 7fr) minmax(0, 3fr);
  gap: 26px clamp(22px, 4vw, 56px);
  align-items: start;
}
.words,
.to {
  display: grid;
  gap: 12px;
}
.newer {
  display: grid;
  gap: 8px;
  padding: 12px 16px;
  border: 2px solid var(--ink);
  border-radius: var(--radius);
}
.theirs {
  max-height: 15em;
  padding-left: 14px;
  overflow-y: auto;
  border-left: 2px solid var(--line-2);
}
.sent {
  display: grid;
  gap: 14px;
  max-width: 75ch;
  padding: 26px clamp(18px, 4vw, 44px);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.lines {
  white-space: pre-line;
  overflow-wrap: anywhere;
}
.version {
  max-width: 75ch;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
@media (--tablet) {
  .form {
    grid-template-columns: 1fr;
  }
  .to {
    order: -1;
  }
}
</style>
