<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answerOf, api } from '@/api/client'
import type { Doctor } from '@/contract/types'
import { t } from '@/messages/letters'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiSelect from '@/ui/UiSelect.vue'

/** To whom a letter about a signed examination goes; while nobody is in the book it is begun at once. */
const props = defineProps<{ examination: string }>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const doctors = ref<Doctor[]>([])
const doctor = ref<string | undefined>()
const { busy, problem, attempt } = useDoing()

async function write(): Promise<void> {
  const path = { examination: props.examination }
  const body = { doctor: doctor.value ?? null }
  const { id } = await answerOf(api.POST('/api/examinations/{examination}/letters', { params: { path }, body }))
  await router.push({ name: 'letter', params: { id } })
}

const placed = (one: Doctor): string => [one.name, one.field, one.practice].filter(Boolean).join(', ')
const named = (one: Doctor) => ({
  id: one.id,
  label: one.treats ? t('beginLetter.treatingDoctor', { doctor: placed(one) }) : placed(one),
})

onMounted(() =>
  attempt(async () => {
    const query = { examination: props.examination }
    doctors.value = await answerOf(api.GET('/api/doctors', { params: { query } }))
    doctor.value = doctors.value.find((one) => one.treats)?.id
    if (doctors.value.length === 0) await write()
  }),
)
</script>

<template>
  <UiDialog :title="t('beginLetter.recipient')" @close="emit('close')">
    <UiSelect
      v-if="doctors.length > 0"
      :label="t('beginLetter.fromTheAddressBook')"
      :value="doctor"
      :options="doctors.map(named)"
      :none="t('beginLetter.personNamedInTheLetter')"
      @change="(picked) => (doctor = picked)"
    />
    <UiAlert v-if="problem" :say="problem" />
    <template #actions>
      <UiButton kind="quiet" :to="{ name: 'doctors' }">{{ t('beginLetter.openTheAddressBook') }}</UiButton>
      <UiButton kind="main" :disabled="busy" @click="attempt(write)">{{ t('beginLetter.writeLetter') }}</UiButton>
    </template>
  </UiDialog>
</template>
