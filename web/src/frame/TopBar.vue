<script setup lang="ts">
import { computed } from 'vue'
import CompassRose from './CompassRose.vue'
import LogOutButton from './LogOutButton.vue'
import LookPicker from './LookPicker.vue'
import { t } from '@/messages/frame'
import { useSession } from '@/stores/session'
import UiButton from '@/ui/UiButton.vue'

const session = useSession()
const initials = computed(() =>
  (session.user?.name ?? '')
    .split(' ')
    .map((word) => word.charAt(0))
    .slice(0, 2)
    .join(''),
)

/** Past the bar: to the search where there is one, or to the page itself. */
function skip(): void {
  document.querySelector<HTMLElement>('[data-skip]')?.focus()
}
</script>

<template>
  <header class="bar">
    <UiButton class="skip" @click="skip">{{ t('topBar.skipToContent') }}</UiButton>
    <RouterLink class="home" to="/">
      <CompassRose class="rose" />
      <b>{{ t('topBar.grayCompass') }}</b>
    </RouterLink>
    <nav :aria-label="t('topBar.main')">
      <RouterLink v-if="session.user?.examines === false" :to="{ name: 'board' }">
        {{ t('topBar.availability') }}
      </RouterLink>
      <template v-else>
        <RouterLink class="today" to="/">{{ t('topBar.today') }}</RouterLink>
        <RouterLink :to="{ name: 'board' }">{{ t('topBar.availability') }}</RouterLink>
        <RouterLink :to="{ name: 'arithmetic' }">{{ t('topBar.arithmetic') }}</RouterLink>
      </template>
      <template v-if="session.user?.leads">
        <RouterLink :to="{ name: 'team' }">{{ t('topBar.team') }}</RouterLink>
        <RouterLink :to="{ name: 'audit-log' }">{{ t('topBar.log') }}</RouterLink>
      </template>
    </nav>
    <span class="team">{{ session.user?.team }}</span>
    <LookPicker class="look" />
    <RouterLink class="who" :to="{ name: 'account' }">
      <span class="unseen">{{ t('topBar.accountOf', { name: session.user?.name }) }}</span>
      <span class="whole" aria-hidden="true">{{ session.user?.name }}</span>
      <span class="initials" aria-hidden="true">{{ initials }}</span>
    </RouterLink>
    <LogOutButton class="leave" />
  </header>
</template>

<style scoped>
.skip:not(:focus-visible) {
  position: absolute;
  width: 1px;
  height: 1px;
  min-height: 0;
  padding: 0;
  overflow: hidden;
  clip-path: inset(50%);
}
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
.who {
  display: grid;
  place-items: center;
  min-height: 44px;
}
.initials {
  display: none;
}
@media (--tablet) {
  .team {
    display: none;
  }
  /* A link keeps its name where there is no room to show it. */
  .home b,
  .whole {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
  }
  .initials {
    display: grid;
    place-items: center;
    width: 36px;
    height: 36px;
    font-size: var(--type-small);
    border: 2px solid var(--line-2);
    border-radius: 50%;
  }
  .who {
    min-width: 44px;
    text-decoration: none;
  }
  .bar {
    gap: 8px;
  }
}
@media (--phone) {
  .today {
    display: none;
  }
  .bar {
    gap: 2px;
  }
  nav a {
    padding: 0 6px;
  }
  nav {
    gap: 0;
  }
  /* On a phone one chooses the look in the account, and leaves from there. */
  .bar :deep(.look),
  .bar :deep(.leave) {
    display: none;
  }
}
/* Magnified four times, the bar is 320 px wide. */
@media (width < 360px) {
  nav a {
    padding: 0 4px;
    font-size: var(--type-small);
  }
}
@media print {
  .bar {
    display: none;
  }
}
</style>
