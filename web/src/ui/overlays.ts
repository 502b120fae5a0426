import { type Ref, onScopeDispose, readonly, ref, watch } from 'vue'

const open = ref(0)

/** How many dialogs stand over the screen: while one does, keys belong to it. */
export const overlays = readonly(open)

/**
 * Counts a dialog for as long as it is shown: from the moment it is asked to close, and not only once it has
 * faded, keys belong to the screen again.
 */
export function useOverlay(shown: Readonly<Ref<boolean>>): void {
  let counted = false
  const count = (is: boolean) => {
    open.value += Number(is) - Number(counted)
    counted = is
  }
  watch(shown, count, { immediate: true, flush: 'sync' })
  onScopeDispose(() => count(false))
}

/** The header that the library puts over a dialog is no banner of the page, and must not be told as one. */
export function untellHeader(): void {
  requestAnimationFrame(() => {
    for (const header of document.querySelectorAll('header.untold')) header.setAttribute('role', 'none')
  })
}
