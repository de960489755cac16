export * from './contrast.ts'
export * from './difference.ts'
export * from './aids.ts'
export * from './yarn-colours.ts'
