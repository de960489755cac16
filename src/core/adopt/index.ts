export * from './to-design.ts'
export { patternMeasures, type PatternMeasures, texturedBand, type TextureOn } from './textured.ts'
export { countedBase, countedRows, type RowYarns } from './written-rows.ts'
export { patternOfRows, type RowsWanted } from './pattern-of-rows.ts'
