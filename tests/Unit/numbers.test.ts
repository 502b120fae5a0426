import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, test } from 'vitest'
import { nextTick } from 'vue'
import NumberRule from '@/bench/inputs/NumberRule.vue'
import { readFigure, spokenFigure } from '@/figures/readFigure'
import { refusedFigure } from '@/figures/refusedFigures'
import UiChoice from '@/ui/UiChoice.vue'
import UiNumber from '@/ui/UiNumber.vue'

const MM = { least: 0, most: 40, unit: 'mm' }

describe('a typed figure', () => {
  test.each([
    ['4,5', 4.5],
    ['4.5', 4.5],
    [' 12 ', 12],
    ['0', 0],
    ['.5', 0.5],
    ['40', 40],
    ['', undefined],
  ])('“%s” is %s', (typed, value) => expect(readFigure(typed, MM)).toEqual({ value, fault: '' }))

  test.each(['.', ',', '-', '4,5,6', '1e3', 'NaN', '4 5', 'four'])('“%s” is no number', (typed) =>
    expect(readFigure(typed, MM)).toEqual({ value: undefined, fault: 'Not a number.' }),
  )

  test.each(['-5', '999', '40.01'])('“%s” is out of range, and not moved into it', (typed) =>
    expect(readFigure(typed, MM).fault).toBe('Enter a number from 0 to 40 mm.'),
  )

  test('may be negative where its range is, and must be whole where it is asked so', () => {
    expect(readFigure('−20', { least: -60, most: 20, unit: '°' })).toEqual({ value: -20, fault: '' })
    expect(readFigure('-61', { least: -60, most: 20, unit: '°' }).fault).toBe('Enter a number from −60 to 20°.')
    expect(readFigure('4,5', { least: 0, whole: true }).fault).toBe('Enter a whole number.')
    expect(spokenFigure(-4.5)).toBe('−4.5')
  })
})

/** A rule of a drawer, with its column around it. */
function rule(props: object = {}) {
  const knee = mount(
    {
      components: { NumberRule },
      data: () => ({ props: { value: undefined, ...MM, label: 'Translation', stretch: 20, step: 1, ...props } }),
      template:
        '<section class="knee" tabindex="-1"><NumberRule v-bind="props" @change="props.value = $event; $emit(\'taken\', $event)" /></section>',
      emits: ['taken'],
    },
    { attachTo: document.body },
  )
  const slider = knee.get('[role=slider]')
  const type = async (...keys: string[]) => {
    for (const key of keys) await slider.trigger('keydown', { key })
  }
  return { knee, slider, type, taken: () => (knee.emitted('taken') ?? []).map(([value]) => value as unknown) }
}

describe('a rule', () => {
  beforeEach(() => (document.body.innerHTML = ''))

  test('takes a decimal comma as a point', async () => {
    const { type, taken } = rule()
    await type('4', ',', '5', 'Enter')
    expect(taken()).toEqual([4.5])
  })

  test('refuses what is no number or out of range beside the field, and tells of it', async () => {
    const { knee, type, taken } = rule()
    await type('.', 'Enter')
    expect(knee.get('.fault').text()).toBe('Not a number.')
    await type('Escape', '9', '9', '9', 'Enter')
    expect(knee.get('.fault').text()).toBe('Enter a number from 0 to 40 mm.')
    expect(knee.get('.figure').text()).toContain('999')
    expect(taken()).toEqual([])
    expect(refusedFigure.value).toBe('Translation')
    await type('Escape')
    expect([knee.get('.fault').text(), refusedFigure.value]).toEqual(['', ''])
    knee.unmount()
  })

  test('takes a figure that stands in it when it is left by a tap or by any key', async () => {
    const left = rule()
    await left.type('8')
    await left.slider.trigger('blur')
    expect(left.taken()).toEqual([8])
    const pressed = rule()
    await pressed.type('8', 'n')
    expect(pressed.taken()).toEqual([8])
  })

  test('holds back a key that would store something else while its figure is refused', async () => {
    const { knee, slider } = rule()
    await slider.trigger('keydown', { key: '9' })
    await slider.trigger('keydown', { key: '9' })
    let reached = false
    knee.element.addEventListener('keydown', () => (reached = true))
    await slider.trigger('keydown', { key: 'n' })
    expect(reached).toBe(false)
    await slider.trigger('keydown', { key: 'Escape' })
    await slider.trigger('keydown', { key: 'n' })
    expect(reached).toBe(true)
  })

  test('owns the keys of a slider: arrows, pages and ends', async () => {
    const { type, taken } = rule({ value: 10 })
    await type('ArrowUp', 'ArrowDown', 'PageUp', 'PageDown', 'Home')
    expect(taken()).toEqual([11, 10, 15, 10, 0])
  })

  test('lets go of what is typed with Escape, and then of itself', async () => {
    const { knee, slider, type, taken } = rule()
    ;(slider.element as HTMLElement).focus()
    await type('7', 'Escape')
    expect(knee.get('.figure').text()).toMatch(/: –$/)
    await type('Escape')
    expect(document.activeElement).toBe(knee.element)
    expect(taken()).toEqual([])
  })

  test('is as wide as its field, whatever was measured', () => {
    const { knee } = rule({ least: -60, most: 20, unit: '°', stretch: 20 })
    const labels = knee.findAll('.tick i').map((one) => one.text())
    expect([labels[0], labels.at(-1)]).toEqual(['−60', '20'])
  })

  test('opens digits for a finger, and takes what was tapped', async () => {
    const { knee, taken } = rule({ least: 10, most: 100, unit: 'cm', stretch: 100, step: 0.5 })
    await knee.get('.figure').trigger('click')
    for (const digit of ['4', '2', 'decimal point', '5'])
      await knee
        .findAll('.pad button')
        .find((one) => one.text() === digit || one.attributes('aria-label') === digit)!
        .trigger('click')
    await knee.get('.pad .main').trigger('click')
    expect(taken()).toEqual([42.5])
    expect(knee.find('.pad').exists()).toBe(false)
  })
})

test('a number field takes a figure when it is left, and keeps a refused one with its reason', async () => {
  const field = mount(UiNumber, {
    props: { label: 'Weeks since', value: 4, least: 0, most: 52, whole: true, unit: 'weeks' },
  })
  const input = field.get('input')
  await input.setValue('99')
  expect(field.emitted('change')).toBeUndefined()
  expect(field.get('.fault').text()).toBe('Enter a whole number from 0 to 52 weeks.')
  expect(input.element.value).toBe('99')
  await input.setValue('6')
  expect(field.emitted('change')).toEqual([[6]])
  field.unmount()
  await nextTick()
  expect(refusedFigure.value).toBe('')
})

test('arrows move between the answers of a question and change none; space chooses', async () => {
  const options = ['no', 'yes'].map((id) => ({ id, label: id }))
  const choice = mount(UiChoice, { props: { label: 'Deformed', value: 'no', options }, attachTo: document.body })
  const [no, yes] = choice.findAll<HTMLInputElement>('input')
  no!.element.focus()
  await no!.trigger('keydown', { key: 'ArrowDown' })
  expect(document.activeElement).toBe(yes!.element)
  expect(choice.emitted('pick')).toBeUndefined()
  await yes!.setValue(true)
  expect(choice.emitted('pick')).toEqual([['yes']])
  choice.unmount()
})
