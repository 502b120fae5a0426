<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, type RouteLocationRaw } from 'vue-router'

/**
 * Something to press: `main` for the one that goes on, `quiet` for what is seldom needed. With `to` it is a link to
 * a page of the application, with `href` a link to what the server hands out.
 */
const {
  kind = 'plain',
  to,
  href,
  submit,
} = defineProps<{
  kind?: 'main' | 'plain' | 'quiet'
  submit?: boolean
  to?: RouteLocationRaw
  href?: string
}>()

const as = computed(() => {
  if (to !== undefined) return { is: RouterLink, to }
  return href !== undefined ? { is: 'a', href } : { is: 'button', type: submit ? 'submit' : 'button' }
})
</script>

<template>
  <component v-bind="as" :is="as.is" class="button" :class="kind">
    <slot />
  </component>
</template>
