/** Long properties are tried a few times in the run, and far more often, from another seed each time, in the campaign. */
export const CAMPAIGN = process.env['CAMPAIGN'] !== undefined

/** How often: so many times in the run. */
export const tries = (few: number): number => (CAMPAIGN ? 20 * few : few)
