import { type Ref, shallowRef, watchEffect } from 'vue'
import { useLook } from '@/shared/look'
import type { Inks } from './options'

/** Inks and typeface of charts, which follow the look of the page. */
export function useInks(): Readonly<Ref<Inks>> {
  const { look } = useLook()
  const inks = shallowRef<Inks>({ font: 'sans-serif', ink: '#000', line: '#ccc', text: '#555', card: '#fff' })
  watchEffect(() => {
    // Another look has other inks.
    void look.value
    const style = getComputedStyle(document.documentElement)
    const ink = (name: string) => style.getPropertyValue(name).trim()
    inks.value = {
      font: getComputedStyle(document.body).fontFamily,
      ink: ink('--ink'),
      line: ink('--line'),
      text: ink('--text-2'),
      card: ink('--card'),
    }
  })
  return inks
}
