<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import SaveState from '@/frame/SaveState.vue'
import { t } from '@/messages/views'
import { clock } from '@/shared/dates'
import { isByHand } from '@/shared/results'
import { resultName } from '@/stores/words'
import { capital, daysAgo, kneeOf } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useUndo } from '@/stores/undo'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'

/** One large screen to hand an emergency over with: what, since when, and the pulse again and again. */
const props = defineProps<{ id: string }>()
const catalogue = useCatalogue()
const examination = useExamination()
const opened = useOpenExamination()
const undoable = useUndo()
const verdict = useVerdict()
const { ready, problem } = useOpen({ id: () => props.id })
const now = ref(new Date())
const PULSE = 'pulseChecks'

const CHECKS = ['distal_pulse', 'sensation', 'ankle_lift']

const lines = computed(() =>
  (verdict.assessment?.safety.lines ?? []).filter(
    (line) => line.urgency === 'emergency' || line.urgency === 'same_day',
  ),
)
const signed = computed(() => opened.head?.status === 'signed')
const due = computed(() => verdict.assessment?.safety.pulse.everyMinutes ?? 0)
const checks = computed(() => opened.section(PULSE).entries ?? [])
const last = computed(() => {
  const entry = checks.value.at(-1)
  return entry ? new Date(entry.at) : null
})
const minutes = computed(() =>
  last.value ? Math.max(0, Math.floor((now.value.getTime() - last.value.getTime()) / 60_000)) : null,
)
const state = computed(() =>
  CHECKS.map((id) => ({
    id,
    name: catalogue.nameOf(id),
    value: spoken(opened.record(id, opened.hurtSide), id),
  })),
)

const injured = computed(() => {
  const { daysSinceInjury: days, hoursSinceInjury: hours } = opened.section('frame')
  if (typeof hours === 'number') return t('emergencyView.hAgo', { hours })
  return typeof days === 'number' ? daysAgo(days) : t('emergencyView.noInjuryRecalled')
})
const found = computed(() =>
  (verdict.assessment?.results ?? [])
    .filter((result) => result.counts && result.outcome === 'positive' && isByHand(result))
    .map((result) => t('emergencyView.positive', { finding: resultName(result, catalogue.catalogue) }))
    .join(', '),
)

/** The pulse is felt for again and again; without a finding of its own the last time counts. */
function spoken(finding: Record<string, unknown> | null, id: string): string {
  const felt = id === 'distal_pulse' ? checks.value.at(-1)?.felt : undefined
  if (felt !== undefined) return felt ? t('emergencyView.felt') : t('emergencyView.notFelt2')
  if (finding === null) return t('emergencyView.notChecked')
  return finding.normal === true ? t('emergencyView.normal') : String(finding.result ?? t('emergencyView.notChecked'))
}

/** Each time someone feels for it is kept; what follows from a pulse that was missing once, the server says. */
function check(felt: boolean): void {
  examination.saveSection(PULSE, { entries: [...checks.value, { at: new Date().toISOString(), felt }] })
}

useIntervalFn(() => (now.value = new Date()), 5_000)
</script>

