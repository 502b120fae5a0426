import { expect, reading, test } from './reading'

test('what is read along notices codes, identifiers and what nobody filled, and nothing that people read', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL })
  const raw = await reading(context)
  const page = await context.newPage()
  await page.goto('/')
  await expect(page.getByRole('button', { name: 'Log in' })).toBeVisible()
  const show = (text: string, title = '') =>
    page.evaluate(
      ([text, title]) => {
        const line = document.body.appendChild(document.createElement('p'))
        line.title = title!
        line.textContent = text!
      },
      [text, title],
    )
  await show('figures version 0e33fb6f1eb1, rules version 2026.5; ask ada@marsh.example')
  await show('http://127.0.0.1:8137/invitation#a_b', 'squad_list.csv')
  expect([...raw]).toEqual([])
  const unread = ['withheld by limb_threat', '0e33fb6f1eb1', '01M8NVJ84E1G0RCA5DXS7TQ34H', 'NaN mm', 'in {count} days']
  for (const text of unread) await show(text)
  await show('', 'clinic_core')
  await expect.poll(() => raw.size).toBe(unread.length + 1)
  await context.close()
})
