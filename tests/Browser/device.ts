import { type Page, expect } from '@playwright/test'

/** A busy machine takes its time to read 13 MB of WebAssembly. */
export const SLOWLY = { timeout: 60_000 }

/** What is kept of the judge: the manifest comes last, then what a worker leaves for the next one. */
export function kept(page: Page): Promise<string[]> {
  return page.evaluate(async () => (await (await caches.open('judge')).keys()).map(({ url }) => new URL(url).pathname))
}

/** Until the judge, the list of athletes and the catalogue are on this device. */
export async function prepared(page: Page): Promise<void> {
  await expect.poll(() => kept(page), SLOWLY).toEqual(expect.arrayContaining(['/judge/manifest.json']))
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, null, SLOWLY)
  await expect.poll(() => page.evaluate(keptNames, ['shelf/athletes', 'shelf/catalogue']), SLOWLY).toBe(true)
}

/** Whether the device keeps something under each of these names. */
export function keptNames(names: string[]): Promise<boolean> {
  return new Promise((accept) => {
    const opening = indexedDB.open('gray-compass')
    opening.onerror = () => accept(false)
    opening.onsuccess = () => {
      const database = opening.result
      if (!database.objectStoreNames.contains('sealed')) return accept(false)
      const asked = database.transaction('sealed').objectStore('sealed').getAllKeys()
      asked.onsuccess = () => {
        database.close()
        accept(names.every((name) => (asked.result as string[]).some((key) => key.endsWith(`/${name}`))))
      }
    }
  })
}
