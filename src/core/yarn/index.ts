export { type Buying, packsFor } from './buying.ts'
export { type ByGauge, yarnByGauge } from './by-gauge.ts'
export {
  type PartNeed,
  SEAM_LENGTHS,
  seamMm,
  stitchesKnown,
  type StrandNeed,
  type Term,
  weightWords,
  type YarnNeed,
  yarnNeeds,
} from './need.ts'
export {
  type Done,
  type Lasts,
  lasting,
  madeRows,
  maybeRowOf,
  type Weighing,
  weighingsOf,
} from './lasts.ts'
export { maybeMetresMeasured, type YarnModel, yarnModel, type YarnSource } from './model.ts'
export { lastsWords, sourceWords, termWords } from './said.ts'
export { maybeStriped, rowsOfRun, runAt } from './self-striping.ts'
export { type Into, TAIL_METRES, type Take, takesOf } from './takes.ts'
