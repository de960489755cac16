export type { Grouped } from './group.ts'
export * from './row-text.ts'
export * from './written.ts'
