export * from './evenly.ts'
