import { useOnline } from '@vueuse/core'
import { defineStore } from 'pinia'
import { type EffectScope, computed, effectScope, reactive, ref, shallowRef, watch } from 'vue'
import { type ApiError, answerOf, api } from '@/api/client'
import { partOf, recordKey } from '@/contract/part'
import type { Payload, Saved, Side } from '@/contract/types'
import {
  type Begun,
  type Read,
  type RetryReturn,
  type SaveQueueReturn,
  type SaveState,
  type Waiting,
  beginsHere,
  discardDesks,
  examinationName,
  merge,
  readThrough,
  refusedAs,
  same,
  shelve,
  shelved,
  takeUp,
  thisTab,
  tidyShelf,
  unshelve,
  useRetry,
  useSaveQueue,
} from '@/sync'
import { type KeptExamination, keptFrom } from './kept'
import { isMeasured, useOpenExamination } from './openExamination'
import { useDeviceVerdict } from './deviceVerdict'
import { documentOf } from './document'
import { noteDifference } from './noteDifference'
import { CLOSED, type Source, after } from './source'
import { useUndo } from './undo'
import { useVerdict } from './verdict'

/** A device that judges slowly shows what it has after this (ms). */
const LONGEST_OPENING_MS = 6_000

function waited(ms: number): Promise<void> {
  return new Promise((done) => setTimeout(done, ms))
}

/** The server is known not to take anything just now. */
const AWAY: SaveState[] = ['kept', 'unkept', 'login', 'offline']

