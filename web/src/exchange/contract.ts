/** The parts of the served contract (OpenAPI 3.1) that the page shows. */
export interface Schema {
  $ref?: string
  type?: string | string[]
  description?: string
  properties?: Record<string, Schema>
  required?: string[]
  items?: Schema
  enum?: unknown[]
  anyOf?: Schema[]
}

export interface Parameter {
  $ref?: string
  name: string
  in: 'path' | 'query' | 'header'
  required?: boolean
  description?: string
}

interface Body {
  content?: Record<string, { schema?: Schema }>
}

interface Described {
  $ref?: string
  summary: string
  description?: string
  tags?: string[]
  parameters?: Parameter[]
  requestBody?: Body
  responses: Record<string, Body & { $ref?: string; description?: string }>
  security?: Record<string, string[]>[]
}

export interface Contract {
  tags: { name: string; description?: string }[]
  paths: Record<string, Record<string, Described> & { parameters?: Parameter[] }>
  components: Record<string, Record<string, unknown>>
}

export interface Operation {
  /** Unlike any other. */
  key: string
  method: string
  path: string
  tag: string
  summary: string
  description: string
  parameters: Parameter[]
  takes: Schema | null
  answers: { status: string; description: string; schema: Schema | null }[]
  /** What a token needs; null where none gets in. */
  ability: string | null
}

const METHODS = ['get', 'post', 'put', 'delete']

/** What stands behind a reference within the contract; the thing itself where it is none. */
function resolved<T extends { $ref?: string }>(contract: Contract, thing: T): T {
  if (thing.$ref === undefined) return thing
  const [, , kind = '', name = ''] = thing.$ref.split('/')
  return (contract.components[kind]?.[name] ?? {}) as T
}

/** The name of a schema that stands among the components. */
export function nameOf(schema: Schema): string | null {
  return schema.$ref?.split('/').at(-1) ?? null
}

/** All that can be asked for, in the order of the contract. */
export function operationsOf(contract: Contract): Operation[] {
  return Object.entries(contract.paths).flatMap(([path, item]) =>
    METHODS.flatMap((method) =>
      item[method] ? [operation(contract, path, method, item[method], item.parameters)] : [],
    ),
  )
}

function operation(
  contract: Contract,
  path: string,
  method: string,
  { summary, description = '', tags = [], parameters = [], requestBody, responses, security = [] }: Described,
  shared: Parameter[] = [],
): Operation {
  const token = security.find((one) => 'token' in one)?.token
  return {
    key: `${method} ${path}`,
    method: method.toUpperCase(),
    path,
    tag: tags[0] ?? '',
    summary,
    description,
    parameters: [...shared, ...parameters].map((one) => resolved(contract, one)),
    takes: schemaIn(requestBody ?? {}),
    answers: Object.entries(responses).map(([status, answer]) => {
      const told = resolved(contract, answer)
      return { status, description: told.description ?? '', schema: schemaIn(told) }
    }),
    ability: token === undefined ? null : (token[0] ?? ''),
  }
}

function schemaIn({ content = {} }: Body): Schema | null {
  return Object.values(content)[0]?.schema ?? null
}

/** What a schema holds, a line for each key: its name, its type and what it means. */
export function fieldsOf(contract: Contract, schema: Schema): { name: string; type: string; description: string }[] {
  const whole = resolved(contract, schema)
  const holder = whole.type === 'array' && whole.items ? resolved(contract, whole.items) : whole
  return Object.entries(holder.properties ?? {}).map(([name, field]) => ({
    name: holder.required?.includes(name) ? name : `${name}?`,
    type: typeOf(field),
    description: field.description ?? '',
  }))
}

function typeOf(schema: Schema): string {
  if (schema.$ref) return nameOf(schema) ?? ''
  if (schema.anyOf) return schema.anyOf.map(typeOf).join(' | ')
  if (schema.enum) return schema.enum.map((one) => JSON.stringify(one)).join(' | ')
  if (schema.type === 'array') return `${schema.items ? typeOf(schema.items) : ''}[]`
  return [schema.type ?? ''].flat().join(' | ')
}

/** The address of an operation with what was filled in; null where something that it needs is missing. */
export function addressOf({ path, parameters }: Operation, given: Readonly<Record<string, string>>): string | null {
  const needed = parameters.filter((one) => one.in === 'path')
  if (needed.some(({ name }) => !given[name])) return null
  const filled = needed.reduce((all, { name }) => all.replace(`{${name}}`, encodeURIComponent(given[name] ?? '')), path)
  const query = new URLSearchParams(
    parameters.flatMap((one) => (one.in === 'query' && given[one.name] ? [[one.name, given[one.name]!]] : [])),
  )
  return query.size === 0 ? filled : `${filled}?${query}`
}
