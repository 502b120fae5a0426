import { readonly, shallowRef } from 'vue'
import { ApiError } from '@/api/client'

interface Asking {
  given: () => void
  refused: (reason: Error) => void
}

const asking = shallowRef<Asking | null>(null)

/** What waits for the password just now; the dialog in App shows it. */
export const passwordAsked = readonly(asking)

/**
 * Does something that the server may want the password for once more, and does it again once that is given.
 *
 * @throws whatever the doing throws, and an error where nobody gave the password
 */
export async function withPassword<T>(act: () => Promise<T>): Promise<T> {
  try {
    return await act()
  } catch (error) {
    if (!(error instanceof ApiError) || error.status !== 403 || error.fault.path !== 'password') throw error
  }
  await new Promise<void>((given, refused) => (asking.value = { given, refused }))
  return act()
}

export function passwordGiven(): void {
  asking.value?.given()
  asking.value = null
}

export function passwordRefused(): void {
  asking.value?.refused(new Error('Nothing was changed: the password was not given.'))
  asking.value = null
}
