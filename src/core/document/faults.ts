import { plainToInstance } from 'class-transformer'
import { useContainer, validateSync, type ValidationError } from 'class-validator'

/** Something in a document that cannot be: where, as a path, and what it must be. */
export interface Fault {
  readonly where: string
  readonly message: string
}

const MOST_FAULTS = 20

/** The validator's own parts, each made once: by itself it looks through a list of them for every value. */
const made = new Map<unknown, object>()
useContainer({
  get(of: new () => object) {
    const known = made.get(of) ?? new of()
    made.set(of, known)
    return known
  },
} as Parameters<typeof useContainer>[0])

/** What the classes of documents find wrong with data of one of them: at most twenty faults, each with its path. */
export function fieldFaults<T extends object>(of: new () => T, data: unknown): Fault[] {
  const errors = validateSync(plainToInstance(of, data) as object, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  })
  return errors.flatMap((error) => leaves(error, '')).slice(0, MOST_FAULTS)
}

/** The faults at the tips of a tree of errors, each with its path: `design.parts[2].rounds`. */
function leaves(error: ValidationError, path: string): Fault[] {
  const step = /^\d+$/.test(error.property) ? `[${error.property}]` : `.${error.property}`
  const where = (path + step).replace(/^\./, '')
  const [constraint, message] = Object.entries(error.constraints ?? {})[0] ?? []
  const own = constraint
    ? [
        {
          where,
          message: constraint === 'whitelistValidation' ? 'is not known here' : message!,
        },
      ]
    : []
  return [...own, ...(error.children ?? []).flatMap((child) => leaves(child, where))]
}
