import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { ref } from 'vue'
import type { Lie } from './hold'

/** `asking` until the first reading; `refused` by the person or the browser; `none` where the device has no sensor. */
export type SensorState = 'asking' | 'live' | 'refused' | 'none'

/** A device that says nothing for so long has no sensor, or the browser keeps it (ms). */
const NOTHING_MS = 2500

type Asking = { requestPermission?: () => Promise<'granted' | 'denied'> }

/** Whether it is worth offering: the device can be laid on a limb, and the browser knows of orientation. */
export function mayHaveSensor(): boolean {
  return 'DeviceOrientationEvent' in window && matchMedia('(pointer: coarse)').matches
}

/** Reads how the device lies, for as long as the component is there. */
export function useSensor(read: (lie: Lie) => void) {
  const state = ref<SensorState>('asking')
  const nothing = useTimeoutFn(() => (state.value = 'none'), NOTHING_MS, { immediate: false })

  useEventListener(window, 'deviceorientation', ({ alpha, beta, gamma, timeStamp }) => {
    if (beta === null || gamma === null || state.value === 'refused') return
    nothing.stop()
    state.value = 'live'
    read({ alpha: alpha ?? 0, beta, gamma, at: timeStamp })
  })

  /** Some browsers ask the person first, and only after a tap. */
  async function start(): Promise<void> {
    state.value = 'asking'
    const ask = (window.DeviceOrientationEvent as unknown as Asking | undefined)?.requestPermission
    const answer = ask ? await ask.call(window.DeviceOrientationEvent).catch(() => 'denied' as const) : 'granted'
    if (answer === 'denied') state.value = 'refused'
    else nothing.start()
  }

  return { state, start }
}
