<script setup lang="ts">
import { computed } from 'vue'
import type { AthleteText, ConditionId, Side } from '@/contract/types'
import { t } from '@/messages/plateau'
import { capital } from '@/shared/words'
import { useCatalogue } from '@/stores/catalogue'
import front from '../../../resources/drawings/front.json'
import { HEIGHT, SHAPES, TIBIA, WIDTH } from './shapes'

/** This knee for the athlete: the parts that are spoken of are marked and named, and no chance is told. */
const props = defineProps<{
  parts: readonly ConditionId[]
  side: Side
  /** In the language of the athlete; left out: in English. */
  words?: Pick<AthleteText, 'fromTheFront' | 'fromAbove' | 'parts'>
}>()
const catalogue = useCatalogue()
const ABOVE = 18

interface View {
  label: string
  note: string
  box: string
  width: number
  behind: string[]
  bones: string[]
  parts: { id: ConditionId; path: string; dot: { x: number; y: number } }[]
  dot: number
}

const views = computed<View[]>(() => [
  {
    label: t('hurtParts.fromTheFront'),
    note: props.words?.fromTheFront ?? t('hurtParts.fromTheFrontAsInA'),
    box: `0 0 ${front.width} ${front.height}`,
    width: front.width,
    behind: front.skin,
    bones: front.bones,
    parts: front.parts.map((part) => ({ ...part, id: part.id as ConditionId })),
    dot: 14,
  },
  {
    label: t('hurtParts.fromAbove'),
    note: props.words?.fromAbove ?? t('hurtParts.fromAboveTheFrontAtThe'),
    box: `0 ${-ABOVE} ${WIDTH} ${HEIGHT + ABOVE}`,
    width: WIDTH,
    behind: [],
    bones: [TIBIA],
    parts: SHAPES.map(({ id, path, edge }) => ({ id, path, dot: edge(0.5) })),
    dot: 17,
  },
])

const isRight = computed(() => props.side === 'right')
const named = computed(() => props.parts.filter((id) => SHAPES.some((shape) => shape.id === id)))
const numberOf = (id: ConditionId) => named.value.indexOf(id) + 1
const turn = (view: View) => (isRight.value ? `matrix(-1 0 0 1 ${view.width} 0)` : undefined)
const place = (view: View, x: number) => (isRight.value ? view.width - x : x)
/** Marked parts lie on top of those that are not. */
const ordered = (view: View) => [...view.parts].sort((a, b) => numberOf(a.id) - numberOf(b.id))
</script>

<template>
  <figure>
    <div class="views">
      <div v-for="view in views" :key="view.label">
        <svg
          :viewBox="view.box"
          role="img"
          :aria-label="words ? view.note : t('hurtParts.yourKnee', { side, label: view.label })"
        >
          <g :transform="turn(view)">
            <path v-for="path in view.behind" :key="path" :d="path" class="skin" />
            <path v-for="path in view.bones" :key="path" :d="path" class="bone" />
            <path
              v-for="part in ordered(view)"
              :key="part.id"
              :d="part.path"
              :class="numberOf(part.id) ? 'marked' : 'other'"
            />
          </g>
          <template v-for="{ id, dot } in view.parts" :key="id">
            <g v-if="numberOf(id)">
              <circle :cx="place(view, dot.x)" :cy="dot.y" :r="view.dot" class="dot" />
              <text :x="place(view, dot.x)" :y="dot.y + view.dot * 0.42" class="count" :font-size="view.dot * 1.2">
                {{ numberOf(id) }}
              </text>
            </g>
          </template>
        </svg>
        <p class="note">{{ view.note }}</p>
      </div>
    </div>
    <figcaption>
      <ol>
        <li v-for="id in named" :key="id">
          <b>{{ numberOf(id) }}</b>
          {{ capital(words?.parts[id] ?? catalogue.partOf(id)) }}
        </li>
      </ol>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 14px;
  max-width: 520px;
}
.views {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 20px;
  align-items: end;
}
svg {
  display: block;
  width: 100%;
  max-height: 260px;
}
.skin {
  fill: none;
  stroke: var(--line-2);
  stroke-width: 1.5;
}
.bone {
  fill: var(--card);
  stroke: var(--text-3);
  stroke-width: 1.5;
}
.other {
  fill: none;
  stroke: var(--line-2);
}
.marked {
  fill: var(--fill);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.dot {
  fill: var(--ink);
}
.count {
  fill: var(--paper);
  font-weight: 680;
  text-anchor: middle;
}
.note {
  margin-top: 8px;
  font-size: var(--type-note);
  color: var(--text-2);
}
ol {
  display: grid;
  gap: 6px;
  font-size: var(--type-lead);
  color: var(--ink);
}
li b {
  display: inline-block;
  min-width: 1.4em;
}
</style>
