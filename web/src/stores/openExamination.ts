import { defineStore } from 'pinia'
import { computed, reactive, shallowRef } from 'vue'
import type { Examination, RecordPayload, Payload, SectionName, SectionPayloads, Side } from '@/contract/types'
import { recordKey } from '@/contract/part'
import type { StoredPart } from '@/sync'

/** Whose knee, when, by whom, open or signed. */
export type ExaminationHead = Omit<Examination, 'sections' | 'records' | 'assessment'>

const NOTHING: StoredPart = { payload: null, version: 0 }
export const SIDES = ['left', 'right', 'both'] as const

/** What goes along with a measure, but is none. */
const ALONGSIDE = ['checks', 'note', 'fromMemory', 'override']

export function isMeasured(payload: Payload | null): boolean {
  return payload !== null && Object.keys(payload).some((key) => !ALONGSIDE.includes(key))
}

/** What was entered on the open examination: as the person sees it, and as the server last told it. */
export const useOpenExamination = defineStore('openExamination', () => {
  const head = shallowRef<ExaminationHead | null>(null)
  const shown = reactive(new Map<string, Payload | null>())
  const stored = new Map<string, StoredPart>()

  const hurtSide = computed<Side>(() => (section('frame').hurtSide === 'right' ? 'right' : 'left'))
  const otherSide = computed<Side>(() => (hurtSide.value === 'left' ? 'right' : 'left'))

  /** Another examination, or the same one read anew. */
  function replace(next: ExaminationHead, parts: Record<string, StoredPart>): void {
    clear()
    head.value = next
    for (const [part, newest] of Object.entries(parts)) receive(part, newest)
  }

  function clear(): void {
    shown.clear()
    stored.clear()
    head.value = null
  }

  function receive(part: string, newest: StoredPart): void {
    hold(part, newest)
    shown.set(part, newest.payload)
  }

  /** The server told it, but the screen keeps showing what the person entered since. */
  function hold(part: string, newest: StoredPart): void {
    stored.set(part, newest)
  }

  function show(part: string, payload: Payload | null): void {
    shown.set(part, payload)
  }

  function payload(part: string): Payload | null {
    return shown.get(part) ?? null
  }

  function storedAs(part: string): StoredPart {
    return stored.get(part) ?? NOTHING
  }

  function section<K extends SectionName>(name: K): SectionPayloads[K] {
    return (payload(name) ?? {}) as SectionPayloads[K]
  }

  /** The answers of a section by their key, where the key comes from the catalogue. */
  function answers(name: SectionName): Payload {
    return payload(name) ?? {}
  }

  function record(manoeuvre: string, side: Side | 'both'): RecordPayload | null {
    return payload(recordKey(manoeuvre, side)) as RecordPayload | null
  }

  /** What the two knees, or both together, hold of one manoeuvre. */
  function records(manoeuvre: string): RecordPayload[] {
    return SIDES.map((side) => record(manoeuvre, side)).filter((found) => found !== null)
  }

  /** What an earlier look found; there is the last one of the same knee, and the one while it was sound. */
  function earlier(which: 'lastTime' | 'baseline', manoeuvre: string, side: Side | 'both') {
    const look = head.value?.[which]
    const found = look?.records.find((one) => one.manoeuvre === manoeuvre && one.side === side)
    return look && found ? { ...found, daysAgo: look.daysAgo } : null
  }

  /** Something counts as entered: a measure, normal, or not done. */
  function isDone(manoeuvre: string, side: Side | 'both'): boolean {
    return isMeasured(record(manoeuvre, side))
  }

  function isRecorded(manoeuvre: string): boolean {
    return SIDES.some((side) => isDone(manoeuvre, side))
  }

  return {
    head,
    hurtSide,
    otherSide,
    replace,
    clear,
    receive,
    hold,
    show,
    payload,
    storedAs,
    parts: () => Object.fromEntries(stored),
    /** What is on screen, by part, in the order first entered. */
    entered: () => [...shown],
    section,
    answers,
    record,
    records,
    earlier,
    isDone,
    isRecorded,
  }
})
