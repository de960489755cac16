export * from './section.ts'
export * from './spot.ts'
