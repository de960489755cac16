import type { Design } from '@core/design'
import type { Derived } from '@core/bag'
import { rowWord } from '@core/terms'
import type { Words } from '@core/stitch'
import { printYarnLength } from '@core/units'
import { takesOf, termWords, yarnModel, stitchesKnown } from '@core/yarn'

/** What each row of a part takes of a yarn, those that take the same together: "rounds 27–28: 120 sc …". */
export function rowsOfSum(
  { design, derived }: { readonly design: Design; readonly derived: Derived },
  letter: string,
  part: string,
  words: Words,
) {
  const { ledger, paths } = derived
  const model = yarnModel(design, stitchesKnown(ledger))
  const yarn = ledger.yarns.indexOf(letter)
  return ledger.pieces.flatMap((piece, at) => {
    const own = piece.parts.find(({ id }) => id === part)
    if (!own) return []
    const lines: { key: string; from: number; to: number; words: string; metres: number }[] = []
    for (let row = own.firstRow; row < own.endRow; row++) {
      const takes = takesOf(ledger, piece, paths[at]!, row, row + 1).filter(
        (one) => one.yarn === yarn,
      )
      if (takes.length === 0) continue
      const terms = takes.map((take) => ({
        ...take,
        metres:
          take.metres +
          take.count * (take.stitch === null ? 0 : model.metresOf(letter, take.stitch)),
      }))
      const said = terms.map((term) => termWords(term, words).what).join(', ')
      const metres = terms.reduce((sum, term) => sum + term.metres, 0)
      const last = lines.at(-1)
      if (last && last.to === row && last.words === said && Math.abs(last.metres - metres) < 1e-6)
        last.to = row + 1
      else lines.push({ key: `${piece.id} ${row}`, from: row, to: row + 1, words: said, metres })
    }
    const number = piece.columns.number
    return lines.map(({ key, from, to, words: said, metres }) => ({
      ...{ key, words: said },
      label:
        to - from === 1
          ? `${rowWord(piece.worked)} ${number[from]}`
          : `each of ${piece.worked} ${number[from]}–${number[to - 1]}`,
      metres: printYarnLength(metres, words.units),
    }))
  })
}
