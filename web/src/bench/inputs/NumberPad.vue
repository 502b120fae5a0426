<script setup lang="ts">
import { t } from '@/messages/bench'
import UiButton from '@/ui/UiButton.vue'
/** Digits for a finger, where there are no keys. What is typed stands beside it, in the field that opened it. */
defineProps<{ label: string; negative: boolean }>()
const emit = defineEmits<{ type: [sign: string]; back: []; done: [] }>()

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9']
</script>

<template>
  <div class="pad" role="group" :aria-label="`Digits, ${label}`">
    <button v-for="digit in DIGITS" :key="digit" type="button" class="choice number" @click="emit('type', digit)">
      {{ digit }}
    </button>
    <button type="button" class="choice number" :aria-label="t('numberPad.decimalPoint')" @click="emit('type', '.')">
      .
    </button>
    <button type="button" class="choice number" @click="emit('type', '0')">0</button>
    <button type="button" class="choice" :aria-label="t('numberPad.deleteTheLastDigit')" @click="emit('back')">
      ⌫
    </button>
    <button
      v-if="negative"
      type="button"
      class="choice number"
      :aria-label="t('numberPad.minus')"
      @click="emit('type', '-')"
    >
      −
    </button>
    <UiButton kind="main" :class="{ wide: !negative }" @click="emit('done')">
      {{ t('numberPad.enterTheFigure') }}
    </UiButton>
  </div>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 4px;
  max-width: 260px;
  margin: 6px 0;
}
.pad .choice,
.pad .button {
  min-height: 48px;
}
.pad .choice {
  font-size: var(--type-lead);
}
.pad .button {
  grid-column: span 2;
}
.pad .wide {
  grid-column: 1 / -1;
}
</style>
