export * from './history.ts'
export * from './log.ts'
export * from './project.ts'
