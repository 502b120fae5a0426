<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/messages/bench'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import PostureMark from './PostureMark.vue'
import RouteHead from './RouteHead.vue'
import { GATE, type Place, HISTORY, samePlace, stations } from './route/places'
import UiMore from '@/ui/UiMore.vue'

const props = defineProps<{ place: Place }>()
const emit = defineEmits<{ go: [place: Place] }>()
const catalogue = useCatalogue()
const opened = useOpenExamination()
const verdict = useVerdict()
/** Of the safety check: what it raised, or how much of it is answered. */
const answered = computed(() => {
  const safety = verdict.assessment?.safety
  if (safety === undefined) return ''
  const asked = safety.questions.length
  return safety.lines.length > 0 ? t('routeRail.redFlag') : `${asked - safety.unasked.length}/${asked}`
})

const judged = computed(() => verdict.assessment!)
const stops = computed(() =>
  (catalogue.catalogue ? stations(catalogue.catalogue, judged.value.route, judged.value.safety.blocked) : []).map(
    (station) => {
      const done = station.manoeuvres.filter((m) => isDone(m.id)).length
      const off = station.manoeuvres.filter((m) => isOff(m.id)).length
      return {
        ...station,
        done,
        off,
        here: station.manoeuvres.some((m) => samePlace(props.place, { kind: 'manoeuvre', id: m.id })),
      }
    },
  ),
)
const others = computed(() => [...judged.value.route.dropped, ...judged.value.route.offered])
const historyAnswers = computed(() => Object.keys(opened.section('history')).length)
const gateAnswers = computed(() => Object.keys(opened.section('safety')).length)

function isDone(id: string): boolean {
  return opened.isDone(id, opened.hurtSide) || opened.isDone(id, 'both')
}

/** What was done before the gate closed is done. */
function isOff(id: string): boolean {
  return !isDone(id) && (verdict.assessment?.safety.blocked.includes(id) ?? false)
}

function state(done: number, off: number, all: number): string {
  if (off === all) return 'off'
  return done === all ? t('routeRail.done') : done > 0 ? 'begun' : 'open'
}
</script>

<template>
  <nav class="rail" :aria-label="t('routeRail.routeOfTheExamination')">
    <RouteHead />
    <ol>
      <li>
        <button
          type="button"
          class="stop"
          :class="[historyAnswers ? t('routeRail.done') : 'open', { here: place.kind === 'history' }]"
          :aria-current="place.kind === 'history' ? 'step' : undefined"
          @click="emit('go', HISTORY)"
        >
          <PostureMark posture="history" />
          <span>{{ t('routeRail.history') }}</span>
          <small class="number">{{ historyAnswers || '' }}</small>
        </button>
      </li>
      <li>
        <button
          type="button"
          class="stop"
          :class="[
            verdict.assessment?.safety.gateOpen ? t('routeRail.done') : gateAnswers ? 'begun' : 'open',
            { here: place.kind === 'gate' },
          ]"
          :aria-current="place.kind === 'gate' ? 'step' : undefined"
          @click="emit('go', GATE)"
        >
          <PostureMark posture="gate" />
          <span>{{ t('routeRail.safetyCheck') }}</span>
          <small class="number">{{ answered }}</small>
        </button>
      </li>
      <li v-for="stop in stops" :key="stop.id">
        <button
          type="button"
          class="stop"
          :class="[state(stop.done, stop.off, stop.manoeuvres.length), { here: stop.here }]"
          :aria-expanded="stop.here"
          @click="emit('go', { kind: 'manoeuvre', id: stop.manoeuvres[0]!.id })"
        >
          <PostureMark :posture="stop.id" />
          <span>{{ stop.label }}</span>
          <small class="number">
            {{
              stop.off === stop.manoeuvres.length ? t('routeRail.withheld') : `${stop.done}/${stop.manoeuvres.length}`
            }}
          </small>
        </button>
        <ul v-if="stop.here">
          <li v-for="m in stop.manoeuvres" :key="m.id">
            <button
              type="button"
              class="step"
              :class="{ done: isDone(m.id), off: isOff(m.id) }"
              :aria-current="samePlace(place, { kind: 'manoeuvre', id: m.id }) ? 'step' : undefined"
              @click="emit('go', { kind: 'manoeuvre', id: m.id })"
            >
              <span>{{ m.card.name }}</span>
              <span class="mark">
                {{ isOff(m.id) ? t('routeRail.withheld') : isDone(m.id) ? t('routeRail.done') : '' }}
              </span>
            </button>
          </li>
        </ul>
      </li>
    </ol>
    <UiMore v-if="others.length > 0" class="others" :title="t('routeRail.alsoPossible', { n: others.length })">
      <ul>
        <li v-for="id in others" :key="id">
          <button
            type="button"
            class="step"
            :class="{ done: isDone(id) }"
            :aria-current="samePlace(place, { kind: 'manoeuvre', id }) ? 'step' : undefined"
            @click="emit('go', { kind: 'manoeuvre', id })"
          >
            <span>{{ catalogue.nameOf(id) }}</span>
            <span class="mark">{{ isDone(id) ? t('routeRail.done') : '' }}</span>
          </button>
        </li>
      </ul>
    </UiMore>
  </nav>
</template>

<style scoped>
.others {
  margin-left: 8px;
}
.rail {
  overflow-y: auto;
  padding: 10px 8px;
}
.stop {
  display: grid;
  grid-template-columns: 34px 1fr auto;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 2px 8px 2px 4px;
  font: inherit;
  text-align: left;
  color: var(--text-2);
  background: none;
  border: 0;
  border-radius: var(--radius);
  cursor: pointer;
}
.stop:hover,
.step:hover {
  background: var(--fill);
}
.stop small {
  color: var(--text-3);
}
.stop.here {
  color: var(--ink);
  font-weight: 680;
}
.stop.off > span {
  text-decoration: line-through;
  color: var(--text-3);
}
.stop :deep(svg) {
  color: var(--line-2);
}
.stop.done :deep(svg),
.stop.begun :deep(svg),
.stop.here :deep(svg) {
  color: var(--ink);
}
ul {
  margin: 0 0 6px 20px;
  padding-left: 14px;
  border-left: 2px solid var(--line);
}
.step {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 36px;
  padding: 2px 8px;
  font: inherit;
  font-size: var(--type-note);
  text-align: left;
  color: var(--text-2);
  background: none;
  border: 0;
  border-radius: var(--radius);
  cursor: pointer;
}
.step[aria-current] {
  color: var(--on-band);
  background: var(--band);
}
.step .mark {
  font-size: var(--type-fine);
  opacity: 0.85;
  white-space: nowrap;
}
.step.off > span:first-child {
  text-decoration: line-through;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  padding: 0 8px;
  color: var(--text-3);
  cursor: pointer;
}
@media (pointer: coarse) {
  .step {
    min-height: 44px;
  }
}
</style>
