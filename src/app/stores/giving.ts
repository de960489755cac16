import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { Choices } from '@core/booklet'
import type { Way } from '@app/export/export.ts'
import { giveFile } from '@app/export/save.ts'
import { portraitsOf } from '@app/round/stills.ts'
import { GIVEN_UP } from '@app/workers/client.ts'
import { paper } from '@app/workers/workers.ts'
import { useElapsed } from './elapsed.ts'
import { useProject } from './project.ts'
import { useWorkshop } from './workshop.ts'

/** What shows the bag in the round. */
const showsBag = new Set(['booklet-pdf', 'booklet-html', 'bag-png'])
const LONGEST_MS = 10 * 60_000

/** Every way the bag on the table goes out. What takes long says how far it is, and can be given up. */
export const useGiving = defineStore('giving', () => {
  const project = useProject()
  const workshop = useWorkshop()
  /** What was said of the last one, and whether it went wrong. */
  const said = shallowRef<{ readonly text: string; readonly wrong: boolean } | null>(null)
  const ways = shallowRef<readonly Way[]>([])
  const making = shallowRef<{ readonly id: string; readonly stop: AbortController } | null>(null)
  const stage = shallowRef('')
  /** Seconds the one that is being made takes so far: some stages take longer than a second. */
  const seconds = useElapsed(making)
  function stop() {
    making.value?.stop.abort()
    said.value = null
  }

  const seen = () => ({
    design: project.table!.design,
    ledger: project.table!.derived.ledger,
    yarns: project.table!.design.yarns,
    hand: workshop.words.hand,
  })
  async function give({ id, title }: Way, choices: Choices = { ...workshop.print, piece: null }) {
    const stop = new AbortController()
    making.value = { id, stop }
    stage.value = ''
    said.value = null
    const words = { ...workshop.words }
    const { table, history } = project
    const isNow = table?.revision === history?.revision && table?.hand === words.hand
    const shown = isNow && showsBag.has(id) && (choices.colour || id === 'bag-png')
    const pictures = shown
      ? await portraitsOf(seen(), (now) => (stage.value = now))
      : new Map<string, Blob>()
    const bag = { ...project.project!, derived: isNow ? table!.derived : null, pictures }
    const tell = proxy((now: string) => (stage.value = now))
    const made = await paper.ask((api) => api.make(id, bag, words, { ...choices }, tell), {
      limitMs: LONGEST_MS,
      signal: stop.signal,
    })
    making.value = null
    if (!made.ok) {
      if (made.problem !== GIVEN_UP)
        said.value = {
          text: `${title} could not be made: ${made.problem} Nothing else is affected.`,
          wrong: true,
        }
      return
    }
    const { files, notes = [] } = made.value
    if (notes.length > 0) said.value = { text: notes.join(' '), wrong: false }
    try {
      for (const file of files) await giveFile(file)
    } catch (error) {
      said.value = {
        text: `${title} could not be saved: ${(error as Error).message}.`,
        wrong: true,
      }
    }
  }
  // What is seen comes first: the ways are asked for when the bag is.
  watch(
    () => (project.table === null ? null : project.design),
    async (design) => {
      if (!design) return stop()
      const answer = await paper.ask((api) => api.ways(design))
      if (answer.ok) ways.value = answer.value
      else said.value = { text: `Nothing can be made here: ${answer.problem}`, wrong: true }
    },
    { immediate: true },
  )
  return { ways, making, stage, seconds, said, give, stop }
})
