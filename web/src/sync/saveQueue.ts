import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { partOf } from '@/contract/part'
import { ApiError, Unreachable, answerOf, api } from '@/api/client'
import type { Payload, Saved } from '@/contract/types'
import { type Begun, begunRefusal, sendBegun } from './begun'
import { type Desk, type Refused, type StoredPart, type Waiting, keep } from './desk'
import { useRetry } from './retry'
import { t } from '@/messages/sync'

/** What is honest to say about saving; offline: nothing waits, but what is shown came from this device. */
export type SaveState = 'saved' | 'offline' | 'saving' | 'kept' | 'unkept' | 'login' | 'refused'

export interface SaveHandlers {
  /** What the server last told of a part. */
  stored: (part: string) => StoredPart
  /** Marks of the parts of the assessment that are held already. */
  known: () => Record<string, string>
  /** Until it is done the entry stays on the device. */
  saved: (answer: Saved, item: Waiting) => Promise<void> | void
  refused: (item: Waiting, error: ApiError) => void
}

const UNAUTHENTICATED = 401
/** After so many failures on one entry it is set aside, so that it does not keep the others waiting. */
const MOST_FAILURES = 3

export interface SaveQueueOptions {
  /** Id of the examination. */
  examination: string
  /** Name of this tab, under which what waits is kept. */
  tab: string
  /** What waited before, of this tab and of closed ones. */
  taken: Desk
  handlers: SaveHandlers
}

export type SaveQueueReturn = ReturnType<typeof useSaveQueue>

/**
 * Sends parts of one examination in the order entered, one at a time. What waits is kept on the device,
 * so neither a dropped connection nor a reload loses it; the key makes a repeated send harmless.
 */
