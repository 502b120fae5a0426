import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useSession } from '@/stores/session'
import { type KeyAction, type OwnKeys, actionOf, keyOf, spokenKey, whyNot, withKey } from './keys'

/** The keys of the person who is logged in, on this device: a foot switch stands beside it. */
export function useKeys() {
  const session = useSession()
  const own = useStorage<OwnKeys>(`gray-compass:keys:${session.user?.id ?? ''}`, {})

  /** Says why the key cannot be set; empty when it was. */
  function set(action: KeyAction, key: string): string {
    const reason = whyNot(key)
    if (reason === null) own.value = withKey(own.value, action, key)
    return reason ?? ''
  }

  return {
    isOwn: computed(() => Object.keys(own.value).length > 0),
    actionOf: (key: string) => actionOf(key, own.value),
    spoken: (action: KeyAction) => spokenKey(keyOf(action, own.value)),
    set,
    reset: () => (own.value = {}),
  }
}
