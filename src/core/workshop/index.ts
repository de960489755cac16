export * from './edits.ts'
export * from './workshop.ts'
