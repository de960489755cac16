export * from './derive.ts'
export * from './report.ts'
