export * from './drawer.ts'
export * from './pattern.ts'
