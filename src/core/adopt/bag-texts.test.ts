import { checkPattern } from '../check/index.ts'
import { partsOf } from '../design/index.ts'
import { bagTexts } from '../testing/bag-texts.ts'
import { writtenIn } from '../testing/written.ts'
import { designFromPattern } from './index.ts'

const about = { name: 'Found', hookMm: 4, yarnClass: 3 }

describe.each(bagTexts.map((one) => [one.text.split('\n')[0]!, one] as const))(
  '%s',
  (_, { text, as, makes, told = 0 }) => {
    it('adds up as it was counted by hand', () => {
      const { rows, unread } = checkPattern(text)
      expect(
        rows.flatMap(({ row, problems }) => problems.map(({ code }) => `${row} ${code}`)),
      ).toEqual([])
      expect([rows.map((row) => row.makes), unread]).toEqual([makes, []])
    })

    it('becomes the bag it is, with every row as it is written', () => {
      const made = designFromPattern(text, {}, about)
      if (!made.ok) throw new Error(made.problem)
      expect(partsOf(made.value.design)[0]!.kind).toBe(as)
      expect(made.value.told.otherwise).toHaveLength(told)
      // What a row says itself is not said once more.
      expect(writtenIn(made.value.design, 'own')).not.toMatch(/(fasten off|join), \1\b/)
    })
  },
)
