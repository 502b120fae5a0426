import { useEventListener } from '@vueuse/core'
import { overlays } from '@/ui/overlays'

export interface BenchActions {
  bothNormal: () => void
  band: (index: number) => void
  endFeel: (word: string) => void
  checksPassed: () => void
  knee: (which: 'other' | 'hurt') => void
  step: (by: number) => void
  station: (by: number) => void
  weighUp: () => void
  jump: () => void
  undo: () => void
  memory: () => void
  help: () => void
  /** Drawers over the bench; an open dialog closes by itself. */
  close: () => void
}

const FEELS: Record<string, string> = { f: 'firm', s: 'soft', a: 'absent', h: 'hard', p: 'springy' }

/** The bench's keys; silent inside text fields, open dialogs, and with any modifier. */
export function useBenchKeys(actions: BenchActions): void {
  /** As the key went down: the one that closes a dialog is the dialog's. */
  let wasOverlaid = false
  useEventListener(window, 'keydown', () => (wasOverlaid = overlays.value > 0), { capture: true })
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || isMoving(event) || wasOverlaid)
      return
    if (act(event.key)) event.preventDefault()
  })

  function act(key: string): boolean {
    const feel = FEELS[key.toLowerCase()]
    if (feel) actions.endFeel(feel)
    else if (/^[1-4]$/.test(key)) actions.band(Number(key) - 1)
    else if (key === 'n' || key === 'N') actions.bothNormal()
    else if (key === 'c' || key === 'C') actions.checksPassed()
    else if (key === '[') actions.knee('other')
    else if (key === ']') actions.knee('hurt')
    else if (key === 'ArrowDown') actions.step(1)
    else if (key === 'ArrowUp') actions.step(-1)
    else if (key === 'PageDown') actions.station(1)
    else if (key === 'PageUp') actions.station(-1)
    else if (key === 'w' || key === 'W') actions.weighUp()
    else if (key === '/') actions.jump()
    else if (key === 'u' || key === 'U') actions.undo()
    else if (key === 'm' || key === 'M') actions.memory()
    else if (key === '?') actions.help()
    else if (key === 'Escape') actions.close()
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
