export * from './motifs.ts'
export * from './typeface.ts'
