export * from './context.ts'
export * from './find.ts'
export * from './snag.ts'
export * from './wording.ts'
