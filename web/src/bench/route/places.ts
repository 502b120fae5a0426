import type { Catalogue, Itinerary, Manoeuvre } from '@/contract/types'

/** Where one stands in the examination: history, gate, or a manoeuvre. */
export type Place = { kind: 'history' } | { kind: 'gate' } | { kind: 'manoeuvre'; id: string }

export const HISTORY: Place = { kind: 'history' }
export const GATE: Place = { kind: 'gate' }

export function samePlace(a: Place, b: Place): boolean {
  return a.kind === b.kind && (a.kind !== 'manoeuvre' || (b.kind === 'manoeuvre' && a.id === b.id))
}

/** The address of a place behind the #; the history has none. */
export function hashOf(place: Place): string {
  return place.kind === 'history' ? '' : `#${place.kind === 'manoeuvre' ? place.id : place.kind}`
}

/** The place of such an address; what names none is the history. */
export function placeOf(hash: string, manoeuvres: readonly string[]): Place {
  const id = hash.slice(1)
  if (id === GATE.kind) return GATE
  return manoeuvres.includes(id) ? { kind: 'manoeuvre', id } : HISTORY
}

/** Everything in the order of the route. */
export function route(itinerary: Itinerary): Place[] {
  return [
    HISTORY,
    GATE,
    ...itinerary.stops.flatMap((stop) => stop.manoeuvres.map((id): Place => ({ kind: 'manoeuvre', id }))),
  ]
}

export interface Station {
  id: string
  label: string
  manoeuvres: Manoeuvre[]
}

/** The stops of the route; what is off limits stays in its place, so that one sees it and why. */
export function stations(catalogue: Catalogue, itinerary: Itinerary, blocked: string[]): Station[] {
  const routed = itinerary.stops.map((stop) => ({
    id: stop.station,
    label: catalogue.stations.find((s) => s.id === stop.station)?.label ?? stop.station,
    manoeuvres: [
      ...stop.manoeuvres.map((id) => catalogue.manoeuvres.find((m) => m.id === id)).filter((m) => m !== undefined),
      ...catalogue.manoeuvres.filter(
        (m) => m.station === stop.station && blocked.includes(m.id) && !stop.manoeuvres.includes(m.id),
      ),
    ],
  }))
  const here = new Set(routed.map((station) => station.id))
  const shut = catalogue.stations
    .filter((s) => !here.has(s.id))
    .map((s) => ({
      ...s,
      manoeuvres: catalogue.manoeuvres.filter((m) => m.station === s.id && blocked.includes(m.id)),
    }))
    .filter((s) => s.manoeuvres.length > 0)
  return [...routed, ...shut]
}
