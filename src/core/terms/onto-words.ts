/** "working into Rnd 4, ", or into two rows in turn. */
export const ontoWords = (row: 'Rnd' | 'Row', numbers: readonly number[]): string =>
  numbers.length > 1
    ? `working into ${row}s ${numbers.join(' and ')} in turn, `
    : `working into ${row} ${numbers[0]}, `
