export * from './lay.ts'
export * from './places.ts'
export * from './program.ts'
export { placesIn, tallestOf } from './needs.ts'
