import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { Application, Person } from './application'

/** A disk of its own, which only root can make. */
const FOLDER = 'var/tight'
const PORT = '8169'
const BASE = `http://127.0.0.1:${PORT}`
const application = new Application()
const isRoot = process.getuid?.() === 0

test.skip(!isRoot, 'only root can make a small disk')

test.beforeAll(async () => {
  mkdirSync(FOLDER, { recursive: true })
  execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=620m', 'tmpfs', FOLDER])
  rmSync('var/keys/tight.key', { force: true })
  const own = { INSTANCE_NAME: 'tight', PORT, DB_PORT: '33169' }
  expect(await application.start(own), application.said).toBe(true)
})
test.afterAll(async () => {
  await application.stop()
  execFileSync('umount', ['-l', FOLDER])
  rmSync(FOLDER, { recursive: true, force: true })
  rmSync('var/keys/tight.key', { force: true })
})

const disk = async () =>
  ((await (await fetch(`${BASE}/health`).catch(() => null))?.json().catch(() => null)) as { disk?: string } | null)
    ?.disk

/** All of it but so many kilobytes. */
function fill(left: number): void {
  const free = Number(execFileSync('df', ['--output=avail', '-k', FOLDER], { encoding: 'utf8' }).split('\n')[1])
  execFileSync('fallocate', ['-l', `${Math.max(1, free - left)}K`, `${FOLDER}/filler-${Date.now()}`])
}

function empty(): void {
  execFileSync('sh', ['-c', `rm -f ${FOLDER}/filler-*`])
}

test('a disk that fills is told, stops saving, keeps reading, and comes back by itself', async () => {
  await expect.poll(disk).toBe('enough')
  const person = await Person.logIn(BASE)
  const id = await person.examination()
  let version = 0
  const save = async () => {
    const answer = await person
      .save(id, 'records/lachman/left', { translationMm: 1 + (version % 9) }, version)
      .catch(() => null)
    if (answer?.status() === 200) version++
    return answer?.status()
  }
  expect(await save()).toBe(200)
  fill(58_000)
  await expect.poll(disk).toBe('low')
  expect(await save()).toBe(200)

  fill(4_000)
  await expect.poll(save).toBe(503)
  await expect.poll(disk).toBe('full')
  for (let n = 0; n < 20; n++) expect((await person.api.get(`/api/examinations/${id}`)).status()).toBe(200)
  expect(await save()).toBe(503)

  empty()
  const begun = Date.now()
  await expect.poll(save).toBe(200)
  test
    .info()
    .annotations.push({ type: 'measured', description: `saved again ${Date.now() - begun} ms after there was room` })
  const { records } = (await (await person.api.get(`/api/examinations/${id}`)).json()) as {
    records: { version: number }[]
  }
  expect(records.find((record) => record.version > 1)?.version).toBe(version)
})

test('a disk that is full from one moment to the next ends nothing for good', async () => {
  const person = await Person.logIn(BASE)
  const id = await person.examination()
  fill(0)
  await new Promise((later) => setTimeout(later, 8_000))
  empty()
  await expect
    .poll(
      async () => (await person.save(id, 'records/lachman/left', { translationMm: 3 }, 0).catch(() => null))?.status(),
      {
        timeout: 120_000,
      },
    )
    .toBe(200)
})
