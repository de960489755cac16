export * from './derive.ts'
export * from './report.ts'
export * from './new-design.ts'
export * from './sheet.ts'
