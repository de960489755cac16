export * from './section.ts'
