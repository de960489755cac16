import fc from 'fast-check'
import {
  IDLE,
  placeOf,
  type RimAnswer,
  type RimEvent,
  rimStep,
  type RimState,
  shareOf,
} from './rim-hand.ts'

/** All that came of some events, one after the other. */
function after(events: readonly RimEvent[]) {
  let state: RimState = IDLE
  const answers: RimAnswer[] = []
  for (const event of events) {
    const answer = rimStep(state, event)
    state = answer.state
    answers.push(answer)
  }
  return { state, answers, done: answers.flatMap(({ does }) => (does ? [does] : [])) }
}

describe('the hand on the rim', () => {
  it('takes a mark, shows where it would go, and puts it there', () => {
    const { state, answers, done } = after([
      { kind: 'take', key: 'a', at: 18 },
      { kind: 'move', at: 17.2 },
      { kind: 'move', at: 16.6 },
      { kind: 'move', at: 15.9 },
      { kind: 'drop' },
    ])
    expect(answers.map(({ shows }) => shows)).toEqual([
      undefined,
      { key: 'a', at: 17 },
      undefined,
      { key: 'a', at: 16 },
      null,
    ])
    expect(done).toEqual([{ key: 'a', at: 16 }])
    expect(state).toBe(IDLE)
  })

  it('does nothing where it is let go where it was taken, or given up', () => {
    expect(after([{ kind: 'take', key: 'a', at: 18 }, { kind: 'drop' }]).done).toEqual([])
    const { done, answers } = after([
      { kind: 'take', key: 'a', at: 18 },
      { kind: 'move', at: 3 },
      { kind: 'give-up' },
      { kind: 'move', at: 9 },
      { kind: 'drop' },
    ])
    expect(done).toEqual([])
    expect(answers[2]!.shows).toBeNull()
  })

  it('moves by keys at once, or what is held', () => {
    expect(after([{ kind: 'step', key: 'b', at: 40, by: -1 }]).done).toEqual([{ key: 'b', at: 39 }])
    const held = after([
      { kind: 'take', key: 'a', at: 18 },
      { kind: 'step', key: 'b', at: 40, by: 2 },
      { kind: 'drop' },
    ])
    expect(held.done).toEqual([{ key: 'a', at: 20 }])
  })

  it('never does more than it was let go or stepped', () => {
    const event: fc.Arbitrary<RimEvent> = fc.oneof(
      fc.record({
        kind: fc.constant('take' as const),
        key: fc.constantFrom('a', 'b'),
        at: fc.nat(60),
      }),
      fc.record({
        kind: fc.constant('move' as const),
        at: fc.double({ min: -5, max: 70, noNaN: true }),
      }),
      fc.record({ kind: fc.constantFrom('drop' as const, 'give-up' as const) }),
      fc.record({
        kind: fc.constant('step' as const),
        key: fc.constant('a'),
        at: fc.nat(60),
        by: fc.constantFrom(-1, 1),
      }),
    )
    fc.assert(
      fc.property(fc.array(event, { maxLength: 30 }), (events) => {
        const { done } = after(events)
        const ends = events.filter(({ kind }) => kind === 'drop' || kind === 'step').length
        expect(done.length).toBeLessThanOrEqual(ends)
        for (const { at } of done) expect(Number.isFinite(at)).toBe(true)
      }),
      { seed: 30 },
    )
  })

  it('lays the rim as it is worked: by the right hand from the right', () => {
    for (const hand of ['right', 'left'] as const)
      for (const at of [0, 17, 60, 120])
        expect(placeOf(shareOf(at, 120, hand), 120, hand)).toBeCloseTo(at, 9)
    expect(shareOf(0, 120, 'right')).toBe(1)
    expect(shareOf(0, 120, 'left')).toBe(0)
  })
})
