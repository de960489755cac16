export * from './fields.ts'
