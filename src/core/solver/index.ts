export * from './evenly.ts'
export * from './layers.ts'
export * from './pareto.ts'
