import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
  type ValidationArguments,
} from 'class-validator'

/* The kinds of field a document has. Each says in words what it wants, so that the message can stand at the field. */

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) =>
    decorators.forEach((decorate) => decorate(target, key))

const shown = (value: unknown): string => {
  const text = typeof value === 'string' ? `“${value}”` : String(JSON.stringify(value) ?? value)
  return text.length > 40 ? `${text.slice(0, 39)}…` : text
}
const wants = (what: string) => ({
  message: ({ value }: ValidationArguments) => `must be ${what}, not ${shown(value)}`,
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

/** Text of 1 to `max` characters. */
export function Text(max: number): PropertyDecorator {
  const words = wants(`text of 1 to ${max} characters`)
  return all(IsString(words), MinLength(1, words), MaxLength(max, words))
}

export const OneOf = (values: readonly (string | number)[]): PropertyDecorator =>
  IsIn([...values], wants(`one of ${values.join(', ')}`))

export const Pattern = (pattern: RegExp, what: string): PropertyDecorator =>
  all(IsString(wants(what)), Matches(pattern, wants(what)))

export const ListOf = (max: number): PropertyDecorator =>
  all(IsArray(wants('a list')), ArrayMaxSize(max, { message: `must have at most ${max} entries` }))

/** Null, or what the other decorators want. */
export const OrNull = (): PropertyDecorator =>
  ValidateIf((_, value) => value !== null) as PropertyDecorator
