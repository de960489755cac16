export { wantsOfText, withoutTurn } from './row-said.ts'
export * from './band.ts'
export * from './bands.ts'
export { markedRow, programOf } from './marked-row.ts'
export { inTurnsFrom, mosaicFrom, MosaicPart, mosaicRules, rowsFor } from './mosaic.ts'
export {
  type Lies,
  liesAs,
  type LiesAs,
  reliefMended,
  reliefMisfits,
  reliefOf,
  ReliefPart,
  reliefs,
  type WhyNot,
} from './relief.ts'
export { closingRow, evenedRow, PlainPart } from './plain.ts'
export * from './edge-handles.ts'
export * from './fabric.ts'
export { HANDLE_LIMITS, HandlesPart, maybeHandlesOf } from './handles.ts'
export { Stripe, StripesPart } from './stripes.ts'
export { scaledTo, stripeWays } from './stripe-sequences.ts'
export { ChartDocument, TapestryPart } from './tapestry.ts'
export {
  comeOutOn,
  countsOf,
  type CountedRow,
  ontoRows,
  rowProgram,
  WrittenRepeat,
  WrittenRow,
  WrittenRun,
} from './counted-rows.ts'
export {
  beyondRepeats,
  isRaised,
  slotsOf,
  turnsOf,
  yarnsByRow,
  takesEdges,
  TexturePart,
  TextureRow,
  TextureYarn,
} from './texture.ts'
export { countedOn, WrittenPart } from './written.ts'
export * from './stripe-amounts.ts'
export { type Technique, techniques } from './techniques.ts'
