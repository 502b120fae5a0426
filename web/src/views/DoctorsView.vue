<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Doctor } from '@/contract/types'
import DoctorDialog from '@/letters/DoctorDialog.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { t } from '@/messages/views'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiEmpty from '@/ui/UiEmpty.vue'
import UiWaiting from '@/ui/UiWaiting.vue'

/** The team's book of doctors. */
const doctors = ref<Doctor[] | null>(null)
const open = ref<{ doctor?: Doctor } | null>(null)
const removed = ref<Doctor | null>(null)
const { busy, problem, attempt } = useDoing()

async function load(): Promise<void> {
  doctors.value = await answerOf(api.GET('/api/doctors'))
}

async function saved(): Promise<void> {
  open.value = null
  await attempt(load)
}

async function remove(doctor: Doctor): Promise<void> {
  const done = await attempt(async () => {
    await answerOf(api.DELETE('/api/doctors/{doctor}', { params: { path: { doctor: doctor.id } } }))
    await load()
  })
  if (done) removed.value = doctor
}

async function takeBack(): Promise<void> {
  const path = { removedDoctor: removed.value?.id ?? '' }
  const done = await attempt(async () => {
    await answerOf(api.POST('/api/doctors/{removedDoctor}/restoration', { params: { path } }))
    await load()
  })
  if (done) removed.value = null
}

onMounted(() => attempt(load))
</script>

<template>
  <SubjectPage :title="t('doctorsView.addressBook')">
    <template #beside>
      <UiButton kind="main" @click="open = {}">{{ t('doctorsView.addContact') }}</UiButton>
    </template>
    <UiAlert v-if="problem" :say="problem" />
    <p v-if="removed" class="removed" role="status">
      {{ t('doctorsView.isRemovedFromTheAddressBook', { name: removed.name }) }}
      <UiButton :disabled="busy" @click="takeBack">{{ t('doctorsView.restore') }}</UiButton>
    </p>
    <UiWaiting v-if="!doctors" :label="t('doctorsView.loadingTheAddressBook')" />
    <UiEmpty v-else-if="doctors.length === 0" :say="t('doctorsView.noContactsYetAddTheFirst')" />
    <ul v-else class="book">
      <li v-for="one in doctors" :key="one.id">
        <span>
          <b>{{ one.name }}</b>
          {{ [one.field, one.practice].filter(Boolean).join(', ') }}
          <small>{{ [one.address, one.email, one.phone].filter(Boolean).join(' · ') }}</small>
        </span>
        <span class="beside">
          <UiButton
            kind="quiet"
            :aria-label="t('doctorsView.edit', { name: one.name })"
            @click="open = { doctor: one }"
          >
            {{ t('doctorsView.edit2') }}
          </UiButton>
          <UiButton
            kind="quiet"
            :disabled="busy"
            :aria-label="t('doctorsView.remove', { name: one.name })"
            @click="remove(one)"
          >
            {{ t('doctorsView.remove2') }}
          </UiButton>
        </span>
      </li>
    </ul>
    <DoctorDialog v-if="open" :doctor="open.doctor" @close="open = null" @saved="saved" />
  </SubjectPage>
</template>

<style scoped>
.book {
  max-width: 820px;
}
.book li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 60px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.book b {
  display: block;
}
.book small {
  display: block;
  color: var(--text-2);
  overflow-wrap: anywhere;
}
.beside {
  display: flex;
  flex-shrink: 0;
}
.removed {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
}
@media (--phone) {
  .book li {
    align-items: start;
    flex-direction: column;
  }
}
</style>
