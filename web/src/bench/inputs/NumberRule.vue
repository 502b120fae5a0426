<script setup lang="ts">
import { computed, ref, useId, useTemplateRef, watch } from 'vue'
import NumberPad from './NumberPad.vue'
import { isWithin, readFigure, spokenFigure } from '@/figures/readFigure'
import { useRefusedFigure } from '@/figures/refusedFigures'
import { t } from '@/messages/bench'

const props = defineProps<{
  value: number | undefined
  /** The figure of the last visit: a faint mark below the line. */
  last?: number | undefined
  /** The figure of the same knee while it was sound: a ring below the line. */
  sound?: number | undefined
  least: number
  most: number
  unit: string
  label: string
  stretch: number
  /** What a tap or a key moves it by. */
  step: number
}>()
const emit = defineEmits<{ change: [value: number | undefined] }>()
/** A figure that is being typed, before it is taken; what was refused stays here. */
const typing = ref('')
const fault = ref('')
const padOpen = ref(false)
const rule = useTemplateRef<HTMLElement>('rule')
const told = useId()
useRefusedFigure(fault, () => props.label)

const MOST_FIGURES = 6
const DIGITS = 2
/** Between two figures on the scale. */
const LONG = [0.5, 1, 2, 5, 10, 20, 30, 60, 100, 200, 500]
const SHORT_IN_LONG = 5
/** Steps that a page key moves it by. */
const FAR = 5

/** The drawn part of the scale; figures beyond it are typed. */
const from = computed(() => props.least)
const to = computed(() =>
  Math.min(props.most, Math.max(props.stretch, props.value ?? 0, props.last ?? 0, props.sound ?? 0)),
)
/** As many long ticks as have room for their figures. */
const long = computed(() => LONG.find((step) => (to.value - from.value) / step <= MOST_FIGURES) ?? LONG.at(-1)!)
const ticks = computed(() => {
  const step = long.value / SHORT_IN_LONG
  const first = Math.ceil(from.value / step)
  return Array.from({ length: Math.floor(to.value / step) - first + 1 }, (_, i) => ({
    at: Number(((first + i) * step).toFixed(DIGITS)),
    isLong: (first + i) % SHORT_IN_LONG === 0,
  }))
})
/** What was measured, as a length from zero. */
const filled = computed(() => {
  if (props.value === undefined) return null
  const [zero, at] = [position(Math.max(0, from.value)), Math.max(0, position(props.value))]
  return { left: `${Math.min(zero, at)}%`, width: `${Math.abs(at - zero)}%` }
})
const needle = computed(() => (props.value === undefined ? null : `${Math.max(0, position(props.value))}%`))

function position(value: number): number {
  return (100 * (value - from.value)) / (to.value - from.value)
}

/** A figure beyond the range is never moved into it. */
function set(value: number): void {
  const figure = Number(value.toFixed(DIGITS))
  if (isWithin(figure, props)) emit('change', figure)
}

/** Where nothing was measured and zero is no measure, there is nothing to move: it is typed. */
function move(steps: number): void {
  if (props.value === undefined && !isWithin(0, props)) padOpen.value = true
  else set((props.value ?? 0) + steps * props.step)
}

/** Takes what was typed. False where it was refused: it stays, with the reason beside it. */
function take(): boolean {
  if (typing.value === '') return true
  const read = readFigure(typing.value, props)
  fault.value = read.fault
  if (read.fault !== '' || read.value === undefined) return false
  typing.value = ''
  set(read.value)
  return true
}

function type(sign: string): void {
  typing.value += sign === ',' ? '.' : sign
  fault.value = ''
}

function dropLast(): void {
  if (typing.value === '') emit('change', undefined)
  typing.value = typing.value.slice(0, -1)
  fault.value = ''
}

function drop(): void {
  typing.value = ''
  fault.value = ''
}

// Undo and other hands bring another figure: what was being typed over the old one is gone.
watch(() => props.value, drop)

function point(event: PointerEvent): void {
  if (event.buttons === 0 && event.type === 'pointermove') return
  const box = rule.value?.getBoundingClientRect()
  if (!box) return
  drop()
  const at = from.value + ((event.clientX - box.left) / box.width) * (to.value - from.value)
  set(Math.round(at / props.step) * props.step)
}

const MOVES: Record<string, () => void> = {
  ArrowLeft: () => move(-1),
  ArrowDown: () => move(-1),
  ArrowRight: () => move(1),
  ArrowUp: () => move(1),
  PageDown: () => move(-FAR),
  PageUp: () => move(FAR),
  Home: () => set(from.value),
  End: () => set(to.value),
}

