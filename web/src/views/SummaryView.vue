<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import BegunBar from '@/bench/BegunBar.vue'
import ProblemsBar from '@/bench/ProblemsBar.vue'
import SafetyLines from '@/bench/SafetyLines.vue'
import UnjudgedAlarms from '@/bench/UnjudgedAlarms.vue'
import UnjudgedNotice from '@/bench/UnjudgedNotice.vue'
import TopBar from '@/frame/TopBar.vue'
import { answerOf, api } from '@/api/client'
import { t } from '@/messages/views'
import { momentOfYear } from '@/shared/dates'
import { useExamination } from '@/stores/examination'
import { useOpenExamination } from '@/stores/openExamination'
import { useSession } from '@/stores/session'
import UiButton from '@/ui/UiButton.vue'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import { withOutcome } from '@/stores/words'
import LettersCard from '@/letters/LettersCard.vue'
import ChancesTable from '@/summary/ChancesTable.vue'
import CopyText from '@/summary/CopyText.vue'
import LaterWords from '@/summary/LaterWords.vue'
import KneesTable from '@/summary/KneesTable.vue'
import PlanSections from '@/summary/PlanSections.vue'
import SignDialog from '@/summary/SignDialog.vue'
import { useSummary } from '@/summary/useSummary'
import { capital, kneeOf } from '@/shared/words'

const props = defineProps<{ id: string }>()

const ExaminationExport = defineAsyncComponent(() => import('@/exchange/ExaminationExport.vue'))

const examination = useExamination()
const opened = useOpenExamination()
const verdict = useVerdict()
const { ready, problem } = useOpen({ id: () => props.id })
const signing = ref(false)
const exporting = ref(false)
const session = useSession()
const mayNotSign = computed(() => session.user?.answers !== true)
const asked = computed(() => !!opened.head?.askedAt)

const assessment = computed(() => verdict.assessment!)
const { judgedBy, fluid, results, held, marked, nameOf } = useSummary()
const signed = computed(() => opened.head?.status === 'signed')
const signature = computed(() => {
  const { signedAt, signedBy, signedUngated, origin } = opened.head ?? {}
  if (!signedAt) return t('summaryView.draftNotSigned')
  if (!signedBy && origin) return t('summaryView.signedElsewhere', { origin, signedAt: momentOfYear(signedAt) })
  const by = t('summaryView.signedByOn', {
    signedBy: signedBy ?? t('summaryView.aFormerMember'),
    signedAt: momentOfYear(signedAt),
  })
  return signedUngated ? t('summaryView.withoutTheSafetyCheck', { by, signedUngated }) : by
})
const emergency = computed(() => assessment.value.safety.lines.some((line) => line.urgency === 'emergency'))
async function ask(): Promise<void> {
  const path = { examination: props.id }
  await answerOf(api.POST('/api/examinations/{examination}/countersignature', { params: { path } }))
  await examination.open(props.id)
}

function print(): void {
  window.print()
}
</script>

