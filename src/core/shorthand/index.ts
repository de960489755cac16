export { stitchOfWord } from './written-rows.ts'
export { sameWork } from './repeats-of-rows.ts'
export { patternMeasures, type PatternMeasures, texturedBand, type TextureOn } from './textured.ts'
export {
  countedBase,
  countedRows,
  countsOver,
  runsOfMade,
  type RowYarns,
  workOf,
  writtenRow,
} from './written-rows.ts'
export { countedOverBag } from './over-bag.ts'
export { countsFound, whyNotOn } from './pattern-counts.ts'
export { type RowsDrawn, rowsDrawn } from './rows-drawn.ts'
export { inLetters, patternOfRows, type RowsWanted } from './pattern-of-rows.ts'