<template>
  <main class="emergency">
    <UiAlert v-if="problem" :say="problem" />
    <template v-else-if="ready && opened.head">
      <header>
        <div>
          <h1>{{ opened.head.athlete.name }}, {{ opened.head.athlete.age }}</h1>
          <p class="side">{{ capital(kneeOf(opened.hurtSide)) }}</p>
        </div>
        <p class="clock number" :aria-label="t('emergencyView.timeNow')">{{ clock(now.toISOString()) }}</p>
        <SaveState :state="examination.saveState" class="save" />
        <UiButton :to="{ name: 'bench', params: { id } }">{{ t('emergencyView.backToTheBench') }}</UiButton>
      </header>
      <ul v-if="lines.length > 0" class="lines">
        <li v-for="line in lines" :key="line.rule">
          <b>{{ catalogue.urgencyOf(line) }}</b>
          {{ line.say }}
        </li>
      </ul>
      <p v-else class="lines none">{{ t('emergencyView.noEmergencyLineIsRaisedFor') }}</p>
      <section class="pulse" aria-labelledby="pulse">
        <h2 id="pulse">{{ t('emergencyView.pulseAtTheFoot') }}</h2>
        <p class="since number" :class="{ due: minutes === null || minutes >= due }" role="status">
          {{ minutes === null ? t('emergencyView.notCheckedWithATimeYet') : t('emergencyView.minAgo', { minutes }) }}
          <small v-if="minutes !== null">{{ t('emergencyView.againEveryMin', { due }) }}</small>
        </p>
        <div v-if="!signed" class="taps">
          <UiButton kind="main" @click="check(true)">{{ t('emergencyView.feltNow') }}</UiButton>
          <UiButton @click="check(false)">{{ t('emergencyView.notFelt') }}</UiButton>
          <UiButton v-if="!undoable.isEmpty" kind="quiet" @click="examination.undo()">
            {{ t('emergencyView.undo') }}
          </UiButton>
        </div>
        <ol class="log number">
          <li v-for="entry in checks.slice(-6)" :key="entry.at">
            {{
              entry.felt
                ? t('emergencyView.pulseFelt', { at: clock(entry.at) })
                : t('emergencyView.pulseNotFelt', { at: clock(entry.at) })
            }}
          </li>
        </ol>
      </section>
      <section aria-labelledby="state">
        <h2 id="state">{{ t('emergencyView.foot') }}</h2>
        <dl>
          <template v-for="s in state" :key="s.id">
            <dt>{{ s.name }}</dt>
            <dd>{{ s.value }}</dd>
          </template>
        </dl>
      </section>
      <section aria-labelledby="told">
        <h2 id="told">{{ t('emergencyView.whatHappened') }}</h2>
        <p>{{ opened.section('episode').whatHappened ?? t('emergencyView.notRecordedYet') }}</p>
        <dl>
          <dt>{{ t('emergencyView.injured') }}</dt>
          <dd>{{ injured }}</dd>
          <dt>{{ t('emergencyView.examinedFrom') }}</dt>
          <dd class="number">{{ clock(opened.head.examinedAt) }}</dd>
          <dt>{{ t('emergencyView.by') }}</dt>
          <dd>{{ opened.head.examiner }}</dd>
        </dl>
      </section>
      <section aria-labelledby="found">
        <h2 id="found">{{ t('emergencyView.findingsAndActions') }}</h2>
        <p>{{ found || t('emergencyView.theKneeItselfWasNotExamined') }}</p>
        <p>{{ t('emergencyView.aPulseThatIsFeltDoes', { why: verdict.assessment?.plan.support.why }) }}</p>
      </section>
      <footer>
        <b>{{ t('emergencyView.chancesNotADiagnosis') }}</b>
        {{ t('emergencyView.localEmergencyRulesComeFirst') }}
      </footer>
    </template>
  </main>
</template>

<style scoped>
.emergency {
  min-height: 100dvh;
  padding: clamp(14px, 3vw, 32px);
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 26px 48px;
  align-content: start;
  font-size: var(--type-head);
  background: var(--card);
}
header,
.lines,
footer {
  grid-column: 1 / -1;
}
header {
  display: grid;
  grid-template-columns: 1fr auto auto auto;
  gap: 24px;
  align-items: center;
}
h1 {
  font-size: var(--type-figure);
}
.side {
  font-size: var(--type-title);
}
.clock {
  font-size: var(--type-huge);
  font-weight: 680;
}
.lines {
  display: grid;
  gap: 10px;
}
.lines li {
  padding: 18px 22px;
  color: var(--on-band);
  background: var(--band);
  border-radius: var(--radius);
  font-size: var(--type-title);
  line-height: 1.3;
}
.lines b {
  display: block;
  text-transform: uppercase;
}
.none {
  padding: 16px 20px;
  border: 2px solid var(--line-2);
  border-radius: var(--radius);
}
h2 {
  font-size: var(--type-head);
  margin-bottom: 6px;
}
.since {
  font-size: var(--type-figure);
  font-weight: 680;
}
.since small {
  font-size: var(--type-lead);
  font-weight: 400;
}
.since.due {
  text-decoration: underline;
  text-decoration-thickness: 4px;
  text-underline-offset: 6px;
}
.taps {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 12px 0;
}
.taps .button {
  min-height: 64px;
  flex: 1;
  font-size: var(--type-head);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 20px;
}
p + dl {
  margin-top: 8px;
}
dt {
  color: var(--text-2);
}
dd {
  font-weight: 650;
}
p + p {
  margin-top: 8px;
}
@media (--tablet) {
  .emergency {
    grid-template-columns: minmax(0, 1fr);
  }
  header {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  header .button,
  header .save {
    grid-column: 1 / -1;
  }
  .clock {
    font-size: var(--type-figure);
  }
  h1 {
    font-size: var(--type-title);
  }
}
</style>
