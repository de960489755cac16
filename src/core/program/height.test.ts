import { heightOf, lay, type Program, stitches } from './index.ts'
import { chain, group, pass, work } from './index.ts'

/* Heights in rows of sc, from memory (sc 1, hdc 1.4, dc 2, tr 2.8), each row reasoned by hand. */
describe('how high a row lies', () => {
  it.each<[string, number, Program]>([
    ['sc', 1, [work('sc', 5)]],
    ['dc', 2, [work('dc', 5)]],
    ['dc and chains over what they pass', 2, [group(3, work('dc'), chain(1, 'over'), pass(1))]],
    // Every column holds both.
    ['sc and dc by turns', 1.5, [group(3, work('sc'), work('dc'))]],
    ['sc, hdc, dc in one', 1.5, [group(3, work('sc'), work('hdc'), work('dc'))]],
    ['shells of five between sc', 1.5, [group(3, work('sc'), work('dc', 5))]],
    // What is tall between short ones folds.
    ['pebbles: tr between sc', 1.1, [group(3, work('sc'), work('tr'))]],
    ['bobbles between sc', 1.2, [group(3, work('sc', 3), work('bobble'))]],
    ['popcorn between sc', 1.2, [group(3, work('sc', 3), work('popcorn'))]],
    ['posts between sc', 1.2, [group(3, work('sc', 2), work('fpdc'))]],
    ['posts all the way', 2, [group(3, work('fpdc'), work('bpdc'))]],
    ['spikes between sc', 1, [group(3, work('sc', 3), work('spike'))]],
    // An arc of 7 over a chord of 4 hangs 2.1 deep (L = g + 8 s² / 3 g), its feet are sc.
    ['chains of 7 over 4', 1.56, [group(3, work('sc'), chain(7, 'over'), pass(4))]],
    ['chains of 3 over 3', 1, [group(3, work('sc'), chain(3, 'over'), pass(3))]],
    ['a handle of 80 over 26', 1, [work('sc', 20), chain(80, 'over'), pass(26), work('sc', 20)]],
    // What stands off gives no height.
    ['ladder loops on dc', 2, [group(3, work('dc', 5), work('ladder-loop'))]],
    ['slip stitches', 0, [work('sl-st', 5)]],
  ])('%s: %f', (_, height, program) => expect(heightOf(program)).toBeCloseTo(height, 2))
})

describe('how wide a row lies', () => {
  const wide = (program: Program, count: number) => {
    const row = lay(program, [stitches(count)], { last: true })
    if (!row.ok) throw new Error(`misfit of ${row.problem}`)
    return row.value.width
  }
  it('stars are as wide as the two stitches they close over', () =>
    expect(wide([work('star', 'fits')], 60)).toBe(60))
  it('two together are one wide', () => expect(wide([work('sc2tog', 'fits')], 60)).toBe(30))
})
