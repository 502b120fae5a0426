import { computed, ref } from 'vue'
import { partOf } from '@/contract/part'
import { useCatalogue } from '@/stores/catalogue'
import { useOpenExamination } from '@/stores/openExamination'
import { useVerdict } from '@/stores/verdict'

const AROUND = ['history', 'gate', 'answer']

/** The touchline's way, one thing at a time: history, gate, the manoeuvres of the route, the answer. */
export function useSteps() {
  const catalogue = useCatalogue()
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const at = ref(0)

  const steps = computed(() => [
    'history',
    'gate',
    ...(verdict.assessment?.route.stops ?? []).flatMap((stop) => stop.manoeuvres),
    'answer',
  ])
  const step = computed(() => steps.value[Math.min(at.value, steps.value.length - 1)] ?? 'history')
  const manoeuvre = computed(() => (AROUND.includes(step.value) ? null : catalogue.manoeuvre(step.value)))

  function go(by: number): void {
    at.value = Math.min(Math.max(at.value + by, 0), steps.value.length - 1)
  }

  function goToPart(key: string): void {
    const part = partOf(key)
    const step = part.kind === 'record' ? part.manoeuvre : part.name === 'safety' ? 'gate' : part.name
    at.value = Math.max(steps.value.indexOf(step), 0)
  }

  function goToAnswer(): void {
    at.value = steps.value.length - 1
  }

  /** After a reload one goes on where nothing is recorded yet. */
  function goOn(): void {
    at.value = firstOpen()
  }

  function firstOpen(): number {
    if (opened.section('opening').consentGiven !== true) return 0
    if (verdict.assessment?.safety.gateOpen !== true) return 1
    const isOpen = (id: string) => id === 'answer' || !(opened.isDone(id, opened.hurtSide) || opened.isDone(id, 'both'))
    return Math.max(
      steps.value.findIndex((id, index) => index > 1 && isOpen(id)),
      0,
    )
  }

  return { at, steps, step, manoeuvre, go, goToPart, goToAnswer, goOn }
}
