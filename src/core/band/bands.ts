import type { Band } from './band.ts'
import { handles, type HandlesPart } from './handles.ts'
import { mosaic, type MosaicPart } from './mosaic.ts'
import { plain, type PlainPart } from './plain.ts'
import { relief, type ReliefPart } from './relief.ts'
import { stripes, type StripesPart } from './stripes.ts'
import { tapestry, type TapestryPart } from './tapestry.ts'
import { texture, type TexturePart } from './texture.ts'
import { written, type WrittenPart } from './written.ts'

/** Every kind of band there is, in the order they are offered. One is added here and nowhere else. */
export const bands = {
  plain,
  stripes,
  tapestry,
  mosaic,
  texture,
  relief,
  handles,
  written,
} as const

export type BandPart =
  | PlainPart
  | StripesPart
  | TapestryPart
  | MosaicPart
  | TexturePart
  | ReliefPart
  | HandlesPart
  | WrittenPart
export type BandKind = keyof typeof bands
export const bandKinds = Object.keys(bands) as BandKind[]

/** The definition of a band, ready to be asked about it. */
export const bandOf = (part: { readonly kind: BandKind }): Band<BandPart> =>
  bands[part.kind] as unknown as Band<BandPart>

/** Whether a band is of one kind: for what only that kind has. */
export const isBandOf = <K extends BandPart['kind']>(
  kind: K,
  part: Pick<BandPart, 'kind'>,
): part is Extract<BandPart, { kind: K }> => part.kind === kind
