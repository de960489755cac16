export * from './fitting.ts'
export * from './fittings.ts'
