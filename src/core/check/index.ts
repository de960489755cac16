export * from './check.ts'
export * from './problem.ts'
export * from './to-design.ts'
