<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import type { Assessment, Verdict } from '@/contract/types'
import KneePlateau from '@/plateau/KneePlateau.vue'
import TopBar from '@/shared/TopBar.vue'
import { findingName } from '@/shared/findings'
import { inHundred, inWords, signed } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'

const props = defineProps<{ id: string }>()
const catalogue = useCatalogue()
const examination = useExamination()
const problem = ref('')
const ZONES: Record<Verdict['zone'], string> = { ruled_out: 'ruled out', untested: 'not tested', investigate: 'look further', act: 'act' }

const PLAY: Record<Assessment['plan']['play'], string> = { stop: 'Stop: not everything asked for is known and in order.', may_continue: 'May continue.', may_continue_supported: 'May continue, supported.' }

const ready = computed(() => catalogue.catalogue !== null && examination.head?.id === props.id && examination.assessment !== null)
const assessment = computed(() => examination.assessment!)
const byChance = computed(() => [...assessment.value.conditions].sort((a, b) => b.posttest - a.posttest))
const schools = computed(() => (examination.section('frame').schools as Record<string, string> | undefined) ?? {})
const notDone = computed(() => (catalogue.catalogue?.manoeuvres ?? []).flatMap((m) => {
  const reason = examination.finding(m.id, examination.hurtSide)?.notDone
  return typeof reason === 'string' ? [{ name: m.card.name, reason: inWords(reason) }] : []
}))

function figure(value: number | null, unit: string): string {
  return value === null ? '–' : `${value} ${unit}`
}

onMounted(async () => {
  try {
    await Promise.all([catalogue.load(), examination.head?.id === props.id ? null : examination.open(props.id)])
  } catch (error) {
    problem.value = error instanceof Error ? error.message : 'The summary could not be opened.'
  }
})
</script>

