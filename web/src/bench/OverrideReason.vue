<script setup lang="ts">
import { computed, ref } from 'vue'
import { t } from '@/messages/bench'
import UiButton from '@/ui/UiButton.vue'

/** Why something is done though the safety check withholds it; the reason stays on record. */
defineProps<{ ask: string; press: string }>()
const emit = defineEmits<{ given: [reason: string] }>()
const LEAST = 3
const MOST = 200
const reason = ref('')
const isEnough = computed(() => reason.value.trim().length >= LEAST)
</script>

<template>
  <form
    :aria-label="t('overrideReason.overrideWithAReason')"
    @submit.prevent="isEnough && emit('given', reason.trim())"
  >
    <label class="field">
      <span>{{ ask }}</span>
      <input v-model="reason" type="text" :minlength="LEAST" :maxlength="MOST" />
    </label>
    <UiButton submit :disabled="!isEnough">{{ press }}</UiButton>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
  justify-items: start;
  justify-self: start;
  margin-top: 6px;
}
.field {
  width: 100%;
}
</style>
