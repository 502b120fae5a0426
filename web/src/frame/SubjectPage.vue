<script setup lang="ts">
import TopBar from './TopBar.vue'

/** A page about one thing, under the bar; what can be done with all of it stands beside its title. */
defineProps<{ title: string }>()
</script>

<template>
  <TopBar />
  <main class="subject" data-skip tabindex="-1">
    <header>
      <h1>{{ title }}</h1>
      <slot name="beside" />
    </header>
    <slot />
  </main>
</template>

<style scoped>
.subject {
  display: grid;
  gap: 22px;
  padding: 26px clamp(12px, 3vw, 44px) 60px;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
</style>
