export { asWritten, type Mapped, replaced } from './mapped.ts'
export { NTH_WORDS, NUMBER_WORDS, numberSaid, nthSaid } from './numbers.ts'
export { inShorthand, type Own } from './said-otherwise.ts'
export { inSize, type Sizes, sizesOf } from './sizes.ts'
