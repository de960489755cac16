import { derive, newDesign, newPiece, type PieceKind, piecesFor } from '../bag/index.ts'
import { compiled } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { type BasePart } from '../shape/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { writtenPattern } from './index.ts'

const bagOf = (kind: BasePart['kind']) =>
  projectOf(
    newDesign({
      ...{ name: kind, kind, aroundMm: 514, said: 'around' },
      ...{ heightMm: 200, hookMm: 4, yarnClass: 3 },
    }),
  )
/** The joins of a bag with a piece more, as they are printed. */
function saidOf(kind: BasePart['kind'], more: PieceKind | null, hand: 'right' | 'left' = 'right') {
  const bag = bagOf(kind)
  const edits = more ? [{ name: 'addPiece', args: { piece: newPiece(compiled(bag), more) } }] : []
  const { design } = commit(historyOf(bag), edits as never)
  const { ledger } = derive(projectOf(design), { hand })
  return writtenPattern(ledger, { ...defaultWords, hand }).flatMap(({ joins }) => joins)
}

describe('how pieces are joined (common practice)', () => {
  it('says the seam, the sides that face, and the yarn to leave: three times its length and a tail', () => {
    const [left, bottom] = saidOf('two-panels', null)
    expect(left).toMatch(
      /^Sew the left side: .*\. Mattress stitch, right sides up, edge to edge; leave about /,
    )
    expect(bottom).toMatch(
      /^Sew the bottom: .*\. Whip stitch, wrong sides together; leave about \d+ cm/,
    )
  })

  it('is mirrored for the left hand', () => {
    expect(saidOf('two-panels', null, 'left')[0]).toMatch(/^Sew the right side: .*right sides up/)
  })

  it('sews a strap from one end of the strip of a disc bag to the other', () => {
    const straps = saidOf('discs', 'strap').filter((one) => one.includes('Strap'))
    expect(straps[0]).toMatch(/first row of Strap to the first row of Strip/)
    expect(straps[1]).toMatch(/last row of Strap to the last row of Strip/)
  })

  it('puts a pocket on the front of a folded panel, not over its fold or on its back', () => {
    const [pocket] = saidOf('folded-panel', 'pocket').filter((one) => one.includes('Pocket'))
    const fold = Number(/between rows (\d+)/.exec(saidOf('folded-panel', null)[0]!)![1])
    expect(Number(/to row (\d+)/.exec(pocket!)![1])).toBeLessThan(fold)
  })

  it('says of a gusset that it is not sewn to anything', () => {
    expect(saidOf('two-panels', 'gusset').at(-1)).toBe('Gusset is not sewn to anything yet.')
  })

  it('calls a piece as she calls it', () => {
    const bag = bagOf('discs')
    const named = { ...bag.design.pieces[0]!, name: 'Hoop' }
    const { ledger } = compiled(projectOf({ ...bag.design, pieces: [named] }))
    const said = writtenPattern(ledger, defaultWords).flatMap(({ joins }) => joins)
    expect(said[0]).toMatch(/^Sew the Hoop to one disc/)
  })

  it('offers nothing that is wider than the rim', () => {
    expect(piecesFor(compiled(bagOf('discs')))).not.toContain('flap')
    expect(piecesFor(compiled(bagOf('round-base')))).toContain('flap')
  })
})
