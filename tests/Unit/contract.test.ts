import { describe, expect, it } from 'vitest'
import { type Contract, addressOf, fieldsOf, operationsOf } from '@/exchange/contract'

const contract: Contract = {
  tags: [{ name: 'Athletes' }],
  paths: {
    '/api/athletes/{athlete}': {
      get: {
        summary: 'One athlete',
        tags: ['Athletes'],
        parameters: [
          { $ref: '#/components/parameters/athlete', name: '', in: 'path' },
          { name: 'page', in: 'query' },
        ],
        security: [{ session: [] }, { token: ['read'] }],
        responses: {
          '200': {
            description: 'The athlete',
            content: { 'application/json': { schema: { $ref: '#/components/schemas/Athlete' } } },
          },
          '404': { $ref: '#/components/responses/NotFound' },
        },
      },
      put: {
        summary: 'Change',
        requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/Athlete' } } } },
        responses: {},
        security: [{ session: [], csrf: [] }],
      },
    },
  },
  components: {
    parameters: { athlete: { name: 'athlete', in: 'path', required: true, description: 'its id' } },
    responses: { NotFound: { description: 'There is none' } },
    schemas: {
      Athlete: {
        type: 'object',
        required: ['id'],
        properties: {
          id: { type: 'string', description: 'a ULID' },
          side: { enum: ['left', 'right'] },
          notes: { anyOf: [{ type: 'string' }, { type: 'null' }] },
          tasks: { type: 'array', items: { $ref: '#/components/schemas/Task' } },
        },
      },
    },
  },
}

describe('the contract as a page', () => {
  const [show, change] = operationsOf(contract)

  it('resolves parameters and answers, and says what a token needs', () => {
    expect(show).toMatchObject({ method: 'GET', tag: 'Athletes', ability: 'read', takes: null })
    expect(show!.parameters.map(({ name }) => name)).toEqual(['athlete', 'page'])
    expect(show!.answers).toEqual([
      { status: '200', description: 'The athlete', schema: { $ref: '#/components/schemas/Athlete' } },
      { status: '404', description: 'There is none', schema: null },
    ])
    expect(change).toMatchObject({ method: 'PUT', ability: null, takes: { $ref: '#/components/schemas/Athlete' } })
  })

  it('tells each field by name, type and meaning', () => {
    expect(fieldsOf(contract, { type: 'array', items: { $ref: '#/components/schemas/Athlete' } })).toEqual([
      { name: 'id', type: 'string', description: 'a ULID' },
      { name: 'side?', type: '"left" | "right"', description: '' },
      { name: 'notes?', type: 'string | null', description: '' },
      { name: 'tasks?', type: 'Task[]', description: '' },
    ])
  })

  it('fills the address in once all that it needs is there', () => {
    expect(addressOf(show!, {})).toBeNull()
    expect(addressOf(show!, { athlete: 'a/b' })).toBe('/api/athletes/a%2Fb')
    expect(addressOf(show!, { athlete: '1', page: '2 3' })).toBe('/api/athletes/1?page=2+3')
  })
})
