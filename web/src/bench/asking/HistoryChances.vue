<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import { shortName } from '@/plateau/shapes'
import { inHundred } from '@/shared/words'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'

/** What the history alone does to each chance, before any hand is laid on. */
const opened = useOpenExamination()
const verdict = useVerdict()
const told = computed(() => Object.keys(opened.section('history')).length > 0)
const SHOWN = 5
const moved = computed(() =>
  (verdict.assessment?.conditions ?? [])
    .filter((chance) => inHundred(chance.pretest) !== inHundred(chance.afterStory))
    .sort((a, b) => Math.abs(b.afterStory - b.pretest) - Math.abs(a.afterStory - a.pretest))
    .slice(0, SHOWN),
)
</script>

<template>
  <aside class="chances" :aria-label="t('historyChances.chanceBeforeAndAfterTheHistory')" aria-live="polite">
    <p>
      <b>{{ t('historyChances.preTestAfterHistory') }}</b>
      <br />
      <small>{{ t('historyChances.outOf100SimilarKnees') }}</small>
    </p>
    <p v-if="!told" class="quiet-text">
      {{ t('historyChances.eachAnswerUpdatesTheseAtOnce') }}
    </p>
    <p v-else-if="moved.length === 0" class="quiet-text">{{ t('historyChances.noAnswerSoFarChangesA') }}</p>
    <ul v-else>
      <li v-for="chance in moved" :key="chance.id">
        <span class="number">
          {{ inHundred(chance.pretest) }} →
          <b>{{ inHundred(chance.afterStory) }}</b>
        </span>
        <small>{{ shortName(chance.id) }}</small>
      </li>
    </ul>
  </aside>
</template>

<style scoped>
.chances {
  display: flex;
  gap: 20px;
  align-items: center;
  min-height: 78px;
  padding: 8px 24px;
  background: var(--fill);
  border: 1px solid var(--line);
}
.chances > p:first-child {
  flex: none;
}
ul {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 2px 10px;
  flex: 1;
}
li {
  min-width: 0;
  display: grid;
}
li span {
  font-size: var(--type-lead);
  white-space: nowrap;
}
li small {
  color: var(--text-2);
  line-height: 1.15;
  overflow-wrap: anywhere;
}
@media (--phone) {
  .chances {
    gap: 10px;
    flex-wrap: wrap;
    padding: 6px 12px;
  }
  li span {
    white-space: normal;
  }
  ul {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  li:nth-child(n + 4) {
    display: none;
  }
}
</style>
