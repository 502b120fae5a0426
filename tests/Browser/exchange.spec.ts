import { readFileSync, writeFileSync } from 'node:fs'
import { GrayCompass } from '../../examples/client/client'
import { Client } from 'fhir-kit-client'
import { Table, type Descriptor } from 'tableschema'
import { expect, test } from './reading'
import {
  assessment,
  consentAndClearGate,
  expectAccessible,
  expectNoSidewaysScroll,
  goTo,
  logIn,
  saved,
  select,
  startExamination,
} from './person'
import { unzipped } from './zip'

interface Resource {
  resourceType: string
  id: string
  [key: string]: unknown
}
interface Bundle {
  entry?: { resource: Resource }[]
}

test('an examination leaves as a bundle, and a program reads it by token until the token is revoked', async ({
  page,
  baseURL,
}) => {
  await logIn(page)
  await startExamination(page, 'Tove Brandreth', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await page.keyboard.press('3')
  await page.keyboard.press('s')
  await saved(page)
  const { conditions } = await assessment(page)
  const acl = conditions.find(({ id }) => id === 'acl')

  await page.getByRole('button', { name: 'Summary' }).click()
  await page.getByRole('button', { name: 'Export…' }).click()
  await expectAccessible(page)
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save bundle' }).click()
  const bundle = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as Bundle
  const patient = bundle.entry?.find(({ resource }) => resource.resourceType === 'Patient')?.resource
  expect(patient).toMatchObject({ name: [{ text: 'Tove Brandreth' }] })

  await page.goto('/team')
  await page.getByRole('link', { name: 'Exchange' }).click()
  await page.getByLabel('Program it is for').fill('Hospital reader')
  await page.getByText('read through the FHIR interface').click()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Make token' }).click()
  const token = await page.getByLabel('Token for Hospital reader').inputValue()
  await expect(page.getByText('Read, FHIR')).toBeVisible()

  const client = new Client({ baseUrl: `${baseURL}/fhir`, customHeaders: { Authorization: `Bearer ${token}` } })
  expect(await client.capabilityStatement()).toMatchObject({ resourceType: 'CapabilityStatement' })
  const found = (await client.search({ resourceType: 'Patient', searchParams: { family: 'Brandreth' } })) as Bundle
  expect(found.entry?.map(({ resource }) => resource.id)).toEqual([patient?.id])
  const id = String(patient?.id)
  expect(await client.read({ resourceType: 'Patient', id })).toMatchObject({ id })
  const risks = (await client.search({ resourceType: 'RiskAssessment', searchParams: { patient: id } })) as Bundle
  const newest = risks.entry?.at(-1)?.resource.prediction as { probabilityDecimal: number; outcome: { text: string } }[]
  expect(newest.find(({ outcome }) => outcome.text === 'ACL tear')?.probabilityDecimal).toBe(acl?.posttest)
  await expect(client.search({ resourceType: 'Observation' })).rejects.toMatchObject({
    response: { status: 400, data: { resourceType: 'OperationOutcome' } },
  })

  await page.setViewportSize({ width: 390, height: 800 })
  await expectNoSidewaysScroll(page)
  await page.getByRole('button', { name: 'Revoke token Hospital reader' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Revoke token' }).click()
  await expect(page.getByText('The token Hospital reader is revoked.')).toBeVisible()
  await expect(client.read({ resourceType: 'Patient', id })).rejects.toMatchObject({ response: { status: 401 } })
})

interface Package {
  resources: { name: string; path: string; schema: Descriptor }[]
}

test('the examinations of the team leave as tables that a statistician reads typed', async ({ page }, info) => {
  await logIn(page)
  await page.goto('/exchange')
  await page.getByRole('button', { name: 'Export tables' }).click()
  await expect(page.getByText('The tables are ready.')).toBeVisible({ timeout: 60_000 })
  await page.reload()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save tables' }).click()
  const files = unzipped(readFileSync(await (await download).path()))
  const { resources } = JSON.parse(String(files.get('datapackage.json'))) as Package

  const read = new Map<string, Record<string, unknown>[]>()
  for (const { name, path, schema } of resources) {
    const file = info.outputPath(path)
    writeFileSync(file, files.get(path) ?? '')
    read.set(name, await (await Table.load(file, { schema })).read({ keyed: true }))
  }
  const visits = read.get('visits') ?? []
  expect(visits.length).toBeGreaterThan(5)
  expect(visits[0]).toMatchObject({ side: expect.stringMatching(/^(left|right)$/), examined_at: expect.any(Date) })
  const chances = (read.get('probabilities') ?? []).filter(({ posttest }) => posttest !== null)
  for (const { low, posttest, high } of chances as Record<string, number>[]) {
    expect([low, posttest, high]).toEqual([low, posttest, high].sort((one, other) => Number(one) - Number(other)))
  }
  const known = new Set(visits.map(({ id }) => id))
  for (const table of ['measures', 'probabilities', 'results']) {
    const rows = read.get(table) ?? []
    expect(rows.length, table).toBeGreaterThan(visits.length)
    expect(
      rows.every(({ visit }) => known.has(visit)),
      table,
    ).toBe(true)
  }
})

test('the client of the examples examines a knee by token, and is told what is refused', async ({ page, baseURL }) => {
  await logIn(page)
  await page.goto('/exchange')
  await page.getByLabel('Program it is for').fill('Example client')
  await page.getByText('add athletes and examinations').click()
  await page.getByText('save examinations and records as files').click()
  await page.getByRole('button', { name: 'Make token' }).click()
  const token = await page.getByLabel('Token for Example client').inputValue()
  expect(await (await page.request.get('/api/openapi.json')).json()).toMatchObject({ openapi: '3.1.0' })

  const compass = new GrayCompass(String(baseURL), token)
  const start = { hurtSide: 'left', daysSinceInjury: 4, setting: 'acute_trauma', route: 'clinic_core' } as const
  const examination = await compass.start(await compass.athlete('J21'), start)
  await expect(examination.record('lachman', 'left', { translationMm: 11 })).rejects.toMatchObject({ status: 422 })
  await examination.section('opening', { consentGiven: true })
  const { safety } = await examination.assessment()
  await examination.section('safety', Object.fromEntries(safety.questions.map((question) => [question, false])))
  await examination.record('lachman', 'right', { translationMm: 3, endFeel: 'firm' })
  await examination.record('lachman', 'left', { translationMm: 11, endFeel: 'soft' })
  await examination.record('lachman', 'left', { translationMm: 12, endFeel: 'absent' })
  const { conditions } = await examination.assessment()
  expect(conditions.find(({ id }) => id === 'acl')?.posttest).toBeGreaterThan(0.5)
  await expect(examination.record('lachman', 'left', { translationMm: 400 })).rejects.toMatchObject({
    status: 422,
    path: expect.stringContaining('translationMm'),
  })
  expect(await examination.bundle()).toMatchObject({ resourceType: 'Bundle' })
})

test('records from elsewhere are seen before they are stored, become history, and are undone', async ({
  page,
}, info) => {
  const visit = JSON.parse(readFileSync('examples/fresh-cruciate-tear.json', 'utf8')) as Record<string, unknown>
  delete visit.ageYears
  Object.assign(visit, { id: undefined, examinedAt: '2026-03-14T09:30:00Z', signedAt: '2026-03-14T10:00:00Z' })
  const results = ['number,born_on,side,kind,seen_on,condition,seen', 'X99,2001-01-01,left,mri,2026-03-20,acl,present']
  const [lines, table] = [info.outputPath('visits.jsonl'), info.outputPath('results.csv')]
  writeFileSync(lines, `${JSON.stringify(visit)}\n{"format": "gray-compass/examination", "version": 1}\n`)
  writeFileSync(table, results.join('\n'))

  await logIn(page)
  await page.goto('/exchange')
  await page.getByRole('link', { name: 'Import records' }).click()
  await page.locator('input[type=file]').setInputFiles(table)
  await expect(page.getByText('No athlete here matches X99, 2001-01-01.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Store 0 records' })).toBeDisabled()
  await page.locator('input[type=file]').setInputFiles(lines)
  await expect(
    page.getByText('0 to be stored, 0 already here, 1 without an athlete, 1 not to be stored.'),
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /Not stored setting: missing/ })).toContainText('line 2')
  await select(page, 'Whose knees these are, where the file does not say', 'Nils Farrowdale · Handball · H19')
  await expect(page.getByRole('row', { name: /Will be stored/ })).toContainText('Nils Farrowdale')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Store 1 record' }).click()
  await expect(page.getByText('Enter where the records come from')).toBeVisible()
  await page.getByLabel('Where the records come from').fill('Marsh Lane clinic')
  await page.getByRole('button', { name: 'Store 1 record' }).click()
  await page.getByRole('link', { name: 'Go to Nils Farrowdale' }).click()
  await page.getByRole('link', { name: /^Examination of .*14 Mar/ }).click()
  await expect(page.getByText('signed elsewhere on')).toContainText('imported from Marsh Lane clinic')

  await page.goto('/exchange/import')
  await page.setViewportSize({ width: 390, height: 800 })
  await page.locator('input[type=file]').setInputFiles(lines)
  await expectNoSidewaysScroll(page)
  await page.getByRole('button', { name: 'Undo import' }).click()
  await expect(page.getByText('Import undone.')).toBeVisible()
  await expect(page.getByText('1 record from Marsh Lane clinic undone')).toBeVisible()
})

