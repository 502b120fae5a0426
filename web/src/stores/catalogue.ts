import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { answerOf, api } from '@/api/client'
import { readThrough } from '@/sync'
import type { Catalogue, ConditionId, Field, Manoeuvre, SafetyLine } from '@/contract/types'

function nameFields(names: Map<string, string>, fields: Field[]): void {
  for (const field of fields) {
    names.set(field.name, field.label)
    nameFields(names, field.inner)
  }
}

/** Manoeuvres, questions, choices and names, asked for once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue | null>(null)
  const byId = computed(() => new Map(catalogue.value?.manoeuvres.map((m) => [m.id, m])))
  const labels = computed(() => new Map(catalogue.value?.conditions.map((c) => [c.id, c.label])))

  const words = computed(() => {
    const found = new Map<string, string>()
    if (catalogue.value === null) return found
    for (const { key, ask } of Object.values(catalogue.value.questions).flat()) found.set(key, ask)
    for (const { fields } of catalogue.value.manoeuvres) nameFields(found, fields)
    for (const [code, text] of Object.entries(catalogue.value.words)) found.set(code, text)
    return found
  })

  async function load(): Promise<void> {
    if (catalogue.value !== null) return
    catalogue.value = (await readThrough('catalogue', () => answerOf(api.GET('/api/catalogue')))).value
  }

  function manoeuvre(id: string): Manoeuvre {
    const found = byId.value.get(id)
    if (!found) throw new Error(`There is no manoeuvre ${id}.`)
    return found
  }

  function conditionLabel(id: ConditionId): string {
    return labels.value.get(id) ?? ''
  }

  /** What a condition hurts, as an athlete reads it. */
  function partOf(id: ConditionId): string {
    const known = catalogue.value?.conditions.find((condition) => condition.id === id)
    return known?.part ?? conditionLabel(id)
  }

  function nameOf(id: string): string {
    return byId.value.get(id)?.card.name ?? id
  }

  /** What a code of a record is called: a word, a field or a question. */
  function word(code: string): string {
    return words.value.get(code) ?? code.replaceAll('_', ' ')
  }

  /** What a code of an assessment is called. */
  function label(kind: keyof Catalogue['labels'], code: string): string {
    return catalogue.value?.labels[kind][code] ?? code
  }

  /** How soon; a line without urgency sends nobody, but is heeded now. */
  function urgencyOf(line: SafetyLine): string {
    return line.urgency === null ? 'Heed' : label('urgency', line.urgency)
  }

  function choices(kind: keyof Catalogue['choices']): string[] {
    return catalogue.value?.choices[kind] ?? []
  }

  /** A list of codes with one tapped: a code that stands alone excludes all others. */
  function toggled(now: string[], code: string): string[] {
    const alone = catalogue.value?.standAlone ?? []
    if (now.includes(code)) return now.filter((other) => other !== code)
    return alone.includes(code) ? [code] : [...now.filter((other) => !alone.includes(other)), code]
  }

  return { catalogue, load, toggled, manoeuvre, conditionLabel, partOf, nameOf, word, label, urgencyOf, choices }
})
