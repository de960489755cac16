export * from './to-design.ts'
export type { Told } from './told.ts'
