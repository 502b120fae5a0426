/// <reference types="vite/client" />
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, test, vi } from 'vitest'
import { type Component, nextTick } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import JumpDialog from '@/bench/JumpDialog.vue'
import DiscardBegunDialog from '@/bench/DiscardBegunDialog.vue'
import KneeDialog from '@/bench/asking/KneeDialog.vue'
import KeysDialog from '@/bench/keys/KeysDialog.vue'
import BeginLetter from '@/letters/BeginLetter.vue'
import DoctorDialog from '@/letters/DoctorDialog.vue'
import SendDialog from '@/letters/SendDialog.vue'
import ExportDialog from '@/exchange/ExportDialog.vue'
import TokenList from '@/exchange/TokenList.vue'
import WebhookList from '@/exchange/WebhookList.vue'
import AngleDialog from '@/instruments/AngleDialog.vue'
import MeasureDialog from '@/instruments/MeasureDialog.vue'
import AthleteDialog from '@/people/AthleteDialog.vue'
import EraseDialog from '@/people/EraseDialog.vue'
import ReferenceResultDialog from '@/people/ReferenceResultDialog.vue'
import DeclineDialog from '@/people/DeclineDialog.vue'
import ResultFiles from '@/people/ResultFiles.vue'
import TaskDialog from '@/people/TaskDialog.vue'
import EvidenceChain from '@/plateau/EvidenceChain.vue'
import LogOutDialog from '@/frame/LogOutDialog.vue'
import PasswordDialog from '@/frame/PasswordDialog.vue'
import SignDialog from '@/summary/SignDialog.vue'
import { useCatalogue } from '@/stores/catalogue'
import { useSession } from '@/stores/session'
import UiSelect from '@/ui/UiSelect.vue'
import { overlays } from '@/ui/overlays'
import AthleteView from '@/views/AthleteView.vue'
import StartDialog from '@/views/StartDialog.vue'
import RatesDialog from '@/weighup/RatesDialog.vue'
import TeamView from '@/views/TeamView.vue'
import { catalogue } from './fixtures'
import { server } from './support'

interface Case {
  is: Component
  props?: object
  /** What the server answers. */
  body?: unknown
  /** The button that opens it, where the dialog is part of a screen. */
  opens?: RegExp
}

const athlete = { id: '01A', name: 'Ada Own', squad: 'Judo', age: 20, number: 'J01', bornOn: '2006-01-01' }
const result = {
  id: '01O',
  kind: 'mri',
  label: 'MRI',
  on: '2026-05-01',
  weeks: null,
  note: '',
  answers: [],
  files: [],
}
const webhooks = {
  webhooks: [{ id: '01W', address: 'https://marsh.example', events: [], at: '2026-05-01T09:00:00Z', last: null }],
  events: [],
  areAllowed: false,
}
const member = {
  id: '01M',
  name: 'Bram Hollin',
  email: 'bram@fenmoor.example',
  role: 'student',
  since: '2026-01-01',
  secondFactor: false,
}
const record = { ...athlete, profile: {}, examinations: [], tasks: [], episodes: [], letters: [], proposals: [] }
const history = { choices: { kinds: [], conditions: [] }, predicted: null, visits: [], outcomes: [] }
const proposal = { id: '01Q', title: 'Look again', by: 'Bram', at: '2026-05-01T10:00:00Z', state: 'open', athlete }
const token = {
  id: '01K',
  name: 'Bridge',
  by: 'Ada',
  abilities: ['read'],
  madeAt: '2026-05-01T10:00:00Z',
  expiresAt: '2026-05-09T10:00:00Z',
}
const condition = { id: 'acl', posttest: 0.5, pretest: 0.2, interval: [0.3, 0.7], zone: 'investigate' }

