<script setup lang="ts">
import { computed } from 'vue'
import { partOf } from '@/contract/part'
import type { SectionName } from '@/contract/types'
import type { Value } from '@/contract/types'
import { t } from '@/messages/bench'
import { capital, kneeOf } from '@/shared/words'
import { asHeading, inWords } from '@/stores/words'
import type { Refused } from '@/sync'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { same } from '@/sync'
import UiButton from '@/ui/UiButton.vue'
import OverrideReason from './OverrideReason.vue'

/** What could not be saved as it is, with both versions side by side until the person chooses. */
const emit = defineEmits<{ go: [part: string] }>()
const catalogue = useCatalogue()
const examination = useExamination()

const SECTIONS: Record<SectionName, string> = {
  frame: t('problemsBar.examinationDetails'),
  opening: t('problemsBar.beforeHandsOn'),
  episode: t('problemsBar.injuryDetails'),
  history: t('problemsBar.history'),
  safety: t('problemsBar.safetyCheck'),
  earlierFinding: t('problemsBar.findingsByOthers'),
  pulseChecks: t('problemsBar.pulseChecks'),
}

function title(key: string): string {
  const part = partOf(key)
  return part.kind === 'record'
    ? `${catalogue.nameOf(part.manoeuvre)}, ${part.side === 'both' ? t('problemsBar.bothLegs') : kneeOf(part.side)}`
    : SECTIONS[part.name]
}

/** Of one reason there is one message, however many parts it stopped; a clash is one of its own. */
const groups = computed(() => {
  const found = new Map<string, Refused[]>()
  for (const problem of examination.problems) {
    const key = problem.newer ? problem.part : `${problem.held} ${problem.mayOverride} ${reasonOf(problem)}`
    found.set(key, [...(found.get(key) ?? []), problem])
  }
  return [...found.entries()].map(([key, problems]) => ({ key, problems, first: problems[0]! }))
})

/** Without the name of the part, which stands beside it. */
function reasonOf({ part, reason }: Refused): string {
  const of = partOf(part)
  const name = of.kind === 'record' ? catalogue.nameOf(of.manoeuvre) : SECTIONS[of.name]
  return reason.startsWith(name) ? t('problemsBar.itAndReason', { reason: reason.slice(name.length) }) : capital(reason)
}

function recordAnyway(problems: readonly Refused[], reason: string): void {
  examination.recordAnyway(
    problems.map(({ part }) => part),
    reason,
  )
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
  if (value === undefined || value === null) return t('problemsBar.nothing')
  if (typeof value === 'boolean') return value ? t('problemsBar.yes') : t('problemsBar.no')
  if (Array.isArray(value)) return value.length === 0 ? t('problemsBar.none') : value.map(spoken).join('; ')
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
    :aria-label="t('problemsBar.notSaved', { part: problems.map(({ part }) => title(part)).join('; ') })"
    role="alert"
  >
    <template v-if="problem.newer">
      <b>{{ t('problemsBar.changedMeanwhileInAnotherTabOr', { part: title(problem.part) }) }}</b>
      <p>{{ t('problemsBar.bothVersionsAreKeptUntilYou') }}</p>
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span class="unseen">{{ t('problemsBar.entry') }}</span>
            </th>
            <th scope="col">{{ t('problemsBar.yoursOnThisDevice') }}</th>
            <th scope="col">{{ t('problemsBar.theirsSavedMeanwhile') }}</th>
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
        <UiButton @click="examination.settle(problem.part, true)">{{ t('problemsBar.keepMine') }}</UiButton>
        <UiButton @click="examination.settle(problem.part, false)">{{ t('problemsBar.takeTheirs') }}</UiButton>
      </p>
    </template>
    <template v-else>
      <b v-if="problems.length === 1">
        {{
          problem.held
            ? t('problemsBar.oneWaits', { part: title(problem.part) })
            : t('problemsBar.oneNotSaved', { part: title(problem.part) })
        }}
      </b>
      <b v-else>
        {{
          problem.held
            ? t('problemsBar.someWait', { n: problems.length })
            : t('problemsBar.someNotSaved', { n: problems.length })
        }}
      </b>
      <p>
        {{ reasonOf(problem) }}.
        {{ problem.held ? t('problemsBar.keptOnThisDeviceAndSent') : t('problemsBar.keptOnThisDeviceUntilYou') }}
      </p>
      <ul v-if="problems.length > 1">
        <li v-for="{ part } in problems" :key="part">
          <UiButton kind="quiet" @click="emit('go', part)">{{ title(part) }}</UiButton>
        </li>
      </ul>
      <OverrideReason
        v-if="problem.mayOverride"
        :ask="t('problemsBar.toRecordAnywayGiveTheReason', { n: problems.length })"
        :press="t('problemsBar.recordAnyway', { n: problems.length })"
        @given="(reason) => recordAnyway(problems, reason)"
      />
      <p class="choose">
        <UiButton v-if="problems.length === 1" @click="emit('go', problem.part)">
          {{ t('problemsBar.openEntry') }}
        </UiButton>
        <UiButton @click="settleAll(problems, true)">
          {{ t('problemsBar.retry', { n: problems.length }) }}
        </UiButton>
        <UiButton @click="settleAll(problems, false)">
          {{ t('problemsBar.discardAll', { n: problems.length }) }}
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
