export * from './rules.ts'
export * from './mend.ts'
