export * from './compile.ts'
export * from './gauge.ts'
export * from './ledger.ts'
export * from './picture.ts'
