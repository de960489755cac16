export * from './contrast.ts'
export * from './paths.ts'
