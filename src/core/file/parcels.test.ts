import fc from 'fast-check'
import { tries } from '../testing/tries.ts'
import { type Gathered, missingIn, parcelsOf, unpacked, withParcel } from './index.ts'

const gathered = (parcels: readonly Uint8Array[]): Gathered =>
  parcels.reduce<Gathered | null>((now, one) => withParcel(now, one), null)!

describe('parcels', () => {
  it('say by hand what they are: two of a series of two', () => {
    const [one, two] = parcelsOf(new Uint8Array([7, 8, 9]), 2)
    // "AM", 1, FNV-1a of 7 8 9, number 0 of 2, what it carries.
    let hash = 0x811c9dc5
    for (const byte of [7, 8, 9]) hash = Math.imul(hash ^ byte, 16777619) >>> 0
    const of = [hash >>> 24, (hash >>> 16) & 255, (hash >>> 8) & 255, hash & 255]
    expect([...one!]).toEqual([0x41, 0x4d, 1, ...of, 0, 0, 0, 2, 7, 8])
    expect([...two!]).toEqual([0x41, 0x4d, 1, ...of, 0, 1, 0, 2, 9])
  })
  it('come together in any order, however often each comes', () => {
    const cases = fc.tuple(
      fc.uint8Array({ maxLength: 400 }),
      fc.integer({ min: 1, max: 90 }),
      fc.infiniteStream(fc.nat()),
    )
    fc.assert(
      fc.property(cases, ([bytes, each, order]) => {
        const parcels = parcelsOf(bytes, Math.max(each, Math.ceil(bytes.length / 300)))
        const mixed = [...parcels, ...parcels].sort(() => (order.next().value % 2 === 0 ? 1 : -1))
        const all = unpacked(gathered(mixed))
        expect(all).toEqual({ ok: true, value: bytes })
      }),
      { numRuns: tries(100) },
    )
  })
  it('say what is missing, and are not what was sent where one is torn', () => {
    const parcels = parcelsOf(new Uint8Array(50).fill(3), 10)
    const some = gathered([parcels[4]!, parcels[1]!])
    expect(missingIn(some)).toEqual([1, 3, 4])
    expect(unpacked(some)).toMatchObject({ ok: false })
    const torn = parcels[2]!.slice()
    torn[12]! ^= 1
    expect(unpacked(gathered([...parcels.with(2, torn)]))).toMatchObject({ ok: false })
  })
  it('leave alone what is none, and begin anew with another series', () => {
    const first = gathered([parcelsOf(new Uint8Array([1]), 1)[0]!])
    for (const other of [
      new Uint8Array(),
      new Uint8Array(20),
      new TextEncoder().encode('AM, said she'),
    ])
      expect(withParcel(first, other)).toBe(first)
    const next = withParcel(first, parcelsOf(new Uint8Array([2, 3]), 1)[1]!)!
    expect(missingIn(next)).toEqual([1])
  })
})