<template>
  <TopBar />
  <main v-if="problem" class="summary" role="alert">
    <h1>{{ t('summaryView.noSummary') }}</h1>
    <p>{{ problem }}</p>
  </main>
  <main v-else-if="ready && opened.head" class="summary">
    <header>
      <div>
        <h1>
          {{ opened.head.athlete.name }},
          {{ opened.head.isBaseline ? t('summaryView.baseline') : kneeOf(opened.hurtSide) }}
        </h1>
        <p>
          {{
            t('summaryView.noYearsSeenByOn', {
              squad: opened.head.athlete.squad,
              number: opened.head.athlete.number,
              age: opened.head.athlete.age,
              examiner: opened.head.examiner,
              examinedAt: momentOfYear(opened.head.examinedAt),
            })
          }}
          <b>
            {{ signature }}
          </b>
        </p>
      </div>
      <nav :aria-label="t('summaryView.summary')">
        <UiButton :href="`/api/examinations/${id}/summary.pdf`" target="_blank">{{ t('summaryView.pdf') }}</UiButton>
        <UiButton @click="exporting = true">{{ t('summaryView.export') }}</UiButton>
        <UiButton @click="print">{{ t('summaryView.print') }}</UiButton>
        <UiButton v-if="opened.head.twin" :to="{ name: 'summary', params: { id: opened.head.twin.id } }">
          {{ capital(kneeOf(opened.otherSide)) }}
        </UiButton>
        <template v-if="!signed">
          <UiButton :to="{ name: 'bench', params: { id } }">{{ t('summaryView.backToTheBench') }}</UiButton>
          <UiButton v-if="!mayNotSign" kind="main" @click="signing = true">{{ t('summaryView.sign') }}</UiButton>
          <UiButton v-else kind="main" :disabled="asked" @click="ask">
            {{ asked ? t('summaryView.signatureRequested') : t('summaryView.requestSignature') }}
          </UiButton>
        </template>
      </nav>
    </header>
    <LaterWords v-if="signed || opened.head.supersedes" @added="examination.open(id)" />
    <BegunBar />
    <ProblemsBar @go="$router.push({ name: 'bench', params: { id } })" />
    <UnjudgedAlarms />
    <UnjudgedNotice :older="t('summaryView.theAssessmentBelowDoesNotInclude')" />
    <SafetyLines :lines="assessment.safety.lines" />
    <p v-if="assessment.safety.lines.length === 0 && !examination.isAhead" class="clear">
      {{
        assessment.safety.gateOpen
          ? t('summaryView.theSafetyCheckIsCompleteNo')
          : t('summaryView.theSafetyCheckIsNotComplete')
      }}
    </p>
    <UiButton v-if="emergency" :to="{ name: 'emergency', params: { id } }">
      {{ t('summaryView.emergencyHandOver') }}
    </UiButton>
    <section v-if="assessment.plan.afterOperation" class="clear" aria-labelledby="operated">
      <h2 id="operated">{{ t('summaryView.afterTheOperation') }}</h2>
      <p>{{ assessment.plan.afterOperation }}</p>
    </section>
    <div class="columns">
      <div>
        <section aria-labelledby="chances">
          <h2 id="chances">
            {{
              opened.head.isBaseline ? t('summaryView.notWeighed') : t('summaryView.probabilitiesOutOf100SimilarKnees')
            }}
          </h2>
          <p v-if="opened.head.isBaseline" class="quiet-text">
            {{ t('summaryView.aBaselineGivesNoProbabilitiesThe') }}
          </p>
          <ChancesTable v-else />
        </section>
        <section aria-labelledby="knees">
          <h2 id="knees">{{ t('summaryView.bothKnees') }}</h2>
          <KneesTable
            :measurements="assessment.measurements"
            :baseline-from="opened.head.isBaseline ? opened.hurtSide : undefined"
          />
          <p class="fluid">
            <b>{{ t('summaryView.effusion') }}</b>
            {{ fluid }}
          </p>
        </section>
        <section v-if="results.length > 0" aria-labelledby="results">
          <h2 id="results">{{ t('summaryView.validResults') }}</h2>
          <ul>
            <li v-for="{ label, names } in results" :key="label">
              <b>{{ label }}:</b>
              {{ names.join(', ') }}
            </li>
          </ul>
        </section>
        <section aria-labelledby="without">
          <h2 id="without">{{ t('summaryView.notValidWithTheReason') }}</h2>
          <p v-if="assessment.excluded.length === 0" class="quiet-text">
            {{ t('summaryView.allRecordedResultsAreValid') }}
          </p>
          <ul v-else>
            <li v-for="e in assessment.excluded" :key="e.finding">
              <b class="slashed">{{ withOutcome(nameOf(e.finding), e.outcome) }}</b>
              {{ e.reason }}
            </li>
          </ul>
        </section>
        <section aria-labelledby="open">
          <h2 id="open">
            {{ opened.head.isBaseline ? t('summaryView.missingFromThisBaseline') : t('summaryView.notAnswered') }}
          </h2>
          <p v-if="assessment.plan.unanswered.length === 0" class="quiet-text">
            {{ opened.head.isBaseline ? t('summaryView.nothingIsMissing') : t('summaryView.nothingIsLeftToAnswer') }}
          </p>
          <ul v-else>
            <li v-for="line in assessment.plan.unanswered" :key="line">{{ line }}</li>
          </ul>
        </section>
        <section v-if="marked.length > 0" aria-labelledby="marked">
          <h2 id="marked">{{ t('summaryView.marked') }}</h2>
          <ul>
            <li v-for="entry in marked" :key="entry.name + entry.mark">
              <b>{{ entry.name }}</b>
              {{ entry.mark }}
            </li>
          </ul>
        </section>
        <section v-if="assessment.earlierFinding.length > 0" aria-labelledby="earlier">
          <h2 id="earlier">{{ t('summaryView.findingsByOthersNotWeighed') }}</h2>
          <ul>
            <li v-for="entry in assessment.earlierFinding" :key="entry.what">
              <b>{{ entry.what }}</b>
              {{ [entry.by, entry.on].filter(Boolean).join(', ') }}
            </li>
          </ul>
        </section>
        <section v-if="held.length > 0" aria-labelledby="held">
          <h2 id="held">{{ t('summaryView.withheld') }}</h2>
          <ul>
            <li v-for="group in held" :key="group.why">
              <b>{{ group.why }}</b>
              {{ group.names.join(', ') }}
            </li>
          </ul>
        </section>
        <section v-if="assessment.remarks.length > 0" aria-labelledby="remarks">
          <h2 id="remarks">{{ t('summaryView.remarks') }}</h2>
          <ul>
            <li v-for="remark in assessment.remarks" :key="remark.say">{{ remark.say }}</li>
          </ul>
        </section>
      </div>
      <div>
        <section aria-labelledby="plan">
          <h2 id="plan">{{ t('summaryView.plan') }}</h2>
          <PlanSections :plan="assessment.plan" />
        </section>
        <CopyText :heading="t('summaryView.forTheAthlete')" :text="assessment.plan.forAthlete">
          <UiButton kind="quiet" :to="{ name: 'for-athlete', params: { id } }">
            {{ t('summaryView.largePrint') }}
          </UiButton>
        </CopyText>
        <CopyText
          v-if="assessment.plan.forCoach"
          :heading="t('summaryView.forTheCoach')"
          :text="assessment.plan.forCoach"
        />
        <p v-else class="quiet-text">{{ t('summaryView.noLineForTheCoachThe') }}</p>
        <section v-if="assessment.alsoConsider.length > 0" aria-labelledby="also">
          <h2 id="also">{{ t('summaryView.alsoConsider') }}</h2>
          <ul>
            <li v-for="other in assessment.alsoConsider" :key="other.id">{{ other.why }}</li>
          </ul>
        </section>
        <LettersCard v-if="signed && !mayNotSign" :examination="id" />
        <CopyText :heading="t('summaryView.noteForTheLetter')" :text="assessment.plan.note" lines class="note" />
      </div>
    </div>
    <footer>
      <p>
        <b>{{ t('summaryView.chancesNotADiagnosis') }}</b>
        {{ t('summaryView.forALicensedPractitionerLocalRules') }}
      </p>
      <p>
        {{
          t('summaryView.judgedByFiguresVersionRulesVersion', {
            judgedBy,
            digest: assessment.evidence.digest,
            rules: assessment.rules,
          })
        }}
      </p>
    </footer>
  </main>
  <SignDialog v-if="signing" @close="signing = false" />
  <ExaminationExport
    v-if="exporting && opened.head"
    :id="id"
    :examined-at="opened.head.examinedAt"
    @close="exporting = false"
  />
