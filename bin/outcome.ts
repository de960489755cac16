/** What a command ends with: what is printed, and whether something is wrong. */
export interface Outcome {
  readonly output: string
  readonly wrong: boolean
}

/** Cannot go on; the message is the one line that is said. */
export class Refusal extends Error {}
