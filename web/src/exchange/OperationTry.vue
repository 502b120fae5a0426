<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { type Operation, addressOf } from './contract'
import { t } from '@/messages/exchange'
import CopyLine from '@/frame/CopyLine.vue'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** Asks for something in the name of the person who looks, or says how a program would. */
const props = defineProps<{ operation: Operation }>()

/** More is not shown. */
const MOST_SHOWN = 20_000
const given = reactive<Record<string, string>>({})
const answer = ref<{ status: number; text: string } | null>(null)
const { busy, problem, attempt } = useDoing()

const asked = computed(() => props.operation.parameters.filter((one) => one.in !== 'header'))
const address = computed(() => addressOf(props.operation, given))
/** What changes something is not tried by a press on a page, nor is what holds secrets of the session. */
const canTry = computed(() => props.operation.method === 'GET' && props.operation.ability !== null)
const command = computed(() => {
  const { method, path, takes } = props.operation
  return [
    'curl',
    method === 'GET' ? '' : `-X ${method}`,
    "-H 'Authorization: Bearer TOKEN'",
    method === 'POST' ? "-H 'Idempotency-Key: KEY'" : '',
    takes ? "-H 'Content-Type: application/json' -d '{}'" : '',
    `'${location.origin}${address.value ?? path}'`,
  ]
    .filter(Boolean)
    .join(' ')
})

async function send(): Promise<void> {
  answer.value = null
  await attempt(async () => {
    const response = await fetch(address.value ?? '', { headers: { Accept: 'application/json' } })
    const text = await response.text()
    answer.value = { status: response.status, text: shown(text) }
  })
}

function shown(text: string): string {
  let told = text
  try {
    told = JSON.stringify(JSON.parse(text), null, 2)
  } catch {
    // A table or a calendar is shown as it is.
  }
  return told.length > MOST_SHOWN ? `${told.slice(0, MOST_SHOWN)}\n…` : told
}
</script>

<template>
  <div class="try">
    <form v-if="canTry" @submit.prevent="send">
      <label v-for="one in asked" :key="one.name" class="field">
        <code>{{ one.name }}</code>
        <input v-model="given[one.name]" type="text" autocomplete="off" :placeholder="one.description" />
      </label>
      <UiButton submit :disabled="busy || address === null">{{ t('contractPage.try') }}</UiButton>
    </form>
    <CopyLine
      v-if="operation.ability !== null"
      :label="t('contractPage.command')"
      :text="command"
      :action="t('contractPage.copyCommand')"
    />
    <UiAlert v-if="problem" :say="problem" />
    <figure v-if="answer">
      <figcaption role="status">{{ t('contractPage.status', { status: answer.status }) }}</figcaption>
      <pre tabindex="0"><code>{{ answer.text }}</code></pre>
    </figure>
  </div>
</template>

<style scoped>
.try,
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  justify-items: start;
}
.try > *,
form > label {
  width: 100%;
}
label code {
  font: inherit;
}
figure {
  margin: 0;
}
pre {
  max-height: 420px;
  margin: 6px 0 0;
  padding: 12px;
  overflow: auto;
  background: var(--card);
  border: 1px solid var(--line);
  font-size: var(--type-small);
}
</style>