/** The examination on the bench: opens it, takes entries, sends them and brings back what the server says. */
export const useExamination = defineStore('examination', () => {
  const opened = useOpenExamination()
  const verdict = useVerdict()
  const undoable = useUndo()
  const isOnline = useOnline()
  /** What was brought together by itself, to be told once. */
  const merged = ref('')
  /** Everything recorded while this is on is marked as entered afterwards. */
  const fromMemory = ref(false)
  /** Reasons given for manoeuvres that the gate holds back, by manoeuvre. */
  const overrides = reactive(new Map<string, string>())
  const source = shallowRef<Source>(CLOSED)
  /** When this device last saw the record, where it was opened without the server (ISO 8601). */
  const keptAt = computed(() => (source.value.from === 'device' ? source.value.at : null))
  const queue = shallowRef<SaveQueueReturn | null>(null)
  let scope: EffectScope | undefined
  let comeback: RetryReturn | undefined

  const saveState = computed<SaveState>(() => {
    const state = queue.value?.state.value ?? 'saved'
    return state === 'saved' && keptAt.value !== null ? 'offline' : state
  })
  const isAway = computed(() => AWAY.includes(queue.value?.state.value ?? 'saved') || !isOnline.value)
  /** The examination itself, while only this device has it. */
  const begun = computed(() => queue.value?.begun.value ?? null)
  const waitingFor = computed(() => new Set(queue.value?.waiting.value.map((item) => item.part)))
  /** How many entries were made since it was opened. */
  const entries = ref(0)
  /** How many entries the server does not have yet; that the examination began here is one. */
  const waitingCount = computed(() => waitingFor.value.size + (begun.value === null ? 0 : 1))
  const isWaiting = computed(() => waitingCount.value > 0)
  /** Something entered has been judged neither by the server nor on this device. */
  const isAhead = computed(() => isWaiting.value && verdict.here?.upTo !== entries.value)
  const problems = computed(() => queue.value?.refused.value ?? [])

  async function open(id: string): Promise<void> {
    const [{ value, keptAt: at }, tab] = await Promise.all([lookAlone(id), thisTab()])
    await queue.value?.settled()
    close()
    scope = effectScope(true)
    const taken = await takeUp(id, tab)
    scope.run(() => {
      queue.value = useSaveQueue({
        examination: id,
        tab,
        taken,
        handlers: { stored: opened.storedAs, known: verdict.known, saved, refused },
      })
      comeback = useRetry({ attempt: () => void refresh() })
      watch(isWaiting, () => void refresh())
    })
    arrive(value, at)
    const device = scope.run(() =>
      useDeviceVerdict({
        document: asDocument,
        before: () => value.head.basis?.before,
        entries,
        isWaiting,
        isAway,
        // Of an examination that came from this device the server may know more: earlier visits, what others entered.
        settled: (here, there) => void (source.value.from === 'server' && noteDifference(id, here, there)),
      }),
    )
    void queue.value?.send()
    if (at !== null) comeback?.later()
    // What waits is judged before it is shown, so that a reload leads to where the person was.
    if (at !== null && isWaiting.value && device) await Promise.race([device.judgeNow(), waited(LONGEST_OPENING_MS)])
    void tidyShelf()
  }

  /** An entry that is sent while the server is read would be in neither: not in the answer, and not waiting any more. */
  async function lookAlone(id: string): Promise<Read<KeptExamination>> {
    const before = isOpen(id) ? queue.value : null
    await before?.halt()
    try {
      return await look(id)
    } catch (error) {
      before?.resume()
      throw error
    }
  }

  /** What only this device has is not asked of the server. */
  async function look(id: string): Promise<Read<KeptExamination>> {
    const own = (await beginsHere(id)) ? await shelved<KeptExamination>(examinationName(id)) : null
    return own === null ? readThrough(examinationName(id), () => ask(id)) : { value: own.value, keptAt: own.at }
  }

  function isOpen(id: string): boolean {
    return queue.value !== null && opened.head?.id === id
  }

  /** Lets go of it, so that nobody who comes after sees it; what still waits stays on the device. */
  function close(): void {
    scope?.stop()
    queue.value = null
    source.value = after(source.value, { to: 'closed' })
    opened.clear()
    verdict.clear()
    undoable.clear()
    fromMemory.value = false
    merged.value = ''
    overrides.clear()
    entries.value = 0
  }

  async function ask(id: string): Promise<KeptExamination> {
    return keptFrom(
      await answerOf(api.GET('/api/examinations/{examination}', { params: { path: { examination: id } } })),
    )
  }

  /**
   * The examination as the server told it, or as the device kept it, is shown; what only this device holds stands over
   * it, and what was held goes on its way if it is lifted.
   *
   * @param at when it was kept (ISO 8601); null: the server told it just now
   */
  function arrive({ head, parts, assessment, beforeGate, marks }: KeptExamination, at: string | null): void {
    opened.replace(head, parts)
    verdict.replace(assessment, beforeGate, marks)
    source.value = after(source.value, { to: 'arrived', at })
    for (const [part, draft] of Object.entries(queue.value?.drafts.value ?? {}))
      if (!isMeasured(opened.payload(part))) opened.show(part, draft)
    for (const problem of problems.value) opened.show(problem.part, problem.mine)
    for (const item of queue.value?.waiting.value ?? []) opened.show(item.part, item.payload)
    sendLifted()
  }

  /** Opened from the device: once the server is back, what others did meanwhile comes in around what waits here. */
  async function refresh(): Promise<void> {
    const id = opened.head?.id
    // What waits goes first: an answer from before it would take it off the screen again.
    const asked = source.value
    if (id === undefined || asked.from !== 'device' || isWaiting.value) return
    try {
      const fresh = await ask(id)
      if (opened.head?.id !== id || isWaiting.value) return
      if (source.value !== asked) return void refresh()
      arrive(fresh, null)
      comeback?.done()
      void keep()
    } catch {
      comeback?.later()
    }
  }

  async function keep(): Promise<void> {
    const { head } = opened
    const { told: assessment, beforeGate } = verdict
    if (head === null || assessment === null) return
    await shelve(examinationName(head.id), {
      head,
      parts: opened.parts(),
      assessment,
      beforeGate: [...beforeGate],
      marks: verdict.known(),
    } satisfies KeptExamination)
  }

  /** Why this manoeuvre is done though the gate holds it back; undefined when nobody gave a reason. */
  function overrideOf(manoeuvre: string): string | undefined {
    const recorded = opened.records(manoeuvre).find((record) => typeof record.override === 'string')?.override
    return overrides.get(manoeuvre) ?? recorded ?? undefined
  }

  function override(manoeuvre: string, reason: string): void {
    overrides.set(manoeuvre, reason)
  }

  function saveSection(name: string, payload: Payload): void {
    remember(name)
    enter(name, payload)
  }

  function saveRecord(manoeuvre: string, side: Side | 'both', payload: Payload | null): void {
    const part = recordKey(manoeuvre, side)
    remember(part)
    enterRecord(part, payload !== null && fromMemory.value ? { ...payload, fromMemory: true } : payload)
  }

  /** A record without a measure is withdrawn; its checks and note stay here, and go along once there is one. */
  function enterRecord(part: string, payload: Payload | null): void {
    const measured = isMeasured(payload)
    const draft = measured || payload === null || Object.keys(payload).length === 0 ? null : payload
    if (measured) enter(part, payload)
    else if (isMeasured(opened.payload(part))) enter(part, null)
    queue.value?.keepDraft(part, draft)
    if (!measured) opened.show(part, draft)
  }

  /**
   * Closes it for good, once nothing waits on this device.
   *
   * @param ungated why, where the safety gate is not answered
   * @throws ApiError where something was changed since it was last seen; it is read anew then
   */
  async function sign(ungated: string | null): Promise<void> {
    if (opened.head === null) return
    const { id, revision } = opened.head
    const params = { path: { examination: id } }
    try {
      await answerOf(api.POST('/api/examinations/{examination}/signature', { params, body: { revision, ungated } }))
    } finally {
      // Signed, or someone changed it meanwhile: either way what is on screen is no longer how it stands.
      await open(id)
    }
  }

  /**
   * Which knee is hurt, and since when, where that was said wrongly; once nothing waits on this device.
   *
   * @param daysSinceInjury null: it came on without an injury
   */
  async function changeKnee(hurtSide: Side, daysSinceInjury: number | null): Promise<void> {
    if (opened.head === null) return
    const { id } = opened.head
    const { version } = opened.storedAs('frame')
    const body = { hurtSide, daysSinceInjury, version }
    try {
      await answerOf(api.PUT('/api/examinations/{examination}/knee', { params: { path: { examination: id } }, body }))
    } finally {
      await open(id)
    }
  }

  /** After the server would not take the examination as it was begun here: what the person decided about it. */
  function beginAnew(decided: Begun): void {
    queue.value?.beginAnew(decided)
  }

  /** Lets go of the examination on screen, which only this device has; nothing brings it back. */
  async function discard(): Promise<void> {
    const id = opened.head?.id
    if (id === undefined || begun.value === null) return
    await queue.value?.settled()
    close()
    await discardDesks(id)
    await unshelve(examinationName(id))
  }

  /** Takes the last entry back; tells which part it was. */
  function undo(): string | null {
    const last = undoable.takeLast()
    if (!last) return null
    if (partOf(last.part).kind === 'record') enterRecord(last.part, last.payload)
    else enter(last.part, last.payload ?? {})
    return last.part
  }

  /** After another person changed the same part, or the server would not take it: put mine over it, or go back to theirs. */
  function settle(part: string, keepMine: boolean): void {
    const problem = problems.value.find((other) => other.part === part)
    if (!problem) return
    queue.value?.dropRefused(part)
    if (keepMine) enter(part, problem.mine)
    else opened.show(part, opened.storedAs(part).payload)
  }

  /** Records what a hold stopped, for a reason that stays with it. */
  function recordAnyway(parts: readonly string[], reason: string): void {
    for (const problem of problems.value.filter((one) => parts.includes(one.part) && one.mayOverride)) {
      const part = partOf(problem.part)
      if (part.kind !== 'record' || problem.mine === null) continue
      override(part.manoeuvre, reason)
      enter(problem.part, { ...problem.mine, override: reason })
    }
  }

  function remember(part: string): void {
    undoable.remember({ part, payload: opened.payload(part) })
  }

  function enter(part: string, payload: Payload | null): void {
    queue.value?.dropRefused(part)
    opened.show(part, payload)
    queue.value?.add(part, payload)
    entries.value++
  }

  /** What the server would judge now: what it has refused is not part of it. */
  function asDocument(): object | null {
    if (opened.head === null) return null
    const refusedParts = new Set(problems.value.map(({ part }) => part))
    const parts = opened
      .entered()
      .map(([part, payload]): [string, Payload | null] => [
        part,
        refusedParts.has(part) ? opened.storedAs(part).payload : payload,
      ])
    return documentOf({ head: opened.head, parts, beforeGate: verdict.beforeGate })
  }

  /** Done once the device holds the newer record too: a reload without the server must not step back. */
  function saved(answer: Saved, item: Waiting): Promise<void> {
    source.value = after(source.value, { to: 'saved' })
    opened.hold(answer.part, { payload: item.payload, version: answer.version })
    verdict.follow(answer)
    if (opened.head) opened.head = { ...opened.head, revision: answer.revision }
    sendLifted()
    return keep()
  }

  /** What was pressed while a hold stood goes on its way once the hold is known to be lifted. */
  function sendLifted(): void {
    for (const problem of problems.value) {
      const part = partOf(problem.part)
      const stillHeld = part.kind === 'record' && verdict.assessment?.safety.holds[part.manoeuvre] !== undefined
      if (problem.held && !stillHeld) enter(problem.part, problem.mine)
    }
  }

  /** Answers to different questions go together by themselves; where both answered the same one, the person chooses. */
  function refused(item: Waiting, error: ApiError): void {
    const refusal = refusedAs(item, error)
    const { newer } = refusal
    if (newer === null) return void queue.value?.keepRefused(refusal)
    opened.hold(item.part, newer)
    // What was entered on top of it holds it as well, and meets the newer state itself.
    if (queue.value?.waiting.value.some((other) => other.part === item.part && other.key !== item.key)) return
    if (same(item.payload, newer.payload)) return
    const isSection = partOf(item.part).kind === 'section'
    const { merged: both, clashes } = merge(item.from.payload ?? {}, item.payload ?? {}, newer.payload ?? {})
    if (isSection && clashes.length === 0) {
      enter(item.part, both)
      merged.value = item.part
    } else {
      queue.value?.keepRefused(isSection ? { ...refusal, mine: both } : refusal)
    }
  }

  return {
    problems,
    merged,
    fromMemory,
    keptAt,
    saveState,
    isAhead,
    isWaiting,
    waitingCount,
    begun,
    beginAnew,
    discard,
    waitingFor,
    asDocument,
    isOpen,
    open,
    close,
    overrideOf,
    override,
    saveSection,
    saveRecord,
    sign,
    changeKnee,
    undo,
    settle,
    recordAnyway,
  }
})
