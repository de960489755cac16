import 'reflect-metadata'
import { Type, type TypeHelpOptions, type TypeOptions } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator'

import { shortened, WRITABLE, WRITABLE_LINES } from '../units/index.ts'

/* The kinds of field a document has. Each says in words what it wants, so that the message can stand at the field. */

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) =>
    decorators.forEach((decorate) => decorate(target, key))

const shown = (value: unknown): string =>
  typeof value === 'string'
    ? `“${shortened(value, 38)}”`
    : shortened(String(JSON.stringify(value) ?? value), 40)
const wants = (what: string) => ({
  message: ({ value }: ValidationArguments) =>
    value === undefined ? `is missing: it must be ${what}` : `must be ${what}, not ${shown(value)}`,
})

/** A whole number in a closed range. */
export function Whole(min: number, max: number): PropertyDecorator {
  const words = wants(`a whole number from ${min} to ${max}`)
  return all(IsInt(words), Min(min, words), Max(max, words))
}

/** A finite number in a closed range. */
export function Amount(min: number, max: number): PropertyDecorator {
  const words = wants(`a number from ${min} to ${max}`)
  return all(
    IsNumber({ allowNaN: false, allowInfinity: false }, words),
    Min(min, words),
    Max(max, words),
  )
}

export const Flag = (): PropertyDecorator => IsBoolean(wants('true or false'))

/** One line of text of 1 to `max` characters, none of which steers a screen or is only half of one. */
export function Text(max: number): PropertyDecorator {
  const words = wants(`one line of text of 1 to ${max} characters`)
  return all(IsString(words), MinLength(1, words), MaxLength(max, words), Matches(WRITABLE, words))
}

/** Text of any number of lines, up to `max` characters. */
export const Lines = (max: number): PropertyDecorator =>
  all(IsString(wants('text')), MaxLength(max, wants(`text of at most ${max} characters`)))

/** The same where none of it steers a screen: for what is printed as it is. */
export function WritableLines(max: number): PropertyDecorator {
  const words = wants(`text of at most ${max} characters, none of which steers a screen`)
  return all(IsString(words), MaxLength(max, words), Matches(WRITABLE_LINES, words))
}

export const OneOf = (values: readonly (string | number | true)[]): PropertyDecorator =>
  IsIn([...values], wants(`one of ${values.join(', ')}`))

export const Pattern = (pattern: RegExp, what: string): PropertyDecorator =>
  all(IsString(wants(what)), Matches(pattern, wants(what)))

type ClassOf = (help?: TypeHelpOptions) => new () => object

/** A list of whole numbers in a closed range. */
export function Wholes(min: number, max: number, most: number): PropertyDecorator {
  const words = { ...wants(`whole numbers from ${min} to ${max}`), each: true }
  return all(...listOf(most), IsInt(words), Min(min, words), Max(max, words))
}

/** A document within the document. */
export const One = (of: ClassOf): PropertyDecorator =>
  all(IsObject({ message: 'must be given' }), ValidateNested(), Type(of))

/** One to `max` documents. */
export const Many = (of: ClassOf, max: number, options?: TypeOptions): PropertyDecorator =>
  all(ArrayMinSize(1, { message: 'must have at least one entry' }), Several(of, max, options))

/** None to `max` documents. */
export const Several = (of: ClassOf, max: number, options?: TypeOptions): PropertyDecorator =>
  all(
    ...listOf(max),
    IsObject({ each: true, message: 'must hold objects only' }),
    ValidateNested({ each: true }),
    Type(of, options),
  )

/** One to `max` rows of text. */
export const Rows = (pattern: RegExp, max: number, what: string): PropertyDecorator =>
  all(
    ArrayMinSize(1, { message: 'must have at least one entry' }),
    ...listOf(max),
    Matches(pattern, { each: true, message: `must be ${what}` }),
  )

/** None to `max` names, each one of those known or of that form. */
export function Names(of: readonly string[] | RegExp, max: number): PropertyDecorator {
  const each = { each: true, message: 'must hold names that are known here' }
  return all(...listOf(max), of instanceof RegExp ? Matches(of, each) : IsIn([...of], each))
}

/** One to `max` yarn letters, one after the other. */
export const Letters = (max: number): PropertyDecorator =>
  all(MaxLength(max, wants(`at most ${max} letters`)), Pattern(/^[A-Z]+$/, 'capital letters'))

const listOf = (max: number) => [
  IsArray(wants('a list')),
  ArrayMaxSize(max, { message: `must have at most ${max} entries` }),
]

/** Fields that may be null, by the prototype of their class: what the JSON Schema must say of them. */
export const nullableFields: { readonly owner: object; readonly field: string }[] = []

/** Fields that may be left out, as {@link nullableFields}. */
export const optionalFields: { readonly owner: object; readonly field: string }[] = []

/** Left out, or what the other decorators want. */
export const Optional = (): PropertyDecorator => (target, key) => {
  optionalFields.push({ owner: target, field: String(key) })
  ValidateIf((_, value) => value !== undefined)(target, key as string)
}

/** Null, or what the other decorators want. */
export const OrNull = (): PropertyDecorator => (target, key) => {
  nullableFields.push({ owner: target, field: String(key) })
  ValidateIf((_, value) => value !== null)(target, key as string)
}
