<script setup lang="ts">
import { computed } from 'vue'
import { inkOn } from '@core/colour'
import { changesOf, type Grouped, groupedRuns, leadWords, runText, takesYarn } from '@core/pattern'
import { hangsTurned, type LedgerRun, runsOfRow } from '@core/ledger'
import { abbrOf, stitchById } from '@core/stitch'
import { rowWord } from '@core/terms'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** One round written out in runs of its yarns, as it is worked. */
const props = defineProps<{ row: number; run: string }>()
const project = useProject()
const workshop = useWorkshop()

interface Token {
  readonly text: string
  readonly colour: string | null
}
const piece = computed(() => project.ledgerPiece!)
const yarns = computed(() => project.table!.design.yarns)
const colourOf = (letter: string) =>
  yarns.value.find((yarn) => yarn.letter === letter)?.colour ?? '#888888'
/** The one stitch of the round, said once; null when there are several. */
const alike = computed(() => {
  const stitches = new Set(
    runsOfRow(project.table!.derived.ledger, piece.value, props.row).map(({ stitch }) => stitch),
  )
  const [only] = stitches
  return stitches.size === 1 ? abbrOf(stitchById(only!), workshop.words) : null
})
const tokens = computed(() => {
  const list: Token[] = alike.value ? [{ text: `${alike.value}:`, colour: null }] : []
  const write = (parts: readonly Grouped<LedgerRun>[]) => {
    for (const part of parts)
      if ('item' in part) {
        const { yarn } = part.item
        const colored = takesYarn(part.item)
        const said = colored ? yarn : null
        const text = alike.value
          ? `${part.item.count}${colored ? ` ${yarn}` : ''}`
          : runText(part.item, workshop.words, said)
        list.push({ text, colour: colored ? colourOf(yarn) : null })
      } else {
        list.push({ text: '[', colour: null })
        write(part.items)
        list.push({ text: `] × ${part.times}`, colour: null })
      }
  }
  write(groupedRuns(project.table!.derived.ledger, piece.value, props.row))
  return list
})
const styleOf = ({ colour }: Token) => (colour ? { background: colour, color: inkOn(colour) } : {})
const number = computed(() => piece.value.columns.number[props.row]!)
const count = computed(() => piece.value.columns.makes[props.row]!)
const hint = computed(() => {
  const { ledger } = project.table!.derived
  const wrong = piece.value.columns.side[props.row] === 1
  const leftwards = (workshop.words.hand === 'right') !== wrong
  const way = leftwards ? 'right to left' : 'left to right'
  const lead = leadWords(ledger, piece.value, props.row, props.row + 1)
  const changes = changesOf(ledger, piece.value, props.row).some(({ after }) => after > 0)
  const carry = changes ? ` ${lead}. Change on the last yarn over of each run.` : ''
  const hangs = hangsTurned(ledger, piece.value, props.row)
    ? ' On the bag it hangs upside down.'
    : ''
  return wrong
    ? `Worked with the wrong side facing: on the chart from ${way}.${carry}${hangs}`
    : `Worked ${way} on the right side.${carry}${hangs}`
})
</script>

<template>
  <section
    class="readout"
    aria-live="polite"
    tabindex="0"
    :aria-label="`The ${rowWord(piece.worked)} in words`"
  >
    <b class="num">{{ piece.worked === 'rows' ? 'Row' : 'Round' }} {{ number }}</b>
    <p class="runs num">
      <span
        v-for="(token, i) in tokens"
        :key="i"
        :class="{ run: token.colour }"
        :style="styleOf(token)"
        >{{ `${token.text} ` }}</span
      >
    </p>
    <span class="num count">({{ count }})</span>
    <small>
      <b v-if="run" class="num here">{{ run }}</b> {{ hint }}
    </small>
  </section>
</template>

<style>
.readout {
  contain: layout paint;
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 4px 14px;
  align-items: baseline;
  flex: none;
  align-content: start;
  height: 92px;
  overflow: auto;
  padding: 9px 14px;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: #fff;
}
.readout b {
  font: 650 16px/1.2 var(--font-head);
}
.readout small .here {
  font: 650 12.5px/1.3 var(--font-text);
}
.readout .runs span {
  margin: 0 2px;
}
.readout .runs .run {
  display: inline-block;
  padding: 0 6px;
  border-radius: 3px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 14%);
  font-weight: 650;
  font-size: 13.5px;
  line-height: 21px;
}
.readout .count {
  color: var(--ink-2);
}
.readout small {
  grid-column: 2 / 4;
  color: var(--ink-2);
  font-size: 12.5px;
}
</style>
