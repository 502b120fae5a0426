import { expect, test } from 'vitest'
import { isProposed } from '@/people/proposed'

test('an answer that holds a proposal is told from one that was carried out', () => {
  expect(isProposed({ proposal: { id: '01A' } })).toBe(true)
  expect(isProposed({ id: '01A' })).toBe(false)
  expect(isProposed(undefined)).toBe(false)
  expect(isProposed(null)).toBe(false)
})
