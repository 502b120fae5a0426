/** What the hospital makes of a ServiceRequest: its resources of FHIR R4, in the codes that Gray Compass publishes. */
const BASE = process.env.FHIR_BASE ?? 'urn:gray-compass:'
const DAY_MS = 86_400_000

const concept = (system, code) => ({ coding: [{ system: BASE + system, code }] })

/** The athlete, as the request brought them along. */
export function patient(request) {
  const given = request.contained?.find(({ resourceType }) => resourceType === 'Patient') ?? {}
  return { ...given, id: `p-${request.id}` }
}

/** The request as the hospital keeps it: with the athlete as a resource of its own. */
export function kept(request, status) {
  const { contained: _, requester: __, ...own } = request
  return { ...own, status, subject: { reference: `Patient/p-${request.id}` } }
}

export function appointment(request, now) {
  const start = new Date(now + 2 * DAY_MS)
  start.setUTCHours(10, 30, 0, 0)
  return {
    resourceType: 'Appointment',
    id: `a-${request.id}`,
    status: 'booked',
    basedOn: [{ reference: `ServiceRequest/${request.id}` }],
    start: start.toISOString(),
    end: new Date(start.getTime() + DAY_MS / 48).toISOString(),
    participant: [{ actor: { reference: `Patient/p-${request.id}` }, status: 'accepted' }],
  }
}

/**
 * A report of a scan with one observation for each condition.
 *
 * @param {Record<string, 'present' | 'absent'>} found
 */
export function report(request, found, now) {
  const site = concept('body-site', request.bodySite?.[0]?.coding?.[0]?.code ?? 'left-knee')
  const subject = { reference: `Patient/p-${request.id}` }
  const day = new Date(now).toISOString().slice(0, 10)
  const observations = Object.entries(found).map(([condition, seen]) => ({
    resourceType: 'Observation',
    id: `o-${condition}-${request.id}`,
    status: 'final',
    code: concept('condition', condition),
    subject,
    bodySite: site,
    effectiveDateTime: day,
    valueCodeableConcept: concept('word', seen),
  }))
  return [
    {
      resourceType: 'DiagnosticReport',
      id: `r-${request.id}`,
      status: 'final',
      basedOn: [{ reference: `ServiceRequest/${request.id}` }],
      code: concept('reference-result', 'mri'),
      subject,
      effectiveDateTime: day,
      result: observations.map(({ id }) => ({ reference: `Observation/${id}` })),
      conclusion: `MRI: ${Object.entries(found)
        .map(([condition, seen]) => `${condition} ${seen}`)
        .join(', ')}.`,
    },
    ...observations,
  ]
}
