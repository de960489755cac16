export type { Grouped } from './group.ts'
export { edgeWords, meetingWords, seamWords } from './joins.ts'
export * from './row-text.ts'
export * from './written.ts'
