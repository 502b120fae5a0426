import { usePreferredContrast, usePreferredDark, useStorage } from '@vueuse/core'
import { computed, onScopeDispose, ref, watchEffect } from 'vue'

/** Light and dark follow the device unless chosen; outdoor is for bright light on the touchline. */
export type Look = 'auto' | 'light' | 'dark' | 'outdoor'

const chosen = useStorage<Look>('gray-compass:look', 'auto')
/** A screen made for bright light, as long as it is open and nobody chose a look by hand. */
const outdoors = ref(false)

export function useLook() {
  const dark = usePreferredDark()
  const contrast = usePreferredContrast()
  /** More contrast is what bright light asks for too. */
  const sharp = computed(() => outdoors.value || contrast.value === 'more')
  const look = computed(() =>
    chosen.value !== 'auto' ? chosen.value : sharp.value ? 'outdoor' : dark.value ? 'dark' : 'light',
  )
  watchEffect(() => {
    document.documentElement.dataset.look = look.value
  })
  return { chosen, look }
}

export function useOutdoorLook(): void {
  outdoors.value = true
  onScopeDispose(() => {
    outdoors.value = false
  })
}
