import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Payload } from '@/contract/types'

/** What a part held before it was changed. */
export interface Before {
  part: string
  payload: Payload | null
}

const MOST = 100

/** The last entries on this examination, so that each can be taken back. */
export const useUndo = defineStore('undo', () => {
  const entries = ref<Before[]>([])

  function remember(before: Before): void {
    entries.value = [...entries.value, before].slice(-MOST)
  }

  function takeLast(): Before | undefined {
    const last = entries.value.at(-1)
    entries.value = entries.value.slice(0, -1)
    return last
  }

  function clear(): void {
    entries.value = []
  }

  return { isEmpty: computed(() => entries.value.length === 0), remember, takeLast, clear }
})
