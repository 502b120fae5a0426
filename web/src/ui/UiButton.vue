<script setup lang="ts">
/** A thing to press: `main` for the one that goes on, `quiet` for what is seldom needed. */
withDefaults(defineProps<{ kind?: 'main' | 'plain' | 'quiet'; submit?: boolean }>(), { kind: 'plain' })
</script>

<template>
  <button class="button" :class="kind" :type="submit ? 'submit' : 'button'">
    <slot />
  </button>
</template>