export function useSaveQueue({ examination, tab, taken, handlers }: SaveQueueOptions) {
  const desk = ref<Desk>(structuredClone(taken))
  /** False while the device could not keep what waits. */
  const isKept = ref(true)
  /** Writes to the device that are on their way. */
  const writing = ref(0)
  let keeping: Promise<void> = Promise.resolve()

  /** One after the other, so that the last state is the one that stays. */
  watch(
    desk,
    () => {
      const now = JSON.parse(JSON.stringify(desk.value)) as Desk
      writing.value++
      keeping = keeping
        .then(() => keep(examination, tab, now))
        .then(
          () => void (isKept.value = true),
          () => void (isKept.value = false),
        )
        .finally(() => writing.value--)
    },
    { deep: true, flush: 'sync' },
  )

  const sending = ref(false)
  let isHalted = false
  let underway: Promise<void> = Promise.resolve()
  const away = ref<'kept' | 'login' | null>(null)
  const retry = useRetry({ attempt: () => void send() })

  const state = computed<SaveState>(
    () =>
      (away.value === null ? null : !isKept.value ? 'unkept' : writing.value > 0 ? 'saving' : away.value) ??
      (desk.value.begun?.refused ? 'refused' : null) ??
      (desk.value.waiting.length > 0 || desk.value.begun !== null
        ? 'saving'
        : desk.value.refused.length > 0
          ? 'refused'
          : 'saved'),
  )

  function add(part: string, payload: Payload | null): void {
    const last = desk.value.waiting.findLast((item) => item.part === part)
    if (last && !last.tried) last.payload = payload
    else desk.value.waiting.push({ part, payload, key: crypto.randomUUID(), from: handlers.stored(part), tried: false })
    void send()
  }

  async function send(): Promise<void> {
    if (sending.value || isHalted) return
    sending.value = true
    underway = sendWaiting().finally(() => (sending.value = false))
    await underway
  }

  async function sendWaiting(): Promise<void> {
    const hasBegun = desk.value.begun === null || (await begin(desk.value.begun))
    if (hasBegun) while (!isHalted && desk.value.waiting[0] && (await sendOne(desk.value.waiting[0])));
  }

  /**
   * Sends nothing more, and waits for what is on its way and for the device to keep the rest: what is read afterwards,
   * from the server and from the device together, misses no entry.
   */
  async function halt(): Promise<void> {
    isHalted = true
    await underway
    await keeping
  }

  function resume(): void {
    isHalted = false
    void send()
  }

  /** False while the server does not have the examination itself: nothing of it goes before that. */
  async function begin(begun: Begun): Promise<boolean> {
    if (begun.refused !== null) return false
    try {
      await sendBegun(begun)
      desk.value.begun = null
    } catch (error) {
      if (isAwayBy(error)) return false
      desk.value.begun = { ...begun, refused: begunRefusal(error) }
    }
    away.value = null
    retry.done()
    return desk.value.begun === null
  }

  /** The server is away, or wants a new log-in: then it is tried again later. */
  function isAwayBy(error: unknown): boolean {
    const isOut = error instanceof ApiError && error.status === UNAUTHENTICATED
    if (!isOut && !(error instanceof Unreachable)) return false
    away.value = isOut ? 'login' : 'kept'
    retry.later()
    return true
  }

  /** False when the server is away, or wants a new log-in: then it is tried again later. */
  async function sendOne(item: Waiting): Promise<boolean> {
    item.tried = true
    try {
      const answer = await put(item)
      followOn(item, { payload: item.payload, version: answer.version })
      await handlers.saved(answer, item)
    } catch (error) {
      if (error instanceof Unreachable && error.isFailure) item.failures = (item.failures ?? 0) + 1
      if ((item.failures ?? 0) >= MOST_FAILURES)
        handlers.refused(
          item,
          new ApiError(0, { path: item.part, reason: t('saveQueue.theServerFailedOnItThree') }, {}),
        )
      else if (isAwayBy(error)) return false
      else
        handlers.refused(
          item,
          error instanceof ApiError ? error : new ApiError(0, { path: item.part, reason: String(error) }, {}),
        )
    }
    away.value = null
    retry.done()
    desk.value.waiting = desk.value.waiting.filter((other) => other.key !== item.key)
    return true
  }

  /** What was entered on top of a save that went through was made from that save. */
  function followOn(item: Waiting, stored: StoredPart): void {
    for (const later of desk.value.waiting) if (later.part === item.part && later.key !== item.key) later.from = stored
  }

  function put(item: Waiting): Promise<Saved> {
    const {
      key,
      from: { version },
      payload,
    } = item
    const known = handlers.known()
    const part = partOf(item.part)
    if (part.kind === 'section') {
      const path = { examination, section: part.name }
      return answerOf(
        api.PUT('/api/examinations/{examination}/sections/{section}', {
          params: { path },
          body: { key, version, known, payload: payload ?? {} },
        }),
      )
    }
    const path = { examination, manoeuvre: part.manoeuvre, side: part.side }
    return payload === null
      ? answerOf(
          api.DELETE('/api/examinations/{examination}/records/{manoeuvre}/{side}', {
            params: { path },
            body: { key, version, known },
          }),
        )
      : answerOf(
          api.PUT('/api/examinations/{examination}/records/{manoeuvre}/{side}', {
            params: { path },
            body: { key, version, known, payload },
          }),
        )
  }

  /** With what the person decided about it. */
  function beginAnew(begun: Begun): void {
    desk.value.begun = { ...begun, refused: null }
    void send()
  }

  function keepRefused(refused: Refused): void {
    desk.value.refused = [...desk.value.refused.filter((other) => other.part !== refused.part), refused]
  }

  function dropRefused(part: string): void {
    if (desk.value.refused.some((refused) => refused.part === part))
      desk.value.refused = desk.value.refused.filter((refused) => refused.part !== part)
  }

  function keepDraft(part: string, draft: Payload | null): void {
    const { [part]: _, ...others } = desk.value.drafts
    desk.value.drafts = draft === null ? others : { ...others, [part]: draft }
  }

  // A tab that closes while the device still writes is asked to wait.
  useEventListener(window, 'beforeunload', (event) => {
    if (writing.value > 0) event.preventDefault()
  })

  return {
    state,
    /** Until all that was entered is kept, or known not to be. */
    settled: () => keeping,
    begun: computed(() => desk.value.begun),
    beginAnew,
    waiting: computed(() => desk.value.waiting),
    refused: computed(() => desk.value.refused),
    add,
    send,
    halt,
    resume,
    drafts: computed(() => desk.value.drafts),
    keepRefused,
    keepDraft,
    dropRefused,
  }
}
