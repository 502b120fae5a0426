<script setup lang="ts">
const TICKS = Array.from({ length: 36 }, (_, index) => index * 10)
</script>

<template>
  <svg viewBox="-60 -60 120 120" aria-hidden="true">
    <g stroke="var(--line-2)">
      <line
        v-for="angle in TICKS"
        :key="angle"
        x1="0"
        :y1="angle % 30 === 0 ? -46 : -51"
        x2="0"
        y2="-56"
        :stroke-width="angle % 90 === 0 ? 3 : 1.4"
        :transform="`rotate(${angle})`"
      />
    </g>
    <path d="M0 24-9 0h18z" fill="none" stroke="var(--line-2)" stroke-width="1.5" transform="rotate(24)" />
    <path d="M0-42 9 0H-9z" fill="var(--needle)" transform="rotate(24)" />
    <circle r="3.5" fill="var(--paper)" />
  </svg>
</template>
