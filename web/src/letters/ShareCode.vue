<script setup lang="ts">
import { toString as drawn } from 'qrcode'
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { t } from '@/messages/letters'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** A code that opens the same words on the athlete's own device, for some days, until it is closed. */
const props = defineProps<{ examination: string }>()
const until = ref<string | null>(null)
const address = ref('')
const picture = ref('')
const { busy, problem, attempt } = useDoing()
const path = { path: { examination: props.examination } }

async function load(): Promise<void> {
  until.value = (await answerOf(api.GET('/api/examinations/{examination}/page', { params: path }))).until
}

function open(): void {
  void attempt(async () => {
    const opened = await answerOf(api.POST('/api/examinations/{examination}/page', { params: path }))
    const svg = await drawn(opened.address, { type: 'svg', margin: 2 })
    address.value = opened.address
    picture.value = `data:image/svg+xml;base64,${btoa(svg)}`
    until.value = opened.until
  })
}

function close(): void {
  void attempt(async () => {
    await answerOf(api.DELETE('/api/examinations/{examination}/page', { params: path }))
    until.value = null
    address.value = picture.value = ''
  })
}

onMounted(() => attempt(load))
</script>

<template>
  <section class="share" aria-labelledby="share">
    <h2 id="share">{{ t('shareCode.onTheAthletesOwnDevice') }}</h2>
    <div v-if="picture" class="code">
      <img :src="picture" :alt="t('shareCode.aCodeThatOpensThisPage')" />
      <p>
        {{ t('shareCode.anyoneWhoScansThisCodeCan', { until: day(until!) }) }}
        <span class="address">{{ address }}</span>
      </p>
    </div>
    <p v-else-if="until">
      {{ t('shareCode.aCodeIsOpenUntilIt', { until: day(until) }) }}
    </p>
    <p v-else>{{ t('shareCode.noCodeIsOpenACode') }}</p>
    <p class="actions">
      <UiButton :disabled="busy" @click="open">
        {{ until ? t('shareCode.replaceCode') : t('shareCode.createCode') }}
      </UiButton>
      <UiButton v-if="until" kind="quiet" :disabled="busy" @click="close">{{ t('shareCode.closeCode') }}</UiButton>
    </p>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
.share {
  display: grid;
  gap: 12px;
}
.code {
  display: grid;
  grid-template-columns: 208px 1fr;
  gap: 22px;
  align-items: center;
}
img {
  width: 208px;
  border: 1px solid var(--line);
}
.address {
  display: block;
  margin-top: 8px;
  font-size: var(--type-small);
  color: var(--text-2);
  overflow-wrap: anywhere;
}
.actions {
  display: flex;
  gap: 10px;
}
@media (--phone) {
  .code {
    grid-template-columns: 1fr;
  }
}
@media print {
  .share {
    display: none;
  }
}
</style>
