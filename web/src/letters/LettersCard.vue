<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { Doctor, LetterLine } from '@/contract/types'
import { day } from '@/shared/dates'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiSelect from '@/ui/UiSelect.vue'

/** Letters about a signed examination, and another one begun. */
const props = defineProps<{ examination: string }>()
const router = useRouter()
const letters = ref<LetterLine[]>([])
const doctors = ref<Doctor[] | null>(null)
const doctor = ref<string | undefined>()
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  const path = { examination: props.examination }
  letters.value = await answerOf(api.GET('/api/examinations/{examination}/letters', { params: { path } }))
}

async function ask(): Promise<void> {
  await attempt(async () => {
    const book = await answerOf(api.GET('/api/doctors'))
    if (book.length === 0) return begin()
    doctors.value = book
  })
}

async function begin(): Promise<void> {
  const path = { examination: props.examination }
  const body = { doctor: doctor.value ?? null }
  const { id } = await answerOf(api.POST('/api/examinations/{examination}/letters', { params: { path }, body }))
  await router.push({ name: 'letter', params: { id } })
}

const named = (one: Doctor) => ({ id: one.id, label: [one.name, one.field, one.practice].filter(Boolean).join(', ') })

onMounted(() => attempt(load))
</script>

<template>
  <section class="letters" aria-labelledby="letters">
    <header>
      <h2 id="letters">Letters</h2>
      <UiButton :disabled="busy" @click="ask">Write a letter</UiButton>
    </header>
    <UiAlert v-if="problem && !doctors" :say="problem" />
    <ul v-if="letters.length > 0">
      <li v-for="one in letters" :key="one.id">
        <RouterLink :to="{ name: 'letter', params: { id: one.id } }">
          {{ one.toName || 'To nobody yet' }}
          <small>{{ one.sent ? `left ${one.sent}, ${day(one.at)}` : `draft of ${day(one.at)}` }}</small>
        </RouterLink>
      </li>
    </ul>
    <UiDialog v-if="doctors" title="To whom?" @close="doctors = null">
      <UiSelect
        label="From the book of doctors"
        :value="doctor"
        :options="doctors.map(named)"
        none="Somebody who is named in the letter"
        @change="(picked) => (doctor = picked)"
      />
      <UiAlert v-if="problem" :say="problem" />
      <p class="actions">
        <RouterLink class="button quiet" :to="{ name: 'doctors' }">Open the book</RouterLink>
        <UiButton kind="main" :disabled="busy" @click="attempt(begin)">Write</UiButton>
      </p>
    </UiDialog>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
li a {
  display: block;
  min-height: var(--touch);
  padding: 6px 0;
  text-decoration: none;
  border-top: 1px solid var(--line);
}
li a:hover {
  text-decoration: underline;
}
small {
  display: block;
  color: var(--text-2);
}
.actions {
  display: flex;
  justify-content: end;
  gap: 10px;
  margin-top: 18px;
}
@media print {
  .letters {
    display: none;
  }
}
</style>
