export * from './design-fit.ts'
export * from './fit.ts'
