/** A way to work a stitch that has a gauge of its own: its key, which a swatch is kept under, and what it is called. */
export interface Fabric {
  readonly key: string
  readonly name: string
}
export const PLAIN: Fabric = { key: 'plain', name: 'Plain' }
export const TAPESTRY: Fabric = { key: 'tapestry', name: 'Tapestry' }
