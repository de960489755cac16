import { computed } from 'vue'
import { baseOf, type Swatch } from '@core/design'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { usualOver } from '@app/parts/fields/gauge-typed.ts'

/** The swatches of the bag on the table, and what can be done to them. */
export function useSwatches() {
  const project = useProject()
  const workshop = useWorkshop()
  const swatches = computed(() => project.design!.swatches)
  const set = (list: readonly Swatch[]) =>
    project.edit({ name: 'setDesign', args: { swatches: list } })

  /** A swatch that begins with what the gauge is by now. */
  function fresh(over: Partial<Swatch> = {}): Swatch {
    const { overMm } = usualOver(workshop.words.units)
    const { gauge } = project.table!.derived
    const { hookMm } = project.design!
    return {
      stitch: baseOf(project.design!).stitch,
      fabric: 'plain',
      yarn: null,
      hookMm,
      washed: false,
      stitches: Number((overMm / gauge.stitchWidthMm).toFixed(1)),
      stitchesOverMm: overMm,
      rows: Number((overMm / gauge.rowHeightMm).toFixed(1)),
      rowsOverMm: overMm,
      stretch: null,
      lean: null,
      ...over,
    }
  }
  return {
    swatches,
    fresh,
    change: (at: number, values: Partial<Swatch>) =>
      set(swatches.value.map((swatch, i) => (i === at ? { ...swatch, ...values } : swatch))),
    add: (swatch: Swatch) => set([...swatches.value, swatch]),
    /** In the place of the main one, which a measurement of the same fabric is newer than. */
    setMain: (values: Partial<Swatch>) =>
      set(
        swatches.value.length > 0
          ? swatches.value.map((swatch, i) => (i === 0 ? { ...swatch, ...values } : swatch))
          : [fresh(values)],
      ),
    remove: (at: number) => set(swatches.value.filter((_, i) => i !== at)),
    clear: () => set([]),
  }
}
