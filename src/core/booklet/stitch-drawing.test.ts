import { stitches, defaultWords } from '../stitch/index.ts'
import { stepDrawing, stepsOf } from './stitch-drawing.ts'

describe('a special stitch, step by step', () => {
  it('is what its recipe says to do, one thing after the other (parted by hand)', () => {
    expect(stepsOf('(yo, pull up a loop) 3 times in one st, yo, pull through all loops')).toEqual([
      '(yo, pull up a loop) 3 times in one st',
      'yo, pull through all loops',
    ])
    expect(stepsOf('5 dc in one st, each left unfinished, yo, pull through all loops')).toEqual([
      '5 dc in one st, each left unfinished',
      'yo, pull through all loops',
    ])
    expect(stepsOf('sc into the st a row further down, drawn up loosely over it')).toHaveLength(1)
    expect(stepsOf('insert, pull up a loop, yo, pull through 1, yo, pull through 2')).toEqual([
      ...['insert', 'pull up a loop', 'yo, pull through 1', 'yo, pull through 2'],
    ])
  })

  it('says every word of every recipe, and its last step shows all of the stitch', () => {
    for (const { id, recipe } of stitches) {
      if (!recipe) continue
      const steps = stepsOf(recipe)
      const words = (text: string) => text.match(/\w+/g)
      expect(words(steps.join(' '))).toEqual(words(recipe))
      const last = stepDrawing(id, steps.length - 1, steps.length, defaultWords)
      // Nothing is left to come: no broken line.
      expect(last.paths.some(({ stroke }) => stroke?.dash)).toBe(false)
      expect(last.paths.at(-1)!.d).not.toBe('')
    }
  })
})
