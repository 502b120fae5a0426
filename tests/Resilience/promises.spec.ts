import { spawn } from 'node:child_process'
import { existsSync, readFileSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { expect, request, test } from '@playwright/test'
import { Application, BASE, INSTANCE, Person, command, spawned, sql } from './application'

const KEY = 'var/keys/resilience.key'
const application = new Application()

test.beforeAll(async () => {
  rmSync(INSTANCE, { recursive: true, force: true })
  rmSync('var/restored', { recursive: true, force: true })
  rmSync(KEY, { force: true })
  expect(await application.start(), application.said).toBe(true)
})
test.afterAll(() => application.stop())

test('what was acknowledged is stored, and it is up again by itself, through kills of every server', async () => {
  const people = await Promise.all([Person.logIn(), Person.logIn(), Person.logIn()])
  const acknowledged = new Map<string, { version: number; millimetres: number }>()
  let goesOn = true
  // All are at work before anything happens to the servers, however slow the machine is.
  const examinations = await Promise.all(people.map((person) => person.examination()))
  const stream = people.map(async (person, place) => {
    const id = examinations[place]!
    for (let version = 0; goesOn; version++) {
      const key = crypto.randomUUID()
      const millimetres = 1 + (version % 12)
      for (let done = false; !done && (goesOn || version === 0);) {
        const answer = await person
          .save(id, 'records/lachman/left', { translationMm: millimetres, endFeel: 'soft' }, version, key, 5_000)
          .catch(() => null)
        done = answer?.status() === 200
        if (done) acknowledged.set(id, { version: version + 1, millimetres })
        else {
          expect([undefined, 502, 503, 504]).toContain(answer?.status())
          await new Promise((later) => setTimeout(later, 100))
        }
      }
    }
  })
  for (const server of ['php-fpm: master', 'mariadbd', 'nginx: master', 'mariadbd'] as const) {
    await new Promise((later) => setTimeout(later, 1_500))
    process.kill(application.pid(server), 'SIGKILL')
    const killed = Date.now()
    await expect
      .poll(
        () =>
          fetch(`${BASE}/health`).then(
            (answer) => answer.status,
            () => 0,
          ),
        { intervals: [50] },
      )
      .toBe(200)
    test.info().annotations.push({
      type: 'measured',
      description: `up again ${Date.now() - killed} ms after ${server} was killed`,
    })
    await new Promise((later) => setTimeout(later, 2_500))
  }
  goesOn = false
  await Promise.all(stream)
  expect(acknowledged.size).toBe(3)
  for (const [id, { version, millimetres }] of acknowledged) {
    const { records } = (await (await people[0]!.api.get(`/api/examinations/${id}`)).json()) as {
      records: { version: number; payload: { translationMm: number } }[]
    }
    const stored = records.find((record) => record.version > 0)!
    expect(stored.version).toBeGreaterThanOrEqual(version)
    if (stored.version === version) expect(stored.payload.translationMm).toBe(millimetres)
  }
  expect(command('php', ['artisan', '--version']).code).toBe(0)
})

test('of two hundred saves at once one wins, and a known key with other content is refused', async () => {
  const person = await Person.logIn()
  const id = await person.examination()
  const statuses = await Promise.all(
    Array.from({ length: 200 }, async (_, n) =>
      (await person.save(id, 'records/lachman/left', { translationMm: 1 + (n % 9) }, 0)).status(),
    ),
  )
  expect(statuses.filter((status) => status === 200)).toHaveLength(1)
  expect(statuses.filter((status) => ![200, 409, 503].includes(status))).toEqual([])
  const key = crypto.randomUUID()
  expect((await person.save(id, 'records/lachman/right', { translationMm: 3 }, 0, key)).status()).toBe(200)
  expect((await person.save(id, 'records/lachman/right', { translationMm: 3 }, 0, key)).status()).toBe(200)
  expect((await person.save(id, 'records/lachman/right', { translationMm: 4 }, 0, key)).status()).toBe(422)
})

test('a row that is held makes nobody else wait, and says when to come back', async () => {
  const person = await Person.logIn()
  const id = await person.examination()
  const sockets = readFileSync(`${INSTANCE}/sockets`, 'utf8').trim()
  const holder = spawn('mariadb', ['--no-defaults', '--unbuffered', `--socket=${sockets}/db.sock`, 'gray_compass'])
  holder.stdin.write(`SET max_statement_time = 0; BEGIN; SELECT id FROM examinations WHERE id = '${id}' FOR UPDATE;\n`)
  await new Promise((told) => holder.stdout.once('data', told))
  // More than the workers that there are for taps.
  const begun = Date.now()
  const stuck = Array.from({ length: 9 }, () => person.save(id, 'records/lachman/left', { translationMm: 9 }, 0))
  const told = Promise.all(stuck.map((one) => one.then(() => Date.now() - begun)))
  const times: number[] = []
  for (let n = 0; n < 20; n++) {
    const begin = Date.now()
    expect((await person.api.get('/api/ping')).status()).toBe(204)
    times.push(Date.now() - begin)
  }
  const answers = await Promise.all(stuck)
  holder.stdin.end('ROLLBACK;\n')
  expect(new Set(answers.map((answer) => answer.status()))).toEqual(new Set([503]))
  expect(answers[0]!.headers()['retry-after']).toBe('1')
  times.sort((a, b) => a - b)
  test.info().annotations.push({
    type: 'measured',
    description: `unrelated requests meanwhile: median ${times[10]} ms, slowest ${times.at(-1)} ms; told after ${Math.max(...(await told))} ms at most`,
  })
  expect(times[10]).toBeLessThan(500)
})

test('two megabytes from a stranger cost next to nothing', async () => {
  const body = `[${'1,'.repeat(1_000_000)}1]`
  const before = application.workersSeconds()
  for (let n = 0; n < 10; n++)
    expect((await fetch(`${BASE}/api/login`, { method: 'POST', body }).catch(() => ({ status: 413 }))).status).toBe(413)
  expect((application.workersSeconds() - before) / 10).toBeLessThan(0.05)
})

test('five thousand odd requests over every door, and none of them breaks anything', async () => {
  const person = await Person.logIn()
  const id = await person.examination()
  const odd = oddities(20_261_126)
  const episode = await storyOf(person, id)
  const doors = [
    ['GET', '/api/today?page=~'],
    ['POST', '/api/today'],
    ['GET', '/api/athletes/~'],
    ['POST', `/api/athletes/~/examinations`],
    ['GET', `/api/examinations/~`],
    ['PUT', `/api/examinations/${id}/sections/~`],
    ['PUT', `/api/examinations/${id}/records/~/~`],
    ['PUT', `/api/examinations/${id}/records/lachman/left`],
    ['DELETE', `/api/examinations/${id}/records/lachman/~`],
    ['POST', `/api/examinations/~/signature`],
    ['GET', `/api/examinations/${id}/weighing?~=~`],
    ['POST', '/api/weigh?condition=~&order=~'],
    ['PUT', `/api/examinations/${id}/knee`],
    ['POST', '/api/athletes'],
    ['PUT', '/api/athletes/~'],
    ['POST', '/api/athletes/~/restoration'],
    ['POST', '/api/athletes/~/tasks'],
    ['PUT', '/api/tasks/~'],
    ['POST', '/api/invitations'],
    ['PUT', '/api/members/~'],
    ['PUT', '/api/team'],
    ['PUT', '/api/teams/~'],
    ['GET', '/api/mails/~'],
    ['DELETE', '/api/sessions/~'],
    ['PUT', '/api/second-factor'],
    ['POST', '/api/password/confirm'],
    ['POST', '/api/password/reset'],
    ['POST', '/api/invitation/look'],
    ['POST', '/api/login'],
    ['POST', '/api/imports/preview'],
    ['POST', '/api/imports'],
    ['DELETE', '/api/imports/~'],
    ['GET', '/api/episodes/~/course'],
    ['GET', `/api/episodes/${episode}/comparison?before=~&after=~`],
    ['POST', `/api/episodes/${episode}/reference-results`],
    ['PUT', '/api/reference-results/~'],
    ['POST', `/api/examinations/${id}/addenda`],
    ['POST', '/api/examinations/~/correction'],
    ['PUT', '/api/calendar'],
    ['POST', '/api/calendar/returned'],
    ['GET', '/api/calendars/~'],
    ['GET', '/api/tasks/~/calendar'],
    ['POST', '/api/athletes/~/archive'],
    ['GET', '/api/exports/~'],
    ['GET', '/api/exports/~/file'],
    ['GET', '/api/doctors?examination[]=~'],
    ['DELETE', '/api/athletes/~/record'],
    ['POST', `/api/examinations/${id}/letters`],
    ['POST', `/api/examinations/${id}/page`],
    ['PUT', '/api/letters/~'],
    ['POST', '/api/letters/~/sending'],
    ['POST', '/api/doctors'],
    ['PUT', '/api/doctors/~'],
    ['PUT', '/api/athletes/~/retention'],
    ['POST', '/api/reference-results/~/attachments'],
    ['GET', '/api/attachments/~'],
    ['POST', `/api/examinations/${id}/other-knee`],
    ['GET', '/api/page'],
    ['GET', '/~'],
  ] as const
  const broken: string[] = []
  let sent = 0
  const one = async () => {
    while (sent < 5_000) {
      const [method, shape] = doors[sent++ % doors.length]!
      const path = shape.replaceAll('~', () => encodeURIComponent(odd.word()))
      const answer = await person.send(method, path, method === 'GET' ? undefined : odd.body())
      if (answer.status() >= 500 && answer.status() !== 503) broken.push(`${answer.status()} ${method} ${path}`)
    }
  }
  await Promise.all(Array.from({ length: 6 }, one))
  expect(broken).toEqual([])
})

test('nothing personal stands in the files of the database, in a dump or in the log', async () => {
  const person = await Person.logIn()
  const id = await person.examination()
  const marker = 'QUOKKAMARKER slipped on the ice'
  expect((await person.save(id, 'sections/episode', { whatHappened: marker }, 0)).status()).toBe(200)
  expect((await person.save(id, 'records/gait/both', { normal: true, note: marker }, 0)).status()).toBe(200)
  const athlete = { name: 'Quokkina Markeree', bornOn: '1987-11-23', squad: 'Judo', profile: { notes: marker } }
  const made = await person.send('POST', '/api/athletes', athlete)
  expect(made.status()).toBe(201)
  const { id: whose } = (await made.json()) as { id: string }
  const task = { title: marker, dueOn: new Date().toISOString().slice(0, 10) }
  expect((await person.send('POST', `/api/athletes/${whose}/tasks`, task)).status()).toBe(201)
  const list = Buffer.from(`Name;Born;Squad\nQuokkana Markeree;1987-11-23;Judo\n`).toString('base64')
  expect((await person.send('POST', '/api/imports', { content: list, take: [2] })).status()).toBe(202)
  const mri = { kind: 'mri', on: '2026-05-01', note: marker, answers: [{ condition: 'acl', seen: 'present' }] }
  expect(
    (await person.send('POST', `/api/episodes/${await storyOf(person, id)}/reference-results`, mri)).status(),
  ).toBe(201)
  const doctor = { name: 'Dr Quokkard', email: 'quokkard@ortho.example' }
  const book = (await (await person.send('POST', '/api/doctors', doctor)).json()) as { id: string }
  const { revision } = (await (await person.api.get(`/api/examinations/${id}`)).json()) as { revision: number }
  const signature = { revision, ungated: marker }
  expect((await person.send('POST', `/api/examinations/${id}/signature`, signature)).status()).toBe(200)
  const letter = (await (await person.send('POST', `/api/examinations/${id}/letters`, { doctor: book.id })).json()) as {
    id: string
  }
  const leaves = { version: 1, by: 'hand' }
  expect((await person.send('POST', `/api/letters/${letter.id}/sending`, leaves)).status()).toBe(200)
  const guest = { email: 'quokka.guest@fenmoor.example', role: 'student' }
  expect((await person.send('POST', '/api/invitations', guest)).status()).toBe(201)
  const PLANTED = [
    'QUOKKAMARKER',
    'Wynn Tarbuck',
    'Markeree',
    '1987-11-23',
    'quokka.guest',
    'Quokkard',
    'quokkard',
    'Ada Thornquist',
  ]
  const speaks = (text: Buffer | string) => PLANTED.some((word) => text.includes(word))
  expect(files(INSTANCE).filter((file) => speaks(readFileSync(file)))).toEqual([])
  const sockets = readFileSync(`${INSTANCE}/sockets`, 'utf8').trim()
  const dump = command('mariadb-dump', ['--no-defaults', `--socket=${sockets}/db.sock`, 'gray_compass'])
  expect([dump.code, dump.said.includes('CREATE TABLE `sections`'), speaks(dump.said)]).toEqual([0, true, false])
})

test('a backup that is made while people work holds every row and every seal, brought back into an empty folder', async () => {
  const file = `${INSTANCE}/backup.gc`
  const words = { BACKUP_PASSPHRASE: 'six words nobody else would choose' }
  const people = await Promise.all([Person.logIn(), Person.logIn()])
  let goesOn = true
  let saved = 0
  // All are at work before anything happens to the servers, however slow the machine is.
  const examinations = await Promise.all(people.map((person) => person.examination()))
  const stream = people.map(async (person, place) => {
    const id = examinations[place]!
    for (let version = 0; goesOn; version++, saved++)
      expect(
        (await person.save(id, 'records/lachman/left', { translationMm: 1 + (version % 9) }, version)).status(),
      ).toBe(200)
  })
  const taken = await Promise.all([
    spawned('bin/backup', [file], words),
    new Promise((later) => setTimeout(later, 500)),
  ])
  goesOn = false
  await Promise.all(stream)
  expect(taken[0].code, taken[0].said).toBe(0)
  expect(saved).toBeGreaterThan(10)
  expect(statSync(file).mode & 0o077).toBe(0)
  const elsewhere = { INSTANCE_NAME: 'restored', DB_PORT: '33168', PORT: '8168', APP_KEY_FILE: 'var/restored/own.key' }
  const wrong = command('bin/restore', [file], { ...elsewhere, BACKUP_PASSPHRASE: 'quite another six words' })
  expect([wrong.code, existsSync('var/restored/db')]).toEqual([1, false])
  const back = command('bin/restore', [file], { ...words, ...elsewhere })
  expect(back.code, back.said).toBe(0)
  expect(back.said).toMatch(/restored \d+ rows/)
  expect(command('bin/restore', [file], { ...words, ...elsewhere }).said).toContain('--replace')
})

test('under another name than its own nothing is answered', async () => {
  const api = await request.newContext({ extraHTTPHeaders: { Host: 'evil.example' } })
  const answer = await api.get(`${BASE}/api/me`)
  expect([answer.status(), await answer.text()]).toEqual([
    421,
    expect.stringContaining('does not answer under that name'),
  ])
})

test('after its start was killed outright it starts again at once, and a second start leaves the first alone', async () => {
  const counted = sql('SELECT count(*) FROM records;')
  await application.cut()
  const begun = Date.now()
  expect(await application.start(), application.said).toBe(true)
  expect(application.said).toContain('servers that an earlier start')
  test.info().annotations.push({ type: 'measured', description: `up again after ${Date.now() - begun} ms` })
  expect(sql('SELECT count(*) FROM records;')).toBe(counted)
  const second = command('bin/start', [])
  expect([second.code, second.said]).toEqual([1, expect.stringContaining('runs already')])
  expect((await fetch(`${BASE}/health`)).status).toBe(200)
})

test('no line of nginx says who was looked for, or what opens a page', async () => {
  const person = await Person.logIn()
  process.kill(application.pid('php-fpm: master'), 'SIGKILL')
  await Promise.all(
    ['/api/calendars/QUOKKASECRET', '/page/QUOKKASECRET', '/api/today?search=QUOKKASECRET'].map((path) =>
      person.api.get(path).catch(() => null),
    ),
  )
  await expect.poll(async () => (await fetch(`${BASE}/health`).catch(() => null))?.status).toBe(200)
  expect(readFileSync(`${INSTANCE}/logs/nginx.log`, 'utf8')).not.toContain('QUOKKASECRET')
})

test('without its key it does not start, and with it all is as it was', async () => {
  const counted = sql('SELECT count(*) FROM records;')
  await application.stop()
  renameSync(KEY, `${KEY}.away`)
  expect(await application.start()).toBe(false)
  expect(application.said).toContain(`${KEY}, is missing`)
  expect(existsSync(KEY)).toBe(false)
  renameSync(`${KEY}.away`, KEY)
  expect(await application.start(), application.said).toBe(true)
  expect(sql('SELECT count(*) FROM records;')).toBe(counted)
})

/** The id of the story that an examination belongs to. */
async function storyOf(person: Person, examination: string): Promise<string> {
  const read = async <T>(path: string) => (await (await person.send('GET', path)).json()) as T
  const { athlete } = await read<{ athlete: { id: string } }>(`/api/examinations/${examination}`)
  const { episodes } = await read<{ episodes: { id: string }[] }>(`/api/athletes/${athlete.id}`)
  return episodes[0]!.id
}

/** The same odd things each time: words that hurt, numbers out of range, shapes nobody asked for. */
function oddities(seed: number) {
  let state = seed
  const next = (below: number): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0
    return Math.floor((state / 2 ** 32) * below)
  }
  const WORDS = [
    'lachman',
    'LACHMAN',
    'left',
    'both',
    'safety',
    'frame',
    "' OR 1=1 --",
    '../../etc/passwd',
    '<script>',
    '\u0000',
    '\u202e',
    'é'.repeat(40),
    'x'.repeat(300),
    '-1',
    '1e400',
    '[]',
    'null',
    '',
    ' ',
    '01m8c2h550mznvh0tzzpmpf10x',
  ]
  const word = () => WORDS[next(WORDS.length)]!
  const value = (depth: number): unknown => {
    const kinds = [
      () => word(),
      () => next(2) === 1,
      () => null,
      () => next(1_000_000) - 500_000,
      () => next(100) / 7,
      () => 1e308,
      () => Array.from({ length: next(4) }, () => value(depth + 1)),
      () => Object.fromEntries(Array.from({ length: next(4) }, () => [word(), value(depth + 1)])),
    ]
    return kinds[next(depth > 3 ? 6 : kinds.length)]!()
  }
  /** What doors ask for by name, now one of it and now another. */
  const NAMES = [
    'content',
    'columns',
    'dates',
    'take',
    'kind',
    'on',
    'answers',
    'words',
    'reason',
    'inWords',
    'name',
    'bornOn',
  ]
  const asked = () => Object.fromEntries(NAMES.filter(() => next(3) === 0).map((name) => [name, value(1)]))
  const body = () => ({
    key: word(),
    version: value(3),
    payload: value(0),
    known: value(2),
    [word()]: value(1),
    ...asked(),
  })
  return { word, body }
}

function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`
    return entry.isDirectory() ? files(path) : entry.isFile() ? [path] : []
  })
}
