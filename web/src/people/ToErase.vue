<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ToErase } from '@/contract/types'
import { t } from '@/messages/people'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** What the clock will erase, told before; nothing stands here where nothing will. */
const athletes = ref<ToErase[]>([])
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  athletes.value = await answerOf(api.GET('/api/retention'))
}

function keep(anyone: string): void {
  void attempt(async () => {
    await answerOf(api.PUT('/api/athletes/{anyone}/retention', { params: { path: { anyone } } }))
    await load()
  })
}

// Without the server there is nothing to decide.
onMounted(() => load().catch(() => undefined))
</script>

<template>
  <section v-if="athletes.length > 0" aria-labelledby="to-erase">
    <h2 id="to-erase">{{ t('toErase.willBeErased') }}</h2>
    <p class="quiet-text">{{ t('toErase.theirRetentionPeriodEndsErasing') }}</p>
    <ul>
      <li v-for="one in athletes" :key="one.id">
        <span>
          <b>{{ one.name }}</b>
          <small>{{ t('toErase.on', { squad: one.squad, on: day(one.on) }) }}</small>
        </span>
        <span class="beside">
          <UiButton kind="quiet" :href="`/api/athletes/${one.id}/archive`" download>{{ t('toErase.export') }}</UiButton>
          <UiButton
            :disabled="busy"
            :aria-label="t('toErase.keepForAnotherYear', { name: one.name })"
            @click="keep(one.id)"
          >
            {{ t('toErase.keepAYearLonger') }}
          </UiButton>
        </span>
      </li>
    </ul>
    <UiAlert v-if="problem" :say="problem" />
  </section>
</template>

<style scoped>
section {
  margin-bottom: 30px;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
small {
  display: block;
  color: var(--text-2);
}
.beside {
  display: flex;
  flex-wrap: wrap;
}
</style>
