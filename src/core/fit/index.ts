export * from './design-fit.ts'
export * from './fit.ts'
export * from './wording.ts'
