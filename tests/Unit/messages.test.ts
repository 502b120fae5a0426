import { readFileSync, readdirSync } from 'node:fs'
import { parse } from 'vue/compiler-sfc'
import { expect, test } from 'vitest'
import { pseudo } from '@/messages/pseudo'
import { t } from '@/messages/views'

const FOLDER = 'web/src/messages/en'
const rooms = readdirSync(FOLDER).map((file) => JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')))
const all: [key: string, text: string][] = rooms.flatMap((messages: Record<string, Record<string, string>>) =>
  Object.entries(messages).flatMap(([screen, of]) =>
    Object.entries(of).map(([key, text]): [string, string] => [`${screen}.${key}`, text]),
  ),
)
const texts = new Map(all)

test('no two rooms have messages of the same name', () => {
  const names = rooms.flatMap((messages: object) => Object.keys(messages))
  expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([])
})

/** What takes something away says so by its first word, and stands only where it does. */
const TAKING: Record<string, string[]> = {
  Archive: ['athleteView'],
  Decline: ['declineDialog', 'proposalList'],
  Delete: ['heldNotice', 'numberPad'],
  Discard: ['begunBar', 'discardBegunDialog', 'letterView', 'logOutDialog', 'problemsBar', 'takeList'],
  Dismiss: ['taskDialog'],
  Erase: ['archivedList', 'athleteView', 'eraseDialog'],
  Remove: ['doctorsView', 'earlierFindings', 'episodeCard', 'resultFiles', 'teamView', 'testRow', 'webhookList'],
  Revoke: ['tokenList'],
  Withdraw: ['proposalList', 'teamView'],
}

test('each label that takes something away stands where that is done, and nowhere else', () => {
  for (const [verb, screens] of Object.entries(TAKING)) {
    const found = all.filter(([, text]) => new RegExp(`^${verb}\\b`).test(text)).map(([key]) => key.split('.')[0])
    expect([...new Set(found)].sort(), verb).toEqual(screens)
  }
})

/** The keys on buttons without a look of their own: what closes a dialog is never the main one. */
function labels(file: string): { label: string; attributes: string }[] {
  const template = parse(readFileSync(file, 'utf8')).descriptor.template?.content ?? ''
  return [...template.matchAll(/<UiButton([^>]*(?:=>[^>]*)*)>\s*\{\{ t\('(\w+\.\w+)'\) \}\}\s*<\/UiButton>/g)].map(
    ([, attributes = '', label = '']) => ({ label: texts.get(label) ?? '', attributes }),
  )
}

test('the way out of every dialog is Cancel or Close', () => {
  const files = readdirSync('web/src', { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('Dialog.vue'),
  )
  const ways = files
    .flatMap((file) => labels(`web/src/${file}`))
    .filter(({ attributes }) => /emit\('close'\)/.test(attributes))
  expect(ways.length).toBeGreaterThan(5)
  expect(ways.filter(({ label }) => !['Cancel', 'Close'].includes(label))).toEqual([])
})

test('each form of a message names the same values, and no text has loose ends', () => {
  const values = (form: string) =>
    [...form.matchAll(/\{(\w+)\}/g)].map(([, name]) => name).filter((name) => name !== 'n')
  for (const [key, text] of all) {
    const [one = '', other] = text.split(' | ')
    if (other !== undefined) expect(values(one).sort(), key).toEqual(values(other).sort())
    expect(text, key).not.toMatch(/ {2}|\s$|\.\.$| ,|\bwhoever\b|\bsomebody\b/i)
  }
})

test('a message is filled by name, by number, and where a value is absent', () => {
  expect([0, 1, 2].map((n) => t('auditLogView.entries', { n }))).toEqual(['0 entries', '1 entry', '2 entries'])
  expect(t('athleteView.agreedByUntil', { by: 'Ada', until: null })).toBe('agreed by Ada until ')
})

test('the pseudo-locale keeps the text, marks both ends and makes it 40 % longer', () => {
  const long = pseudo('Export all data')
  expect(long).toMatch(/^⟦Export all data ẇ+( ẇ+)*⟧$/)
  expect(long.length).toBeGreaterThanOrEqual(1.4 * 'Export all data'.length)
})
