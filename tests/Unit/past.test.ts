import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import AskedList from '@/bench/asking/AskedList.vue'
import KnownResults from '@/bench/asking/KnownResults.vue'
import type { Assessment, Episode, ExaminationSummary, Question, ReferenceResult, Verdict } from '@/contract/types'
import TimeLine from '@/people/TimeLine.vue'
import VisitList from '@/people/VisitList.vue'
import EvidenceChain from '@/plateau/EvidenceChain.vue'
import KneePlateau from '@/plateau/KneePlateau.vue'
import { useCatalogue } from '@/stores/catalogue'
import { useVerdict } from '@/stores/verdict'
import { findingName, resultName } from '@/stores/words'
import { catalogue } from './fixtures'

/** What earlier visits, scans and operations are called on screen. */
beforeEach(() => {
  setActivePinia(createPinia())
  useCatalogue().catalogue = {
    ...catalogue(),
    conditions: [{ id: 'acl', label: 'ACL tear', part: 'the ACL' }],
    signs: { lachman: 'Lachman', scan_mri: 'MRI', scope: 'arthroscopy or operation' },
    labels: { ...catalogue().labels, knownBy: { mri: 'MRI', arthroscopy: 'arthroscopy', course: 'course' } },
  } as unknown as ReturnType<typeof catalogue>
})

const verdict = (more: Partial<Verdict>): Verdict =>
  ({
    id: 'acl',
    pretest: 0.2,
    posttest: 0.97,
    interval: [0.9, 0.99],
    textbook: 0.97,
    strongest: 0.9,
    zone: 'confirmed',
    tellsChance: false,
    unsettled: false,
    known: { by: 'arthroscopy', on: '2026-11-10', present: true, before: false },
    ...more,
  }) as Verdict

test('a finding is named with the day of its visit, and a look by what looked', () => {
  const { catalogue: known } = useCatalogue()
  expect(findingName('lachman', known)).toBe('Lachman')
  expect(findingName('lachman@2026-11-05', known)).toBe('Lachman, 5 Nov')
  expect(findingName('lachman@2026-11-05.2', known)).toBe('Lachman, 5 Nov')
  expect(findingName('scan_mri:acl', known)).toBe('MRI')
  expect(findingName('scope:acl', known)).toBe('Arthroscopy or operation')
  expect(resultName({ finding: 'lachman', carriedFrom: '2026-11-05' }, known)).toBe('Lachman, 5 Nov')
  expect(resultName({ finding: 'lachman' }, known)).toBe('Lachman')
})

test('what a look inside the joint has answered stands on the plateau without a chance', () => {
  const plateau = mount(KneePlateau, { props: { conditions: [verdict({})], side: 'left' } })
  expect(plateau.get('[data-condition=acl] text').text()).toMatch(/^torn\s+ACL\s+10 Nov$/)
  expect(plateau.find('.bearing').exists()).toBe(false)
  expect(plateau.get('.legend').text()).toContain('confirmed')
  const before = verdict({ known: { by: 'mri', on: '2024-06-21', present: true, before: true } })
  const old = mount(KneePlateau, { props: { conditions: [before], side: 'left' } })
  expect(old.get('[data-condition=acl] text').text()).toContain('2024')
  const graft = mount(KneePlateau, {
    props: { conditions: [verdict({ zone: 'withheld', known: null })], side: 'left' },
  })
  expect(graft.get('[data-condition=acl] text').text()).toMatch(/^–\s+ACL$/)
  const likely = mount(KneePlateau, {
    props: { conditions: [verdict({ zone: 'act', tellsChance: true, known: null })], side: 'left' },
  })
  expect(likely.get('[data-condition=acl] text').text()).toContain('97')
  expect(likely.get('.legend').text()).not.toContain('confirmed')
})

