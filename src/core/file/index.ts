export * from './chart-svg.ts'
export * from './migrations.ts'
export * from './project-file.ts'
export * from './rounds-csv.ts'
