import { useEventListener } from '@vueuse/core'
import { overlays } from '@/ui/overlays'
import { FREE_KEYS, type KeyAction, isFunctionKey } from './keys'

export interface BenchKeysOptions {
  /** What a key does; undefined where it does nothing. */
  actionOf: (key: string) => KeyAction | undefined
  actions: Record<KeyAction, () => void>
  /** Drawers over the bench; an open dialog closes by itself. */
  close: () => void
}

/**
 * The bench's keys. A focused control owns its own keys; function keys work wherever the focus is, all others are silent
 * inside text fields, open dialogs, and with any modifier.
 */
export function useBenchKeys({ actionOf, actions, close }: BenchKeysOptions): void {
  /** As the key went down: the one that closes a dialog is the dialog's. */
  let wasOverlaid = false
  useEventListener(window, 'keydown', () => (wasOverlaid = overlays.value > 0), { capture: true })
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || wasOverlaid) return
    if (!isFunctionKey(event.key) && (isTyping(event.target) || isMoving(event))) return
    // What is written in a field is taken before its screen goes.
    if (isFunctionKey(event.key) && isTyping(event.target)) (event.target as HTMLElement).blur()
    if (act(event.key)) event.preventDefault()
  })

  function act(key: string): boolean {
    const action = actionOf(key) ?? FREE_KEYS[key]
    if (key === 'Escape') close()
    else if (action !== undefined) actions[action]()
    else return false
    return true
  }
}

const WITHOUT_LETTERS = ['radio', 'checkbox', 'range']
const OWNS_ARROWS = '[role=radiogroup], [role=slider], [role=combobox], [role=listbox], input, select, textarea'

function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !target.readOnly && !WITHOUT_LETTERS.includes(target.type)
  return target instanceof HTMLElement && (target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName))
}

/** Arrow keys inside a control move there. */
function isMoving({ key, target }: KeyboardEvent): boolean {
  const moves = key.startsWith('Arrow') || key.startsWith('Page')
  return moves && target instanceof HTMLElement && target.closest(OWNS_ARROWS) !== null
}
