import { expect, test } from './reading'
import { expectAccessible, expectNoSidewaysScroll, logIn } from './person'

let made = 0

/** An athlete whom no other test makes: letters alone, for a name is found by its letters. */
function someone(): string {
  made += 1
  const letters = [...`${Date.now()}${made}`].map((digit) => 'abcdefghij'[Number(digit)]).join('')
  return `Runa ${letters}`
}

test('an athlete is made in three fields between two others, and is on the bench at once', async ({ page }) => {
  const name = someone()
  await logIn(page)
  await page.getByRole('button', { name: 'New athlete' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(name)
  await page.getByLabel('Birth date').fill('2006-02-11')
  await page.getByLabel('Squad', { exact: true }).fill('Trampoline')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await page.getByRole('button', { name: 'left knee hurt' }).click()
  await expect(page.getByRole('heading', { name: 'History', level: 1 })).toBeVisible()
  await expect(page.getByText(name).first()).toBeVisible()
})

test('a similar athlete is pointed out, changed, archived and restored', async ({ page }) => {
  const name = someone()
  await logIn(page)
  const search = page.getByPlaceholder('Name, number or squad')
  await search.fill(name)
  await page.getByRole('button', { name: `Add “${name}”` }).click()
  await page.getByLabel('Birth date').fill('2001-07-30')
  await page.getByLabel('Squad', { exact: true }).fill('Judo')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await page.getByRole('dialog', { name, exact: true }).getByRole('button', { name: 'Close' }).click()

  await page.getByRole('button', { name: 'New athlete' }).click()
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(name.replace('Runa', 'Runna'))
  await page.getByLabel('Birth date').fill('2001-07-30')
  await page.getByLabel('Squad', { exact: true }).fill('Judo')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await expect(page.getByText('Is it one of these?')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Open this athlete' }).click()
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(`^${name}, \\d+`) })).toBeVisible()
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Edit details' }).click()
  await page.getByRole('button', { name: 'More details' }).click()
  await page.getByLabel('Height, cm').fill('171')
  await page.getByRole('radio', { name: 'Right' }).check()
  await page.getByRole('button', { name: 'Save details' }).click()
  await expect(page.getByText('171 cm')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('definition').filter({ hasText: 'right' })).toBeVisible()

  await page.getByRole('button', { name: 'Archive athlete' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Archive athlete' }).click()
  await expect(page.getByText(`${name} is archived`)).toBeVisible()
  await page.getByRole('button', { name: /^Archived: \d+/ }).click()
  await page.getByRole('button', { name: `Restore ${name}` }).click()
  await search.fill(name)
  await expect(page.getByRole('link', { name, exact: true })).toBeVisible()
})

for (const width of [390, 768, 1280]) {
  test(`an athlete's page does not scroll sideways at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 })
    await logIn(page)
    await expectNoSidewaysScroll(page)
    await page.getByRole('link', { name: 'Ines Carrowmore', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Details' })).toBeVisible()
    await expectNoSidewaysScroll(page)
    await page.getByRole('button', { name: 'Edit details' }).click()
    await page.getByRole('button', { name: 'More details' }).click()
    await expect(page.getByLabel('Treating doctor')).toBeVisible()
    await expectNoSidewaysScroll(page)
  })
}

test('the wrong side is exchanged before signing, and entries stay on their knee', async ({ page }) => {
  await logIn(page)
  await page.getByRole('button', { name: 'New athlete' }).click()
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(someone())
  await page.getByLabel('Birth date').fill('1998-12-01')
  await page.getByLabel('Squad', { exact: true }).fill('Judo')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await page.getByRole('button', { name: 'left knee hurt' }).click()
  await expect(page.getByText('left knee hurt, day 0')).toBeVisible()
  await page.getByRole('button', { name: 'Correct side or day' }).click()
  await expectAccessible(page)
  await page.getByRole('radio', { name: 'Right knee hurt' }).check()
  await page.getByLabel('Days since the injury, when examined').fill('9')
  await page.getByRole('dialog').getByRole('button', { name: 'Correct side or day' }).click()
  await expect(page.getByText('right knee hurt, day 9')).toBeVisible()
  await page.reload()
  await expect(page.getByText('right knee hurt, day 9')).toBeVisible()
})

test('a task is added for an athlete, stands in Today, and is dismissed with a reason', async ({ page }) => {
  const name = someone()
  await logIn(page)
  await page.getByRole('button', { name: 'New athlete' }).click()
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(name)
  await page.getByLabel('Birth date').fill('2003-04-05')
  await page.getByLabel('Squad', { exact: true }).fill('Handball')
  await page.getByRole('button', { name: 'Add and examine' }).click()
  await page.getByRole('dialog', { name }).getByRole('button', { name: 'Close' }).click()
  await page.getByPlaceholder('Name, number or squad').fill(name)
  await page.getByRole('link', { name, exact: true }).click()
  await page.getByLabel('Task', { exact: true }).fill('Ask for the old scan')
  await page.getByRole('button', { name: 'Add task' }).click()
  await expect(page.getByRole('button', { name: /Ask for the old scan/ })).toBeVisible()
  await expectAccessible(page)

  await page.getByRole('link', { name: 'Today' }).click()
  await page.getByRole('button', { name: new RegExp(`${name}.*Ask for the old scan`) }).click()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Dismiss task' }).click()
  await page.getByRole('button', { name: 'Dismiss task' }).click()
  await expect(page.getByText('Enter the reason for dismissing it.')).toBeVisible()
  await page.getByLabel('Why', { exact: true }).fill('it is here already')
  await page.getByRole('button', { name: 'Dismiss task' }).click()
  await expect(page.getByText('Task closed. It stays on record.')).toBeVisible()
  await expect(page.getByRole('button', { name: new RegExp(`${name}.*Ask for the old scan`) })).toHaveCount(0)
})
