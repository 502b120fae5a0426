import type { Catalogue, Field, Manoeuvre, Problem, Question } from '@/contract/types'

/** A field with nothing special about it. */
export function field(name: string, more: Partial<Field> = {}): Field {
  return {
    name,
    label: name,
    widget: 'yes_no',
    seldom: false,
    when: null,
    kind: 'flag',
    least: null,
    most: null,
    unit: '',
    words: [],
    hint: '',
    instrument: null,
    inner: [],
    ...more,
  }
}

export function manoeuvre(id: string, station: string, more: Partial<Manoeuvre> = {}): Manoeuvre {
  const card = {
    name: id.toUpperCase(),
    gist: '',
    position: '',
    hold: '',
    movement: '',
    normal: '',
    counts: '',
    spoils: '',
    sayFirst: '',
    caution: '',
    easier: '',
  }
  return {
    id,
    station,
    family: 'drawer',
    minutes: 1,
    provocation: 1,
    bothAtOnce: false,
    fields: [],
    checks: [],
    tick: null,
    feeds: [],
    card,
    ...more,
  }
}

export function question(key: string, more: Partial<Question> = {}): Question {
  return {
    key,
    ask: `${key}?`,
    part: '',
    after: '',
    underYears: null,
    touchline: false,
    goodNews: false,
    alarm: null,
    ...more,
  }
}

/** A catalogue of two stations, small enough to be read. */
export function catalogue(): Catalogue {
  const band = (id: string) => ({ id, label: id, says: '' })
  return {
    stations: [
      { id: 'supine', label: 'Supine' },
      { id: 'standing', label: 'Standing' },
    ],
    conditions: [{ id: 'acl', label: 'ACL tear', part: 'the front cross ligament (ACL)' }],
    manoeuvres: [
      manoeuvre('lachman', 'supine', { fields: [field('translationMm', { label: 'Translation' })] }),
      manoeuvre('pivot', 'supine', { fields: [field('cells', { inner: [field('rotation', { label: 'Turned' })] })] }),
      manoeuvre('gait', 'standing'),
    ],
    settings: [],
    routes: [],
    schools: [],
    standAlone: ['none_recalled'],
    typed: {
      pretest: 0.2,
      pretestWeight: 40,
      echo: 0.4,
      spread: 0.5,
      thresholds: { ruleOut: 0.1, act: 0.8 },
      sensitivity: 0.85,
      specificity: 0.94,
    },
    bands: [band('same'), band('slight')],
    questions: {
      opening: [question('consentGiven'), question('guardianConsent', { underYears: 18 })],
      history: [
        question('kneecapShifted', { part: 'then' }),
        question('kneecapReduced', { part: 'since', after: 'kneecapShifted' }),
      ],
      safety: [question('deformity'), question('recentSurgery'), question('xrayClear', { goodNews: true })],
      episode: [],
    },
    choices: {
      mechanism: [],
      blowSite: [],
      swellingOnset: [],
      painPlaces: [],
      fluidDrawn: [],
      implant: [],
      notDone: ['pain'],
    },
    labels: {
      zone: { act: 'act' },
      play: {},
      urgency: { emergency: 'Emergency, now' },
      within: {},
      availability: {},
      support: {},
      knownBy: { mri: 'MRI' },
    },
    words: { thigh_under: 'own thigh under' },
    signs: { lachman: 'Lachman', story_pop: 'pop' },
  }
}

/** Two results of one group for one injury. */
export function problem(): Problem {
  const targets = { acl: { sensitivity: 0.85, specificity: 0.94 } }
  return {
    conditions: [{ id: 'acl', pretest: 0.2 }],
    groups: [
      {
        id: 'anterior',
        echo: 0.5,
        results: [
          { finding: 'lachman', outcome: 'positive', targets },
          { finding: 'anterior_drawer', outcome: 'positive', targets },
        ],
      },
    ],
    candidates: [{ finding: 'pivot_shift', group: 'anterior', echo: 0.5, minutes: 1, targets }],
  }
}
