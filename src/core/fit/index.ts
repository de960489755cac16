export * from './design-fit.ts'
export * from './fit.ts'
export * from './resize.ts'
export * from './wording.ts'
