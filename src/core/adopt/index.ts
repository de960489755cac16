export * from './to-design.ts'
export { countedRows, type RowYarns } from './written-rows.ts'
