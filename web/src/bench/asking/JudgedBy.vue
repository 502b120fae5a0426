<script setup lang="ts">
import { computed } from 'vue'
import type { Catalogue, Chosen, Payload } from '@/contract/types'
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import UiSelect from '@/ui/UiSelect.vue'

/** The setting, and which school grades and weighs this examination. */
const emit = defineEmits<{ frame: [part: Payload] }>()
const catalogue = useCatalogue()
const opened = useOpenExamination()
const verdict = useVerdict()
const frame = computed(() => opened.section('frame'))
const schools = computed<Chosen>(() => frame.value.schools ?? {})
/** The days since the injury choose the setting, unless a reason is given. */
const otherSetting = computed(
  () => frame.value.settingChosen !== undefined || verdict.assessment?.setting !== frame.value.setting,
)

function sourceOf(group: Catalogue['schools'][number]): string {
  return group.options.find(({ id }) => id === (schools.value[group.id] ?? group.preset))?.source ?? ''
}
</script>

<template>
  <section aria-labelledby="judged">
    <h2 id="judged">
      {{ t('judgedBy.judgedBy') }}
      <small>{{ t('judgedBy.forThisExamination') }}</small>
    </h2>
    <div class="facts">
      <UiSelect
        :label="t('judgedBy.setting')"
        :value="frame.setting"
        :options="catalogue.catalogue?.settings ?? []"
        @change="(setting) => emit('frame', { setting })"
      />
      <label v-if="otherSetting" class="field">
        <span>{{ t('judgedBy.reasonForASettingOtherThan') }}</span>
        <input
          type="text"
          minlength="3"
          maxlength="200"
          :value="frame.settingChosen ?? ''"
          @change="(event) => emit('frame', { settingChosen: (event.target as HTMLInputElement).value.trim() })"
        />
      </label>
      <div v-for="school in catalogue.catalogue?.schools ?? []" :key="school.id">
        <UiSelect
          :label="school.label"
          :value="schools[school.id] ?? school.preset"
          :options="school.options"
          @change="(option) => emit('frame', { schools: { ...schools, [school.id]: option } })"
        />
        <small class="quiet-text">{{ sourceOf(school) }}</small>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 8px;
}
h2 small {
  font-weight: 400;
  color: var(--text-3);
  margin-left: 6px;
}
.facts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 20px;
  align-items: start;
}
@media (--phone) {
  .facts {
    grid-template-columns: 1fr;
  }
}
</style>
