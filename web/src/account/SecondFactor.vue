<script setup lang="ts">
import { t } from '@/messages/account'
import { required } from '@/ui/rules'
import { toString as drawn } from 'qrcode'
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { FactorSecret } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'
import { tell } from '@/ui/telling'

/** An app that shows a code for each log-in: set up in two steps, and recovery codes that are told this once. */
const session = useSession()
const pending = ref<FactorSecret | null>(null)
const picture = ref('')
const recovery = ref<string[]>([])
const given = reactive({ code: '' })
const RULES = { code: required(t('secondFactor.theCodeIsMissing')) }
const { busy, problem, attempt } = useDoing()
const turningOff = ref(false)
const isOn = computed(() => session.user?.secondFactor === true)

function begin(): void {
  void attempt(async () => {
    pending.value = await withPassword(() => answerOf(api.POST('/api/second-factor')))
    const svg = await drawn(pending.value.address, { type: 'svg', margin: 2 })
    picture.value = `data:image/svg+xml;base64,${btoa(svg)}`
  })
}

function turnOn(): void {
  void attempt(async () => {
    const { recoveryCodes } = await answerOf(api.PUT('/api/second-factor', { body: { code: given.code } }))
    recovery.value = recoveryCodes
    pending.value = null
    given.code = ''
    await session.look()
  })
}

function turnOff(): void {
  void attempt(async () => {
    await withPassword(() => answerOf(api.DELETE('/api/second-factor', { body: { code: given.code } })))
    recovery.value = []
    given.code = ''
    turningOff.value = false
    await session.look()
    tell(t('secondFactor.theSecondFactorIsOffYou'))
  })
}
</script>

<template>
  <section aria-labelledby="factor">
    <h2 id="factor">{{ t('secondFactor.secondFactor') }}</h2>
    <template v-if="recovery.length > 0">
      <p>
        <b>{{ t('secondFactor.saveTheseCodesNowTheyAre') }}</b>
        {{ t('secondFactor.eachCodeLogsYouInOnce') }}
      </p>
      <ul class="codes number" :aria-label="t('secondFactor.recoveryCodes')">
        <li v-for="code in recovery" :key="code">
          <code>{{ code }}</code>
        </li>
      </ul>
      <p>
        <UiButton kind="main" @click="recovery = []">{{ t('secondFactor.iHaveSavedTheCodes') }}</UiButton>
      </p>
    </template>
    <template v-else-if="pending">
      <div class="setup">
        <img :src="picture" :alt="t('secondFactor.qrCodeOfTheSecretFor')" />
        <div>
          <p>{{ t('secondFactor.scanThisWithAnAuthenticatorApp') }}</p>
          <code class="number">{{ pending.secret.match(/.{1,4}/g)?.join(' ') }}</code>
          <UiForm class="form" :label="t('secondFactor.codeFromTheApp')" :model="given" :rules="RULES" @submit="turnOn">
            <UiText
              v-model="given.code"
              :label="t('secondFactor.sixDigitCodeFromTheApp')"
              prop="code"
              autocomplete="one-time-code"
            />
            <p class="actions">
              <UiButton kind="main" submit :disabled="busy">{{ t('secondFactor.turnOnSecondFactor') }}</UiButton>
              <UiButton kind="quiet" @click="pending = null">{{ t('secondFactor.cancel') }}</UiButton>
            </p>
          </UiForm>
        </div>
      </div>
    </template>
    <UiForm
      v-else-if="turningOff"
      class="form"
      :label="t('secondFactor.turnOffSecondFactor')"
      :model="given"
      :rules="RULES"
      @submit="turnOff"
    >
      <UiText
        v-model="given.code"
        :label="t('secondFactor.codeFromTheAppOrA')"
        prop="code"
        autocomplete="one-time-code"
      />
      <p class="actions">
        <UiButton kind="main" submit :disabled="busy">{{ t('secondFactor.turnOffSecondFactor') }}</UiButton>
        <UiButton kind="quiet" @click="turningOff = false">{{ t('secondFactor.cancel') }}</UiButton>
      </p>
    </UiForm>
    <p v-else class="state">
      <span>
        {{ isOn ? t('secondFactor.onEachLogInAsksFor') : t('secondFactor.offYouLogInWithYour') }}
      </span>
      <UiButton v-if="!isOn" kind="main" :disabled="busy" @click="begin">
        {{ t('secondFactor.setUpSecondFactor') }}
      </UiButton>
      <UiButton v-else-if="!session.user?.asksSecondFactor" :disabled="busy" @click="turningOff = true">
        {{ t('secondFactor.turnOffSecondFactor3') }}
      </UiButton>
    </p>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
.state {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
.setup {
  display: grid;
  grid-template-columns: 208px 1fr;
  gap: 22px;
}
img {
  width: 208px;
  border: 1px solid var(--line);
}
code {
  font: inherit;
  font-variant-numeric: tabular-nums;
  letter-spacing: 0.06em;
}
.form {
  display: grid;
  gap: 14px;
  max-width: 320px;
  margin-top: 14px;
}
.actions {
  display: flex;
  gap: 8px;
}
.codes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 8px 18px;
  padding: 14px 18px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
@media (--phone) {
  .setup {
    grid-template-columns: 1fr;
  }
}
</style>
