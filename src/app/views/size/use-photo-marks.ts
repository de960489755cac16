import { computed, type Ref } from 'vue'
import type { Corners, PhotoMarks, Point, Reference } from '@core/measure'
import { CARD } from './photo-example.ts'

/** Marks begin well apart, where they can be seen and moved. */
export function beginMarks(width: number, height: number): PhotoMarks {
  const at = (x: number, y: number): Point => ({ x: x * width, y: y * height })
  return {
    reference: { kind: 'rectangle', points: cornersOf(width, height), ...CARD },
    stitchEdges: [at(0.1, 0.5), at(0.45, 0.5)],
    stitches: 10,
    rowEdges: [at(0.28, 0.25), at(0.28, 0.75)],
    rows: 10,
  }
}
const cornersOf = (width: number, height: number): Corners => [
  { x: 0.6 * width, y: 0.3 * height },
  { x: 0.9 * width, y: 0.3 * height },
  { x: 0.9 * width, y: 0.6 * height },
  { x: 0.6 * width, y: 0.6 * height },
]

/** The marks on a photograph: what is of known length in it, and what each mark is called and sets. */
export function usePhotoMarks(
  picture: Readonly<Ref<{ readonly width: number; readonly height: number } | null>>,
  marks: Ref<PhotoMarks | null>,
) {
  const kind = computed({
    get: () => marks.value?.reference.kind ?? 'rectangle',
    set: (value) => {
      const { width, height } = picture.value!
      const points = cornersOf(width, height)
      const reference: Reference =
        value === 'rectangle'
          ? { kind: 'rectangle', points, ...CARD }
          : { kind: 'distance', points: [points[0], points[1]], lengthMm: 100 }
      set({ reference })
    },
  })
  const set = (values: Partial<PhotoMarks>) => {
    if (marks.value) marks.value = { ...marks.value, ...values }
  }
  const setReference = (values: object) =>
    set({ reference: { ...marks.value!.reference, ...values } as Reference })

  /** Every mark there is, what it is called, and what moving it sets. */
  const handles = computed(() => {
    if (!marks.value) return []
    const { reference, stitchEdges, rowEdges } = marks.value
    const moved = <Points extends readonly Point[]>(points: Points, at: number, to: Point) =>
      points.map((point, i) => (i === at ? to : point)) as unknown as Points
    return [
      ...reference.points.map((point, i) => ({
        point,
        group: 'known',
        label:
          reference.kind === 'rectangle' ? `Corner ${i + 1}` : `End ${i + 1} of the known length`,
        move: (to: Point) => setReference({ points: moved(reference.points as Corners, i, to) }),
      })),
      ...stitchEdges.map((point, i) => ({
        point,
        group: 'stitches',
        label: i === 0 ? 'Before the first stitch' : 'After the last stitch',
        move: (to: Point) => set({ stitchEdges: moved(stitchEdges, i, to) }),
      })),
      ...rowEdges.map((point, i) => ({
        point,
        group: 'rows',
        label: i === 0 ? 'Above the first row' : 'Below the last row',
        move: (to: Point) => set({ rowEdges: moved(rowEdges, i, to) }),
      })),
    ]
  })
  return { kind, set, setReference, handles }
}
