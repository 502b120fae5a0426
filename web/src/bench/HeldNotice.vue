<script setup lang="ts">
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import OverrideReason from './OverrideReason.vue'
import type { Held } from './useHold'
import UiButton from '@/ui/UiButton.vue'

/** Stands in the place of a manoeuvre that is held back, and says why; a reason opens it, and stays on record. */
defineProps<{ hold: Held; recorded: boolean }>()
const emit = defineEmits<{ override: [reason: string]; takeBack: [] }>()
const catalogue = useCatalogue()
</script>

<template>
  <section class="held" :aria-label="t('heldNotice.withheld')">
    <template v-if="hold.unsure">
      <b>{{ t('heldNotice.notJudgedYet') }}</b>
      <p>{{ t('heldNotice.whatYouPressHereIsKept') }}</p>
    </template>
    <template v-else>
      <template v-if="hold.kind === 'consent' && hold.mayOverride">
        <b>{{ t('heldNotice.theFootIsSore') }}</b>
        <p>{{ t('heldNotice.youSitOnTheFootFor') }}</p>
      </template>
      <template v-else-if="hold.kind === 'consent'">
        <b>{{ t('heldNotice.consentFirst') }}</b>
        <p>{{ t('heldNotice.handsOnManoeuvresOpenOnceConsent') }}</p>
      </template>
      <template v-else-if="hold.kind === 'gate'">
        <b>{{ t('heldNotice.theSafetyCheckIsNotComplete') }}</b>
        <p>{{ t('heldNotice.drawerStressRotationAndLoadedTests') }}</p>
      </template>
      <template v-else>
        <b>{{ t('heldNotice.withheldByTheSafetyCheck') }}</b>
        <p v-if="hold.line">
          <b>{{ catalogue.urgencyOf(hold.line) }}:</b>
          {{ hold.line.say }}
        </p>
      </template>
      <OverrideReason
        v-if="hold.mayOverride"
        :ask="t('heldNotice.toDoItAnywayGiveThe')"
        :press="t('heldNotice.overrideWithThisReason')"
        @given="(reason) => emit('override', reason)"
      />
      <UiButton v-if="recorded" class="back" @click="emit('takeBack')">
        {{ t('heldNotice.deleteTheRecordedFinding') }}
      </UiButton>
    </template>
  </section>
</template>

<style scoped>
.held {
  display: grid;
  gap: 10px;
  padding: 18px;
  border: 2px solid var(--ink);
  border-radius: var(--radius);
}
.back {
  justify-self: start;
}
</style>
