export * from './check.ts'
export * from './problem.ts'
