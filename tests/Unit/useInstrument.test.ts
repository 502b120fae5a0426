import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import type { Sample } from '@/instruments/protocol'
import { type InstrumentOptions, useInstrument } from '@/instruments/useInstrument'

/** What a browser does with a line of events. */
class Line {
  static last: Line
  onopen: () => void = () => {}
  onerror: () => void = () => {}
  onmessage: (event: { data: string }) => void = () => {}
  isClosed = false
  constructor(readonly url: string) {
    Line.last = this
  }
  close(): void {
    this.isClosed = true
  }
  send(message: object | string): void {
    this.onmessage({ data: typeof message === 'string' ? message : JSON.stringify(message) })
  }
}

const hello = {
  type: 'hello',
  protocol: 1,
  kind: 'arthrometer',
  name: 'Pull meter',
  serial: 'A1',
  units: { force: 'N', displacement: 'mm' },
}
const sample = { type: 'sample', t: 0, force: 1, displacement: 0 }

function listening(more: Partial<InstrumentOptions> = {}) {
  const samples: Sample[] = []
  let used!: ReturnType<typeof useInstrument>
  const screen = mount(
    defineComponent({
      setup() {
        used = useInstrument({
          kind: 'arthrometer',
          address: ref('http://bridge'),
          sample: (one) => samples.push(one),
          ...more,
        })
        return () => h('i')
      },
    }),
  )
  return { used, samples, screen }
}

describe('listening to an instrument', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', Line)
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('takes samples once it knows what answers, and lets go with the component', () => {
    const { used, samples, screen } = listening()
    expect(Line.last.url).toBe('http://bridge/events')
    Line.last.send(sample)
    expect(samples).toHaveLength(0)
    Line.last.send(hello)
    Line.last.send(sample)
    expect(samples).toHaveLength(1)
    expect(used.state.value).toEqual({ isReady: true, say: 'Pull meter, A1: connected.' })
    screen.unmount()
    expect(Line.last.isClosed).toBe(true)
  })

  it('says that nothing comes, until something does', () => {
    const { used } = listening()
    Line.last.send(hello)
    vi.advanceTimersByTime(4500)
    expect(used.state.value.say).toContain('sends nothing')
    Line.last.send(sample)
    expect(used.state.value.say).toContain('connected.')
  })

  it('stays refused after two instruments spoke at once, until the page listens anew', () => {
    const broken = vi.fn()
    const { used, samples } = listening({ broken })
    Line.last.send(hello)
    Line.last.send({ ...hello, serial: 'B2' })
    Line.last.send(hello)
    Line.last.send(sample)
    expect(used.state.value).toMatchObject({ isReady: false, say: expect.stringContaining('A1 and B2') })
    expect(samples).toHaveLength(0)
    expect(broken).toHaveBeenCalledOnce()
    used.connect()
    Line.last.send(hello)
    expect(used.state.value.isReady).toBe(true)
  })

  it('refuses another instrument and other units, and takes the right one after it', () => {
    const { used } = listening()
    Line.last.send({ ...hello, kind: 'dynamometer', units: { force: 'N' } })
    expect(used.state.value.say).toContain('an arthrometer is needed')
    Line.last.send(hello)
    expect(used.state.value.isReady).toBe(true)
    Line.last.send({ ...hello, units: { force: 'N', displacement: 'in' } })
    expect(used.state.value.say).toContain('its units are in')
  })

  it('says that the line broke, and forgets what was being pulled', () => {
    const broken = vi.fn()
    const { used } = listening({ broken })
    Line.last.send(hello)
    Line.last.onerror()
    expect(used.state.value.say).toContain('No instrument answers at http://bridge')
    expect(broken).toHaveBeenCalledOnce()
    Line.last.onopen()
    Line.last.send(hello)
    expect(used.state.value.isReady).toBe(true)
  })

  it('hands on its button, and goes on where a sample cannot be read', () => {
    const button = vi.fn()
    const { used, samples } = listening({ button })
    Line.last.send(hello)
    Line.last.send({ type: 'event', button: 1 })
    Line.last.send('{"type":"sample","force":NaN}')
    Line.last.send(sample)
    expect(button).toHaveBeenCalledOnce()
    expect(samples).toHaveLength(1)
    expect(used.state.value).toMatchObject({ isReady: true, say: expect.stringContaining('cannot be read') })
  })
})
