import { useMediaQuery } from '@vueuse/core'
import type { Ref } from 'vue'
import breakpoints from '@/styles/breakpoints.css?raw'
import { t } from '@/messages/shared'

export type Breakpoint = 'phone' | 'tablet' | 'narrow' | 'wide'

const QUERIES = new Map(
  [...breakpoints.matchAll(/@custom-media --(\w+) (\(.*\));/g)].map(([, name = '', query = '']) => [name, query]),
)

/** Whether the screen is as the styles mean it by this name. */
export function useScreen(name: Breakpoint): Readonly<Ref<boolean>> {
  return useMediaQuery(QUERIES.get(name) ?? t('screen.notAll'))
}
