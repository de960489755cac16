import { inMosaic } from './in-mosaic.ts'
import { inTapestry } from './in-tapestry.ts'
import { costsOf, type Costs, likenessOf } from './likeness.ts'
import type { Cells } from './raster.ts'
import type { Chosen, NoPicture, Pictured, PictureFound, PictureWanted } from './wanted.ts'
import { workOf } from './work.ts'

/** A picture's cells as a chart that can be worked by a technique, in the yarns there are. */
export function pictured(cells: Cells, wanted: PictureWanted): PictureFound {
  const costs = costsOf(
    cells,
    wanted.yarns.map(({ colour }) => colour),
  )
  const found =
    wanted.technique === 'tapestry'
      ? withinAmounts(cells, costs, wanted)
      : inMosaic(cells, costs, wanted, wanted.technique)
  if (typeof found === 'string') return { ok: false, why: found }
  const { yarns } = wanted
  const isOver = yarns.some(({ most }, yarn) => most !== null && found.metres[yarn]! > most + 1e-9)
  return isOver
    ? { ok: false, why: 'too-little-yarn' }
    : { ok: true, value: made(cells, costs, wanted, found) }
}

/** Rules may take more of a yarn than was reckoned with: so often it is then reckoned with less, at last with none. */
const TRIES = 5

function withinAmounts(cells: Cells, costs: Costs, wanted: PictureWanted): Chosen | NoPicture {
  let asked = wanted
  for (let i = 0; i < TRIES; i++) {
    const found = inTapestry(cells, costs, asked)
    if (typeof found === 'string') return found
    const over = wanted.yarns.map(({ most }, yarn) => found.metres[yarn]! - (most ?? Infinity))
    if (over.every((metres) => metres <= 1e-9)) return found
    const less = i < TRIES - 2 ? 1 : Infinity
    const yarns = asked.yarns.map((yarn, at) => ({
      ...yarn,
      most: over[at]! > 0 ? Math.max(0, yarn.most! - less * over[at]!) : yarn.most,
    }))
    asked = { ...asked, yarns }
  }
  return 'too-little-yarn'
}

function made(
  { width, height }: Pick<Cells, 'width' | 'height'>,
  costs: Costs,
  wanted: PictureWanted,
  { chosen, perRound, metres, bound }: Chosen,
): Pictured {
  const { yarns, weights, kept, mirrored, mixing = 'none', flat = false, technique } = wanted
  const colours = Array.from({ length: height }, (_, row) =>
    [...chosen.subarray(row * width, (row + 1) * width)]
      .map((yarn) => yarns[yarn]!.letter)
      .join(''),
  )
  const counts = new Uint32Array(yarns.length)
  for (const yarn of chosen) counts[yarn] = counts[yarn]! + 1
  const chart = { width, colours }
  const isAlike = weights || kept || mirrored || mixing !== 'none' || bound === null
  return {
    ...{ chart, perRound },
    likeness: likenessOf(costs, chosen, (cell) => (kept?.[cell] ?? -1) < 0),
    work: workOf(chart, yarns, { flat, turns: technique !== 'tapestry' }),
    yarns: yarns.map(({ letter }, yarn) => ({
      letter,
      cells: counts[yarn]!,
      metres: metres[yarn]!,
    })),
    bound: isAlike ? null : bound / chosen.length,
  }
}
