<script setup lang="ts">
import { computed } from 'vue'
import SaveState from '@/frame/SaveState.vue'
import { t } from '@/messages/bench'
import UiButton from '@/ui/UiButton.vue'
import UiHint from '@/ui/UiHint.vue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { capital, kneeOf } from '@/shared/words'
import { useUnjudged } from './useUnjudged'

/** Whose knee this is, what the gate says, and whether everything is saved. */
defineProps<{ plateauOpen: boolean }>()
const emit = defineEmits<{ plateau: []; summary: [] }>()
const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()

const { isJudgedHere } = useUnjudged()
const athlete = computed(() => opened.head?.athlete)
const safety = computed(() => verdict.assessment?.safety)
const since = computed(() => {
  const days = opened.section('frame').daysSinceInjury
  return typeof days === 'number' ? t('benchHead.day', { days }) : t('benchHead.withoutAnInjury')
})
const knee = computed(() =>
  opened.head?.isBaseline
    ? t('benchHead.bothKneesBeforeAnyInjury')
    : t('benchHead.kneeHurt', { knee: kneeOf(opened.hurtSide), since: since.value }),
)
const gate = computed(() =>
  safety.value?.lines.length
    ? t('benchHead.safetyRedFlag')
    : safety.value?.gateOpen
      ? t('benchHead.safetyCheckComplete')
      : t('benchHead.safetyCheckIncomplete'),
)
</script>

<template>
  <header class="head">
    <UiHint :say="t('benchHead.backToToday')">
      <UiButton to="/" kind="quiet" class="back" :aria-label="t('benchHead.backToToday')">←</UiButton>
    </UiHint>
    <h2>{{ athlete?.name }}</h2>
    <span class="facts">{{ athlete?.squad }} · {{ athlete?.age }} · {{ knee }}</span>
    <span v-if="!opened.head?.isBaseline" class="pill">
      {{ verdict.assessment?.phase === 'acute' ? t('benchHead.freshInjury') : t('benchHead.oldOrNoInjury') }}
    </span>
    <span class="pill" :class="{ ink: safety?.lines.length }">{{ gate }}</span>
    <span v-if="isJudgedHere" class="pill" role="status">{{ t('benchHead.judgedOnThisDevice') }}</span>
    <UiButton
      v-if="opened.head?.twin"
      :to="{ name: opened.head.twin.isSigned ? 'summary' : 'bench', params: { id: opened.head.twin.id } }"
    >
      {{ capital(kneeOf(opened.otherSide)) }}
    </UiButton>
    <SaveState :state="examination.saveState" class="save" />
    <UiButton class="drawer" :aria-expanded="plateauOpen" @click="emit('plateau')">
      {{ t('benchHead.chances') }}
    </UiButton>
    <UiButton @click="emit('summary')">{{ t('benchHead.summary') }}</UiButton>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 14px 0 4px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
.back {
  padding: 0 12px;
  font-size: var(--type-head);
}
.facts {
  color: var(--text-2);
  overflow: hidden;
  text-overflow: ellipsis;
}
.pill {
  padding: 2px 9px;
  font-size: var(--type-small);
  border: 1px solid var(--line-2);
  border-radius: 3px;
}
.pill.ink {
  color: var(--on-band);
  background: var(--band);
  border-color: var(--band);
}
.save {
  margin-left: auto;
}
.drawer {
  display: none;
}
@media (--narrow) {
  .drawer {
    display: inline-flex;
  }
  .pill,
  .facts {
    display: none;
  }
}
@media (--phone) {
  .head {
    flex-wrap: wrap;
    gap: 4px;
    padding: 0 6px 0 0;
  }
  h2 {
    flex: 1 1 60px;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .button {
    padding: 0 10px;
  }
}
</style>
