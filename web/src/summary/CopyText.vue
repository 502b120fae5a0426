<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed } from 'vue'
import { t } from '@/messages/summary'
import UiButton from '@/ui/UiButton.vue'

/** Words to take along: read here, or copied into a letter or another record. */
const props = defineProps<{ heading: string; text: string; lines?: boolean }>()
const { copy, copied } = useClipboard({ copiedDuring: 2500, legacy: true })

/** A paragraph may have a heading on a line of its own. */
const paragraphs = computed(() =>
  props.text.split('\n\n').map((paragraph) => {
    const [first = '', ...rest] = paragraph.split('\n')
    return rest.length > 0 ? { head: first, body: rest.join('\n') } : { head: '', body: first }
  }),
)
</script>

<template>
  <section class="copy" :aria-label="heading">
    <header>
      <h2>{{ heading }}</h2>
      <span>
        <slot />
        <UiButton kind="quiet" :aria-label="t('copyText.copy', { heading })" @click="copy(text)">
          {{ copied ? t('copyText.copied') : t('copyText.copy2') }}
        </UiButton>
      </span>
    </header>
    <p v-if="lines" class="lines">{{ text }}</p>
    <template v-for="(paragraph, at) in paragraphs" v-else :key="at">
      <h3 v-if="paragraph.head">{{ paragraph.head }}</h3>
      <p>{{ paragraph.body }}</p>
    </template>
    <span class="unseen" role="status">{{ copied ? t('copyText.copied2', { heading }) : '' }}</span>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.button,
header :slotted(.button) {
  padding: 0 8px;
  color: var(--mine);
}
h3 {
  margin-top: 8px;
  font-size: var(--type-note);
  color: var(--text-2);
}
.lines {
  white-space: pre-line;
  font-size: var(--type-note);
}
@media print {
  .button,
  header :slotted(.button) {
    display: none;
  }
}
</style>
