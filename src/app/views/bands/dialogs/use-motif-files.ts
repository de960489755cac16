import { fileSave } from 'browser-fs-access'
import { type Ref, ref } from 'vue'
import type { Patch } from '@core/chart'
import { chartCsv, patchFromCsv } from '@core/file'
import { type Motif, motifOf } from '@core/motif'
import { fileName } from '@app/export/file-name.ts'
import type { Ink } from '@app/parts/chart/ink.ts'
import { ownId } from '@app/stores/workshop.ts'
import { askForChart, chartIn } from '../chart/bring-chart.ts'
import { patchPng } from '../chart/patch-png.ts'
import { useMotifs } from '../chart/use-motifs.ts'

interface Drawer {
  readonly chosen: Ref<Motif | null>
  readonly wanted: Ref<string>
  /** The motif as it stands, in the yarns it would be laid in. */
  readonly upright: Readonly<Ref<Patch | null>>
  readonly colourOf: Readonly<Ref<ReadonlyMap<string, string>>>
  readonly yarns: () => readonly Ink[]
  readonly ground: () => string
  /** What is chosen on the chart. */
  readonly selected: () => Patch | null
  /** What the shown one is called. */
  readonly called: () => string
}

/** Motifs kept from the chart, brought in from a file and given out as one. */
export function useMotifFiles(drawer: Drawer) {
  const { chosen, wanted, upright, colourOf, yarns, ground, selected, called } = drawer
  const { keep } = useMotifs()
  const name = ref('')
  const note = ref('')
  async function keepSelected() {
    const what = selected()
    if (!what) return
    await keepPatch(what, name.value.trim() || 'Motif')
    name.value = ''
  }
  async function keepPatch(what: Patch, title: string) {
    const motif = motifOf(what, ownId(), title.slice(0, 60), ground())
    await keep(motif)
    chosen.value = motif
    wanted.value = ''
    note.value = `${motif.name} is in the drawer, for every bag.`
  }
  async function bring() {
    const file = await askForChart()
    if (!file) return
    const read = file.name.endsWith('.csv')
      ? patchFromCsv(await file.text(), yarns())
      : await chartIn(file, yarns()).then((one) =>
          one.ok ? { ok: true as const, value: one.value.chart } : one,
        )
    if (!read.ok) return (note.value = read.problem)
    await keepPatch(read.value, file.name.replace(/\.\w+$/, ''))
  }
  async function give(type: 'csv' | 'png') {
    const what = upright.value
    if (!what) return
    const blob =
      type === 'csv'
        ? new Blob([chartCsv(what)], { type: 'text/csv' })
        : await patchPng(what, colourOf.value)
    await fileSave(blob, {
      fileName: `${fileName(called())}.${type}`,
      extensions: [`.${type}`],
    }).catch(() => {})
  }
  return { name, note, keepSelected, bring, give }
}
