import { refDebounced } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { Unreachable, answerOf, api } from '@/api/client'
import type { Today } from '@/contract/types'
import { useNewest } from '@/shared/useNewest'
import { keepPast } from '@/stores/past'
import { rosterHere } from '@/stores/roster'
import { type Read, readThrough, shelved, useRetry } from '@/sync'
import { t } from '@/messages/people'

const TYPING_MS = 150
/** So many unfinished examinations are told at most, where all are asked for. */
const MOST_UNFINISHED = 1000
/** Of athletes whom this device lists by itself. */
const A_PAGE = 60

/** Of those who are due, the knees of so many are kept on this device. */
const MOST_DUE = 20
/** They are asked for twice a day at most (ms). */
const DUE_FRESH_MS = 43_200_000

export type TodayReturn = ReturnType<typeof useToday>

/** The first screen: what is due and unfinished, and the athletes of the team, searched and a page at a time. */
export function useToday() {
  const today = ref<Today | null>(null)
  /** Where the server was away: when this device last saw the list. */
  const keptAt = ref<string | null>(null)
  const retry = useRetry({ attempt: () => keptAt.value !== null && void load() })
  const { problem, ask } = useNewest(t('useToday.theListCouldNotBeLoaded'))
  const search = ref('')
  const typed = refDebounced(search, TYPING_MS)
  const page = ref(1)
  /** Before a season: only who could not be compared with a sound knee of their own. */
  const lacking = ref(false)
  /** What is listed answers to that; until the server has, its total is of everybody. */
  const listsLacking = ref(false)
  const unfinished = ref<number | undefined>()

  async function load(): Promise<void> {
    // While an athlete is searched for, the other lists are on screen already.
    const kept = typed.value === '' && !lacking.value ? null : today.value
    const query = {
      search: typed.value,
      lacking: lacking.value ? ('baseline' as const) : undefined,
      page: page.value,
      unfinished: kept === null ? unfinished.value : 0,
    }
    // A name stands in no address: it comes in the body.
    const fetchList = () =>
      answerOf(
        query.search === ''
          ? api.GET('/api/today', { params: { query: { ...query, search: undefined } } })
          : api.POST('/api/today', { body: query }),
      )
    // The list as it stands at the beginning is kept; a search needs the server.
    const isPlain = query.search === '' && !query.lacking && query.page === 1 && query.unfinished === undefined
    await ask(
      () => withoutServer(isPlain, fetchList),
      ({ value, keptAt: at }) => {
        today.value = kept === null ? value : withAthletesOf(kept, value)
        listsLacking.value = query.lacking !== undefined
        keptAt.value = at
        if (at === null) {
          retry.done()
          keepPast(dueSoon(value), DUE_FRESH_MS)
        } else retry.later()
      },
    )
  }

  /** While the server is away the lists are those that this device saw last, and the athletes those that it keeps. */
  async function withoutServer(isPlain: boolean, fetchList: () => Promise<Today>): Promise<Read<Today>> {
    const own = async (): Promise<Read<Today>> =>
      isPlain ? await readThrough('today', fetchList) : { value: await fetchList(), keptAt: null }
    const asked = await own().catch(async (error: unknown) => {
      const kept = error instanceof Unreachable ? await shelved<Today>('today') : null
      if (kept === null) throw error
      return { value: kept.value, keptAt: kept.at }
    })
    return asked.keptAt === null ? asked : { ...asked, value: await withRoster(asked.value) }
  }

  async function withRoster(kept: Today): Promise<Today> {
    const found = await rosterHere(typed.value)
    if (found === null) return kept
    const pages = Math.max(1, Math.ceil(found.length / A_PAGE))
    const at = Math.min(page.value, pages)
    const athletes = found.slice((at - 1) * A_PAGE, at * A_PAGE)
    return { ...kept, athletes, total: found.length, page: at, pages }
  }

  function showAllUnfinished(): void {
    unfinished.value = MOST_UNFINISHED
    void load()
  }

  function turnTo(other: number): void {
    page.value = other
    void load()
  }

  watch([typed, lacking], () => {
    page.value = 1
    void load()
  })
  onMounted(load)

  return { today, keptAt, problem, search, typed, lacking, listsLacking, load, showAllUnfinished, turnTo }
}

/** Whose knees are looked at next: ids of athletes. */
function dueSoon({ due }: Today): string[] {
  const tasks = due.filter(({ kind, when }) => kind === 'look_again' && (when === 'overdue' || when === 'today'))
  return tasks.flatMap(({ athlete }) => athlete?.id ?? []).slice(0, MOST_DUE)
}

/** A search brings other athletes, and leaves what is due and unfinished as it was. */
function withAthletesOf(kept: Today, found: Today): Today {
  const { due, toSign, proposals, unfinished, seen } = kept
  return { ...found, due, toSign, proposals, unfinished, seen }
}
