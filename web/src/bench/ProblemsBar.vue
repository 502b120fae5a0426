<script setup lang="ts">
import { computed } from 'vue'
import { partOf } from '@/contract/part'
import type { SectionName } from '@/contract/types'
import type { Value } from '@/contract/types'
import { capital } from '@/shared/words'
import { asHeading, inWords } from '@/stores/words'
import type { Refused } from '@/sync'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { same } from '@/sync'
import UiButton from '@/ui/UiButton.vue'

/** What could not be saved as it is, with both versions side by side until the person chooses. */
const emit = defineEmits<{ go: [part: string] }>()
const catalogue = useCatalogue()
const examination = useExamination()

const SECTIONS: Record<SectionName, string> = {
  frame: 'Frame of the examination',
  opening: 'Before hands-on',
  episode: 'Facts of this injury',
  history: 'History',
  safety: 'Safety gate',
  earlierFinding: 'Found by others',
  pulseChecks: 'Pulse checks',
}

function title(key: string): string {
  const part = partOf(key)
  return part.kind === 'record'
    ? `${catalogue.nameOf(part.manoeuvre)}, ${part.side === 'both' ? 'both legs' : `${part.side} knee`}`
    : SECTIONS[part.name]
}

/** Of one reason there is one message, however many parts it stopped; a clash is one of its own. */
const groups = computed(() => {
  const found = new Map<string, Refused[]>()
  for (const problem of examination.problems) {
    const key = problem.newer ? problem.part : `${problem.held} ${reasonOf(problem)}`
    found.set(key, [...(found.get(key) ?? []), problem])
  }
  return [...found.entries()].map(([key, problems]) => ({ key, problems, first: problems[0]! }))
})

/** Without the name of the part, which stands beside it. */
function reasonOf({ part, reason }: Refused): string {
  const of = partOf(part)
  const name = of.kind === 'record' ? catalogue.nameOf(of.manoeuvre) : SECTIONS[of.name]
  return reason.startsWith(name) ? `It${reason.slice(name.length)}` : capital(reason)
}

function settleAll(problems: readonly Refused[], keepMine: boolean): void {
  for (const { part } of problems) examination.settle(part, keepMine)
}

/** Only what differs is worth comparing. */
function rows(problem: Refused): { key: string; mine: string; theirs: string }[] {
  const [mine, theirs] = [problem.mine ?? {}, problem.newer?.payload ?? {}]
  return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
    .filter((key) => !same(mine[key], theirs[key]))
    .map((key) => ({ key, mine: spoken(mine[key]), theirs: spoken(theirs[key]) }))
}

function spoken(value: Value | object): string {
  if (value === undefined || value === null) return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map(spoken).join('; ')
  if (typeof value === 'object')
    return Object.entries(value)
      .map(([key, part]) => `${inWords(key)}: ${spoken(part)}`)
      .join(', ')
  return inWords(String(value))
}
</script>

<template>
  <section
    v-for="{ key, problems, first: problem } in groups"
    :key="key"
    class="problem"
    :aria-label="`Not saved: ${problems.map(({ part }) => title(part)).join('; ')}`"
    role="alert"
  >
    <template v-if="problem.newer">
      <b>{{ title(problem.part) }}: changed in between by another tab or person.</b>
      <p>Both versions are kept until you choose.</p>
      <table>
        <thead>
          <tr>
            <th scope="col"><span class="unseen">Entry</span></th>
            <th scope="col">Yours, on this device</th>
            <th scope="col">Theirs, saved meanwhile</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows(problem)" :key="row.key">
            <th scope="row">{{ asHeading(row.key) }}</th>
            <td>{{ row.mine }}</td>
            <td>{{ row.theirs }}</td>
          </tr>
        </tbody>
      </table>
      <p class="choose">
        <UiButton @click="examination.settle(problem.part, true)">Keep mine</UiButton>
        <UiButton @click="examination.settle(problem.part, false)">Take theirs</UiButton>
      </p>
    </template>
    <template v-else>
      <b v-if="problems.length === 1">{{ title(problem.part) }}: {{ problem.held ? 'waiting' : 'not saved' }}.</b>
      <b v-else>{{ problems.length }} entries {{ problem.held ? 'are waiting' : 'are not saved' }}.</b>
      <p>
        {{ reasonOf(problem) }}.
        {{
          problem.held
            ? 'Kept on this device, and sent by itself once that is lifted.'
            : 'Kept on this device until you change or discard it.'
        }}
      </p>
      <ul v-if="problems.length > 1">
        <li v-for="{ part } in problems" :key="part">
          <UiButton kind="quiet" @click="emit('go', part)">{{ title(part) }}</UiButton>
        </li>
      </ul>
      <p class="choose">
        <UiButton v-if="problems.length === 1" @click="emit('go', problem.part)">Go there</UiButton>
        <UiButton @click="settleAll(problems, true)">
          {{ problems.length === 1 ? 'Try again' : 'Try all again' }}
        </UiButton>
        <UiButton @click="settleAll(problems, false)">
          {{ problems.length === 1 ? 'Discard entry' : `Discard all ${problems.length}` }}
        </UiButton>
      </p>
    </template>
  </section>
</template>

<style scoped>
.problem {
  display: grid;
  gap: 6px;
  margin-bottom: 14px;
  padding: 12px 16px;
  border: 2px solid var(--ink);
  border-left-width: 8px;
  border-radius: var(--radius);
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: 5px 12px 5px 0;
  text-align: left;
  font-weight: 400;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
thead th {
  color: var(--text-3);
  font-size: var(--type-small);
}
td {
  font-weight: 600;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
