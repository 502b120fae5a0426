<script setup lang="ts">
import { t } from '@/messages/bench'
import type { Payload } from '@/contract/types'
import { asWords } from '@/shared/values'
import { computed } from 'vue'
import { day } from '@/shared/dates'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import AskedList from './AskedList.vue'
import EarlierFindings from './EarlierFindings.vue'
import EpisodeFacts from './EpisodeFacts.vue'
import JudgedBy from './JudgedBy.vue'
import KnownResults from './KnownResults.vue'
import PainStrip from '@/bench/inputs/PainStrip.vue'
import WordPicker from '@/bench/inputs/WordPicker.vue'
import { useQuestions } from './useQuestions'
import { useSections } from './useSections'
import UiChoice from '@/ui/UiChoice.vue'
import UiToggle from '@/ui/UiToggle.vue'

const emit = defineEmits<{ enterResult: [] }>()
const catalogue = useCatalogue()
const opened = useOpenExamination()
const { answer, toggle } = useSections()
const history = computed(() => opened.section('history'))
const opening = computed(() => opened.answers('opening'))
const frame = computed(() => opened.section('frame'))

const { opening: askedOpening, history: asked } = useQuestions()
const then = computed(() => asked.value.filter(({ part }) => part === 'then'))
const since = computed(() => asked.value.filter(({ part }) => part === 'since'))

/** The history belongs to the episode: it stands as told at the visit before, and what has changed says what it was. */
const before = computed(() => {
  const last = opened.head?.lastTime
  return last ? { day: day(last.at), answers: last.history as Payload } : undefined
})

/** What a word was at the visit before, where it is another now. */
function wordBefore(key: 'mechanism' | 'directBlowSite' | 'swellingOnset'): string {
  const [then, now] = [before.value?.answers[key], history.value[key]].map((told) => [told ?? []].flat() as string[])
  if (then!.length === 0 || then!.join() === now!.join()) return ''
  return t('historyPanel.before', {
    day: before.value?.day,
    answer: then!.map((word) => catalogue.word(word)).join(', '),
  })
}

const impressions = computed(() =>
  (catalogue.catalogue?.conditions ?? []).map(({ id, label }) => ({ id: id as string, label })),
)

function toggleMechanism(word: string): void {
  const next = catalogue.toggled(history.value.mechanism ?? [], word)
  answer('history', { mechanism: next.length > 0 ? next : undefined })
}

const painPlaces = computed(() => asWords(history.value.painSite) ?? [])

function togglePlace(place: string): void {
  const next = catalogue.toggled(painPlaces.value, place)
  answer('history', { painSite: next.length > 0 ? next : undefined })
}
</script>

