export * from './document.ts'
export * from './faults.ts'
export * from './head.ts'
export * from './kinds-of-field.ts'