<template>
  <TopBar />
  <main v-if="problem" class="summary" role="alert"><h1>No summary</h1><p>{{ problem }}</p></main>
  <main v-else-if="ready && examination.head" class="summary">
    <header>
      <div><h1>{{ examination.head.athlete.name }}</h1><p>{{ examination.head.athlete.squad }} · {{ examination.head.athlete.age }} years · {{ examination.hurtSide }} knee hurt · seen by {{ examination.head.examiner }}</p></div>
      <RouterLink class="button main" :to="{ name: 'bench', params: { id } }">Back to the bench</RouterLink>
    </header>
    <SafetyLines :lines="assessment.safety.lines" />
    <div class="columns">
      <div>
        <section aria-labelledby="chances">
          <h2 id="chances">Chances, in 100 knees like this</h2>
          <table>
            <thead><tr><th>Condition</th><th class="n">Before</th><th class="n">After story</th><th class="n">After all</th><th class="n">95 % range</th><th>Zone</th></tr></thead>
            <tbody>
              <tr v-for="verdict in byChance" :key="verdict.id" :class="verdict.zone">
                <th scope="row">{{ catalogue.conditionLabel(verdict.id) }}<small v-if="verdict.grade !== null"> grade {{ verdict.grade }}</small></th>
                <td class="n">{{ inHundred(verdict.pretest) }}</td><td class="n">{{ inHundred(verdict.afterStory) }}</td><td class="n strong">{{ inHundred(verdict.posttest) }}</td>
                <td class="n">{{ inHundred(verdict.interval[0] ?? 0) }} to {{ inHundred(verdict.interval[1] ?? 1) }}</td><td class="zone">{{ ZONES[verdict.zone] }}<small v-if="verdict.unsettled">, not settled</small></td>
              </tr>
            </tbody>
          </table>
        </section>
        <section aria-labelledby="knees">
          <h2 id="knees">Both knees</h2>
          <p v-if="assessment.measurements.length === 0" class="quiet-text">Nothing was measured yet.</p>
          <table v-else>
            <thead><tr><th>Manoeuvre</th><th class="n">Hurt</th><th class="n">Other</th><th class="n">Difference</th><th>Grade</th></tr></thead>
            <tbody>
              <tr v-for="m in assessment.measurements" :key="m.manoeuvre">
                <th scope="row">{{ catalogue.nameOf(m.manoeuvre) }}</th>
                <td class="n">{{ m.estimate ? 'by feel' : figure(m.hurt, m.unit) }}</td><td class="n">{{ figure(m.other, m.unit) }}</td>
                <td class="n">{{ m.difference === null ? '–' : `${signed(m.difference)} ${m.unit}` }}</td><td>{{ m.grade ?? '–' }}<small v-if="m.provisional && m.grade !== null"> provisional</small></td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      <div>
        <KneePlateau :conditions="assessment.conditions" :side="examination.hurtSide" />
        <section aria-labelledby="plan">
          <h2 id="plan">Going on today</h2>
          <p><b>{{ PLAY[assessment.plan.play] }}</b> <small v-if="assessment.plan.lookAgain">Look again in {{ assessment.plan.lookAgain.from }} to {{ assessment.plan.lookAgain.to }} days: {{ assessment.plan.lookAgain.why }}</small></p>
          <details><summary>Why</summary><ul><li v-for="reason in assessment.plan.playWhy" :key="reason">{{ reason }}</li></ul></details>
        </section>
        <section v-if="assessment.alsoConsider.length > 0" aria-labelledby="also"><h2 id="also">Also consider</h2><ul><li v-for="other in assessment.alsoConsider" :key="other.id">{{ other.why }}</li></ul></section>
        <section aria-labelledby="without">
          <h2 id="without">What did not count, and why</h2>
          <p v-if="assessment.excluded.length === 0" class="quiet-text">Everything recorded counts.</p>
          <ul v-else><li v-for="e in assessment.excluded" :key="e.finding"><b>{{ findingName(e.finding, catalogue.catalogue) }} {{ e.outcome }}</b> {{ e.reason }}</li></ul>
        </section>
        <section v-if="notDone.length > 0" aria-labelledby="gaps"><h2 id="gaps">Not done</h2><ul><li v-for="gap in notDone" :key="gap.name">{{ gap.name }}: {{ gap.reason }}</li></ul></section>
        <section v-if="assessment.remarks.length > 0" aria-labelledby="remarks"><h2 id="remarks">Remarks</h2><ul><li v-for="remark in assessment.remarks" :key="remark.say">{{ remark.say }}</li></ul></section>
      </div>
    </div>
    <footer>
      <p><b>Chances, not a diagnosis.</b> For a licensed practitioner; local rules and scope of practice come first. The figures are a starting set, not yet checked against the papers.</p>
      <p>Laxity by {{ inWords(schools.laxity ?? 'side_difference') }}, collaterals by {{ inWords(schools.collateral ?? 'three_band') }}, fluid {{ inWords(schools.effusion ?? 'sweep_first') }}, evidence {{ inWords(assessment.evidence.set) }} ({{ assessment.evidence.digest }}), rules {{ assessment.rules }}.</p>
    </footer>
  </main>
</template>

<style scoped>
.summary { max-width: 1240px; margin: 0 auto; padding: 24px clamp(14px, 3vw, 40px) 40px; display: grid; gap: 20px; }
.summary > header { display: flex; flex-wrap: wrap; justify-content: space-between; align-items: center; gap: 14px; }
.columns { display: grid; grid-template-columns: minmax(0, 7fr) minmax(0, 5fr); gap: 40px; }
.columns > div { display: grid; gap: 26px; align-content: start; }
h2 { margin-bottom: 8px; }
table { width: 100%; border-collapse: collapse; font-variant-numeric: tabular-nums; }
th { text-align: left; font-weight: 500; }
thead th { font-size: 0.87rem; font-weight: 400; color: var(--text-3); }
td, th { padding: 7px 8px 7px 0; border-bottom: 1px solid var(--line); }
.n { text-align: right; padding-right: 16px; }
.strong { font-size: 1.2rem; font-weight: 680; }
.act .strong, .act .zone { color: var(--needle); font-weight: 680; }
.untested .strong { font-weight: 400; color: var(--text-2); }
ul { display: grid; gap: 6px; }
summary { min-height: 44px; display: flex; align-items: center; color: var(--text-2); cursor: pointer; }
footer { display: grid; gap: 4px; padding-top: 14px; border-top: 2px solid var(--ink); font-size: 0.93rem; color: var(--text-2); }
@media (max-width: 900px) { .columns { grid-template-columns: 1fr; } }
@media (max-width: 560px) { td, th { padding-right: 4px; font-size: 0.87rem; } .n { padding-right: 6px; } }
</style>
