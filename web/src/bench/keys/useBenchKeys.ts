import { useEventListener } from '@vueuse/core'
import { overlays } from '@/ui/overlays'
import type { KeyAction } from './keys'

export interface BenchKeysOptions {
  /** What a key does; undefined where it does nothing. */
  actionOf: (key: string) => KeyAction | undefined
  actions: Record<KeyAction, () => void>
  /** Drawers over the bench; an open dialog closes by itself. */
  close: () => void
}

/** The bench's keys; silent inside text fields, open dialogs, and with any modifier. */
export function useBenchKeys({ actionOf, actions, close }: BenchKeysOptions): void {
  /** As the key went down: the one that closes a dialog is the dialog's. */
  let wasOverlaid = false
  useEventListener(window, 'keydown', () => (wasOverlaid = overlays.value > 0), { capture: true })
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || isMoving(event) || wasOverlaid)
      return
    if (act(event.key)) event.preventDefault()
  })

  function act(key: string): boolean {
    const action = actionOf(key)
    if (key === 'Escape') close()
    else if (action !== undefined) actions[action]()
    else return false
    return true
  }
}

const WITHOUT_LETTERS = ['radio', 'checkbox', 'range']

function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !target.readOnly && !WITHOUT_LETTERS.includes(target.type)
  return target instanceof HTMLElement && (target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName))
}

/** Arrow keys inside a group of choices or on a slider move there. */
function isMoving({ key, target }: KeyboardEvent): boolean {
  const moves = key.startsWith('Arrow') || key.startsWith('Page')
  return (
    moves &&
    target instanceof HTMLElement &&
    target.closest('[role=radiogroup], [role=slider], [role=combobox]') !== null
  )
}
