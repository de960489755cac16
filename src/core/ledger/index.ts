export { cornerOf, flatAround, sharedAround } from './around.ts'
export * from './compile.ts'
export {
  type DesignGauge,
  type GaugeSource,
  gaugeFor,
  gaugeNeedOf,
  gaugeOf,
  partGauge,
} from './gauge.ts'
export * from './gauge-answers.ts'
export { type HandleInRow, handlesInRow, maybeHandleRow } from './handles.ts'
export * from './ledger.ts'
export * from './hangs.ts'
export * from './lean.ts'
export * from './picture.ts'
export * from './touching.ts'
export * from './foundation.ts'
export * from './spots.ts'
export { fittingBag } from './items.ts'
export { idOfRow, rowMade, unitOfRow } from './record.ts'
export * from './middles.ts'
