/* What is said of a chart beside its cells, where it is printed. */

/** A row of the bag that a row of the chart is: its printed number, and the side that faces. */
export interface ChartRowNumber {
  readonly chartRow: number
  readonly number: number
  readonly side: 'RS' | 'WS'
}

/** What stands on some cells, as a sign in its place, and what each sign is. */
export interface ChartSigns {
  /** Rows from below, as wide as the chart; a blank where there is none. */
  readonly rows: readonly string[]
  readonly key: readonly {
    readonly sign: string
    readonly is: string
    /** Its symbol, in a box of 20 × 20; none where a letter says it. */
    readonly symbol?: string
  }[]
}
