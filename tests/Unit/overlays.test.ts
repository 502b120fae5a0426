import { describe, expect, it } from 'vitest'
import { createApp, effectScope, nextTick, ref } from 'vue'
import { type KeyAction, actionOf } from '@/bench/keys/keys'
import { type BenchKeysOptions, useBenchKeys } from '@/bench/keys/useBenchKeys'
import UiDialog from '@/ui/UiDialog.vue'
import { overlays, useOverlay } from '@/ui/overlays'

/** Everything the bench did, in order. */
function bench(): { done: string[]; options: BenchKeysOptions } {
  const done: string[] = []
  const actions = new Proxy({} as Record<KeyAction, () => void>, { get: (_, name) => () => done.push(String(name)) })
  return { done, options: { actions, actionOf: (key) => actionOf(key, {}), close: () => done.push('close') } }
}

function press(key: string): void {
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
}

describe('keys and dialogs', () => {
  it('gives keys back to the bench as soon as a dialog is asked to close, but not the one that closed it', () => {
    const { done, options } = bench()
    const scope = effectScope()
    const shown = ref(true)
    scope.run(() => {
      useBenchKeys(options)
      useOverlay(shown)
    })
    const closing = () => (shown.value = false)
    document.body.addEventListener('keydown', closing)
    press('Escape')
    document.body.removeEventListener('keydown', closing)
    expect(done).toEqual([])
    press('w')
    expect(done).toEqual(['weighUp'])
    scope.stop()
  })

  it('counts a dialog that goes away while it is shown no longer', () => {
    const before = overlays.value
    const scope = effectScope()
    scope.run(() => useOverlay(ref(true)))
    expect(overlays.value).toBe(before + 1)
    scope.stop()
    expect(overlays.value).toBe(before)
  })

  it('takes Escape for the dialog, and hears the very next key on the bench', async () => {
    const { done, options } = bench()
    const scope = effectScope()
    scope.run(() => useBenchKeys(options))
    const dialog = createApp(UiDialog, { title: 'Keys' })
    dialog.mount(document.createElement('div'))
    for (let ticks = 0; ticks < 5; ticks++) await nextTick()
    press('n')
    press('Escape')
    expect(done).toEqual([])
    press('?')
    expect(done).toEqual(['help'])
    dialog.unmount()
    scope.stop()
  })
})
