import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import { partClasses } from '../design/index.ts'
import { nullableFields, optionalFields } from '../document/index.ts'
import { itemDocuments } from '../fitting/index.ts'
import { stepLists } from '../program/index.ts'
import { logKinds, MadeRow, projectKind } from '../project/index.ts'

type Schema = { properties?: Record<string, unknown>; required?: string[]; [key: string]: unknown }

/** The JSON Schema (2020-12) of a project file, generated from the classes that validate one. */
export function projectSchema(): object {
  const classes = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/$defs/',
  }) as Record<string, Schema>
  const { Project: project, ...rest } = classes
  const parts = Object.values(partClasses)
  const heirs = [...parts, MadeRow]
  const orNull = (name: string, field: string) => {
    const { properties } = rest[name]!
    properties![field] = { anyOf: [properties![field], { type: 'null' }] }
  }
  for (const { owner, field } of nullableFields) {
    const own = heirs.filter(({ prototype }) => prototype instanceof owner.constructor)
    for (const name of new Set([owner.constructor.name, ...own.map(({ name }) => name)]))
      orNull(name, field)
  }
  // What several share is in each of them.
  for (const shared of [
    'AnyPart',
    'AnyItem',
    'AnyEntry',
    'Section',
    'Base',
    'Disc',
    'RowRecord',
    'AnyStep',
  ])
    delete rest[shared]
  const list = rest['DesignPiece']!.properties!['parts'] as Record<string, unknown>
  list['items'] = { oneOf: parts.map(({ name }) => ({ $ref: `#/$defs/${name}` })) }
  const things = rest['Design']!.properties!['items'] as Record<string, unknown>
  things['items'] = {
    oneOf: Object.values(itemDocuments).map(({ name }) => ({ $ref: `#/$defs/${name}` })),
  }
  const entries = project!.properties!['log'] as Record<string, unknown>
  entries['items'] = {
    oneOf: Object.values(logKinds).map(({ name }) => ({ $ref: `#/$defs/${name}` })),
  }
  for (const { owner, field, of } of stepLists) {
    const steps = rest[owner]!.properties![field] as Record<string, unknown>
    steps['items'] = { oneOf: of.map(({ name }) => ({ $ref: `#/$defs/${name}` })) }
  }
  const mayLack = new Set(
    optionalFields.map(({ owner, field }) => `${owner.constructor.name}.${field}`),
  )
  for (const [name, schema] of Object.entries(rest)) {
    schema.additionalProperties = false
    schema.required = Object.keys(schema.properties ?? {}).filter(
      (field) => !mayLack.has(`${name}.${field}`),
    )
  }
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Ample Motif project',
    type: 'object',
    properties: {
      format: { const: projectKind.format },
      version: { const: projectKind.version },
      ...project!.properties,
    },
    required: ['format', 'version', 'design'],
    additionalProperties: false,
    $defs: rest,
  }
}
