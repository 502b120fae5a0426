import { onScopeDispose, ref, type Ref } from 'vue'

/** Something that the server works on in the background. */
interface UnderWay {
  id: string
  state: string
}

export interface ProgressOptions<T extends UnderWay> {
  /** Asks the server how far it is. */
  ask: (id: string) => Promise<T>
  /** Between two looks at how far it is (ms). */
  every?: number
}

/** Follows what the server works on until it is over; however often the server is away meanwhile, it goes on. */
export function useProgress<T extends UnderWay>({ ask, every = 400 }: ProgressOptions<T>) {
  const running = ref(null) as Ref<T | null>
  /** Why it is not known how far it is; empty: it is. */
  const unknown = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined

  function follow(begun: T): void {
    running.value = begun
    later(begun.id)
  }

  function later(id: string): void {
    if (running.value?.state === 'waiting' || running.value?.state === 'running')
      timer = setTimeout(() => void look(id), every)
  }

  async function look(id: string): Promise<void> {
    try {
      running.value = await ask(id)
      unknown.value = ''
    } catch (error) {
      unknown.value = error instanceof Error ? error.message : ''
    }
    later(id)
  }

  function forget(): void {
    clearTimeout(timer)
    running.value = null
  }

  onScopeDispose(() => clearTimeout(timer))

  return { running, unknown, follow, forget }
}
