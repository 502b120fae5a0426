import { useOnline, useStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ApiError, Unreachable, request } from '@/api/client'
import type { Payload, Saved } from '@/contract/types'

/** One part waiting to be saved; a null payload takes a finding back. */
export interface Waiting {
  part: string
  payload: Payload | null
  key: string
}

/** What is honest to say about saving. */
export type SaveState = 'saved' | 'saving' | 'kept'

export interface SaveHandlers {
  versionOf: (part: string) => number
  saved: (answer: Saved) => void
  refused: (item: Waiting, error: ApiError) => void
}

const RETRY_MS = 2_000

/**
 * Sends parts of one examination in the order entered, one at a time. What waits is kept on the device,
 * so neither a dropped connection nor a reload loses it; the key makes a repeated send harmless.
 */
export function useSaveQueue(examinationId: string, handlers: SaveHandlers) {
  const waiting = useStorage<Waiting[]>(`gray-compass:queue:${examinationId}`, [], localStorage)
  const sending = ref(false)
  const unreachable = ref(false)
  const online = useOnline()
  let timer: ReturnType<typeof setTimeout> | undefined
  let inFlight: string | null = null

  const state = computed<SaveState>(() => (unreachable.value ? 'kept' : waiting.value.length > 0 ? 'saving' : 'saved'))

  function add(part: string, payload: Payload | null): void {
    const last = waiting.value.findLast((item) => item.part === part)
    if (last && last.key !== inFlight) last.payload = payload
    else waiting.value.push({ part, payload, key: crypto.randomUUID() })
    void send()
  }

  async function send(): Promise<void> {
    if (sending.value) return
    sending.value = true
    clearTimeout(timer)
    while (waiting.value[0]) {
      const item = waiting.value[0]
      inFlight = item.key
      try {
        const answer = await post(item)
        unreachable.value = false
        handlers.saved(answer)
      } catch (error) {
        if (error instanceof Unreachable || (error instanceof ApiError && error.status === 401)) {
          unreachable.value = true
          timer = setTimeout(() => void send(), RETRY_MS)
          break
        }
        if (!(error instanceof ApiError)) throw error
        handlers.refused(item, error)
      } finally {
        inFlight = null
      }
      waiting.value.splice(
        waiting.value.findIndex((other) => other.key === item.key),
        1,
      )
    }
    sending.value = false
  }

  function post(item: Waiting): Promise<Saved> {
    const [name, side] = item.part.split(':')
    const path = side ? `examinations/${examinationId}/findings/${name}/${side}` : `examinations/${examinationId}/sections/${name}`
    const body = { key: item.key, version: handlers.versionOf(item.part), ...(item.payload === null ? {} : { payload: item.payload }) }
    return request<Saved>(item.payload === null ? 'DELETE' : 'PUT', path, body)
  }

  function stop(): void {
    clearTimeout(timer)
  }

  watch(online, (back) => back && void send())

  return { waiting, state, add, send, stop }
}