<template>
  <div class="history">
    <section aria-labelledby="before">
      <h2 id="before">{{ t('historyPanel.beforeHandsOn') }}</h2>
      <ul class="opening">
        <li v-for="item in askedOpening" :key="item.key">
          <UiToggle :on="opening[item.key] === true" @toggle="toggle('opening', item.key, true)">
            {{ item.ask }}
          </UiToggle>
        </li>
      </ul>
    </section>
    <!-- Nobody complains of these knees: there is no history to tell. -->
    <template v-if="!opened.head?.isBaseline">
      <p v-if="before" class="carried quiet-text">{{ t('historyPanel.carriedFrom', { day: before.day }) }}</p>
      <section aria-labelledby="how">
        <h2 id="how">{{ t('historyPanel.howDidItHappen') }}</h2>
        <WordPicker
          :value="history.mechanism ?? []"
          :words="catalogue.choices('mechanism')"
          :label="t('historyPanel.howItHappened')"
          many
          @pick="toggleMechanism"
        />
        <small v-if="wordBefore('mechanism')" class="quiet-text">{{ wordBefore('mechanism') }}</small>
        <p class="ask">{{ t('historyPanel.ifSomethingStruckTheKneeWhere') }}</p>
        <WordPicker
          :value="history.directBlowSite ?? undefined"
          :words="catalogue.choices('blowSite')"
          :label="t('historyPanel.whereItWasStruck')"
          @pick="(word) => toggle('history', 'directBlowSite', word)"
        />
        <small v-if="wordBefore('directBlowSite')" class="quiet-text">{{ wordBefore('directBlowSite') }}</small>
      </section>
      <section aria-labelledby="then">
        <h2 id="then">{{ t('historyPanel.atThatMoment') }}</h2>
        <AskedList
          :questions="then"
          :answers="opened.answers('history')"
          :before="before"
          @answer="(key, value) => toggle('history', key, value)"
        >
          <li class="long">
            <span>
              {{ t('historyPanel.whenDidItSwell') }}
              <small v-if="wordBefore('swellingOnset')" class="quiet-text">{{ wordBefore('swellingOnset') }}</small>
            </span>
            <WordPicker
              :value="history.swellingOnset ?? undefined"
              :words="catalogue.choices('swellingOnset')"
              :label="t('historyPanel.swelling')"
              @pick="(word) => toggle('history', 'swellingOnset', word)"
            />
          </li>
        </AskedList>
      </section>
      <section aria-labelledby="since">
        <h2 id="since">{{ t('historyPanel.sinceThenAndNow') }}</h2>
        <AskedList
          :questions="since"
          :answers="opened.answers('history')"
          :before="before"
          @answer="(key, value) => toggle('history', key, value)"
        />
        <div class="pains">
          <div>
            <h3>{{ t('historyPanel.painNow0To10') }}</h3>
            <PainStrip
              :value="history.painNow ?? undefined"
              :label="t('historyPanel.painNow')"
              @pick="(value) => toggle('history', 'painNow', value)"
            />
          </div>
          <div>
            <h3>{{ t('historyPanel.painAtItsWorstInSport') }}</h3>
            <PainStrip
              :value="history.painActivity ?? undefined"
              :label="t('historyPanel.painInSport')"
              @pick="(value) => toggle('history', 'painActivity', value)"
            />
          </div>
          <div class="field">
            <h3>{{ t('historyPanel.whereDoesItHurt') }}</h3>
            <WordPicker
              :value="painPlaces"
              :words="catalogue.choices('painPlaces')"
              :label="t('historyPanel.whereItHurts')"
              many
              @pick="togglePlace"
            />
            <p v-if="typeof history.painSite === 'string'" class="ask">
              {{ t('historyPanel.earlierAnswer', { painSite: history.painSite }) }}
            </p>
          </div>
        </div>
      </section>
      <section aria-labelledby="impression">
        <h2 id="impression">
          {{ t('historyPanel.yourFirstImpression') }}
          <small>{{ t('historyPanel.fromTheHistoryAloneBeforeTouching') }}</small>
        </h2>
        <div class="opening" role="group" aria-labelledby="impression">
          <UiChoice
            :label="t('historyPanel.firstImpression')"
            :value="frame.firstImpression ?? undefined"
            :options="impressions"
            @pick="(id) => toggle('frame', 'firstImpression', id)"
          />
        </div>
      </section>
    </template>
    <KnownResults v-if="!opened.head?.isBaseline" @enter="emit('enterResult')" />
    <EarlierFindings />
    <EpisodeFacts @episode="(part) => answer('episode', part)" @frame="(part) => answer('frame', part)" />
    <JudgedBy v-if="!opened.head?.isBaseline" @frame="(part) => answer('frame', part)" />
  </div>
</template>

<style scoped>
.history {
  display: grid;
  gap: 22px;
}
h2 {
  margin-bottom: 8px;
}
h2 small {
  font-weight: 400;
  color: var(--text-3);
  margin-left: 6px;
}
h3 {
  margin-bottom: 4px;
  font-size: var(--type-note);
  font-weight: 600;
  color: var(--text-2);
}
.ask {
  margin: 12px 0 6px;
  color: var(--text-2);
}
.opening {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 6px;
}
.opening .choice {
  width: 100%;
  text-align: left;
}
.pains {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 20px;
  margin-top: 14px;
}
.pains .field {
  grid-column: 1 / -1;
}
@media (--tablet) {
  .pains {
    grid-template-columns: 1fr;
  }
}
</style>
