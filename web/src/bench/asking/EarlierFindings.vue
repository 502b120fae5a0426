<script setup lang="ts">
import type { SectionPayloads } from '@/contract/types'
import { computed, ref } from 'vue'
import { t } from '@/messages/bench'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import UiButton from '@/ui/UiButton.vue'

type Earlier = NonNullable<SectionPayloads['earlierFinding']['entries']>[number]

/** What another person found or reported: kept and shown, never weighed. */
const SECTION = 'earlierFinding'
const MOST = 40
const examination = useExamination()
const opened = useOpenExamination()
const entries = computed(() => opened.section(SECTION).entries ?? [])
const what = ref('')
const by = ref('')
const on = ref('')

function keep(next: Earlier[]): void {
  examination.saveSection(SECTION, { entries: next })
}

function add(): void {
  if (what.value.trim() === '') return
  const given = { by: by.value.trim(), on: on.value.trim() }
  keep([
    ...entries.value,
    { what: what.value.trim(), ...(given.by && { by: given.by }), ...(given.on && { on: given.on }) },
  ])
  what.value = by.value = on.value = ''
}
</script>

<template>
  <section aria-labelledby="others">
    <h2 id="others">
      {{ t('earlierFindings.findingsByOthers') }}
      <small>{{ t('earlierFindings.keptAndShownNotWeighed') }}</small>
    </h2>
    <ul v-if="entries.length > 0">
      <li v-for="(entry, at) in entries" :key="at">
        <span>
          <b>{{ entry.what }}</b>
          {{ [entry.by, entry.on].filter(Boolean).join(', ') }}
        </span>
        <UiButton
          kind="quiet"
          :aria-label="t('earlierFindings.remove', { what: entry.what })"
          @click="keep(entries.filter((_, other) => other !== at))"
        >
          {{ t('earlierFindings.remove2') }}
        </UiButton>
      </li>
    </ul>
    <form v-if="entries.length < MOST" @submit.prevent="add">
      <label class="field">
        <span>{{ t('earlierFindings.whatWasFoundOrReported') }}</span>
        <input v-model="what" type="text" maxlength="2000" />
      </label>
      <label class="field">
        <span>{{ t('earlierFindings.byWhom') }}</span>
        <input v-model="by" type="text" maxlength="200" />
      </label>
      <label class="field">
        <span>{{ t('earlierFindings.when') }}</span>
        <input v-model="on" type="text" maxlength="200" />
      </label>
      <UiButton submit :disabled="what.trim() === ''">{{ t('earlierFindings.add') }}</UiButton>
    </form>
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
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border-top: 1px solid var(--line);
}
form {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}
@media (--phone) {
  form {
    grid-template-columns: 1fr 1fr;
  }
  form .field:first-child {
    grid-column: 1 / -1;
  }
}
</style>
