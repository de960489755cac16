/* Packages that are only measured against, and say no types. */
declare module 'rgbquant' {
  export default class RgbQuant {
    constructor(options: { readonly colors: number; readonly minHueCols?: number })
    sample(rgba: Uint8Array, width: number): void
    palette(tuples: true): number[][]
  }
}
declare module 'gifenc' {
  const gifenc: { quantize(rgba: Uint8Array, colours: number): number[][] }
  export default gifenc
}
