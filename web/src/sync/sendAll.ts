import { effectScope } from 'vue'
import { type Unsent, takeUp, unsent } from './desk'
import { NOTHING, refusedAs } from './refusal'
import { useSaveQueue } from './saveQueue'
import { thisTab } from './tab'

/**
 * Sends what waits on this device, whichever examination it belongs to; none of them may be open in this tab.
 *
 * @returns what is left: the server is away, would not take it, or another tab still holds it
 */
export async function sendAll(): Promise<Unsent[]> {
  const tab = await thisTab()
  for (const { examination } of await unsent()) await sendDesk(examination, tab)
  return unsent()
}

async function sendDesk(examination: string, tab: string): Promise<void> {
  const taken = await takeUp(examination, tab)
  const scope = effectScope(true)
  await scope.run(async () => {
    const queue = useSaveQueue({
      examination,
      tab,
      taken,
      handlers: {
        stored: () => NOTHING,
        known: () => ({}),
        saved: () => undefined,
        refused: (item, error) => queue.keepRefused(refusedAs(item, error)),
      },
    })
    await queue.send()
    await queue.settled()
  })
  scope.stop()
}
