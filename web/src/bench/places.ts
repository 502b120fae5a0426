import type { Catalogue, Manoeuvre } from '@/contract/types'

/** Where one stands in the examination: story, gate, or a manoeuvre. */
export type Place = { kind: 'story' } | { kind: 'gate' } | { kind: 'manoeuvre'; id: string }

export const STORY: Place = { kind: 'story' }
export const GATE: Place = { kind: 'gate' }

export function samePlace(a: Place, b: Place): boolean {
  return a.kind === b.kind && (a.kind !== 'manoeuvre' || (b.kind === 'manoeuvre' && a.id === b.id))
}

/** Everything in the order of the route. */
export function route(catalogue: Catalogue): Place[] {
  return [STORY, GATE, ...catalogue.manoeuvres.map((m): Place => ({ kind: 'manoeuvre', id: m.id }))]
}

export interface Station {
  id: string
  label: string
  manoeuvres: Manoeuvre[]
}

export function stations(catalogue: Catalogue): Station[] {
  return catalogue.stations
    .map((station) => ({ ...station, manoeuvres: catalogue.manoeuvres.filter((m) => m.station === station.id) }))
    .filter((station) => station.manoeuvres.length > 0)
}
