<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { ABILITIES } from './abilities'
import { answerOf, api } from '@/api/client'
import type { Tokens } from '@/contract/types'
import { t } from '@/messages/exchange'
import { day, moment } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { tell } from '@/ui/telling'

/** The tokens of one's own, and for a lead those of the team. */
const tokens = ref<Tokens | null>(null)
const revoking = ref<Tokens[number] | null>(null)
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  tokens.value = await answerOf(api.GET('/api/tokens'))
}

async function revoke({ id: apiToken, name }: Tokens[number]): Promise<void> {
  revoking.value = null
  const done = await attempt(async () => {
    await answerOf(api.DELETE('/api/tokens/{apiToken}', { params: { path: { apiToken } } }))
    await load()
  })
  if (done) tell(t('tokenList.revoked', { name }))
}

function spanOf(one: Tokens[number]): string {
  return [
    t('tokenList.madeOn', { madeAt: day(one.madeAt) }),
    one.usedAt ? t('tokenList.usedAt', { usedAt: moment(one.usedAt) }) : t('tokenList.neverUsed'),
    one.isOver ? t('tokenList.expired') : t('tokenList.expiresOn', { expiresAt: day(one.expiresAt) }),
  ].join(' · ')
}

onMounted(() => attempt(load))
defineExpose({ load })
</script>

<template>
  <section aria-labelledby="tokens">
    <h2 id="tokens">{{ t('tokenList.tokens') }}</h2>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-if="!tokens" :label="t('tokenList.loading')" />
    <p v-else-if="tokens.length === 0" class="quiet-text">{{ t('tokenList.none') }}</p>
    <ul v-else>
      <li v-for="one in tokens" :key="one.id" :class="{ over: one.isOver }">
        <span>
          <b>{{ one.name }}</b>
          <span class="abilities">{{ one.abilities.map((ability) => ABILITIES[ability].name).join(', ') }}</span>
          <small v-if="one.ofTeam">{{ t('tokenList.ofTeam', { by: one.by }) }}</small>
          <small>{{ spanOf(one) }}</small>
        </span>
        <UiButton
          kind="quiet"
          :disabled="busy"
          :aria-label="t('tokenList.revokeTokenName', { name: one.name })"
          @click="revoking = one"
        >
          {{ t('tokenList.revokeToken') }}
        </UiButton>
      </li>
    </ul>
    <UiDialog v-if="revoking" :title="t('tokenList.revokeName', { name: revoking.name })" @close="revoking = null">
      <p>{{ t('tokenList.itOpensNothing') }}</p>
      <template #actions>
        <UiButton @click="revoking = null">{{ t('tokenList.cancel') }}</UiButton>
        <UiButton kind="main" @click="revoke(revoking)">{{ t('tokenList.revokeToken') }}</UiButton>
      </template>
    </UiDialog>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
li > span {
  min-width: 0;
  overflow-wrap: anywhere;
}
.abilities {
  margin-left: 0.6em;
}
small {
  display: block;
  color: var(--text-2);
}
.over b {
  color: var(--text-2);
  text-decoration: line-through;
}
</style>
