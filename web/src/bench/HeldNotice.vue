<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCatalogue } from '@/stores/catalogue'
import type { Held } from './useHold'
import UiButton from '@/ui/UiButton.vue'

/** Stands in the place of a manoeuvre that is held back, and says why; a reason opens it, and stays on record. */
defineProps<{ hold: Held; recorded: boolean }>()
const emit = defineEmits<{ override: [reason: string]; takeBack: [] }>()
const catalogue = useCatalogue()
const LEAST_REASON = 3
const MOST_REASON = 200
const reason = ref('')
const enough = computed(() => reason.value.trim().length >= LEAST_REASON)
</script>

<template>
  <section class="held" aria-label="Withheld">
    <template v-if="hold.unsure">
      <b>Not judged yet.</b>
      <p>What you press here is kept on this device, and sent and judged once the server has answered.</p>
    </template>
    <template v-else>
      <template v-if="hold.kind === 'consent' && hold.mayOverride">
        <b>The foot is sore.</b>
        <p>This test sits on the foot. Do it another way, or say why it is done all the same.</p>
      </template>
      <template v-else-if="hold.kind === 'consent'">
        <b>Consent first.</b>
        <p>Hands-on manoeuvres open once consent is ticked in the history.</p>
      </template>
      <template v-else-if="hold.kind === 'gate'">
        <b>The safety gate is not answered yet.</b>
        <p>Drawers, stress, twists and loaded tests wait for it.</p>
      </template>
      <template v-else>
        <b>Withheld by the safety gate.</b>
        <p v-if="hold.line">
          <b>{{ catalogue.urgencyOf(hold.line) }}:</b>
          {{ hold.line.say }}
        </p>
      </template>
      <form v-if="hold.mayOverride" @submit.prevent="enough && emit('override', reason.trim())">
        <label class="field">
          <span>To do it all the same, say why. The finding stays marked.</span>
          <input v-model="reason" type="text" :minlength="LEAST_REASON" :maxlength="MOST_REASON" />
        </label>
        <UiButton submit :disabled="!enough">Override with this reason</UiButton>
      </form>
      <UiButton v-if="recorded" class="back" @click="emit('takeBack')">Delete the recorded finding</UiButton>
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
form,
.back {
  justify-self: start;
}
form {
  display: grid;
  gap: 10px;
  justify-items: start;
  margin-top: 6px;
}
.field {
  width: 100%;
}
</style>
