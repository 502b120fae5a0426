import { defineStore } from 'pinia'
import { computed, reactive, shallowRef } from 'vue'
import type { Assessment, Saved } from '@/contract/types'

/** What the server made of the record; while it is away, what the same rules on this device make of it. */
export const useVerdict = defineStore('verdict', () => {
  /** What the server said last. */
  const told = shallowRef<Assessment | null>(null)
  /** What this device says, and up to which entry. */
  const here = shallowRef<{ assessment: Assessment; upTo: number } | null>(null)
  const assessment = computed(() => here.value?.assessment ?? told.value)
  /** Findings that were recorded before the gate was answered. */
  const beforeGate = reactive(new Set<string>())
  /** By part of the assessment: what the server need not tell again. */
  let marks: Record<string, string> = {}

  const byChance = computed(() => [...(assessment.value?.conditions ?? [])].sort((a, b) => b.posttest - a.posttest))

  function replace(next: Assessment, early: string[], known: Record<string, string> = {}): void {
    told.value = next
    here.value = null
    marks = known
    tellBeforeGate(early)
  }

  function clear(): void {
    told.value = null
    here.value = null
    marks = {}
    beforeGate.clear()
  }

  /** An answer carries only what is new in it. */
  function follow(answer: Saved): void {
    if (told.value) told.value = { ...told.value, ...answer.assessment }
    marks = answer.marks
    tellBeforeGate(answer.beforeGate)
  }

  /** @param upTo how many entries it contains */
  function judgedHere(next: Assessment, upTo: number): void {
    here.value = { assessment: next, upTo }
  }

  function trustServer(): void {
    here.value = null
  }

  function tellBeforeGate(early: string[]): void {
    beforeGate.clear()
    for (const part of early) beforeGate.add(part)
  }

  return {
    assessment,
    told,
    here,
    beforeGate,
    byChance,
    known: () => marks,
    replace,
    clear,
    follow,
    judgedHere,
    trustServer,
  }
})
