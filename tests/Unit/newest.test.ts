import { expect, test } from 'vitest'
import { useNewest } from '@/shared/useNewest'

test('the newest question counts, however late the answers to others come', async () => {
  const { ask, asking, problem } = useNewest()
  const answers: string[] = []
  let late: (answer: string) => void = () => undefined
  const first = ask(
    () => new Promise<string>((resolve) => (late = resolve)),
    (answer) => answers.push(answer),
  )
  await ask(
    async () => 'second',
    (answer) => answers.push(answer),
  )
  expect([answers, asking.value]).toEqual([['second'], false])
  late('first')
  await first
  expect([answers, problem.value]).toEqual([['second'], ''])
})

test('what went wrong is told, unless something newer was asked', async () => {
  const { ask, problem } = useNewest()
  const fails = () => Promise.reject(new Error('away'))
  const old = ask(fails, () => undefined)
  await ask(
    async () => 1,
    () => undefined,
  )
  await old
  expect(problem.value).toBe('')
  await ask(fails, () => undefined)
  expect(problem.value).toBe('away')
})
