import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import { partClasses } from '../design/index.ts'
import { nullableFields } from '../fields/index.ts'
import { NEWEST_VERSION, PROJECT_FORMAT } from '../file/index.ts'

type Schema = { properties?: Record<string, unknown>; required?: string[]; [key: string]: unknown }

/** The JSON Schema (2020-12) of a project file, generated from the classes that validate one. */
export function projectSchema(): object {
  const classes = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/$defs/',
  }) as Record<string, Schema>
  const { Project: project, ...rest } = classes
  const parts = Object.values(partClasses)
  const orNull = (name: string, field: string) => {
    const { properties } = rest[name]!
    properties![field] = { anyOf: [properties![field], { type: 'null' }] }
  }
  for (const { owner, field } of nullableFields) {
    const heirs = parts.filter(({ prototype }) => prototype instanceof owner.constructor)
    for (const name of new Set([owner.constructor.name, ...heirs.map(({ name }) => name)]))
      orNull(name, field)
  }
  // What all parts share is in each of them.
  for (const shared of ['AnyPart', 'Section', 'Base', 'Disc']) delete rest[shared]
  const list = rest['DesignPiece']!.properties!['parts'] as Record<string, unknown>
  list['items'] = { oneOf: parts.map(({ name }) => ({ $ref: `#/$defs/${name}` })) }
  for (const schema of Object.values(rest)) {
    schema.additionalProperties = false
    schema.required = Object.keys(schema.properties ?? {})
  }
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Ample Motif project',
    type: 'object',
    properties: {
      format: { const: PROJECT_FORMAT },
      version: { const: NEWEST_VERSION },
      ...project!.properties,
    },
    required: ['format', 'version', 'design'],
    additionalProperties: false,
    $defs: rest,
  }
}
