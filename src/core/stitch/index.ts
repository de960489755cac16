export * from './dictionary.ts'
export * from './stitch.ts'
export * from './yarn-class.ts'
