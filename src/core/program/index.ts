export * from './lay.ts'
export * from './places.ts'
export * from './program.ts'
