import { useEventListener } from '@vueuse/core'

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
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      isTyping(event.target) ||
      document.querySelector('dialog[open]')
    )
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

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}
