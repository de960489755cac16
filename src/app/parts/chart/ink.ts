/** What a cell can be painted with: a yarn, or a symbol. */
export interface Ink {
  readonly letter: string
  readonly name: string
  readonly colour: string
}
