<script setup lang="ts">
import CompassRose from './CompassRose.vue'
import { t } from '@/messages/frame'

/** What someone sees who is not logged in: what this is, and beside it what they came for. */
</script>

<template>
  <main class="open">
    <div class="words">
      <CompassRose class="rose" />
      <h1>{{ t('openPage.grayCompass') }}</h1>
      <p>{{ t('openPage.examineBothKneesSeeWhatEach') }}</p>
      <p class="caution">
        {{ t('openPage.forLicensedPractitionersItNames') }}
      </p>
    </div>
    <div class="asked">
      <slot />
    </div>
  </main>
</template>

<style scoped>
.open {
  min-height: 100vh;
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.words {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
  padding: 32px clamp(24px, 6vw, 88px);
}
.words p {
  max-width: 40ch;
  font-size: var(--type-lead);
  color: var(--text-2);
}
.words .caution {
  font-size: var(--type-note);
  color: var(--text-3);
  border-top: 1px solid var(--line);
  padding-top: 14px;
  margin-top: 10px;
}
.rose {
  width: 132px;
  margin-bottom: 10px;
}
.words h1 {
  font-size: var(--type-figure);
}
.asked {
  display: grid;
  align-content: center;
  gap: 18px;
  padding: 32px clamp(24px, 6vw, 88px);
  background: var(--card);
  border-left: 1px solid var(--line);
}
.asked > :deep(*) {
  width: 100%;
  max-width: 380px;
}
.asked :deep(form) {
  display: grid;
  gap: 18px;
}
.asked :deep(h2) {
  font-size: var(--type-head);
}
@media (--phone) {
  .open {
    grid-template-columns: 1fr;
    grid-template-rows: auto 1fr;
  }
  .words {
    padding-bottom: 12px;
  }
  .rose {
    width: 84px;
  }
  .asked {
    border-left: 0;
    border-top: 1px solid var(--line);
    align-content: start;
  }
}
</style>