test('the contract is read and tried on a page', async ({ page }) => {
  await logIn(page)
  await page.goto('/exchange')
  await page.getByRole('link', { name: 'Read and try the contract' }).click()
  const operations = page.getByRole('navigation', { name: 'Operations' })
  await operations.getByRole('searchbox', { name: 'Search' }).fill('who is logged in')
  await operations.getByRole('button', { name: /^GET Who is logged in/ }).click()
  await expect(page.getByText('Not open to tokens.')).toBeVisible()
  // What it answers holds secrets of the session.
  await expect(page.getByRole('button', { name: 'Try it' })).toHaveCount(0)

  await operations.getByRole('searchbox', { name: 'Search' }).fill('/api/athletes/{athlete}')
  await operations.getByRole('button', { name: /^GET One athlete with/ }).click()
  const tried = page.getByRole('button', { name: 'Try it' })
  await expect(tried).toBeDisabled()
  await expect(page.getByRole('row', { name: /^tasks/ })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('textbox', { name: 'athlete' }).fill('nobody')
  await tried.click()
  await expect(page.getByText('Answered with status 404')).toBeVisible()

  await operations.getByRole('searchbox', { name: 'Search' }).fill('/api/today')
  await operations.getByRole('button', { name: /^GET/ }).click()
  await page.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByText('Answered with status 200')).toBeVisible()
  await expect(page.locator('pre')).toContainText('"athletes": [')
})
