export * from './terms.ts'
export * from './onto-words.ts'
