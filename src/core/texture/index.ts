export * from './chart.ts'
export * from './drawer.ts'
export * from './pattern.ts'
export * from './symbols.ts'
