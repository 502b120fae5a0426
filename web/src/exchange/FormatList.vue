<script setup lang="ts">
import CopyLine from '@/frame/CopyLine.vue'
import { t } from '@/messages/exchange'
import UiButton from '@/ui/UiButton.vue'

/** What can be saved and read in which format, and where. */
const FORMATS = [
  { name: t('formatList.examination'), say: t('formatList.examinationSay') },
  { name: t('formatList.record'), say: t('formatList.recordSay') },
  { name: t('formatList.athletes'), say: t('formatList.athletesSay') },
  { name: t('formatList.interface'), say: t('formatList.interfaceSay') },
]
const address = `${location.origin}/fhir`
</script>

<template>
  <section aria-labelledby="formats">
    <h2 id="formats">{{ t('formatList.formats') }}</h2>
    <dl>
      <template v-for="format in FORMATS" :key="format.name">
        <dt>{{ format.name }}</dt>
        <dd>{{ format.say }}</dd>
      </template>
    </dl>
    <CopyLine :label="t('formatList.address')" :text="address" :action="t('formatList.copyAddress')" />
    <p>
      <UiButton :to="{ name: 'contract' }">{{ t('contractPage.link') }}</UiButton>
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
}
dl {
  display: grid;
  grid-template-columns: minmax(8em, 1fr) 3fr;
  margin: 0;
}
dt,
dd {
  padding: 10px 0;
  margin: 0;
  border-top: 1px solid var(--line);
}
dt {
  padding-right: 16px;
  font-weight: 600;
}
@media (--phone) {
  dl {
    grid-template-columns: 1fr;
  }
  dd {
    padding-top: 0;
    border-top: 0;
  }
}
</style>
