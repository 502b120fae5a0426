import { expect, test } from 'vitest'
import { useLetter } from '@/letters/useLetter'
import { server } from './support'

const TO = { name: 'Dr Ines Falkner', practice: '', address: '', email: '' }
const letter = (version: number, text: string, sent: string | null = null) => ({
  id: '01L',
  version,
  sent,
  to: TO,
  subject: 'A knee',
  text,
})
const open = async (...answers: Parameters<typeof server>) => {
  const asked = server({ status: 200, body: letter(1, 'As proposed.') }, ...answers)
  const written = useLetter({ id: () => '01L' })
  await written.load()
  return { asked, ...written }
}

test('what is typed is saved under the version that was seen, and shown as the server has it', async () => {
  const { asked, given, save, isChanged, letter: shown } = await open({ status: 200, body: letter(2, 'As told.') })
  expect(isChanged.value).toBe(false)
  given.text = 'As told. '
  expect(isChanged.value).toBe(true)
  expect(await save()).toBe(true)
  expect(asked[1]!.body).toEqual({ version: 1, to: TO, subject: 'A knee', text: 'As told. ' })
  expect([shown.value!.version, given.text, isChanged.value]).toEqual([2, 'As told.', false])
})

test('what someone wrote in between is told; ours is kept, and goes on top of theirs only if it is said', async () => {
  const { asked, given, save, keepOurs, newer } = await open(
    { status: 409, body: { error: { path: 'version', reason: 'in between' }, letter: letter(2, 'Theirs.') } },
    { status: 200, body: letter(3, 'Ours.') },
  )
  given.text = 'Ours.'
  expect(await save()).toBe(false)
  expect([newer.value?.text, given.text]).toEqual(['Theirs.', 'Ours.'])
  expect(await keepOurs()).toBe(true)
  expect(asked[2]!.body.version).toBe(2)
  expect(newer.value).toBe(null)
})

test('what is typed is saved before it leaves, and nothing leaves that could not be saved', async () => {
  const sent = await open(
    { status: 200, body: letter(2, 'Ours.') },
    { status: 200, body: letter(2, 'Ours.', 'by hand') },
  )
  sent.given.text = 'Ours.'
  expect(await sent.send('hand', ['01T'])).toBe(true)
  expect(sent.asked[2]!.body).toEqual({ version: 2, by: 'hand', carries: ['01T'] })
  expect(sent.isSent.value).toBe(true)

  const held = await open({
    status: 409,
    body: { error: { path: 'version', reason: '' }, letter: letter(2, 'Theirs.') },
  })
  held.given.text = 'Ours.'
  expect(await held.send('mail', [])).toBe(false)
  expect(held.asked).toHaveLength(2)
})
