import { usePreferredDark, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

/** Light and dark follow the device unless chosen; outdoor is for bright light on the touchline. */
export type Look = 'auto' | 'light' | 'dark' | 'outdoor'

const chosen = useStorage<Look>('gray-compass:look', 'auto')

export function useLook() {
  const dark = usePreferredDark()
  const look = computed(() => (chosen.value === 'auto' ? (dark.value ? 'dark' : 'light') : chosen.value))
  watchEffect(() => {
    document.documentElement.dataset.look = look.value
  })
  return { chosen, look }
}
