import { compile } from '@core/ledger'
import type { Design } from '@core/design'
import { formOf } from '@core/form'
import { mapsOf } from '../src/app/round/maps.ts'

/** How long a bag takes to be made ready for the round, in ms: its meshes, and the fabric of all its pieces. */
Object.assign(globalThis, {
  roundTimes(design: Design, times: number) {
    const ledger = compile(design)
    const colours = ledger.yarns.map((_, i) => `#${(0x334455 + i * 0x202020).toString(16)}`)
    return Array.from({ length: times }, () => {
      const began = performance.now()
      formOf({ design, ledger }, { hand: 'right', soft: true })
      const formed = performance.now()
      ledger.pieces.forEach((_, at) => mapsOf(ledger, at, 'right', colours))
      return { form: formed - began, maps: performance.now() - formed }
    })
  },
})
