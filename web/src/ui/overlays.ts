import { onBeforeUnmount, onMounted, readonly, ref } from 'vue'

const open = ref(0)

/** How many dialogs stand over the screen: while one does, keys belong to it. */
export const overlays = readonly(open)

/** Counts the component as a dialog for as long as it is there. */
export function useOverlay(): void {
  onMounted(() => open.value++)
  onBeforeUnmount(() => open.value--)
}

/** The header that the library puts over a dialog is no banner of the page, and must not be told as one. */
export function untellHeader(): void {
  requestAnimationFrame(() => {
    for (const header of document.querySelectorAll('header.untold')) header.setAttribute('role', 'none')
  })
}