/** The rule owns the keys of a slider and of a figure; any other key takes what was typed, and goes its way. */
function key(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const moves = MOVES[event.key]
  if (/^[0-9.,-]$/.test(event.key)) type(event.key)
  else if (event.key === 'Enter') take()
  else if (event.key === 'Backspace') dropLast()
  else if (event.key === 'Delete') {
    drop()
    emit('change', undefined)
  } else if (event.key === 'Escape') leave()
  else if (moves) {
    drop()
    moves()
  } else if (event.key === 'Tab' || event.key === 'Shift' || take()) return
  event.preventDefault()
  event.stopPropagation()
}

/** Escape lets go of what is being typed, and then of the rule. */
function leave(): void {
  if (typing.value !== '') drop()
  else rule.value?.closest<HTMLElement>('.knee')?.focus({ preventScroll: true })
}

function enterFromPad(): void {
  if (take()) padOpen.value = false
}
</script>

<template>
  <div class="measure">
    <div class="read">
      <button type="button" class="figure number" :aria-expanded="padOpen" @click="padOpen = !padOpen">
        <span class="unseen">{{ t('numberRule.typeTheFigure', { label }) }}</span>
        {{ typing !== '' ? `${typing}…` : value === undefined ? '–' : spokenFigure(value) }}
        <small v-if="value !== undefined || typing !== ''">{{ unit }}</small>
      </button>
      <button type="button" class="choice" :aria-label="`−${step}, ${label}`" @click="move(-1)">−{{ step }}</button>
      <button type="button" class="choice" :aria-label="`+${step}, ${label}`" @click="move(1)">+{{ step }}</button>
    </div>
    <p :id="told" class="fault" role="status">{{ fault }}</p>
    <NumberPad v-if="padOpen" :label="label" :negative="least < 0" @type="type" @back="dropLast" @done="enterFromPad" />
    <div
      ref="rule"
      class="rule"
      role="slider"
      tabindex="0"
      :aria-label="label"
      :aria-valuemin="least"
      :aria-valuemax="most"
      :aria-valuenow="value ?? least"
      :aria-valuetext="value === undefined ? t('numberRule.notMeasured') : `${value} ${unit}`"
      :aria-describedby="told"
      @pointerdown="point"
      @pointermove="point"
      @keydown="key"
      @blur="take"
    >
      <span
        v-for="tick in ticks"
        :key="tick.at"
        class="tick"
        :class="{ long: tick.isLong }"
        :style="{ left: `${position(tick.at)}%` }"
      >
        <i v-if="tick.isLong" class="number">{{ spokenFigure(tick.at) }}</i>
      </span>
      <span v-if="filled" class="fill" :style="filled" />
      <span v-if="last !== undefined" class="last" :style="{ left: `${Math.max(0, position(last))}%` }" />
      <span v-if="sound !== undefined" class="sound" :style="{ left: `${Math.max(0, position(sound))}%` }" />
      <span v-if="needle" class="needle" :style="{ left: needle }" />
    </div>
  </div>
</template>

<style scoped>
.read {
  display: flex;
  align-items: center;
  gap: 6px;
}
.fault {
  color: var(--needle);
  font-size: var(--type-small);
  font-weight: 600;
}
.fault:empty {
  display: none;
}
.figure {
  flex: 1;
  min-height: var(--touch);
  padding: 0;
  text-align: left;
  color: inherit;
  background: none;
  border: 0;
  cursor: text;
  font-family: inherit;
  font-size: var(--type-title);
  font-weight: 650;
  line-height: 1.1;
}
.figure small {
  font-size: var(--type-base);
  font-weight: 400;
  color: var(--text-3);
  margin-left: 3px;
}
.read .choice {
  min-width: 48px;
}
.rule {
  position: relative;
  height: 34px;
  margin: 4px 8px 4px;
  border-bottom: 2px solid var(--text-2);
  cursor: ew-resize;
  touch-action: none;
}
/* Around the figures at both ends, not across them. */
.rule:focus-visible {
  outline: none;
}
.rule:focus-visible::after {
  content: '';
  position: absolute;
  inset: -3px -13px -8px;
  border: 3px solid var(--mine);
  border-radius: var(--radius);
  pointer-events: none;
}
.tick {
  position: absolute;
  bottom: 0;
  width: 1px;
  height: 7px;
  background: var(--line-2);
}
.tick.long {
  height: 13px;
  background: var(--text-3);
}
.tick i {
  position: absolute;
  bottom: 15px;
  left: 0;
  transform: translateX(-50%);
  font-style: normal;
  font-size: var(--type-fine);
  color: var(--text-3);
}
.fill {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 11px;
  background: var(--mine);
}
.last {
  position: absolute;
  bottom: -9px;
  width: 2px;
  height: 7px;
  background: var(--text-3);
}
.sound {
  position: absolute;
  bottom: -10px;
  width: 7px;
  height: 7px;
  margin-left: -3px;
  border: 2px solid var(--text-3);
  border-radius: 50%;
}
.needle {
  position: absolute;
  bottom: 0;
  width: 3px;
  height: 16px;
  background: var(--mine);
}
</style>
