import type { Fault } from './faults.ts'
import { shortened } from '../units/index.ts'

const DEEPEST = 12
const MOST_VALUES = 200_000
/** No object of a project has as many fields, no list as many entries; validators are slow on what they do not know. */
const MOST_FIELDS = 60
const MOST_ENTRIES = 6_000
const forbidden = new Set([...Object.getOwnPropertyNames(Object.prototype), 'prototype'])

/** What no honest project holds: keys that reach into prototypes, endless nesting, more values than any bag. */
export function jsonFaults(json: unknown): Fault[] {
  let values = 0
  const visit = (value: unknown, where: string, depth: number): Fault | null => {
    if (++values > MOST_VALUES) return { where, message: 'holds more values than any bag needs' }
    if (typeof value !== 'object' || value === null) return null
    if (depth > DEEPEST) return { where, message: 'is nested deeper than any project' }
    const entries = Object.entries(value)
    if (entries.length > (Array.isArray(value) ? MOST_ENTRIES : MOST_FIELDS))
      return { where, message: `has ${entries.length} entries, more than any project` }
    for (const [key, inner] of entries) {
      const place = Array.isArray(value) ? `${where}[${key}]` : `${where}.${shortened(key, 40)}`
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
