<script setup lang="ts">
import { ref } from 'vue'
import { t } from '@/messages/bench'
import { inWords } from '@/stores/words'
import { useKeys } from './keys/useKeys'
import { useCatalogue } from '@/stores/catalogue'
import UiButton from '@/ui/UiButton.vue'

defineProps<{ canRecord: boolean; canUndo: boolean; fromMemory: boolean }>()
const emit = defineEmits<{ normal: []; notDone: [reason: string]; undo: []; next: []; help: []; memory: [] }>()
const catalogue = useCatalogue()
const keys = useKeys()
const unfolded = ref(false)
</script>

<template>
  <footer class="foot">
    <UiButton v-if="canRecord" kind="main" @click="emit('normal')">
      {{ t('benchFoot.bothNormalNext') }}
      <kbd aria-hidden="true">{{ keys.spoken('bothNormal') }}</kbd>
    </UiButton>
    <UiButton @click="emit('next')">
      {{ t('benchFoot.next') }}
      <kbd aria-hidden="true">{{ keys.spoken('next') }}</kbd>
    </UiButton>
    <UiButton v-if="canRecord" class="unfold" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ t('benchFoot.notDone') }}
    </UiButton>
    <div
      v-if="canRecord"
      class="not"
      :class="{ unfolded }"
      role="group"
      :aria-label="t('benchFoot.reasonItWasNotDone')"
    >
      <span>{{ t('benchFoot.notDone2') }}</span>
      <UiButton v-for="reason in catalogue.choices('notDone')" :key="reason" @click="emit('notDone', reason)">
        {{ inWords(reason) }}
      </UiButton>
    </div>
    <button
      v-if="canRecord"
      type="button"
      class="choice memory"
      :class="{ unfolded }"
      :aria-pressed="fromMemory"
      @click="emit('memory')"
    >
      {{ t('benchFoot.fromMemory') }}
      <kbd aria-hidden="true">{{ keys.spoken('memory') }}</kbd>
    </button>
    <UiButton kind="quiet" class="undo" :disabled="!canUndo" @click="emit('undo')">
      {{ t('benchFoot.undo') }}
      <kbd aria-hidden="true">{{ keys.spoken('undo') }}</kbd>
    </UiButton>
    <UiButton kind="quiet" class="help" :aria-label="t('benchFoot.keys')" @click="emit('help')">?</UiButton>
    <p>{{ t('benchFoot.chancesNotADiagnosisYourJudgement') }}</p>
  </footer>
</template>

<style scoped>
.foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding: 6px 14px;
  background: var(--paper);
  border-top: 1px solid var(--line);
}
.foot > .button,
.foot > .choice {
  padding: 0 13px;
  gap: 8px;
}
.not {
  display: flex;
  align-items: center;
  gap: 3px;
  color: var(--text-2);
}
.not > span {
  font-size: var(--type-small);
}
.unfold {
  display: none;
}
@media (hover: none) and (--narrow) {
  .memory kbd {
    display: none;
  }
}
.not .button {
  padding: 0 9px;
  gap: 0;
  border-color: var(--line);
}
.foot p {
  flex: 1 1 140px;
  text-align: right;
  font-size: var(--type-fine);
  line-height: 1.2;
  color: var(--text-3);
}
@media (--narrow) {
  .foot p {
    flex-basis: 100%;
    text-align: left;
  }
}
@media (--tablet) {
  .foot {
    gap: 6px;
    padding: 6px 8px;
  }
  .foot .button {
    padding: 0 12px;
  }
  .unfold {
    display: inline-flex;
  }
  .not {
    display: none;
    order: 9;
    flex-wrap: wrap;
    margin: 0;
  }
  .not.unfolded {
    display: flex;
  }
  .not > span {
    display: none;
  }
  .foot p {
    order: 10;
    font-size: var(--type-fine);
  }
}
@media (hover: none) {
  .help {
    display: none;
  }
}
@media (--phone) {
  .memory:not(.unfolded) {
    display: none;
  }
  .foot > .button {
    padding: 0 8px;
  }
}
</style>
