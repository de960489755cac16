export * from './row-text.ts'
export * from './written.ts'
