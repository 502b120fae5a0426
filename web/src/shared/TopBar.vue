<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import CompassRose from './CompassRose.vue'
import LogOutDialog from './LogOutDialog.vue'
import LookPicker from './LookPicker.vue'
import { useExamination } from '@/stores/examination'
import { useSession } from '@/stores/session'
import { type Unsent, unsent } from '@/sync'
import { tell } from '@/ui/telling'

const session = useSession()
const router = useRouter()

const examination = useExamination()
const waiting = ref<Unsent[]>([])

async function logOut(): Promise<void> {
  waiting.value = await unsent()
  if (waiting.value.length === 0) await leave()
}

async function leave(): Promise<void> {
  waiting.value = []
  examination.close()
  try {
    await session.logOut()
    await router.push({ name: 'login' })
  } catch {
    await router.push({ name: 'today' })
    tell('The server cannot be reached, so you are still logged in. Try again once it is back.')
  }
}

async function stay(): Promise<void> {
  waiting.value = []
  await router.push({ name: 'today' })
}
</script>

<template>
  <header class="bar">
    <RouterLink class="home" to="/">
      <CompassRose class="rose" />
      <b>Gray Compass</b>
    </RouterLink>
    <nav aria-label="Main">
      <template v-if="session.user?.role !== 'coach'">
        <RouterLink to="/">Today</RouterLink>
        <RouterLink :to="{ name: 'arithmetic' }">Arithmetic</RouterLink>
      </template>
      <template v-if="session.user?.role === 'lead'">
        <RouterLink :to="{ name: 'team' }">Team</RouterLink>
        <RouterLink :to="{ name: 'deeds' }">Log</RouterLink>
      </template>
    </nav>
    <span class="team">{{ session.user?.team }}</span>
    <LookPicker class="look" />
    <RouterLink class="who" :to="{ name: 'account' }" :aria-label="`Account of ${session.user?.name}`">
      {{ session.user?.name }}
    </RouterLink>
    <button class="button quiet" type="button" @click="logOut">Log out</button>
  </header>
  <LogOutDialog v-if="waiting.length > 0" :unsent="waiting" @stay="stay" @leave="leave" />
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
  font-size: var(--type-lead);
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
@media (--tablet) {
  .team,
  .who {
    display: none;
  }
  .bar {
    gap: 8px;
  }
}
@media (--phone) {
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
