import { type Ref, computed, ref, shallowRef } from 'vue'
import type { Side } from '@/contract/types'
import { ASKED, type Take, type Takes, counting } from './measured'
import type { InstrumentKind, Sample } from './protocol'
import { cutter, readEffort, readPull } from './pulls'
import { useInstrument } from './useInstrument'

export interface MeasuringOptions {
  kind: InstrumentKind
  address: Ref<string>
  /** The knees in the order in which they are measured. */
  sides: readonly Side[]
}

/** The live curve is drawn anew after so many samples. */
const DRAWN_EVERY = 5
/** More is not stored. */
const MOST = 9

/** Measures both knees with one instrument, three times each; the knee changes by itself, by a tap, or by its button. */
export function useMeasuring({ kind, address, sides }: MeasuringOptions) {
  const active = ref<Side>(sides[0]!)
  const takes = ref<Record<Side, Take[]>>({ left: [], right: [] })
  /** What is being pulled now: mm and N. */
  const live = shallowRef<[mm: number, newtons: number][]>([])
  const force = ref(0)
  let cut = cutter()

  function sample(one: Sample): void {
    force.value = one.force
    const done = cut.take(one)
    if (done) {
      live.value = []
      add(
        kind === 'arthrometer' ? { kind: 'pull', pull: readPull(done) } : { kind: 'effort', effort: readEffort(done) },
      )
    } else if (cut.now().length % DRAWN_EVERY === 1)
      live.value = cut.now().map(({ displacement, force: newtons }) => [displacement, newtons])
  }

  function add(take: Take): void {
    takes.value[active.value] = [...takes.value[active.value], take].slice(-MOST)
    if (counting(takes.value[active.value]).length < ASKED) return
    const next = sides.find((side) => counting(takes.value[side]).length < ASKED)
    if (next) active.value = next
  }

  function discard(side: Side, index: number): void {
    takes.value[side] = takes.value[side].filter((_, at) => at !== index)
    active.value = side
  }

  const { device, state, connect } = useInstrument({
    kind,
    address,
    sample,
    button: () => (active.value = sides.find((side) => side !== active.value) ?? active.value),
    broken: () => {
      cut = cutter()
      live.value = []
    },
  })

  return { device, state, connect, active, takes: computed<Takes>(() => takes.value), live, force, discard }
}
