import type { Derived } from '@core/bag'
import { shortened } from '@core/units'
import type { Project } from '@core/project'
import type { Kept } from './document-store.ts'
import { stores } from './stores.ts'

/** A bag as it lies on the shelf. */
export interface ShelfBag {
  readonly id: string
  readonly name: string
  readonly savedAt: number
  /** As it is stored, where it cannot be read here. */
  readonly raw: unknown
  /** Null when its record cannot be read here. */
  readonly project: Project | null
  /** Null until it is worked out, and when it cannot be. */
  readonly derived: Derived | null
  /** What is wrong with it, in words. */
  readonly problem: string | null
  /** A version that can be opened where the newest cannot. */
  readonly lastGood: Project | null
}

/** A name that stands in a record, whatever else does. */
function nameIn(raw: unknown): string {
  const { file } = (raw ?? {}) as { file?: { design?: { name?: unknown } } }
  const name = file?.design?.name
  return typeof name === 'string' && name.trim() ? shortened(name, 80) : 'A bag'
}

/** A kept bag as it lies on the shelf, not worked out yet. */
export function onShelf({ id, raw, record }: Kept): ShelfBag {
  const bag = {
    ...{ id, raw, savedAt: record?.savedAt ?? 0, name: nameIn(raw) },
    ...{ project: null, derived: null, lastGood: null },
  }
  if (!record) return { ...bag, problem: 'Nothing of its record can be read.' }
  const read = stores.bags.read(record)
  if (read.ok) return { ...bag, raw: null, project: read.value, problem: null }
  const [first] = read.problem as readonly { where?: string; message: string }[]
  return {
    ...bag,
    problem: `It cannot be opened: ${first?.where ?? ''} ${first?.message ?? ''}`,
    lastGood: stores.bags.maybeLastGood(record),
  }
}
