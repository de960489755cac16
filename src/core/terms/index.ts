export * from './terms.ts'
export * from './onto-words.ts'
export * from './catalogue.ts'
