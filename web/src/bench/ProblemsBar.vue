<script setup lang="ts">
import type { Value } from '@/contract/types'
import { asHeading, capital, inWords } from '@/shared/words'
import type { Refused } from '@/sync'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { same } from '@/sync'

/** What could not be saved as it is, with both versions side by side until the person chooses. */
const emit = defineEmits<{ go: [part: string] }>()
const catalogue = useCatalogue()
const examination = useExamination()

const SECTIONS: Record<string, string> = {
  frame: 'Frame of the examination',
  opening: 'Before hands-on',
  episode: 'Facts of this injury',
  history: 'Story',
  safety: 'Safety gate',
  earlierFinding: 'Found by others',
  pulseChecks: 'Pulse checks',
}

function title(part: string): string {
  const [name = '', side] = part.split(':')
  return side
    ? `${catalogue.nameOf(name)}, ${side === 'both' ? 'both legs' : `${side} knee`}`
    : (SECTIONS[name] ?? name)
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
    v-for="problem in examination.problems"
    :key="problem.part"
    class="problem"
    :aria-label="`Not saved: ${title(problem.part)}`"
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
        <button type="button" class="button" @click="examination.settle(problem.part, true)">Keep mine</button>
        <button type="button" class="button" @click="examination.settle(problem.part, false)">Take theirs</button>
      </p>
    </template>
    <template v-else>
      <b>{{ title(problem.part) }}: {{ problem.held ? 'waiting, held back' : 'not saved' }}.</b>
      <p>
        {{ capital(problem.reason) }}.
        {{
          problem.held
            ? 'It is kept on this device, and sent by itself once that is lifted.'
            : 'It is kept on this device; change it, or let it go.'
        }}
      </p>
      <p class="choose">
        <button type="button" class="button" @click="emit('go', problem.part)">Go there</button>
        <button type="button" class="button" @click="examination.settle(problem.part, true)">Try again</button>
        <button type="button" class="button" @click="examination.settle(problem.part, false)">Let it go</button>
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
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
