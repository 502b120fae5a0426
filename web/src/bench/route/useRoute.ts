import { computed, ref } from 'vue'
import { partOf } from '@/contract/part'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'
import { GATE, type Place, HISTORY, route, samePlace } from './places'

export interface RouteOptions {
  /** Asked before each move: false keeps the place. */
  mayLeave?: () => boolean
  /** Called after each move, also to the place where one stands. */
  moved?: (to: Place) => void
}

/** Where one stands on the bench, and the ways on: the route proposes, the hand decides. */
export function useRoute({ mayLeave, moved }: RouteOptions = {}) {
  const catalogue = useCatalogue()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const place = ref<Place>(HISTORY)

  const places = computed(() => (verdict.assessment ? route(verdict.assessment.route) : []))
  const manoeuvre = computed(() => (place.value.kind === 'manoeuvre' ? catalogue.manoeuvre(place.value.id) : null))

  function go(to: Place): void {
    if (mayLeave?.() === false) return
    place.value = to
    moved?.(to)
  }

  /** Along the route by so many places, to its ends at most. */
  function step(by: number): void {
    const at = places.value.findIndex((p) => samePlace(p, place.value))
    go(at < 0 ? nextOpen() : (within(places.value, at + by) ?? HISTORY))
  }

  /** From beside the route one comes back to the first thing on it that is not done. */
  function nextOpen(): Place {
    const isOpen = (p: Place) =>
      p.kind === 'manoeuvre' && !opened.isDone(p.id, opened.hurtSide) && !opened.isDone(p.id, 'both')
    return places.value.find(isOpen) ?? HISTORY
  }

  /** To the first place of the station so many further on. */
  function station(by: number): void {
    const order = [...new Set(places.value.map(stationOf))]
    const target = within(order, Math.max(order.indexOf(stationOf(place.value)), 0) + by)
    go(places.value.find((p) => stationOf(p) === target) ?? HISTORY)
  }

  function stationOf(p: Place): string {
    return p.kind === 'manoeuvre' ? catalogue.manoeuvre(p.id).station : p.kind
  }

  /** Where a part is entered: a manoeuvre, the gate, or the history. */
  function goToPart(key: string): void {
    const part = partOf(key)
    go(part.kind === 'record' ? { kind: 'manoeuvre', id: part.manoeuvre } : part.name === 'safety' ? GATE : HISTORY)
  }

  return { place, places, manoeuvre, go, step, station, goToPart }
}

function within<T>(list: T[], index: number): T | undefined {
  return list[Math.min(Math.max(index, 0), list.length - 1)]
}
