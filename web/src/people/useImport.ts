import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import { answerOf, api } from '@/api/client'
import type { ImportList, ImportPreview } from '@/contract/types'
import { inBase64 } from '@/shared/inBase64'
import { useDoing } from '@/shared/useDoing'
import { useNewest } from '@/shared/useNewest'
import { useProgress } from '@/shared/useProgress'

export type LineStatus = ImportPreview['lines'][number]['status']

export interface ImportOptions {
  /** Between two looks at how far it is (ms). */
  every?: number
  /** From the last word on how it is read to the next look (ms). */
  typing?: number
}

/** A list of athletes on its way in: the file, how it is read, what would become of each line, and how far it is. */
export function useImport({ every, typing = 300 }: ImportOptions = {}) {
  const file = ref<{ name: string; content: string } | null>(null)
  const preview = ref<ImportPreview | null>(null)
  const { running, unknown, follow, forget } = useProgress({
    ask: (id) => answerOf(api.GET('/api/imports/{import}', { params: { path: { import: id } } })),
    every,
  })
  /** What someone said of how it is read; where nothing is said, the file itself suggests it. */
  const said = reactive<Pick<ImportList, 'columns' | 'dates' | 'squad'>>({ columns: null, dates: null, squad: '' })
  const taken = reactive(new Set<number>())
  /** Something was said of how it is read that the preview does not show yet. */
  const waits = ref(false)
  const { asking, problem: unseen, ask } = useNewest()
  const { busy: begins, problem: refused, attempt } = useDoing()
  const busy = computed(() => waits.value || asking.value || begins.value)
  const problem = computed(() => unseen.value || refused.value || unknown.value)

  const count = (status: LineStatus) => (preview.value?.lines ?? []).filter((line) => line.status === status).length
  const counts = computed(() => ({
    new: count('new'),
    same: count('same'),
    clash: count('clash'),
    refused: count('refused'),
  }))
  const adds = computed(() => counts.value.new + taken.size)

  function body(): ImportList {
    return { content: file.value!.content, ...said, take: [...taken] }
  }

  async function look(): Promise<void> {
    waits.value = false
    await ask(
      () => answerOf(api.POST('/api/imports/preview', { body: body() })),
      (answer) => {
        preview.value = answer
        const clashes = new Set(answer.lines.filter((line) => line.status === 'clash').map((line) => line.row))
        for (const row of taken) if (!clashes.has(row)) taken.delete(row)
      },
    )
  }

  const lookSoon = useDebounceFn(look, typing)

  /** Says how it is read; nothing can be begun until that is shown. */
  function read(next: Partial<typeof said>): void {
    Object.assign(said, next)
    waits.value = true
    void lookSoon()
  }

  async function choose(chosen: File): Promise<void> {
    file.value = { name: chosen.name, content: await inBase64(chosen) }
    preview.value = null
    Object.assign(said, { columns: null, dates: null })
    taken.clear()
    await look()
  }

  async function begin(): Promise<void> {
    await attempt(async () => {
      follow(await answerOf(api.POST('/api/imports', { body: { ...body(), expects: adds.value } })))
    })
  }

  function again(): void {
    file.value = null
    preview.value = null
    forget()
  }

  return { file, preview, running, said, taken, counts, adds, busy, problem, read, choose, begin, again }
}
