import type { Itinerary } from '@/contract/types'

/** The routes of an examination, as they are offered. */
export const ROUTES: { id: Itinerary['id']; label: string; says: string }[] = [
  { id: 'clinic_full', label: 'Clinic, full', says: 'both knees, everything' },
  { id: 'touchline', label: 'Touchline', says: 'can they go on?' },
  { id: 'focus_cruciate', label: 'Focus: cruciates', says: 'one question' },
  { id: 'focus_collateral', label: 'Focus: collaterals', says: 'one question' },
  { id: 'focus_meniscus', label: 'Focus: menisci', says: 'one question' },
  { id: 'focus_front', label: 'Focus: front of knee', says: 'one question' },
  { id: 'look_again', label: 'Look again', says: 'what was left open first' },
]
