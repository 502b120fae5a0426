import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

test('findings entered while the server is gone are sent when it is back, even after a reload', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Edda Sollund', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)

  await context.route('**/api/examinations/**/findings/**', (route) => route.abort('connectionrefused'))
  await page.keyboard.press(']')
  await page.keyboard.press('3')
  await page.keyboard.press('s')
  await expect(page.locator('.save')).toHaveText('Kept on this device, will send')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Story', level: 1 })).toBeVisible()
  await expect(page.locator('.save')).toHaveText('Kept on this device, will send')

  await context.unroute('**/api/examinations/**/findings/**')
  await saved(page)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('button', { name: /^clearly/ })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('region', { name: 'L · hurt knee' }).getByRole('button', { name: 'soft' })).toHaveAttribute('aria-pressed', 'true')
})

test('two tabs on one examination do not overwrite each other silently', async ({ page, context }) => {
  await logIn(page)
  await startExamination(page, 'Sana Withernsea', 'left')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)
  const second = await context.newPage()
  await second.goto(page.url())
  await goTo(second, 'Lachman')

  await page.keyboard.press('2')
  await saved(page)
  await second.keyboard.press('4')
  const meaning = second.getByRole('complementary', { name: 'What it means' })
  await expect(meaning).toContainText('Changed in between')
  await second.getByRole('button', { name: 'Take theirs' }).click()
  await expect(second.getByRole('button', { name: /^slightly/ })).toHaveAttribute('aria-pressed', 'true')
  await second.keyboard.press('3')
  await saved(second)
  await page.reload()
  await goTo(page, 'Lachman')
  await expect(page.getByRole('button', { name: /^clearly/ })).toHaveAttribute('aria-pressed', 'true')
})

// Last, since it leaves the application that bin/test started dead.
test('an application that is killed and started again loses nothing', async ({ page }) => {
  const { FPM_PID, FPM_CONF } = process.env
  test.skip(!FPM_PID || !FPM_CONF, 'only where bin/test says which process serves')
  await logIn(page)
  await startExamination(page, 'Lior Haverstock', 'right')
  await consentAndClearGate(page)
  await goTo(page, 'Lachman')
  await saved(page)

  const workers = readFileSync(`/proc/${FPM_PID}/task/${FPM_PID}/children`, 'utf8').trim().split(' ')
  for (const pid of [FPM_PID, ...workers]) process.kill(Number(pid), 'SIGKILL')
  await page.keyboard.press(']')
  await page.keyboard.press('4')
  await page.keyboard.press('a')
  await expect(page.locator('.save')).toHaveText('Kept on this device, will send')

  const root = process.getuid?.() === 0 ? ['-R'] : []
  const again = spawn('/usr/sbin/php-fpm8.2', ['-F', ...root, '-y', FPM_CONF!], { stdio: 'ignore' })
  try {
    await saved(page)
    await page.reload()
    await goTo(page, 'Lachman')
    await expect(page.getByRole('button', { name: /^grossly/ })).toHaveAttribute('aria-pressed', 'true')
    await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Grade 3')
  } finally {
    again.kill('SIGTERM')
  }
})
