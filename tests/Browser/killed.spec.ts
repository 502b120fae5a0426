import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { consentAndClearGate, goTo, logIn, saved, startExamination } from './person'

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
    await expect(page.getByRole('radio', { name: /^grossly/ })).toBeChecked()
    await expect(page.getByRole('complementary', { name: 'What it means' })).toContainText('Grade 3')
  } finally {
    again.kill('SIGTERM')
  }
})
