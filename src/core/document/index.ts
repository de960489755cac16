export * from './document.ts'
export * from './faults.ts'
