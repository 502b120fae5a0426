import AxeBuilder from '@axe-core/playwright'
import { type Page, expect } from '@playwright/test'
import type { Assessment, Examination } from '../../web/src/contract/types'

/** What a person does again and again. */
export async function logIn(page: Page, email = 'physio@fenmoor.example'): Promise<void> {
  await page.goto('/')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill('gray-compass-demo')
  await page.getByRole('button', { name: 'Log in' }).click()
  await expect(page.getByRole('heading', { name: 'Unfinished' })).toBeVisible()
}

/** The unfinished examination of one of the demo's athletes, however many there are by now. */
export async function openDemo(page: Page, athlete: string): Promise<void> {
  await page.getByRole('link', { name: athlete, exact: true }).click()
  await page
    .getByRole('link', { name: /^Examination of .*unfinished$/ })
    .last()
    .click()
  await expect(page).toHaveURL(/\/examinations\//)
}

export async function startExamination(
  page: Page,
  athlete: string,
  side: 'left' | 'right',
  since = 'Within a week',
): Promise<void> {
  await page.getByRole('button', { name: `Examine ${athlete}` }).click()
  await page.getByRole('radio', { name: since, exact: true }).click()
  await page.getByRole('button', { name: `${side} knee hurt` }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
}

/** Of the athlete, and under 18 of a guardian. */
export async function consent(page: Page): Promise<void> {
  await page.getByRole('checkbox', { name: 'Consent given for hands-on' }).click()
  const guardian = page.getByRole('checkbox', { name: 'Guardian agrees' })
  if (await guardian.isVisible()) await guardian.click()
}

export async function consentAndClearGate(page: Page): Promise<void> {
  await consent(page)
  await page.getByRole('button', { name: /^Safety check/ }).click()
  await page.getByRole('button', { name: 'None of these' }).first().click()
  await expect(page.getByText('Complete. No answer here')).toBeVisible()
}

export async function goTo(page: Page, manoeuvre: string): Promise<void> {
  await expect(page.getByRole('button', { name: 'Summary' })).toBeVisible()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Name of the manoeuvre' }).fill(manoeuvre)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: manoeuvre })).toBeVisible()
}

/** With the keys alone: on to what has that name, from wherever they stand. */
export async function reach(page: Page, role: 'button' | 'textbox', name: string | RegExp): Promise<void> {
  const there = page.getByRole(role, { name, exact: true }).first()
  await there.waitFor()
  for (let steps = 0; steps < 90; steps++) {
    if (await there.evaluate((one) => one === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`${String(name)} is not reached by the keys`)
}

export async function pressOn(page: Page, name: string | RegExp): Promise<void> {
  await reach(page, 'button', name)
  await page.keyboard.press('Enter')
}

/** Opens a list by its label and takes one of it. */
export async function select(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}

/** The assessment as the server gives it. */
export async function assessment(page: Page): Promise<Assessment> {
  const id = /examinations\/([\w-]+)/.exec(page.url())?.[1]
  return ((await (await page.request.get(`/api/examinations/${id}`)).json()) as Examination).assessment
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByRole('status', { name: 'Save status' })).toHaveText('Saved')
}

/** The chance in 100 that the plateau shows for a condition. */
export async function chance(page: Page, condition: string): Promise<number> {
  const label = await page.locator(`[data-condition=${condition}]`).getAttribute('aria-label')
  return Number(/: <?>?(\d+) in 100/.exec(label ?? '')?.[1])
}

/** Of the screen that has been drawn: its heading is what the eye waits for too. */
/** @param rules of axe; all of them where none is named */
export async function expectAccessible(page: Page, rules: readonly string[] = []): Promise<void> {
  await expect(page.locator('main h1').first()).toBeAttached()
  const axe = new AxeBuilder({ page })
  const { violations } = await (rules.length > 0 ? axe.withRules([...rules]) : axe).analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([])
}

export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0)
}
