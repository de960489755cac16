export * from './derive.ts'
export * from './report.ts'
export * from './sizes-said.ts'
export * from './new-design.ts'
export * from './sheet.ts'
export * from './new-piece.ts'
export * from './from-yarn.ts'
export * from './made-of.ts'
export { type Drop, maybeDrop } from './drop-on.ts'
export {
  type FinishCard,
  finishCardIds,
  finishCards,
  type Finished,
  finishedWith,
} from './finished-with.ts'
export * from './finishes.ts'
export * from './tops.ts'
export * from './finish-said.ts'
export * from './rim.ts'
