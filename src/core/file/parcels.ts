import { found, refused, type Result } from '../units/index.ts'

/*
 * Bytes as a series of parcels, each small enough for one code that a camera reads. A parcel says which series it is of, which one it is
 * and how many there are; they come in any order, and again and again.
 *
 * Bytes of a parcel: "AM", 1, four of the series (a hash of all that is sent), two of its number from 0, two of how many there are, the rest
 * is what it carries. Numbers have their high byte first.
 */

const MAGIC = [0x41, 0x4d, 1] as const
const HEAD = 11
/** More parcels than this are not sent, nor gathered. */
export const MOST_PARCELS = 400

/** FNV-1a, 32 bits (Fowler, Noll, Vo): tells one series from another, and whether all of it came. */
function hashOf(bytes: Uint8Array): number {
  let hash = 0x811c9dc5
  for (const byte of bytes) hash = Math.imul(hash ^ byte, 0x01000193) >>> 0
  return hash
}

/** Bytes in parcels that carry so many each. @throws RangeError for more than can be sent */
export function parcelsOf(bytes: Uint8Array, each: number): Uint8Array[] {
  const many = Math.max(1, Math.ceil(bytes.length / each))
  if (many > MOST_PARCELS) throw new RangeError(`${many} parcels; ${MOST_PARCELS} are the most`)
  const hash = hashOf(bytes)
  return Array.from({ length: many }, (_, i) => {
    const carried = bytes.subarray(i * each, (i + 1) * each)
    const parcel = new Uint8Array(HEAD + carried.length)
    const head = new DataView(parcel.buffer)
    parcel.set(MAGIC)
    head.setUint32(3, hash)
    head.setUint16(7, i)
    head.setUint16(9, many)
    parcel.set(carried, HEAD)
    return parcel
  })
}

interface Read {
  readonly series: number
  readonly number: number
  readonly many: number
  readonly carried: Uint8Array
}

function maybeParcel(bytes: Uint8Array): Read | null {
  if (bytes.length < HEAD || MAGIC.some((byte, i) => bytes[i] !== byte)) return null
  const head = new DataView(bytes.buffer, bytes.byteOffset)
  const [series, number, many] = [head.getUint32(3), head.getUint16(7), head.getUint16(9)]
  return many < 1 || many > MOST_PARCELS || number >= many
    ? null
    : { series, number, many, carried: bytes.slice(HEAD) }
}

/** What has come of a series so far. */
export interface Gathered {
  readonly series: number
  readonly many: number
  readonly parcels: ReadonlyMap<number, Uint8Array>
}

/** Numbers from 1 of what is still missing. */
export const missingIn = ({ many, parcels }: Gathered): number[] =>
  Array.from({ length: many }, (_, i) => i + 1).filter((number) => !parcels.has(number - 1))

/**
 * One parcel more. Of another series a new gathering begins with it.
 * @returns what is gathered then; the same where it is no parcel, or was there already
 */
export function withParcel(gathered: Gathered | null, bytes: Uint8Array): Gathered | null {
  const parcel = maybeParcel(bytes)
  if (!parcel) return gathered
  const { series, number, many, carried } = parcel
  const now =
    gathered?.series === series && gathered.many === many
      ? gathered
      : { series, many, parcels: new Map<number, Uint8Array>() }
  return now.parcels.has(number)
    ? now
    : { ...now, parcels: new Map([...now.parcels, [number, carried]]) }
}

/** All that was sent, once nothing is missing; refused where it is not what was sent. */
export function unpacked(gathered: Gathered): Result<Uint8Array> {
  if (missingIn(gathered).length > 0) return refused('Not all of it is here yet.')
  const parts = Array.from({ length: gathered.many }, (_, i) => gathered.parcels.get(i)!)
  const bytes = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const part of parts) {
    bytes.set(part, at)
    at += part.length
  }
  return hashOf(bytes) === gathered.series
    ? found(bytes)
    : refused('What was read is not what was sent: show the codes again.')
}
