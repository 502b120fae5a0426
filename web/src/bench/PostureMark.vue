<script setup lang="ts">
defineProps<{ posture: string }>()

/** A figure of strokes for each position of the body, drawn in a 34 × 26 box. */
const STROKES: Record<string, string> = {
  history: 'M6 6h22v12H16l-5 4v-4H6z',
  gate: 'M17 4l10 3v7c0 5-4 7-10 9-6-2-10-4-10-9V7z',
  first_look: 'M4 13c6-8 20-8 26 0-6 8-20 8-26 0zM17 13m-3 0a3 3 0 1 0 6 0a3 3 0 1 0-6 0',
  standing: 'M17 5m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M17 8v8M17 16l-3 8M17 16l3 8',
  sitting: 'M13 5m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M13 8v8h9v8M8 17h10',
  supine_straight: 'M6 16m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 17h20v-3M3 21h28',
  supine_right_angle: 'M6 16m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 17h9l3-10 3 10h3M3 21h28',
  supine_slight_bend: 'M6 16m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 17h8l5-4 7 4M3 21h28',
  supine_moving: 'M6 16m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 17h8l3-9 8 3M25 5a7 7 0 0 1 5 8M3 21h28',
  side_lying: 'M6 15m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 17h20M17 17l12-7M3 21h28',
  prone: 'M6 17m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M9 18h12V8h4M3 21h28',
  loaded: 'M15 5m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0M15 8l-2 7 7 2-3 7M13 15l-5 4',
  closing: 'M8 13l6 6L27 6',
}
</script>

<template>
  <svg viewBox="0 0 34 26" width="34" height="26" aria-hidden="true">
    <path
      :d="STROKES[posture]"
      fill="none"
      stroke="currentColor"
      stroke-width="2"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>
