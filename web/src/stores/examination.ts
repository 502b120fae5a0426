import { defineStore } from 'pinia'
import { type EffectScope, computed, effectScope, reactive, ref, shallowRef } from 'vue'
import { type ApiError, answerOf, api } from '@/api/client'
import type {
  Assessment,
  Examination,
  FindingPayload,
  Hold,
  Payload,
  Saved,
  SectionName,
  SectionPayloads,
  Side,
} from '@/contract/types'
import {
  type SaveQueueReturn,
  type SaveState,
  type StoredPart,
  type Waiting,
  merge,
  same,
  takeUp,
  thisTab,
  useSaveQueue,
} from '@/sync'

interface Undoable {
  part: string
  payload: Payload | null
}

const NOTHING: StoredPart = { payload: null, version: 0 }
const MOST_UNDO = 100
const STALE = 409

/** What goes along with a measure, but is none. */
const ALONGSIDE = ['checks', 'note', 'fromMemory', 'override']

/** Parts are sections by their name, or findings as manoeuvre and side. */
function isFinding(part: string): boolean {
  return part.includes(':')
}

function isMeasured(payload: Payload | null): boolean {
  return payload !== null && Object.keys(payload).some((key) => !ALONGSIDE.includes(key))
}

/** The examination on the bench: what was entered, what the server made of it, what still waits. */
export const useExamination = defineStore('examination', () => {
  const head = shallowRef<Omit<Examination, 'sections' | 'findings' | 'assessment'> | null>(null)
  const assessment = shallowRef<Assessment | null>(null)
  /** As the person sees them, saved or not. */
  const parts = reactive(new Map<string, Payload | null>())
  /** As the server last told them. */
  const stored = new Map<string, StoredPart>()
  /** By part of the assessment: what the server need not tell again. */
  let marks: Record<string, string> = {}
  const beforeGate = reactive(new Set<string>())
  /** What was brought together by itself, to be told once. */
  const merged = ref('')
  const undoable = ref<Undoable[]>([])
  /** Everything recorded while this is on is marked as entered afterwards. */
  const fromMemory = ref(false)
  /** Reasons given for manoeuvres that the gate holds back, by manoeuvre. */
  const overrides = reactive(new Map<string, string>())
  const queue = shallowRef<SaveQueueReturn | null>(null)
  let scope: EffectScope | undefined

  const hurtSide = computed<Side>(() => (section('frame').hurtSide === 'right' ? 'right' : 'left'))
  const otherSide = computed<Side>(() => (hurtSide.value === 'left' ? 'right' : 'left'))
  const saveState = computed<SaveState>(() => queue.value?.state.value ?? 'saved')
  const byChance = computed(() => [...(assessment.value?.conditions ?? [])].sort((a, b) => b.posttest - a.posttest))
  const waitingFor = computed(() => new Set(queue.value?.waiting.value.map((item) => item.part)))
  /** Something entered has not been judged yet. */
  const isAhead = computed(() => (queue.value?.waiting.value.length ?? 0) > 0)
  const problems = computed(() => queue.value?.refused.value ?? [])

  async function open(id: string): Promise<void> {
    const [examination, tab] = await Promise.all([
      answerOf(api.GET('/api/examinations/{examination}', { params: { path: { examination: id } } })),
      thisTab(),
    ])
    scope?.stop()
    scope = effectScope(true)
    parts.clear()
    stored.clear()
    beforeGate.clear()
    undoable.value = []
    fromMemory.value = false
    merged.value = ''
    overrides.clear()
    const { sections, findings, assessment: judged, ...rest } = examination
    head.value = rest
    assessment.value = judged
    marks = {}
    for (const s of sections) receive(s.name, { payload: s.payload as Payload, version: s.version })
    for (const f of findings) {
      receive(`${f.manoeuvre}:${f.side}`, { payload: f.payload as Payload | null, version: f.version })
      if (f.beforeGate) beforeGate.add(`${f.manoeuvre}:${f.side}`)
    }
    const taken = await takeUp(id, tab)
    queue.value =
      scope.run(() =>
        useSaveQueue({
          examination: id,
          tab,
          taken,
          handlers: {
            stored: (part) => stored.get(part) ?? NOTHING,
            known: () => marks,
            saved,
            refused,
          },
        }),
      ) ?? null
    for (const [part, draft] of Object.entries(queue.value?.drafts.value ?? {}))
      if (!isMeasured(parts.get(part) ?? null)) parts.set(part, draft)
    for (const problem of problems.value) parts.set(problem.part, problem.mine)
    for (const item of queue.value?.waiting.value ?? []) parts.set(item.part, item.payload)
    sendLifted()
    void queue.value?.send()
  }

  function receive(part: string, newest: StoredPart): void {
    stored.set(part, newest)
    parts.set(part, newest.payload)
  }

  function section<K extends SectionName>(name: K): SectionPayloads[K] {
    return (parts.get(name) ?? {}) as SectionPayloads[K]
  }

  /** The answers of a section by their key, where the key comes from the catalogue. */
  function answers(name: SectionName): Payload {
    return parts.get(name) ?? {}
  }

  function finding(manoeuvre: string, side: Side | 'both'): FindingPayload | null {
    return (parts.get(`${manoeuvre}:${side}`) ?? null) as FindingPayload | null
  }

  function isRecorded(manoeuvre: string): boolean {
    return (['left', 'right', 'both'] as const).some((side) => isDone(manoeuvre, side))
  }

  /** Something counts as entered: a measure, normal, or not done. */
  function isDone(manoeuvre: string, side: Side | 'both'): boolean {
    return isMeasured(finding(manoeuvre, side))
  }

  /** Why this manoeuvre is done though the gate holds it back; undefined when nobody gave a reason. */
  function overrideOf(manoeuvre: string): string | undefined {
    const recorded = (['left', 'right', 'both'] as const)
      .map((side) => finding(manoeuvre, side)?.override)
      .find((reason) => typeof reason === 'string')
    return overrides.get(manoeuvre) ?? recorded ?? undefined
  }

  function override(manoeuvre: string, reason: string): void {
    overrides.set(manoeuvre, reason)
  }

  function saveSection(name: string, payload: Payload): void {
    remember(name)
    enter(name, payload)
  }

  function saveFinding(manoeuvre: string, side: Side | 'both', payload: Payload | null): void {
    const part = `${manoeuvre}:${side}`
    remember(part)
    enterFinding(part, payload !== null && fromMemory.value ? { ...payload, fromMemory: true } : payload)
  }

  /** A finding without a measure is taken back; its checks and note stay here, and go along once there is one. */
  function enterFinding(part: string, payload: Payload | null): void {
    const measured = isMeasured(payload)
    const draft = measured || payload === null || Object.keys(payload).length === 0 ? null : payload
    if (measured) enter(part, payload)
    else if (isMeasured(parts.get(part) ?? null)) enter(part, null)
    queue.value?.keepDraft(part, draft)
    if (!measured) parts.set(part, draft)
  }

  /** Closes it for good, once nothing waits on this device. */
  async function sign(): Promise<void> {
    if (!head.value) return
    await answerOf(
      api.POST('/api/examinations/{examination}/signature', { params: { path: { examination: head.value.id } } }),
    )
    await open(head.value.id)
  }

  /** Takes the last entry back; tells which part it was. */
  function undo(): string | null {
    const last = undoable.value.pop()
    if (!last) return null
    if (isFinding(last.part)) enterFinding(last.part, last.payload)
    else enter(last.part, last.payload ?? {})
    return last.part
  }

  /** After somebody else changed the same part, or the server would not take it: put mine over it, or go back to theirs. */
  function settle(part: string, keepMine: boolean): void {
    const problem = problems.value.find((other) => other.part === part)
    if (!problem) return
    queue.value?.dropRefused(part)
    if (keepMine) enter(part, problem.mine)
    else parts.set(part, stored.get(part)?.payload ?? null)
  }

  function remember(part: string): void {
    undoable.value = [...undoable.value, { part, payload: parts.get(part) ?? null }].slice(-MOST_UNDO)
  }

  function enter(part: string, payload: Payload | null): void {
    queue.value?.dropRefused(part)
    parts.set(part, payload)
    queue.value?.add(part, payload)
  }

  function saved(answer: Saved, item: Waiting): void {
    stored.set(answer.part, { payload: item.payload, version: answer.version })
    if (assessment.value) assessment.value = { ...assessment.value, ...answer.assessment }
    marks = answer.marks
    beforeGate.clear()
    for (const part of answer.beforeGate) beforeGate.add(part)
    sendLifted()
  }

  /** What was pressed while a hold stood goes on its way once the hold is known to be lifted. */
  function sendLifted(): void {
    for (const problem of problems.value) {
      const [manoeuvre = ''] = problem.part.split(':')
      if (problem.held && assessment.value?.safety.holds[manoeuvre] === undefined) enter(problem.part, problem.mine)
    }
  }

  /** Answers to different questions go together by themselves; where both answered the same one, the person chooses. */
  function refused(item: Waiting, error: ApiError): void {
    const newer = error.status === STALE ? ((error.body.newer as StoredPart | null | undefined) ?? NOTHING) : null
    const held = (error.body.hold as Hold | undefined) !== undefined
    if (newer === null)
      return void queue.value?.keepRefused({
        part: item.part,
        mine: item.payload,
        reason: error.fault.reason,
        newer,
        held,
      })
    stored.set(item.part, newer)
    // What was entered on top of it holds it as well, and meets the newer state itself.
    if (queue.value?.waiting.value.some((other) => other.part === item.part && other.key !== item.key)) return
    if (same(item.payload, newer.payload)) return
    const isSection = !isFinding(item.part)
    const { merged: both, clashes } = merge(item.from.payload ?? {}, item.payload ?? {}, newer.payload ?? {})
    if (isSection && clashes.length === 0) {
      enter(item.part, both)
      merged.value = item.part
    } else {
      queue.value?.keepRefused({
        part: item.part,
        mine: isSection ? both : item.payload,
        reason: error.fault.reason,
        newer,
      })
    }
  }

  return {
    head,
    assessment,
    byChance,
    problems,
    merged,
    beforeGate,
    fromMemory,
    hurtSide,
    otherSide,
    saveState,
    isAhead,
    waitingFor,
    undoable,
    open,
    section,
    answers,
    finding,
    isDone,
    isRecorded,
    overrideOf,
    override,
    saveSection,
    saveFinding,
    sign,
    undo,
    settle,
  }
})
