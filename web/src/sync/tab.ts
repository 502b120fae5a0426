const NAME = 'gray-compass:tab'
const lockOf = (tab: string) => `gray-compass:tab:${tab}`

let claimed: Promise<string> | undefined

/**
 * This tab's own name, kept over a reload. It is held by a lock for as long as the tab lives, so that a
 * copied tab takes a name of its own, and others can tell that this one is still there.
 */
export function thisTab(): Promise<string> {
  claimed ??= claim()
  return claimed
}

async function claim(): Promise<string> {
  const kept = sessionStorage.getItem(NAME)
  if (kept !== null && (await hold(kept))) return kept
  const fresh = crypto.randomUUID()
  sessionStorage.setItem(NAME, fresh)
  await hold(fresh)
  return fresh
}

function hold(tab: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(lockOf(tab), { ifAvailable: true }, (lock) => {
      resolve(lock !== null)
      return lock === null ? undefined : new Promise<void>(() => undefined)
    })
  })
}

export async function isTabOpen(tab: string): Promise<boolean> {
  const { held } = await navigator.locks.query()
  return held?.some((lock) => lock.name === lockOf(tab)) ?? false
}
