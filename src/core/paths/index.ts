export * from './paths.ts'
export * from './plans.ts'
export * from './ways.ts'
