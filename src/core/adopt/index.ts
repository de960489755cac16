export * from './to-design.ts'
export { countedBase, countedRows, type RowYarns } from './written-rows.ts'
