export * from './dictionary.ts'
export * from './stitch.ts'
export * from './words.ts'
export * from './yarn-class.ts'
