export * from './fitting.ts'
export * from './fittings.ts'
export { type Handles, type HandlesAsked, handlesText, maybeHandles } from './handles.ts'
