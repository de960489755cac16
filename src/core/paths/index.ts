export * from './paths.ts'
export * from './ways.ts'
