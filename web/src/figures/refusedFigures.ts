import { type Ref, computed, onScopeDispose, shallowReactive, watch } from 'vue'

/** Figures that stand in a field, but were refused: by field, what each is called. */
const standing = shallowReactive(new Map<symbol, string>())

/** What the first of them is called; empty where none is refused. */
export const refusedFigure = computed(() => [...standing.values()][0] ?? '')

/** A field with a refused figure is told of for as long as it stands there. */
export function useRefusedFigure(fault: Ref<string>, label: () => string): void {
  const key = Symbol('figure')
  watch(fault, (now) => (now === '' ? standing.delete(key) : standing.set(key, label())), {
    immediate: true,
    flush: 'sync',
  })
  onScopeDispose(() => standing.delete(key))
}
