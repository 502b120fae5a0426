import { expect, test } from '@playwright/test'
import { Application, BASE, Person, sql } from './application'
import { MAIL_PORT, PostOffice } from './postOffice'

const application = new Application()

/** So many that are sent again end the stream; the count fails then. */
const MOST_SENT_AGAIN = 20
const post = new PostOffice()

test.beforeAll(async () => {
  await post.open()
  const more = { APPLICATIONS: '2', MAIL_MAILER: 'smtp', MAIL_PORT, QUEUE_RETRY_AFTER: '4' }
  expect(await application.start(more), application.said).toBe(true)
})
test.afterAll(async () => {
  await application.stop()
  await post.close()
})

test('of two processes of the application either serves while the other is gone, and nobody notices', async () => {
  // It is ready as soon as one of them answers; the other may still be coming.
  await expect.poll(() => application.pids('php-fpm: master').length).toBe(2)
  const person = await Person.logIn()
  const id = await person.examination()
  const failed: number[] = []
  let version = 0
  let goesOn = true
  const stream = (async () => {
    while (goesOn && failed.length < MOST_SENT_AGAIN) {
      // What is not answered is sent again as the device does it, for it may have been stored before its worker died.
      const key = crypto.randomUUID()
      const save = () => person.save(id, 'records/lachman/left', { translationMm: 1 + (version % 9) }, version, key)
      let status = (await save()).status()
      while (status !== 200 && failed.push(status) < MOST_SENT_AGAIN) status = (await save()).status()
      version++
    }
  })()
  for (const master of application.pids('php-fpm: master')) {
    process.kill(master, 'SIGKILL')
    await expect.poll(() => application.pids('php-fpm: master').length).toBe(2)
    await new Promise((later) => setTimeout(later, 1_500))
  }
  goesOn = false
  await stream
  // Of each process that was killed, the tap that it had in hand.
  expect(failed.length).toBeLessThanOrEqual(2)
  const read = await person.api.get(`/api/examinations/${id}`)
  expect(((await read.json()) as { revision: number }).revision).toBeGreaterThanOrEqual(version)
  expect(version).toBeGreaterThan(10)
  test.info().annotations.push({ type: 'measured', description: `${version} saves, ${failed.length} to send again` })
})

test('after the database was restarted both go on', async () => {
  const person = await Person.logIn()
  process.kill(application.pid('mariadbd'), 'SIGTERM')
  await expect
    .poll(async () => (await fetch(`${BASE}/health`).catch(() => null))?.status, { intervals: [100] })
    .toBe(200)
  for (let n = 0; n < 12; n++) expect((await person.api.get('/api/ping')).status()).toBe(204)
})

test('a mail is not lost with the worker that was sending it', async () => {
  const person = await Person.logIn()
  const email = `guest${Date.now()}@fenmoor.example`
  post.holdNext()
  expect((await person.send('POST', '/api/invitations', { email, role: 'student' })).status()).toBe(201)
  await expect.poll(() => post.isHolding).toBe(true)
  expect(sql('SELECT payload FROM jobs')).not.toContain(email)
  process.kill(application.pid('queue:work'), 'SIGKILL')
  post.letGo()
  await expect.poll(() => post.delivered.filter((mail) => mail.includes(email)).length, { timeout: 20_000 }).toBe(1)
  expect(post.delivered.at(-1)!.replaceAll(/=\r?\n/g, '')).toMatch(/\/invitation#\S{40,}/)
  await expect.poll(() => sql('SELECT count(*) FROM jobs').trim()).toBe('0')
  expect(application.pids('schedule:work')).toHaveLength(1)
})
