import Konva from 'konva/lib/Core.js'
import { Image as KonvaImage } from 'konva/lib/shapes/Image.js'
import { computed, onBeforeUnmount, onMounted, type Ref, watch } from 'vue'
import { type Cell, stampedAt } from '@core/chart'
import type { CanvasProps } from './canvas-props.ts'
import {
  paintArrow,
  paintCaret,
  paintCells,
  paintChosen,
  paintDrops,
  paintHatched,
  paintRound,
  paintStamp,
} from './overlay.ts'
import { CellPainter, clipToCells } from './painter.ts'
import type { ChartView } from './view-model.ts'

/** What is under the hand. */
export interface UnderHand {
  readonly view: Readonly<Ref<ChartView | null>>
  /** The cell that is pointed at, and those that would be painted now. */
  readonly at: Readonly<Ref<Cell | null>>
  readonly wouldPaint: Readonly<Ref<readonly Cell[]>>
}

/** What lies above the cells now. */
interface Above {
  readonly now: ChartView | null
  readonly at: Cell | null
  readonly wouldPaint: readonly Cell[]
  readonly colourOf: (letter: string) => string
  readonly inks: { readonly marker: string; readonly ink: string }
}

function paintAbove(
  context: CanvasRenderingContext2D,
  props: Readonly<CanvasProps>,
  { now, at, wouldPaint, colourOf, inks }: Above,
) {
  if (!now) return
  const { row, chosen, stamp, tool } = props
  context.save()
  clipToCells(context, now)
  const letter = tool.erases ? props.ground : props.letter
  paintDrops(context, now, props.drops, (row) => colourOf(props.rowLetters?.[row] ?? ''))
  paintHatched(context, now, props.chart, props.hatched, inks)
  paintCells(context, now, wouldPaint, colourOf(letter))
  if (row !== null) paintRound(context, now, row, inks)
  paintChosen(context, now, chosen, inks)
  if (at && tool.kind === 'stamp' && stamp) paintStamp(context, now, stampedAt(stamp, at), colourOf)
  if (at) paintCaret(context, now, at, inks)
  context.restore()
  if (row !== null) paintArrow(context, now, row, props.beginsOn(row), inks)
}

/** A stage with the picture of the cells, and a layer above it that is painted by `paint`. */
function stageIn(
  container: HTMLDivElement,
  image: HTMLCanvasElement,
  paint: (context: CanvasRenderingContext2D) => void,
) {
  const stage = new Konva.Stage({ container, width: 10, height: 10, listening: false })
  const cells = new Konva.Layer({ listening: false })
  const above = new Konva.Layer({ listening: false })
  const picture = new KonvaImage({ image, perfectDrawEnabled: false })
  cells.add(picture)
  above.add(new Konva.Shape({ sceneFunc: (context) => paint(context._context) }))
  stage.add(cells, above)
  return {
    /** Draws what lies above, and where they changed the cells. */
    draw(size: { readonly width: number; readonly height: number }, changed: boolean) {
      if (stage.width() !== size.width || stage.height() !== size.height) stage.size(size)
      if (changed) {
        picture.size(size)
        cells.draw()
      }
      above.draw()
    },
    end: () => void stage.destroy(),
  }
}

/** Draws a chart: one picture of the cells, one layer above it for what is under the hand, and one frame at a time. */
export function useCanvasDrawing(
  box: Readonly<Ref<HTMLDivElement | null>>,
  props: Readonly<CanvasProps>,
  { view, at, wouldPaint }: UnderHand,
) {
  const styles = getComputedStyle(document.documentElement)
  const inks = {
    marker: styles.getPropertyValue('--marker'),
    ink: styles.getPropertyValue('--ink'),
  }
  const look = computed(() => ({
    colours: new Map(props.yarns.map(({ letter, colour }) => [letter, colour])),
    background: styles.getPropertyValue('--stage').trim(),
    sign: props.sign,
    stitch: props.stitch,
  }))
  const colourOf = (letter: string) => look.value.colours.get(letter) ?? inks.ink

  const painter = new CellPainter()
  let stage: ReturnType<typeof stageIn> | null = null
  let frame = 0
  onMounted(() => {
    stage = stageIn(box.value!, painter.canvas, (context) =>
      paintAbove(context, props, {
        ...{ now: view.value, at: at.value, wouldPaint: wouldPaint.value },
        ...{ colourOf, inks },
      }),
    )
    schedule()
  })
  onBeforeUnmount(() => {
    cancelAnimationFrame(frame)
    stage?.end()
  })
  function schedule() {
    if (!frame) frame = requestAnimationFrame(draw)
  }
  watch(
    [
      ...[() => props.chart, view, look, at, wouldPaint],
      ...[() => props.row, () => props.chosen, () => props.stamp],
      ...[() => props.hatched, () => props.drops],
    ],
    schedule,
  )

  let drawn: unknown[] = []
  function draw() {
    frame = 0
    const now = view.value
    if (!stage || !now) return
    const parts = [props.chart, now, look.value]
    const changed = parts.some((part, i) => part !== drawn[i])
    drawn = parts
    if (changed) painter.paint(props.chart, now, look.value)
    stage.draw(now, changed)
  }
  return look
}
