export * from './chart.ts'
export * from './resize.ts'
export * from './runs.ts'
export * from './select.ts'
