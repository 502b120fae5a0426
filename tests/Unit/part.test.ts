import { expect, test } from 'vitest'
import { type Part, partKey, partOf, recordKey } from '@/contract/part'

const PARTS: [string, Part][] = [
  ['history', { kind: 'section', name: 'history' }],
  ['lachman:left', { kind: 'record', manoeuvre: 'lachman', side: 'left' }],
  ['gait:both', { kind: 'record', manoeuvre: 'gait', side: 'both' }],
]

test.each(PARTS)('%s is read as it was written', (key, part) => {
  expect([partKey(part), partOf(key)]).toEqual([key, part])
})

test('a record is told by its manoeuvre and side', () => {
  expect(recordKey('valgus_30', 'right')).toBe('valgus_30:right')
})
