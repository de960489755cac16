import type { WayFigures } from '@core/paths'
import { figuresWords, gapWords, wayWords } from './saying-paths.ts'

const none: WayFigures = {
  ...{ ends: 2, carriedMetres: 0, floatedMetres: 0, trailedMetres: 0 },
  ...{ balls: 1, strands: 1, longestFloat: 0, longestTrail: 0, minutes: 4 },
}
describe('what is said of ways', () => {
  it('says figures as few as tell them apart', () => {
    expect(figuresWords(none, 'metric')).toEqual([
      '2 ends, 4 min to hide',
      'nothing carried',
      '1 ball at once',
    ])
    expect(
      figuresWords(
        {
          ...none,
          ends: 28,
          minutes: 56,
          floatedMetres: 9,
          longestFloat: 7,
          balls: 3,
          longestTrail: 4,
        },
        'metric',
      ),
    ).toEqual([
      '28 ends, 56 min to hide',
      '9.0 m floated, over 7 stitches at most',
      '3 balls at once, trailed 4 at most',
    ])
  })
  it('says of each way what it takes and what comes of it, and what cannot be', () => {
    const rounds = { highMm: 23, worked: 'rounds', units: 'metric' } as const
    const way = (how: 'cut' | 'trail' | 'along', becomes: 'cut' | 'trailed' | 'carried') =>
      wayWords({ how, becomes, metres: 0.3, ends: becomes === 'cut' ? 2 : 0 }, rounds)
    expect(way('cut', 'cut')).toMatchObject({ title: 'Cut, join anew', takes: '2 ends' })
    expect(way('trail', 'trailed')).toMatchObject({
      title: 'Trail it up inside',
      about: 'shows as a ridge over 2.3 cm at the join',
    })
    const rows = { ...rounds, worked: 'rows' } as const
    expect(wayWords({ how: 'trail', becomes: 'cut', metres: 0, ends: 2 }, rows)).toMatchObject({
      title: 'Let it hang at the edge',
      takes: 'cannot be',
    })
    expect(gapWords(1, 'rows', 5, 'metric')).toBe('not worked in 1 row (0.5 cm)')
  })
})
