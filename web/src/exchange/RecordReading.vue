<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { RecordItem, Wishes } from './useRecordImport'
import { answerOf, api } from '@/api/client'
import type { ListedAthlete } from '@/contract/types'
import { t } from '@/messages/exchange'
import { useDoing } from '@/shared/useDoing'
import UiAlert from '@/ui/UiAlert.vue'
import UiChoice from '@/ui/UiChoice.vue'
import UiForm from '@/ui/UiForm.vue'
import UiSelect from '@/ui/UiSelect.vue'
import UiSuggest from '@/ui/UiSuggest.vue'
import UiText from '@/ui/UiText.vue'
import { required } from '@/ui/rules'

/** Where a file comes from, and what it does not say itself: whose knees they are, and how signed visits arrive. */
const props = defineProps<{ items: readonly RecordItem[]; wishes: Wishes; id: string }>()
const emit = defineEmits<{ change: [wishes: Partial<Wishes>]; submit: [] }>()
const origin = defineModel<string>('origin', { required: true })

const ARRIVES = [
  { id: 'history' as const, label: t('recordReading.history') },
  { id: 'draft' as const, label: t('recordReading.draft') },
]
const RULES = { origin: required(t('recordReading.originMissing')) }
const athletes = ref<ListedAthlete[]>([])
const squads = ref<string[]>([])
const { problem, attempt } = useDoing()

const asksAthlete = computed(
  () => props.wishes.athlete !== null || props.items.some(({ status }) => status === 'needs_athlete'),
)
/** People of the file whom nobody in the lists is. */
const asksSquad = computed(
  () => !!props.wishes.squad || props.items.some(({ status, person }) => status === 'refused' && person !== ''),
)
const isSigned = computed(() => props.items.some((item) => item.isSigned))
const options = computed(() =>
  athletes.value.map(({ id, name, squad, number }) => ({
    id,
    label: [name, squad, number].filter(Boolean).join(' · '),
  })),
)
const squad = computed({
  get: () => props.wishes.squad ?? '',
  set: (typed) => emit('change', { squad: typed }),
})

onMounted(() =>
  attempt(async () => {
    ;[athletes.value, squads.value] = await Promise.all([
      answerOf(api.GET('/api/athletes')),
      answerOf(api.GET('/api/squads')),
    ])
  }),
)
</script>

<template>
  <UiForm
    :id="id"
    class="reading"
    :label="t('recordReading.howItIsRead')"
    :model="{ origin, squad }"
    :rules="RULES"
    @submit="emit('submit')"
  >
    <UiText v-model="origin" :label="t('recordReading.origin')" prop="origin" />
    <UiSelect
      v-if="asksAthlete"
      :label="t('recordReading.whose')"
      :none="t('recordReading.notChosen')"
      :value="wishes.athlete ?? undefined"
      :options="options"
      filterable
      @change="(athlete) => emit('change', { athlete: athlete ?? null })"
    />
    <UiSuggest v-if="asksSquad" v-model="squad" :label="t('recordReading.squad')" prop="squad" :known="squads" />
    <div v-if="isSigned" class="arrives">
      <span aria-hidden="true">{{ t('recordReading.signedArrive') }}</span>
      <UiChoice
        :label="t('recordReading.signedArrive')"
        :value="wishes.signed"
        :options="ARRIVES"
        @pick="(signed) => emit('change', { signed })"
      />
      <small>{{ wishes.signed === 'history' ? t('recordReading.historySay') : t('recordReading.draftSay') }}</small>
    </div>
    <UiAlert v-if="problem" :say="problem" />
  </UiForm>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
  gap: 4px 22px;
  align-items: start;
}
.arrives {
  display: grid;
  gap: 6px;
  padding-bottom: 12px;
}
small {
  color: var(--text-2);
}
</style>
