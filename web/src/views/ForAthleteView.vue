<script setup lang="ts">
import { computed } from 'vue'
import ShareCode from '@/letters/ShareCode.vue'
import { t } from '@/messages/views'
import HurtParts from '@/plateau/HurtParts.vue'
import SubjectPage from '@/frame/SubjectPage.vue'
import { day } from '@/shared/dates'
import { translationName } from '@/shared/languages'
import { useAthleteText } from '@/summary/useAthleteText'
import { useOpenExamination } from '@/stores/openExamination'
import { useSession } from '@/stores/session'
import { useOpen } from '@/stores/useOpen'
import { useVerdict } from '@/stores/verdict'
import UiAlert from '@/ui/UiAlert.vue'
import UiButton from '@/ui/UiButton.vue'
import UiWaiting from '@/ui/UiWaiting.vue'
import { capital, kneeOf } from '@/shared/words'

/** What the athlete takes home, in large type: on paper, or read here together. */
const props = defineProps<{ id: string }>()
const opened = useOpenExamination()
const session = useSession()
const verdict = useVerdict()
const { ready, problem } = useOpen({ id: () => props.id })

const isSigned = computed(() => opened.head?.status === 'signed')
const mayShare = computed(() => isSigned.value && session.user?.sharesPages === true && session.user.answers)
const plan = computed(() => verdict.assessment?.plan)
const english = computed(() =>
  (plan.value?.forAthlete ?? '').split('\n\n').map((part) => {
    const [heading = '', ...said] = part.split('\n')
    return { heading, say: said.join(' ') }
  }),
)
const { translation, problem: untranslated } = useAthleteText({
  examination: () => (ready.value && opened.head && translationName(opened.head.athleteReads) ? opened.head.id : ''),
})
const sections = computed(() => translation.value?.sections ?? english.value)

function print(): void {
  window.print()
}
</script>

<template>
  <SubjectPage
    :title="
      opened.head ? t('forAthleteView.for', { name: opened.head.athlete.name }) : t('forAthleteView.forTheAthlete')
    "
  >
    <template v-if="ready" #beside>
      <nav class="actions" :aria-label="t('forAthleteView.forTheAthlete')">
        <UiButton kind="quiet" :to="{ name: 'summary', params: { id } }">{{ t('forAthleteView.summary') }}</UiButton>
        <UiButton kind="main" @click="print">{{ t('forAthleteView.print') }}</UiButton>
      </nav>
    </template>
    <UiAlert v-if="problem" :say="problem" />
    <UiWaiting v-else-if="!ready || !opened.head" :label="t('forAthleteView.loading')" />
    <template v-else>
      <p class="quiet-text">
        {{
          t('forAthleteView.knee', {
            knee: capital(kneeOf(opened.hurtSide)),
            examinedAt: day(opened.head.examinedAt),
          })
        }}
        <b v-if="!isSigned">{{ t('forAthleteView.notSignedYet') }}</b>
      </p>
      <UiAlert
        v-if="untranslated && opened.head"
        :say="t('forAthleteView.thePageCouldNotBeLoaded', { athleteReads: translationName(opened.head.athleteReads) })"
      />
      <article>
        <div :lang="translation?.language">
          <template v-for="{ heading, say } in sections" :key="heading">
            <h2>{{ heading }}</h2>
            <p>{{ say }}</p>
          </template>
          <p v-if="translation?.caution" class="caution">{{ translation.caution }}</p>
        </div>
        <div class="beside">
          <HurtParts
            v-if="plan && plan.matters.length > 0"
            :parts="plan.matters"
            :side="opened.hurtSide"
            :words="translation ?? undefined"
            :lang="translation?.language"
          />
          <section v-if="translation" class="original" aria-labelledby="original">
            <h2 id="original">{{ t('forAthleteView.theSameInEnglish') }}</h2>
            <p v-for="{ heading, say } in english" :key="heading">
              <b>{{ heading }}.</b>
              {{ say }}
            </p>
            <p v-if="translation.caution" class="quiet-text">
              {{ t('forAthleteView.theTextHasNotBeenReviewed', { language: translation.languageName }) }}
            </p>
          </section>
        </div>
      </article>
      <ShareCode v-if="mayShare" :examination="id" />
    </template>
  </SubjectPage>
</template>

<style scoped>
.actions {
  display: flex;
  gap: 10px;
}
article {
  display: grid;
  grid-template-columns: minmax(0, 62ch) minmax(240px, 1fr);
  gap: 24px clamp(24px, 5vw, 80px);
  align-items: start;
  font-size: 21px;
  line-height: 1.5;
}
h2:first-child {
  margin-top: 0;
}
.caution {
  margin-top: 1em;
  font-size: 17px;
  color: var(--text-2);
}
.beside {
  display: grid;
  gap: 28px;
}
.original {
  padding-top: 20px;
  border-top: 1px solid var(--line);
  font-size: 16px;
}
.original:first-child {
  padding-top: 0;
  border-top: 0;
}
.original h2 {
  font-size: 17px;
}
.original p {
  margin-top: 0.6em;
}
h2 {
  margin: 1em 0 0.15em;
  font-size: 22px;
}
@media (--tablet) {
  article {
    grid-template-columns: 1fr;
  }
}
@media print {
  .actions,
  .original {
    display: none;
  }
  article {
    grid-template-columns: 1fr;
    font-size: 14pt;
  }
  h2 {
    font-size: 15pt;
    break-after: avoid;
  }
}
</style>