/** Every file that shows a dialog, by its path below web/src. */
const CASES: Record<string, Case> = {
  'weighup/RatesDialog.vue': { is: RatesDialog, props: { number: 1 } },
  'bench/JumpDialog.vue': { is: JumpDialog },
  'bench/DiscardBegunDialog.vue': { is: DiscardBegunDialog, props: { entries: 2 } },
  'bench/asking/KneeDialog.vue': { is: KneeDialog },
  'bench/keys/KeysDialog.vue': { is: KeysDialog },
  'instruments/AngleDialog.vue': {
    is: AngleDialog,
    props: { label: 'Flexion', kind: 'incline', least: 0, most: 170 },
  },
  'instruments/MeasureDialog.vue': {
    is: MeasureDialog,
    props: { kind: 'dynamometer', knees: [{ side: 'left', name: 'Left knee', isHurt: true }] },
  },
  'letters/BeginLetter.vue': { is: BeginLetter, props: { examination: '01E' }, body: [] },
  'letters/DoctorDialog.vue': { is: DoctorDialog },
  'letters/SendDialog.vue': {
    is: SendDialog,
    props: { letter: { referrals: [] }, email: '', busy: false, problem: '' },
  },
  'exchange/ExportDialog.vue': { is: ExportDialog, props: { title: 'Export', formats: [] } },
  'exchange/TokenList.vue': { is: TokenList, body: [token], opens: /^revoke/i },
  'exchange/WebhookList.vue': { is: WebhookList, body: webhooks, opens: /^remove/i },
  'people/AthleteDialog.vue': { is: AthleteDialog, body: [] },
  'people/EraseDialog.vue': { is: EraseDialog, props: { athlete } },
  'people/ReferenceResultDialog.vue': { is: ReferenceResultDialog, props: { episode: '01P' }, body: history },
  'people/DeclineDialog.vue': { is: DeclineDialog, props: { proposal, busy: false, problem: '' } },
  'people/ResultFiles.vue': { is: ResultFiles, props: { result, mayChange: true }, opens: /file/i },
  'people/TaskDialog.vue': {
    is: TaskDialog,
    props: { task: { id: '01T', title: 'Look again', athlete, of: athlete } },
  },
  'plateau/EvidenceChain.vue': {
    is: EvidenceChain,
    props: { assessment: { conditions: [condition], trace: [], answers: [] }, condition: 'acl' },
  },
  'frame/LogOutDialog.vue': { is: LogOutDialog, props: { unsent: [{ examination: '01E', count: 1 }] } },
  'frame/PasswordDialog.vue': { is: PasswordDialog },
  'summary/SignDialog.vue': { is: SignDialog },
  'views/AthleteView.vue': { is: AthleteView, props: { id: '01A' }, body: record, opens: /^archive/i },
  'views/StartDialog.vue': { is: StartDialog, props: { athlete }, body: { examinations: [] } },
  'views/TeamView.vue': {
    is: TeamView,
    body: { members: [member], invitations: [], roles: [] },
    opens: /^remove from team/i,
  },
}

/** What stands beside the dialog, and asks the server for things of its own. */
const BESIDE = Object.fromEntries(
  ['RouterLink', 'TopBar', 'OutboxList', 'InviteForm', 'TeamSettings', 'NoteTask'].map((name) => [name, true]),
)
const router = createRouter({
  history: createMemoryHistory(),
  routes: ['/', 'doctors'].map((name) => ({ path: `/${name}`, name, component: { template: '<i />' } })),
})

const sources = import.meta.glob<string>('../../web/src/**/*.vue', { query: '?raw', import: 'default', eager: true })
const showing = Object.entries(sources)
  .filter(([, source]) => source.includes('<UiDialog'))
  .map(([path]) => path.replace('../../web/src/', ''))

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: true, addEventListener: () => {} }))
  setActivePinia(createPinia())
  useCatalogue().catalogue = catalogue()
  useSession().user = { id: '01U', name: 'Ada', answers: true, leads: true, seasons: [] } as never
})

test('every file that shows a dialog is looked at here, and no dialog is made another way', () => {
  expect(Object.keys(CASES).sort()).toEqual(showing.sort())
  const others = Object.entries(sources).filter(([, source]) => /<ElDialog|<dialog|role="dialog"/.test(source))
  expect(others.map(([path]) => path)).toEqual(['../../web/src/ui/UiDialog.vue'])
})

test.each(Object.entries(CASES))('%s closes with Escape', async (path, { is, props, body, opens }) => {
  server({ status: 200, body: body ?? {} })
  const shown = mount(is, { props: props ?? {}, attachTo: document.body, global: { plugins: [router], stubs: BESIDE } })
  await flushPromises()
  if (opens)
    await vi.waitFor(() => {
      const opener = [...document.querySelectorAll('button')].find((one) => opens.test(one.textContent?.trim() ?? ''))
      expect(opener, `${path}: a button to open it by`).toBeDefined()
      opener!.click()
    })
  await vi.waitFor(() => expect(overlays.value).toBe(1))
  for (let ticks = 0; ticks < 5; ticks++) await nextTick()
  document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', code: 'Escape', bubbles: true }))
  await vi.waitFor(() => expect(overlays.value).toBe(0))
  shown.unmount()
})

test('Escape is not kept by a select whose list is closed', async () => {
  const heard = vi.fn()
  document.addEventListener('keydown', heard)
  const select = mount(UiSelect, {
    attachTo: document.body,
    props: { label: 'Language', value: 'de', options: [{ id: 'de', label: 'German' }] },
  })
  await select.find('input').trigger('keydown', { key: 'Escape', code: 'Escape' })
  expect(heard).toHaveBeenCalledTimes(1)
  document.removeEventListener('keydown', heard)
  select.unmount()
})
