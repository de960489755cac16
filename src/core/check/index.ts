export * from './check.ts'
export type * from './checked.ts'
export { splitTotal } from './lines.ts'
export * from './problem.ts'
