export * from './check.ts'
export type * from './checked.ts'
export * from './problem.ts'
