<script setup lang="ts">
import { t } from '@/messages/views'
import { required } from '@/ui/rules'
import { computed, onMounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import OpenSessions from '@/account/OpenSessions.vue'
import OwnCalendar from '@/account/OwnCalendar.vue'
import SecondFactor from '@/account/SecondFactor.vue'
import { answerOf, api } from '@/api/client'
import JudgeState from '@/frame/JudgeState.vue'
import LogOutButton from '@/frame/LogOutButton.vue'
import LookPicker from '@/frame/LookPicker.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { useDoing } from '@/shared/useDoing'
import { useExamination } from '@/stores/examination'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiChoice from '@/ui/UiChoice.vue'
import { forgetKey } from '@/sync'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import { tell } from '@/ui/telling'

/** One's own account. */
const session = useSession()
const router = useRouter()
const given = reactive({ current: '', password: '' })
const RULES = {
  current: required(t('accountView.theCurrentPasswordIsMissing'), { whitespace: false }),
  password: required(t('accountView.theNewPasswordIsMissing'), { whitespace: false }),
}
const sessions = ref<InstanceType<typeof OpenSessions> | null>(null)
const { busy, problem, attempt } = useDoing()
/** Until it is set up, the server answers nothing else. */
const lacksFactor = computed(() => session.user?.asksSecondFactor === true && !session.user.secondFactor)

async function changePassword(): Promise<void> {
  const done = await attempt(async () => {
    await answerOf(api.PUT('/api/password', { body: { ...given } }))
    // The old one opens this device no longer; the next log-in wraps its key by the new one.
    await forgetKey(session.user?.id)
  })
  if (!done) return
  given.current = given.password = ''
  tell(t('accountView.thePasswordIsChangedAllOther'))
  void sessions.value?.load()
}

async function workIn(team: string): Promise<void> {
  const here = session.user?.teams.find((one) => one.here)?.id
  if (team === here) return
  useExamination().close()
  if (await attempt(() => session.workIn(team))) await router.push('/')
}

onMounted(() => void session.look().catch(() => undefined))
</script>

<template>
  <SubjectPage v-if="session.user" :title="session.user.name">
    <template #beside>
      <span class="beside">
        <LookPicker />
        <LogOutButton />
      </span>
    </template>
    <UiAlert v-if="lacksFactor" :say="t('accountView.asksForASecondFactorSet', { team: session.user.team })" />
    <div class="columns">
      <div class="side">
        <section v-if="session.user.teams.length > 1" aria-labelledby="teams">
          <h2 id="teams">{{ t('accountView.currentTeam') }}</h2>
          <UiChoice
            :label="t('accountView.team')"
            :value="session.user.teams.find((team) => team.here)?.id"
            :options="session.user.teams.map(({ id, name }) => ({ id, label: name }))"
            @pick="workIn"
          />
        </section>
        <SecondFactor />
        <section aria-labelledby="password">
          <h2 id="password">{{ t('accountView.password') }}</h2>
          <UiForm
            class="form"
            :label="t('accountView.changePassword')"
            :model="given"
            :rules="RULES"
            @submit="changePassword"
          >
            <UiText
              v-model="given.current"
              :label="t('accountView.currentPassword')"
              prop="current"
              type="password"
              autocomplete="current-password"
            />
            <UiText
              v-model="given.password"
              :label="t('accountView.newPassword12CharactersOrMore')"
              prop="password"
              type="password"
              autocomplete="new-password"
            />
            <UiButton submit :disabled="busy">{{ t('accountView.changePassword') }}</UiButton>
          </UiForm>
          <UiAlert v-if="problem" :say="problem" />
        </section>
        <section v-if="session.user.examines && !lacksFactor" aria-labelledby="exchange">
          <h2 id="exchange">{{ t('accountView.exchange') }}</h2>
          <p class="quiet-text">{{ t('accountView.exchangeSay') }}</p>
          <p>
            <UiButton :to="{ name: 'exchange' }">{{ t('accountView.openExchange') }}</UiButton>
          </p>
        </section>
      </div>
      <div class="side">
        <OpenSessions ref="sessions" />
        <section v-if="session.user.examines && !lacksFactor" aria-labelledby="offline">
          <h2 id="offline">{{ t('accountView.withoutANetwork') }}</h2>
          <p class="quiet-text">{{ t('accountView.onThisDeviceTheSameRules') }}</p>
          <JudgeState />
        </section>
        <OwnCalendar v-if="session.user.examines && !lacksFactor" />
      </div>
    </div>
  </SubjectPage>
</template>

<style scoped>
/* The bar above has them where it has the room. */
.beside {
  display: none;
}
@media (--phone) {
  .beside {
    display: flex;
    align-items: center;
  }
}
section {
  display: grid;
  gap: 12px;
}
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 30px clamp(22px, 5vw, 64px);
  align-items: start;
}

.side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 30px;
}
@media (--tablet) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
.form {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.form > :not(.button) {
  flex: 1 1 260px;
  max-width: 380px;
  margin: 0;
}
</style>
