<script setup lang="ts">
import { computed } from 'vue'
import type { AthleteSummary } from '@/contract/types'
import { t } from '@/messages/people'
import { useSession } from '@/stores/session'
import UiButton from '@/ui/UiButton.vue'

/** Athletes by squad, each a tap from an examination. */
const props = defineProps<{ athletes: readonly AthleteSummary[] }>()
const emit = defineEmits<{ examine: [athlete: AthleteSummary] }>()
const session = useSession()

const squads = computed(() => {
  const groups = new Map<string, AthleteSummary[]>()
  for (const athlete of props.athletes) groups.set(athlete.squad, [...(groups.get(athlete.squad) ?? []), athlete])
  return [...groups]
})
</script>

<template>
  <div v-for="[squad, members] in squads" :key="squad" class="squad">
    <h3>
      {{ squad }}
      <small v-if="session.seasonOf(squad)">{{ session.seasonOf(squad) }}</small>
    </h3>
    <ul>
      <li v-for="athlete in members" :key="athlete.id">
        <span>
          <RouterLink :to="{ name: 'athlete', params: { id: athlete.id } }">{{ athlete.name }}</RouterLink>
          <span class="quiet-text">
            {{
              athlete.number
                ? t('squadList.numberAndYears', {
                    number: athlete.number,
                    age: athlete.age,
                  })
                : t('squadList.years', {
                    number: athlete.number,
                    age: athlete.age,
                  })
            }}
          </span>
        </span>
        <UiButton :aria-label="t('squadList.examine', { name: athlete.name })" @click="emit('examine', athlete)">
          {{ t('squadList.examine2') }}
        </UiButton>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.squad {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 16px;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.squad h3 {
  padding-top: 12px;
  font-weight: 500;
  color: var(--text-2);
}
.squad h3 small {
  display: block;
  font-size: var(--type-small);
  font-weight: 400;
}
.squad li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 50px;
}
.squad li > span {
  display: grid;
}
.squad li a {
  font-weight: 600;
  text-decoration: none;
}
.squad li a:hover {
  text-decoration: underline;
}
.squad li span span {
  font-size: var(--type-small);
}
@media (--phone) {
  .squad {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
