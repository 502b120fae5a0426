// One picture of each main view, taken as a person would come to it. BASE_URL says where, the arguments into
// which folder, and which ones; all of them where none is named.
import { chromium } from '@playwright/test'
import { LAUNCH } from './chromium.mjs'

const BASE = process.env.BASE_URL
const [FOLDER, ...NAMED] = process.argv.slice(2)
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

const open = (name) => async (page) => {
  await page.getByRole('link', { name }).first().click()
  await page.waitForURL(/examinations/)
  await page.getByRole('heading', { level: 1 }).first().waitFor()
}
const inside = (path) => async (page) => {
  await page.goto(page.url() + path)
}
const goTo = (manoeuvre) => async (page) => {
  await page.getByRole('button', { name: 'Summary' }).waitFor()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Name of the manoeuvre' }).fill(manoeuvre)
  await page.keyboard.press('Enter')
  await page.getByRole('heading', { level: 1, name: manoeuvre }).waitFor()
}
const click = (role, name) => async (page) => {
  await page.getByRole(role, { name }).first().click()
}
const key = (name) => async (page) => {
  await page.keyboard.press(name)
}
const look = (name) => async (page) => {
  await page.getByRole('combobox', { name: 'Theme' }).click()
  await page.getByRole('option', { name, exact: true }).click()
}
const mcMurray = async (page) => {
  const cell = page.getByRole('region', { name: 'L · hurt knee' })
  await cell
    .getByRole('group', { name: 'turned outward, varus', exact: true })
    .getByRole('button', { name: 'pain' })
    .click()
  await cell.getByRole('radio', { name: 'Pain turned outward, varus 5 of 10' }).click()
  await cell.getByRole('button', { name: 'medial' }).click()
}
const arithmetic = async (page) => {
  await page.goto(`${BASE}/arithmetic`)
  await page.getByRole('button', { name: 'Add a test' }).click()
  await page.getByLabel('Name').first().fill('Lachman')
  await page.getByLabel('Name').last().fill('Anterior drawer')
  await page.getByLabel('Sensitivity, %').last().fill('49')
  await page.getByLabel('Specificity, %').last().fill('58')
}
const team = async (page) => {
  await page.getByRole('link', { name: 'Team', exact: true }).click()
  await page.getByRole('heading', { name: 'Invite a person' }).waitFor()
}
const exchange = async (page) => {
  await team(page)
  await page.getByRole('link', { name: 'Exchange' }).click()
  await page.getByLabel('Program it is for').fill('Hospital reader')
  await page.getByText('read through the FHIR interface').click()
  await page.getByRole('button', { name: 'Make token' }).click()
  await page.getByText('Read, FHIR').waitFor()
  // A secret stands in no picture, not even one of the demo.
  await page.reload()
  await page.getByText('Read, FHIR').waitFor()
}
const athlete = async (page) => {
  await page.getByRole('link', { name: 'Callum Rigg-Mayne', exact: true }).click()
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
}
const course = async (page) => {
  await page.getByRole('link', { name: 'Hanne Østerbrook', exact: true }).click()
  await page.getByRole('link', { name: 'Trends and comparison' }).click()
  await page.getByRole('img', { name: /^ACL tear/ }).waitFor()
}
const letter = async (page) => {
  await page.getByRole('link', { name: 'Freya Undercliff', exact: true }).click()
  await page
    .getByRole('link', { name: /^Examination of .*signed/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Write a letter' }).click()
  await page.getByRole('combobox', { name: 'From the address book' }).click()
  await page.getByRole('option', { name: /^Dr Anselm Brook/ }).click()
  await page.getByRole('button', { name: 'Write letter', exact: true }).click()
  await page.getByRole('textbox', { name: 'Text' }).waitFor()
}
const weighed = async (page) => {
  await page.getByRole('group', { name: 'Path of the probability' }).waitFor()
}
/** The rules are on the device, and the network goes. */
const offline = async (page) => {
  const isKept = () =>
    page.evaluate(async () => Boolean(await (await caches.open('judge')).match('/judge/manifest.json')))
  while (!(await isKept())) await page.waitForTimeout(500)
  await page.context().setOffline(true)
}
const judgedHere = async (page) => {
  await page.getByText('Judged on this device').first().waitFor()
}
const answer = click('button', 'See the answer')

/** Views that change the demo come after those that show it as it is. */
const PICTURES = [
  ['today', DESK, []],
  ['history', DESK, [open(/Mirre Aldous/)]],
  ['gate', DESK, [open(/Jonah Skelwith/), click('button', /^Safety check/)]],
  ['bench', DESK, [open(/Mirre Aldous/), goTo('Lachman')]],
  ['evidence', DESK, [open(/Mirre Aldous/), goTo('Lachman'), click('button', /ACL tear/)]],
  ['weigh-up', DESK, [open(/Bram Okafor-Lund/), goTo('Posterior drawer'), key('w'), weighed]],
  ['summary', DESK, [open(/Ines Carrowmore/), inside('/summary')], { fullPage: true }],
  ['arithmetic', DESK, [arithmetic]],
  ['team', DESK, [team]],
  ['exchange', DESK, [exchange]],
  ['emergency', DESK, [open(/Petra Vaughn-Idle/), inside('/emergency'), click('button', 'Felt now')]],
  ['phone', PHONE, [open(/Mirre Aldous/), goTo('Lachman'), click('button', 'L hurt')]],
  ['touchline', PHONE, [open(/Edda Sollund/), inside('/touchline')]],
  [
    'touchline-answer',
    PHONE,
    [open(/Edda Sollund/), inside('/touchline'), offline, click('radio', /^same/), judgedHere, answer],
  ],
  ['dark', DESK, [look('Dark'), open(/Mirre Aldous/), goTo('Landmark palpation')]],
  ['mcmurray', DESK, [open(/Mirre Aldous/), goTo('McMurray'), mcMurray]],
  ['athlete', DESK, [athlete]],
  ['course', DESK, [course]],
  ['letter', DESK, [letter]],
]

const browser = await chromium.launch(LAUNCH)

async function take(name, viewport, steps, options) {
  const context = await browser.newContext({ viewport, hasTouch: viewport !== DESK })
  const page = await context.newPage()
  await page.goto(`${BASE}/`)
  await page.getByLabel('E-mail').waitFor()
  await page.getByLabel('E-mail').fill('physio@fenmoor.example')
  await page.getByLabel('Password').fill('gray-compass-demo')
  await page.getByRole('button', { name: 'Log in' }).click()
  await page
    .getByRole('button', { name: /^Examine / })
    .first()
    .waitFor()
  for (const step of steps) await step(page)
  await page.waitForLoadState('networkidle')
  await page.evaluate(() => document.fonts.ready)
  // What was entered last is saved and judged first.
  await page.waitForFunction(() => {
    const state = document.querySelector('[aria-label="Save status"]')
    return state === null || ['Saved', 'Kept on this device, to be sent'].includes(state.textContent.trim())
  })
  await page.screenshot({ path: `${FOLDER}/${name}.png`, animations: 'disabled', ...options })
  await context.close()
  console.log(`${FOLDER}/${name}.png`)
}

for (const [name, viewport, steps, options] of PICTURES)
  if (NAMED.length === 0 || NAMED.includes(name)) await take(name, viewport, steps, options)
await browser.close()
