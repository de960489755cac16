import { computed, type Ref } from 'vue'
import { type MosaicPart, mosaicRules } from '@core/band'
import type { Cell, Chart } from '@core/chart'
import type { Design, Edit } from '@core/design'
import { inTurns, lentTo, type Why, type Worked, workedOf } from '@core/mosaic'
import { whyWords } from '@core/snag'
import { steady } from '@app/parts/page/steady.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'
import type { Seen } from './use-view.ts'

/** Rows of a motif for a mosaic: its ground, and the yarn that is painted with, in turn. */
export function turnsFor(
  { colours }: Chart,
  { yarns }: Pick<Design, 'yarns'>,
  ground: string,
  letter: string,
): string {
  const other = yarns.find((yarn) => yarn.letter !== ground)!.letter
  return inTurns(ground, letter === ground ? other : letter, colours.length)
}

/** A mosaic beside its picture: what is worked of it, what cannot be, and what painting where it reaches down means. */
export function useMosaic(seen: Ref<Seen>, view: Ref<SeenAs>) {
  const part = computed((): MosaicPart | null => {
    const { part: of, own } = seen.value
    return of.kind === 'mosaic' && own ? { ...of, chart: own } : null
  })
  const rules = steady(() => part.value && mosaicRules(part.value, seen.value.piece.worked))
  const worked = computed((before: Worked | null | undefined) =>
    part.value
      ? workedOf({ ...part.value.chart, rows: part.value.rows }, rules.value!, before ?? undefined)
      : null,
  )
  /** It is seen row by row in the yarns that are worked, with where they reach down. */
  const asWorked = computed(() => part.value !== null && view.value.as === 'worked')
  const isBorrowed = ({ column, row }: Cell): boolean =>
    worked.value?.marks[row * part.value!.chart.width + column] === 1
  const chart = computed((): Chart | null => {
    if (!asWorked.value) return null
    const { width } = part.value!.chart
    return { width, colours: [...part.value!.rows].map((letter) => letter.repeat(width)) }
  })
  const drops = computed((): readonly Cell[] => {
    if (!asWorked.value) return []
    const { width } = part.value!.chart
    return [...worked.value!.marks].flatMap((mark, at) =>
      mark ? [{ column: at % width, row: Math.floor(at / width) + 1 }] : [],
    )
  })
  const misfits = computed((): readonly Cell[] =>
    asWorked.value ? [] : (worked.value?.misfits ?? []),
  )
  const whys = computed(
    () =>
      new Map(
        (worked.value?.misfits ?? []).map(({ column, row, why }) => [`${column},${row}`, why]),
      ),
  )
  /** Why a cell is not as it is drawn, and the nearest thing that can be; empty where it is. */
  function whyAt(cell: Cell): string {
    const why: Why | undefined = whys.value.get(`${cell.column},${cell.row}`)
    return why
      ? `This cell ${whyWords[why]}. It is worked in ${part.value!.rows[cell.row]!}, the yarn of its row.`
      : ''
  }
  /** What painting where it reaches down makes of the picture: the cell below shows this row's yarn, or its own again. */
  function dropEdits(cells: readonly Cell[], away: boolean): Edit[] {
    const { rows, id } = part.value!
    const letters = new Map<string, Cell[]>()
    for (const { column, row } of cells) {
      if (row < 1) continue
      const letter = away ? rows[row - 1]! : lentTo(rows, row - 1)
      const list = letters.get(letter) ?? []
      letters.set(letter, list)
      list.push({ column, row: row - 1 })
    }
    return [...letters].map(([letter, list]) => ({
      name: 'paint',
      args: { id, cells: list, letter },
    }))
  }
  /** The shape of a stitch: what reaches down begins in the cell it hides. */
  function shapeAt(cell: Cell): string {
    if (isBorrowed(cell)) return 'reach-foot'
    if (cell.row > 0 && isBorrowed({ column: cell.column, row: cell.row - 1 })) return 'reach-top'
    return part.value!.school === 'overlay' ? 'sc-blo' : 'sc'
  }
  return {
    ...{ part, rules, worked, asWorked, chart, drops, misfits },
    ...{ whyAt, dropEdits, shapeAt },
  }
}
