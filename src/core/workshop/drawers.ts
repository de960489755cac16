/** How many things a drawer holds. */
export const MOST = {
  patterns: 200,
  motifs: 400,
  palettes: 100,
  yarns: 500,
  swatches: 200,
  learned: 500,
} as const

/** The lists of a workshop, each of things with an id. */
export const drawers = ['patterns', 'motifs', 'palettes', 'yarns', 'swatches', 'learned'] as const
export type Drawer = (typeof drawers)[number]
