<script setup lang="ts">
import { t } from '@/messages/letters'
import { required } from '@/ui/rules'
import { reactive } from 'vue'
import { answerOf, api } from '@/api/client'
import type { Doctor } from '@/contract/types'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiDialog from '@/ui/UiDialog.vue'
import UiForm from '@/ui/UiForm.vue'
import UiText from '@/ui/UiText.vue'

/** Someone new for the book of doctors, or what stands there changed. */
const props = defineProps<{ doctor?: Doctor }>()
const emit = defineEmits<{ close: []; saved: [id: string] }>()
const given = reactive({
  name: props.doctor?.name ?? '',
  field: props.doctor?.field ?? '',
  practice: props.doctor?.practice ?? '',
  address: props.doctor?.address ?? '',
  email: props.doctor?.email ?? '',
  phone: props.doctor?.phone ?? '',
})
const RULES = { name: required(t('doctorDialog.theNameIsMissing')) }
const { busy, problem, attempt } = useDoing()

async function save(): Promise<void> {
  let id = props.doctor?.id ?? ''
  // An address that is left out is none; an empty one is no address.
  const { email, ...rest } = given
  const body = email.trim() === '' ? rest : given
  const done = await attempt(async () => {
    if (props.doctor) await answerOf(api.PUT('/api/doctors/{doctor}', { params: { path: { doctor: id } }, body }))
    else id = (await answerOf(api.POST('/api/doctors', { body }))).id
  })
  if (done) emit('saved', id)
}
</script>

<template>
  <UiDialog :title="doctor ? doctor.name : t('doctorDialog.newContact')" @close="emit('close')">
    <UiForm class="form" :label="t('doctorDialog.doctor')" :model="given" :rules="RULES" @submit="save">
      <UiText v-model="given.name" :label="t('doctorDialog.nameAsUsedInLetters')" prop="name" />
      <UiText v-model="given.field" :label="t('doctorDialog.specialty')" prop="field" />
      <UiText v-model="given.practice" class="wide" :label="t('doctorDialog.practiceOrHospital')" prop="practice" />
      <UiText v-model="given.address" class="wide" :label="t('doctorDialog.address')" prop="address" type="textarea" />
      <UiText v-model="given.email" :label="t('doctorDialog.email')" prop="email" />
      <UiText v-model="given.phone" :label="t('doctorDialog.telephone')" prop="phone" />
      <UiAlert v-if="problem" class="wide" :say="problem" />
      <template #actions>
        <UiButton @click="emit('close')">{{ t('doctorDialog.cancel') }}</UiButton>
        <UiButton kind="main" submit :disabled="busy">{{ t('doctorDialog.saveContact') }}</UiButton>
      </template>
    </UiForm>
  </UiDialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.wide {
  grid-column: 1 / -1;
}
@media (--phone) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
