export * from './kinds-of-field.ts'
