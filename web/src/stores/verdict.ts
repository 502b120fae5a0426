import { defineStore } from 'pinia'
import { computed, reactive, shallowRef } from 'vue'
import type { Assessment, Saved } from '@/contract/types'

/** What the server made of the record. */
export const useVerdict = defineStore('verdict', () => {
  const assessment = shallowRef<Assessment | null>(null)
  /** Findings that were recorded before the gate was answered. */
  const beforeGate = reactive(new Set<string>())
  /** By part of the assessment: what the server need not tell again. */
  let marks: Record<string, string> = {}

  const byChance = computed(() => [...(assessment.value?.conditions ?? [])].sort((a, b) => b.posttest - a.posttest))

  function replace(next: Assessment, early: string[], known: Record<string, string> = {}): void {
    assessment.value = next
    marks = known
    tellBeforeGate(early)
  }

  function clear(): void {
    assessment.value = null
    marks = {}
    beforeGate.clear()
  }

  /** An answer carries only what is new in it. */
  function follow(answer: Saved): void {
    if (assessment.value) assessment.value = { ...assessment.value, ...answer.assessment }
    marks = answer.marks
    tellBeforeGate(answer.beforeGate)
  }

  function tellBeforeGate(early: string[]): void {
    beforeGate.clear()
    for (const part of early) beforeGate.add(part)
  }

  return { assessment, beforeGate, byChance, known: () => marks, replace, clear, follow }
})
