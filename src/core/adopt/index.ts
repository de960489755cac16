export * from './to-design.ts'
export { texturedBand, type TextureOn } from './textured.ts'
export { countedBase, countedRows, type RowYarns } from './written-rows.ts'
