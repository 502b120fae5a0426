<script setup lang="ts">
/** One red flag: how urgent it is, and what to do. */
defineProps<{ urgency: string }>()
</script>

<template>
  <li class="ink-line">
    <svg viewBox="0 0 24 24" width="26" height="26" aria-hidden="true">
      <path
        d="M12 2 23 21H1z M12 9v6 M12 17.6v1.4"
        fill="none"
        stroke="currentColor"
        stroke-width="2.2"
        stroke-linejoin="round"
      />
    </svg>
    <span>
      <b>{{ urgency }}</b>
      <slot />
    </span>
  </li>
</template>
