export * from './fitting.ts'
export * from './fittings.ts'
export * from './spot.ts'
