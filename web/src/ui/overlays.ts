import { onBeforeUnmount, onMounted, readonly, ref } from 'vue'

const open = ref(0)

/** How many dialogs stand over the screen: while one does, keys belong to it. */
export const overlays = readonly(open)

/** Counts the component as a dialog for as long as it is there. */
export function useOverlay(): void {
  onMounted(() => open.value++)
  onBeforeUnmount(() => open.value--)
}
