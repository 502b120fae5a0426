import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { RecordFile, RecordPreview } from '@/contract/types'
import { inBase64 } from '@/shared/inBase64'
import { useDoing } from '@/shared/useDoing'
import { useNewest } from '@/shared/useNewest'
import { useProgress } from '@/shared/useProgress'

export type RecordItem = RecordPreview['items'][number]
export type ItemStatus = RecordItem['status']
/** How a file is read, as a person said. */
export type Wishes = Required<Pick<RecordFile, 'athlete' | 'squad' | 'signed'>>

export interface RecordImportOptions {
  /** Between two looks at how far it is (ms). */
  every?: number
  /** From the last word on how it is read to the next look (ms). */
  typing?: number
}

/** A file with records on its way in: how it is read, what would become of each item, and how far it is. */
export function useRecordImport({ every, typing = 300 }: RecordImportOptions = {}) {
  const file = ref<{ name: string; content: string } | null>(null)
  const preview = ref<RecordPreview | null>(null)
  const wishes = reactive<Wishes>({ athlete: null, squad: '', signed: 'history' })
  const origin = ref('')
  /** Something was said of how it is read that the preview does not show yet. */
  const waits = ref(false)
  const { asking, problem: unseen, ask } = useNewest()
  const { busy: begins, problem: refused, attempt } = useDoing()
  const { running, unknown, follow, forget } = useProgress({
    ask: (id) => answerOf(api.GET('/api/record-imports/{recordImport}', { params: { path: { recordImport: id } } })),
    every,
  })
  const busy = computed(() => waits.value || asking.value || begins.value)
  const problem = computed(() => unseen.value || refused.value || unknown.value)
  const counts = computed(() => {
    const count = (status: ItemStatus) => (preview.value?.items ?? []).filter((one) => one.status === status).length
    return { new: count('new'), same: count('same'), needsAthlete: count('needs_athlete'), refused: count('refused') }
  })

  function body(): RecordFile {
    return { content: file.value!.content, ...wishes }
  }

  async function look(): Promise<void> {
    waits.value = false
    await ask(
      () => answerOf(api.POST('/api/record-imports/preview', { body: body() })),
      (answer) => {
        preview.value = answer
      },
    )
  }

  const lookSoon = useDebounceFn(look, typing)

  /** Says how it is read; nothing can be begun until that is shown. */
  function read(next: Partial<Wishes>): void {
    Object.assign(wishes, next)
    waits.value = true
    void lookSoon()
  }

  async function choose(chosen: File): Promise<void> {
    preview.value = null
    file.value = { name: chosen.name, content: await inBase64(chosen) }
    Object.assign(wishes, { athlete: null, squad: '', signed: 'history' } satisfies Wishes)
    origin.value = ''
    await look()
  }

  async function begin(): Promise<void> {
    await attempt(async () => {
      const said = { ...body(), origin: origin.value, expects: counts.value.new }
      follow(await answerOf(api.POST('/api/record-imports', { body: said })))
    })
  }

  function again(): void {
    file.value = null
    preview.value = null
    forget()
  }

  return { file, preview, wishes, origin, running, counts, busy, problem, read, choose, begin, again }
}
