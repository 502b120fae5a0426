import { defineStore } from 'pinia'
import { computed, reactive, ref, shallowRef } from 'vue'
import { type ApiError, request } from '@/api/client'
import type { Assessment, Examination, Payload, Side } from '@/contract/types'
import { type SaveState, type Waiting, useSaveQueue } from './saveQueue'

interface Part {
  payload: Payload | null
  version: number
}

/** A part that the server would not take as it is. */
export interface Problem {
  part: string
  reason: string
  /** What the server holds instead, when somebody else changed it in between. */
  newer: Part | null
  mine: Payload | null
}

interface Undoable {
  part: string
  payload: Payload | null
}

const MOST_UNDO = 100

/** The examination on the bench: what was entered, what the server made of it, what still waits. */
export const useExamination = defineStore('examination', () => {
  const head = shallowRef<Omit<Examination, 'sections' | 'findings' | 'assessment'> | null>(null)
  const assessment = shallowRef<Assessment | null>(null)
  const parts = reactive(new Map<string, Part>())
  const beforeGate = reactive(new Set<string>())
  const problems = reactive(new Map<string, Problem>())
  const undoable = ref<Undoable[]>([])
  /** Everything recorded while this is on is marked as entered afterwards. */
  const fromMemory = ref(false)
  /** Reasons given for manoeuvres that the gate holds back, by manoeuvre. */
  const overrides = reactive(new Map<string, string>())
  const queue = shallowRef<ReturnType<typeof useSaveQueue> | null>(null)

  const hurtSide = computed<Side>(() => (section('frame').hurtSide === 'right' ? 'right' : 'left'))
  const otherSide = computed<Side>(() => (hurtSide.value === 'left' ? 'right' : 'left'))
  const saveState = computed<SaveState>(() => queue.value?.state.value ?? 'saved')
  const waitingFor = computed(() => new Set(queue.value?.waiting.value.map((item: Waiting) => item.part)))

  async function open(id: string): Promise<void> {
    const examination = await request<Examination>('GET', `examinations/${id}`)
    queue.value?.stop()
    parts.clear()
    beforeGate.clear()
    problems.clear()
    undoable.value = []
    fromMemory.value = false
    overrides.clear()
    const { sections, findings, assessment: judged, ...rest } = examination
    head.value = rest
    assessment.value = judged
    for (const s of sections) parts.set(s.name, { payload: s.payload as Payload, version: s.version })
    for (const f of findings) {
      parts.set(`${f.manoeuvre}:${f.side}`, { payload: f.payload as Payload | null, version: f.version })
      if (f.beforeGate) beforeGate.add(`${f.manoeuvre}:${f.side}`)
    }
    queue.value = useSaveQueue(id, { versionOf: (part) => parts.get(part)?.version ?? 0, saved, refused })
    for (const item of queue.value.waiting.value) put(item.part, item.payload)
    void queue.value.send()
  }

  function section(name: string): Payload {
    return parts.get(name)?.payload ?? {}
  }

  function finding(manoeuvre: string, side: Side | 'both'): Payload | null {
    return parts.get(`${manoeuvre}:${side}`)?.payload ?? null
  }

  /** Why this manoeuvre is done though the gate holds it back; undefined when nobody gave a reason. */
  function overrideOf(manoeuvre: string): string | undefined {
    const recorded = (['left', 'right', 'both'] as const).map((side) => finding(manoeuvre, side)?.override).find((reason) => typeof reason === 'string')
    return overrides.get(manoeuvre) ?? (recorded as string | undefined)
  }

  function override(manoeuvre: string, reason: string): void {
    overrides.set(manoeuvre, reason)
  }

  function saveSection(name: string, payload: Payload): void {
    save(name, payload)
  }

  /** A finding without any content is taken back. */
  function saveFinding(manoeuvre: string, side: Side | 'both', payload: Payload | null): void {
    const empty = payload === null || Object.keys(payload).every((key) => ['checks', 'note', 'fromMemory', 'override'].includes(key))
    save(`${manoeuvre}:${side}`, empty ? null : fromMemory.value ? { ...payload, fromMemory: true } : payload)
  }

  /** Closes it for good, once nothing waits on this device. */
  async function sign(): Promise<void> {
    if (!head.value) return
    await request<Examination>('POST', `examinations/${head.value.id}/signature`)
    await open(head.value.id)
  }

  function undo(): string | null {
    const last = undoable.value.pop()
    if (!last) return null
    put(last.part, last.payload)
    queue.value?.add(last.part, last.payload)
    return last.part
  }

  /** After somebody else changed the same part: put mine over it, or take theirs. */
  function settle(part: string, keepMine: boolean): void {
    const problem = problems.get(part)
    problems.delete(part)
    if (!problem) return
    if (keepMine) save(part, problem.mine)
    else put(part, problem.newer?.payload ?? null)
  }

  function save(part: string, payload: Payload | null): void {
    undoable.value = [...undoable.value, { part, payload: parts.get(part)?.payload ?? null }].slice(-MOST_UNDO)
    problems.delete(part)
    put(part, payload)
    queue.value?.add(part, payload)
  }

  function put(part: string, payload: Payload | null): void {
    parts.set(part, { payload, version: parts.get(part)?.version ?? 0 })
  }

  function saved(answer: { part: string; version: number; assessment: Assessment }): void {
    const part = parts.get(answer.part)
    if (part) part.version = answer.version
    assessment.value = answer.assessment
  }

  function refused(item: Waiting, error: ApiError): void {
    const newer = error.body.newer as Part | null | undefined
    if (newer) parts.set(item.part, { payload: item.payload, version: newer.version })
    problems.set(item.part, { part: item.part, reason: error.fault.reason, newer: newer ?? null, mine: item.payload })
  }

  return {
    head, assessment, problems, beforeGate, fromMemory, hurtSide, otherSide, saveState, waitingFor, undoable,
    open, section, finding, overrideOf, override, saveSection, saveFinding, sign, undo, settle,
  }
})
