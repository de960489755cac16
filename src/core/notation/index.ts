export { type Place, type PlaceKind, placeKinds } from './below.ts'
export { readWork, type Specials } from './grammar.ts'
export {
  intoRing,
  intoSpaces,
  isFromChain,
  isSlip,
  LONG_CHAIN,
  says,
  startSpaceOf,
} from './row-shapes.ts'
export * from './meaning.ts'
export * from './meaning-of.ts'
export * from './print.ts'
export { isKnown, phraseWords } from './tokens.ts'
export { only as onlyIn, vocabulary } from './vocabulary.ts'
export * from './work-tree.ts'
export { MOST_PLACES } from './row-so-far.ts'
export * from './row-places.ts'
