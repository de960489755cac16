export * from './terms.ts'