test.each([
  [verdict({}), 'Confirmed by arthroscopy, 10 Nov 2026', false],
  [
    verdict({ zone: 'excluded', known: { by: 'arthroscopy', on: '2026-11-10', present: false, before: false } }),
    'Excluded by arthroscopy',
    false,
  ],
  [
    verdict({ zone: 'act', tellsChance: true, known: { by: 'mri', on: '2026-11-10', present: true, before: false } }),
    'MRI, 10 Nov 2026: torn',
    true,
  ],
] as const)('the evidence chain says what answered it', (one, said, isChance) => {
  const assessment = { conditions: [one], trace: [], answers: [] } as unknown as Assessment
  const stubs = { UiDialog: { template: '<div><slot /></div>' } }
  const chain = mount(EvidenceChain, { props: { assessment, condition: 'acl' }, global: { stubs } })
  expect(chain.text()).toContain(said)
  expect(chain.find('.big').exists()).toBe(isChance)
})

test('the bench lists what is known, and says what is not weighed', () => {
  const known = [
    {
      by: 'mri',
      on: '2026-11-10',
      before: false,
      treated: 'none',
      weighed: true,
      results: [{ condition: 'acl', present: false }],
    },
    {
      by: 'course',
      on: '2024-01-02',
      before: true,
      treated: 'none',
      weighed: false,
      results: [{ condition: 'acl', present: true }],
    },
  ]
  useVerdict().replace({ known } as unknown as Assessment, [])
  const panel = mount(KnownResults)
  expect(panel.findAll('li').map((line) => line.text().replace(/\s+/g, ' '))).toEqual([
    'MRI, 10 Nov 2026: no ACL tear',
    'Course, 2 Jan 2024: ACL tear before this episode, does not change the probabilities',
  ])
})

const visit = (id: string, examinedAt: string, zone: string, hurtSide = 'left') =>
  ({
    id,
    examinedAt,
    hurtSide,
    status: 'signed',
    came: { found: [{ label: 'ACL tear', chance: 0.92, zone }], sentOn: [], availability: 'out' },
  }) as unknown as ExaminationSummary

const scan = {
  id: 'scan',
  label: 'MRI',
  on: '2026-11-08',
  answers: [{ condition: 'acl', label: 'ACL tear', seen: 'present' }],
} as unknown as ReferenceResult

const router = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:id', name: 'summary', component: { template: '<i />' } }],
  })

test('scans stand between the visits of their time', () => {
  const visits = [visit('b', '2026-11-20T09:00:00Z', 'confirmed'), visit('a', '2026-11-05T09:00:00Z', 'act')]
  const list = mount(VisitList, { props: { visits, results: [scan] }, global: { plugins: [router()] } })
  expect(list.findAll('li .came').map((line) => line.text())).toEqual([
    'ACL tear, known · out',
    'MRI: ACL tear',
    'ACL tear 92 in 100 · out',
  ])
  expect(list.find('.side').exists()).toBe(false)
})

test('two episodes stand in one time line, each line with its knee', () => {
  const visits = [visit('b', '2026-11-20T09:00:00Z', 'act', 'right'), visit('a', '2026-11-05T09:00:00Z', 'act')]
  const left = {
    hurtSide: 'left',
    referenceResults: [scan, { ...scan, id: 'gone', removed: true }],
  } as unknown as Episode
  const right = { hurtSide: 'right', referenceResults: [] } as unknown as Episode
  const both = mount(TimeLine, { props: { visits, episodes: [right, left] }, global: { plugins: [router()] } })
  expect(both.text()).toContain('All episodes by date (3 entries)')
  expect(both.findAll('li .side').map((side) => side.text())).toEqual(['R', 'L', 'L'])
  const one = mount(TimeLine, { props: { visits, episodes: [left] }, global: { plugins: [router()] } })
  expect(one.text()).toBe('')
})

test('an answer that is another than at the last visit says what it was', () => {
  const questions = [
    { key: 'locking', ask: 'Does it lock?' },
    { key: 'pop', ask: 'Was a pop felt?' },
  ] as Question[]
  const before = { day: '5 Nov 2026', answers: { locking: false, pop: true } }
  const list = mount(AskedList, { props: { questions, answers: { locking: true, pop: true }, before } })
  expect(list.findAll('li > span').map((line) => line.text().replace(/\s+/g, ' '))).toEqual([
    'Does it lock? 5 Nov 2026: no',
    'Was a pop felt?',
  ])
})
