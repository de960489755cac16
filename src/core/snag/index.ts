export * from './finder.ts'
export * from './finders.ts'
export * from './snag.ts'
export * from './wording.ts'
