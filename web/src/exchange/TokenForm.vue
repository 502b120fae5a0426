<script setup lang="ts">
import { reactive, ref } from 'vue'
import { ABILITIES, ABILITY_IDS } from './abilities'
import { answerOf, api } from '@/api/client'
import type { TokenAbility } from '@/contract/types'
import CopyLine from '@/frame/CopyLine.vue'
import { t } from '@/messages/exchange'
import { useDoing } from '@/shared/useDoing'
import { withPassword } from '@/shared/usePassword'
import { useSession } from '@/stores/session'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiForm from '@/ui/UiForm.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiText from '@/ui/UiText.vue'
import UiTick from '@/ui/UiTick.vue'
import { required } from '@/ui/rules'

/** A token for another program: what it may do, and for how long. It is shown once. */
const emit = defineEmits<{ made: [] }>()
const SPANS = [7, 30, 90, 365]
const USUAL_SPAN = 90
const session = useSession()
const given = reactive({ name: '', days: USUAL_SPAN, ofTeam: false })
const may = reactive<Record<TokenAbility, boolean>>({ read: true, record: false, export: false, fhir: false })
const RULES = { name: required(t('tokenForm.nameIsMissing')) }
const made = ref<{ name: string; token: string } | null>(null)
const { busy, problem, attempt } = useDoing()

async function make(): Promise<void> {
  made.value = null
  const abilities = ABILITY_IDS.filter((ability) => may[ability])
  const { name, days, ofTeam } = given
  const done = await attempt(async () => {
    if (abilities.length === 0) throw new Error(t('tokenForm.chooseOne'))
    const body = { name, days, abilities, ofTeam }
    const { token } = await withPassword(() => answerOf(api.POST('/api/tokens', { body })))
    made.value = { name, token }
  })
  if (!done) return
  given.name = ''
  emit('made')
}
</script>

<template>
  <section aria-labelledby="new-token">
    <h2 id="new-token">{{ t('tokenForm.newToken') }}</h2>
    <p class="quiet-text">{{ t('tokenForm.what') }}</p>
    <UiForm class="form" :label="t('tokenForm.newToken')" :model="given" :rules="RULES" @submit="make">
      <UiText v-model="given.name" :label="t('tokenForm.name')" prop="name" />
      <fieldset>
        <legend>{{ t('tokenForm.mayDo') }}</legend>
        <UiTick v-for="ability in ABILITY_IDS" :key="ability" v-model="may[ability]">
          <b>{{ ABILITIES[ability].name }}</b>
          <small>{{ ABILITIES[ability].say }}</small>
        </UiTick>
      </fieldset>
      <UiSelect
        class="days"
        :label="t('tokenForm.expiresAfter')"
        :value="given.days"
        :options="SPANS.map((n) => ({ id: n, label: t('tokenForm.days', { n }) }))"
        @change="(days) => (given.days = days ?? USUAL_SPAN)"
      />
      <UiTick v-if="session.user?.leads" v-model="given.ofTeam">{{ t('tokenForm.ofTeam') }}</UiTick>
      <UiAlert v-if="problem" :say="problem" />
      <UiButton kind="main" submit :disabled="busy">{{ t('tokenForm.makeToken') }}</UiButton>
    </UiForm>
    <div v-if="made" class="made" role="status">
      <p>
        <b>{{ t('tokenForm.copyItNow', { name: made.name }) }}</b>
      </p>
      <CopyLine
        :label="t('tokenForm.tokenFor', { name: made.name })"
        :text="made.token"
        :action="t('tokenForm.copyToken')"
      />
    </div>
  </section>
</template>

<style scoped>
section,
.form,
.made {
  display: grid;
  gap: 12px;
}
.form > :deep(.button) {
  justify-self: start;
}
fieldset {
  display: grid;
  padding: 0;
  margin: 0;
  border: 0;
}
legend {
  padding: 0;
  font-weight: 600;
}
small {
  display: block;
  color: var(--text-2);
}
.days {
  max-width: 200px;
}
</style>
