<script setup lang="ts">
import { useRouter } from 'vue-router'
import CompassRose from './CompassRose.vue'
import LookPicker from './LookPicker.vue'
import { useSession } from '@/stores/session'

const session = useSession()
const router = useRouter()

async function logOut(): Promise<void> {
  await session.logOut()
  await router.push({ name: 'login' })
}
</script>

<template>
  <header class="bar">
    <RouterLink class="home" to="/">
      <CompassRose class="rose" />
      <b>Gray Compass</b>
    </RouterLink>
    <nav aria-label="Main">
      <RouterLink to="/">Today</RouterLink>
      <RouterLink :to="{ name: 'arithmetic' }">Arithmetic</RouterLink>
    </nav>
    <span class="team">{{ session.user?.team }}</span>
    <LookPicker class="look" />
    <span class="who">{{ session.user?.name }}</span>
    <button class="button quiet" type="button" @click="logOut">Log out</button>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 20px;
  min-height: 56px;
  padding: 0 clamp(12px, 3vw, 44px);
  border-bottom: 1px solid var(--line);
}
.home {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  text-decoration: none;
  font-size: 1.07rem;
}
.rose {
  width: 30px;
}
nav {
  display: flex;
  gap: 4px;
}
nav a {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 10px;
  text-decoration: none;
  color: var(--text-2);
}
nav a.router-link-exact-active {
  color: var(--ink);
  box-shadow: inset 0 -3px var(--ink);
}
.team {
  color: var(--text-2);
}
.look {
  margin-left: auto;
}
@media (max-width: 900px) {
  .team,
  .who {
    display: none;
  }
  .bar {
    gap: 8px;
  }
}
@media (max-width: 560px) {
  .home b,
  nav a:first-child {
    display: none;
  }
  .bar {
    gap: 2px;
  }
  .bar .button {
    padding: 0 8px;
  }
}
@media print {
  .bar {
    display: none;
  }
}
</style>
