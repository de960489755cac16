export * from './to-design.ts'
