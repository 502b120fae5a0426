<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'

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
}>()
const emit = defineEmits<{ change: [value: number | undefined] }>()
const typing = ref('')
const rule = useTemplateRef<HTMLElement>('rule')

const MOST_FIGURES = 6

/** The drawn part of the scale; figures beyond it are typed. */
const from = computed(() => Math.max(props.least, props.least < 0 ? -props.stretch : 0))
const to = computed(() =>
  Math.min(props.most, Math.max(props.stretch, props.value ?? 0, props.last ?? 0, props.sound ?? 0)),
)
/** As many long ticks as have room for their figures. */
const long = computed(() => [5, 10, 30, 60].find((step) => (to.value - from.value) / step <= MOST_FIGURES) ?? 60)
const ticks = computed(() => {
  const step = long.value / 5
  const first = Math.ceil(from.value / step) * step
  return Array.from({ length: Math.floor((to.value - first) / step) + 1 }, (_, i) => first + i * step)
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

function set(value: number): void {
  emit('change', Math.min(Math.max(Math.round(value * 2) / 2, props.least), props.most))
}

function point(event: PointerEvent): void {
  if (event.buttons === 0 && event.type === 'pointermove') return
  const box = rule.value?.getBoundingClientRect()
  if (box) set(Math.round(from.value + ((event.clientX - box.left) / box.width) * (to.value - from.value)))
}

function key(event: KeyboardEvent): void {
  if (/^[0-9.-]$/.test(event.key)) {
    typing.value += event.key
  } else if (event.key === 'Enter') {
    if (typing.value !== '') set(Number(typing.value))
    typing.value = ''
  } else if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
    set((props.value ?? 0) + (event.key === 'ArrowRight' ? 1 : -1))
  } else if (event.key === 'Backspace' || event.key === 'Delete') {
    typing.value = ''
    emit('change', undefined)
  } else {
    return
  }
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <div class="measure">
    <div class="read">
      <span class="figure number">
        {{ typing !== '' ? `${typing}…` : (value ?? '–') }}
        <small v-if="value !== undefined || typing !== ''">{{ unit }}</small>
      </span>
      <button type="button" class="choice" :aria-label="`−1, ${label}`" @click="set((value ?? 0) - 1)">−1</button>
      <button type="button" class="choice" :aria-label="`+1, ${label}`" @click="set((value ?? 0) + 1)">+1</button>
    </div>
    <div
      ref="rule"
      class="rule"
      role="slider"
      tabindex="0"
      :aria-label="label"
      :aria-valuemin="least"
      :aria-valuemax="most"
      :aria-valuenow="value ?? least"
      :aria-valuetext="value === undefined ? 'not measured' : `${value} ${unit}`"
      @pointerdown="point"
      @pointermove="point"
      @keydown="key"
    >
      <span
        v-for="tick in ticks"
        :key="tick"
        class="tick"
        :class="{ long: tick % long === 0 }"
        :style="{ left: `${position(tick)}%` }"
      >
        <i v-if="tick % long === 0" class="number">{{ tick }}</i>
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
.figure {
  flex: 1;
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
