import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { request } from '@/api/client'
import type { Catalogue, ConditionId, Manoeuvre } from '@/contract/types'

/** Manoeuvres, stations and names, asked for once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue | null>(null)
  const byId = computed(() => new Map(catalogue.value?.manoeuvres.map((m) => [m.id, m])))
  const labels = computed(() => new Map(catalogue.value?.conditions.map((c) => [c.id, c.label])))

  async function load(): Promise<void> {
    catalogue.value ??= await request<Catalogue>('GET', 'catalogue')
  }

  function manoeuvre(id: string): Manoeuvre {
    const found = byId.value.get(id)
    if (!found) throw new Error(`There is no manoeuvre ${id}.`)
    return found
  }

  function conditionLabel(id: ConditionId): string {
    return labels.value.get(id) ?? id
  }

  function nameOf(id: string): string {
    return byId.value.get(id)?.card.name ?? id
  }

  return { catalogue, load, manoeuvre, conditionLabel, nameOf }
})
