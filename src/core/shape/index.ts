export * from './chain-base.ts'
export * from './flatness.ts'
export * from './round-base.ts'
export * from './contents.ts'