</template>

<style scoped>
.summary {
  max-width: 1280px;
  margin: 0 auto;
  padding: 20px clamp(14px, 3vw, 40px) 40px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
.summary > header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
}
.summary > header p {
  color: var(--text-2);
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.clear {
  padding: 8px 14px;
  background: var(--fill);
  border-radius: var(--radius);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 7fr) minmax(0, 5fr);
  gap: 40px;
}
.columns > div {
  display: grid;
  gap: 22px;
  align-content: start;
}
h2 {
  margin-bottom: 6px;
}
.fluid {
  margin-top: 8px;
}
ul {
  display: grid;
  gap: 5px;
}
.columns :deep(table) {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
.columns :deep(th) {
  text-align: left;
  font-weight: 500;
}
.columns :deep(thead th) {
  font-size: var(--type-small);
  font-weight: 400;
  color: var(--text-3);
}
.columns :deep(td),
.columns :deep(th) {
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
}
.columns :deep(.n) {
  text-align: right;
  padding-right: 14px;
  white-space: nowrap;
}
footer {
  display: grid;
  gap: 4px;
  padding-top: 12px;
  border-top: 2px solid var(--ink);
  font-size: var(--type-note);
  color: var(--text-2);
}
@media (--tablet) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (--phone) {
  /* Of a screen that is magnified fourfold a table is wider: it scrolls within itself. */
  .columns :deep(section) {
    min-width: 0;
    overflow-x: auto;
  }
  .columns :deep(td),
  .columns :deep(th) {
    padding-right: 4px;
    font-size: var(--type-small);
  }
  .columns :deep(.n) {
    padding-right: 6px;
  }
}
@media print {
  nav {
    display: none;
  }
  .summary {
    padding: 0;
    gap: 6px;
    font-size: 7.8pt;
    line-height: 1.25;
  }
  .summary h1 {
    font-size: 14pt;
  }
  .columns {
    gap: 20px;
    grid-template-columns: minmax(0, 7fr) minmax(0, 5fr);
  }
  .columns > div {
    gap: 8px;
  }
  .columns :deep(td),
  .columns :deep(th) {
    padding: 1pt 4pt 1pt 0;
    white-space: nowrap;
  }
  .columns :deep(.scale),
  .columns :deep(.drawn) {
    display: none;
  }
  h2 {
    margin-bottom: 1pt;
  }
  .note {
    display: none;
  }
}
</style>
