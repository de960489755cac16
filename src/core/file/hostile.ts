import type { Fault } from '../design/index.ts'

const DEEPEST = 12
const MOST_VALUES = 200_000
const forbidden = new Set(['__proto__', 'constructor', 'prototype'])

/** What no honest project holds: keys that reach into prototypes, endless nesting, more values than any bag. */
export function jsonFaults(json: unknown): Fault[] {
  let values = 0
  const visit = (value: unknown, where: string, depth: number): Fault | null => {
    if (++values > MOST_VALUES) return { where, message: 'holds more values than any bag needs' }
    if (typeof value !== 'object' || value === null) return null
    if (depth > DEEPEST) return { where, message: 'is nested deeper than any project' }
    for (const [key, inner] of Object.entries(value)) {
      const place = Array.isArray(value) ? `${where}[${key}]` : `${where}.${key}`
      if (Array.isArray(value) && inner === null)
        return { where: place, message: 'is an empty place in a list' }
      if (forbidden.has(key)) return { where: place, message: 'is a key that no project has' }
      const fault = visit(inner, place, depth + 1)
      if (fault) return fault
    }
    return null
  }
  const fault = visit(json, 'file', 0)
  return fault ? [fault] : []
}
