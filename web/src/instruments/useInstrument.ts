import { useTimeoutFn } from '@vueuse/core'
import { type Ref, computed, onScopeDispose, ref } from 'vue'
import { t } from '@/messages/instruments'
import { type Hello, type InstrumentKind, type Sample, readMessage } from './protocol'

export interface InstrumentOptions {
  /** What is needed; without one, any instrument will do. */
  kind?: InstrumentKind
  /** Where it answers. */
  address: Ref<string>
  sample?: (sample: Sample) => void
  /** Its button was pressed. */
  button?: () => void
  /** What was being measured cannot be used any more: the line broke, or another instrument speaks. */
  broken?: () => void
}

const NEEDED: Record<InstrumentKind, string> = {
  arthrometer: t('kind.arthrometer'),
  dynamometer: t('kind.dynamometer'),
}

/** After so long without a sample it is said that none comes (ms). */
const SILENT_MS = 4000

/** Listens to one instrument for as long as the component is there, and says why where nothing can be measured. */
export function useInstrument({ kind, address, sample, button, broken }: InstrumentOptions) {
  const device = ref<Hello | null>(null)
  const problem = ref('')
  const isLost = ref(false)
  const isSilent = ref(false)
  const unread = ref(0)
  const silence = useTimeoutFn(() => (isSilent.value = true), SILENT_MS, { immediate: false })
  /** Two spoke at once: which one measured cannot be told until the page listens anew. */
  let isMixed = false
  let source: EventSource | null = null

  function connect(): void {
    source?.close()
    device.value = null
    problem.value = ''
    unread.value = 0
    isSilent.value = false
    isMixed = false
    if (address.value === '') return refuse(t('instrumentList.none'))
    source = new EventSource(`${address.value}/events`)
    source.onopen = () => (isLost.value = false)
    // The browser goes on trying by itself.
    source.onerror = () => {
      isLost.value = true
      if (!isMixed) problem.value = ''
      device.value = null
      silence.stop()
      broken?.()
    }
    source.onmessage = ({ data }: MessageEvent<string>) => take(data)
  }

  function take(text: string): void {
    const message = readMessage(text)
    if (message.type === 'unread') {
      unread.value++
      if (message.isHello || device.value === null || problem.value !== '')
        refuse(t('useInstrument.cannotBeRead', { reason: message.reason }))
    } else if (message.type === 'hello') greet(message)
    else if (message.type === 'sample') measure(message)
    else if (message.type === 'event') button?.()
    else silence.stop()
  }

  function greet(hello: Hello): void {
    if (isMixed) return
    isMixed = device.value !== null && device.value.serial !== hello.serial
    if (kind && hello.kind !== kind)
      refuse(t('useInstrument.otherInstrument', { name: hello.name, kind: NEEDED[kind] }))
    else if (isMixed) refuse(t('useInstrument.twoInstruments', { one: device.value?.serial, other: hello.serial }))
    else {
      problem.value = ''
      device.value = hello
      silence.start()
    }
  }

  function measure(one: Sample): void {
    if (device.value === null || problem.value !== '') return
    isSilent.value = false
    silence.start()
    sample?.(one)
  }

  function refuse(reason: string): void {
    problem.value = reason
    broken?.()
  }

  const state = computed(() => {
    if (problem.value !== '') return { isReady: false, say: problem.value }
    if (isLost.value) return { isReady: false, say: t('useInstrument.noAnswer', { address: address.value }) }
    if (device.value === null) return { isReady: false, say: t('useInstrument.connecting', { address: address.value }) }
    const named = { name: device.value.name, serial: device.value.serial }
    if (unread.value > 0) return { isReady: true, say: t('useInstrument.connectedSomeUnread', named) }
    return {
      isReady: true,
      say: isSilent.value ? t('useInstrument.connectedSilent', named) : t('useInstrument.connected', named),
    }
  })

  onScopeDispose(() => source?.close())
  connect()

  return { device, state, connect }
}
