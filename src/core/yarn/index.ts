export * from './need.ts'
export * from './schools.ts'
