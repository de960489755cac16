<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  afterRowOf,
  causesOf,
  causeWords,
  type CountMend,
  countMends,
  hiddenPlace,
  hoursWords,
  laidRow,
  paceOf,
  rowCounted,
} from '@core/make'
import { partOfRow, rowMade } from '@core/ledger'
import type { LogEntry } from '@core/project'
import { rowWord } from '@core/terms'
import { counted, printYarnLength } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readWhole } from '@app/parts/fields/read-typed.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import CountPicture from './CountPicture.vue'
import { goodRowOf, madeUpTo } from './last-count.ts'

/** Type what you have: if it is not what is planned, what most likely happened, and what can be done about it. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
/** The row that is counted: the one in hand where any of it is worked, else the one just done. */
const row = computed(() =>
  Math.max(0, Math.min(making.on!.piece.rows, making.on!.made + (making.done > 0 ? 1 : 0)) - 1),
)
const isMade = computed(() => row.value < making.on!.made)
const piece = computed(() => making.on!.piece)
const name = computed(
  () => `${rowWord(piece.value.worked)} ${piece.value.columns.number[row.value]}`,
)
const planned = computed(() => piece.value.columns.makes[row.value]!)
const count = ref(planned.value)
const off = computed(() => count.value - planned.value)
const taken = computed(() => ({
  ...{ ledger: making.ledger!, piece: piece.value, row: row.value, counted: count.value },
  goodRow: goodRowOf(making.log, making.on!),
}))
const causes = computed(() =>
  causesOf(taken.value)
    .slice(0, 3)
    .map((cause) => ({ ...cause, words: causeWords[cause.code](cause.facts, null) })),
)
const cause = ref(0)
const paths = computed(
  () => project.table!.derived.paths[making.ledger!.pieces.indexOf(piece.value)]!,
)
const pace = computed(() => paceOf(making.log, making.learned))
const mends = computed(() =>
  countMends(taken.value, paths.value).map((mend) => ({ mend, ...saying(mend) })),
)
/** What lies after the missed stitch stays off in a picture. */
const pictured = computed(() => {
  const { repeat } = partOfRow(piece.value, row.value)
  return repeat === null
    ? ''
    : ' Of its picture, what lies after the place stays a stitch off in this one.'
})
function saying({ then, rows, seconds, tailMetres }: CountMend) {
  const many = counted(Math.abs(off.value), 'stitch')
  const what = rowWord(piece.value.worked)
  const time = hoursWords([(seconds * pace.value.low) / 3600, (seconds * pace.value.high) / 3600])
  const yarn =
    tailMetres > 0 ? `, ${printYarnLength(tailMetres, workshop.words.units)} of ends` : ''
  return {
    'next row': {
      title:
        off.value < 0
          ? `Work ${many} more in the next ${what}`
          : `Take ${many} together in the next ${what}`,
      cost: `No time; nobody sees it ${hiddenPlace(piece.value, row.value)}.${pictured.value}`,
    },
    ripped: {
      title:
        rows === 1
          ? `Rip this ${what} and work it again`
          : `Rip ${rows} ${what}s, to the last count that was right`,
      cost: `${time[0]!.toUpperCase()}${time.slice(1)}${yarn}.`,
    },
    'plan follows': {
      title: `Go on with ${count.value}: what follows is planned on them`,
      cost: 'Nothing is undone; what does not fit any more is shown with the nearest ways.',
    },
    left: { title: 'Leave it, and only note it', cost: 'The plan stays as it is.' },
  }[then]
}
const why = () => causes.value[cause.value]?.words.title ?? null

const entry = (then: 'right' | CountMend['then']): LogEntry => ({
  ...afterRowOf(making.on!, row.value + 1),
  ...{ kind: 'counted', then, count: count.value, planned: planned.value },
  why: then === 'right' ? null : why(),
})
function right() {
  if (!isMade.value) making.finish()
  making.note([entry('right')])
  open.value = false
}
function take({ then, lastRow }: CountMend) {
  const { copy } = making.on!
  const before = isMade.value ? madeUpTo(making.log, making.on!, row.value) : making.log
  const counted = rowCounted(making.ledger!, piece.value, row.value, { copy, counted: count.value })
  const record = laidRow(project.history!.design, before, counted)
  const follows = then === 'plan follows'
  const said = entry(then)
  if (!isMade.value)
    making.finish(follows ? record : rowMade(making.ledger!, piece.value, row.value, copy))
  else if (follows) {
    making.takeBack(row.value, 0, 'noted too early')
    making.finish(record)
  }
  making.note([said])
  if (then === 'ripped') making.takeBack(lastRow! + 1, 0, 'ripped')
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" :title="`Count ${name}`" width="620px" append-to-body>
    <form class="count-dialog" @submit.prevent="off === 0 && right()">
      <MeasureField
        label="You have"
        :text="String(count)"
        :value="count"
        :read="readWhole"
        :step="1"
        :min="0"
        :max="4000"
        @change="count = $event"
      />
      <p class="num">
        Planned are <b>{{ planned }}</b>.
        <template v-if="!isMade">It is noted as worked with this. </template>
        <template v-if="off !== 0"
          >{{ counted(Math.abs(off), 'stitch') }} {{ off > 0 ? 'too many' : 'too few' }}. Count once
          more, in tens with markers, before anything is ripped.</template
        >
      </p>
      <template v-if="off !== 0">
        <h3>What most likely happened</h3>
        <div class="causes" role="radiogroup" aria-label="What most likely happened">
          <label v-for="(one, at) in causes" :key="one.code">
            <input v-model="cause" type="radio" name="cause" :value="at" />
            <CountPicture :at="one.at" :off="off" />
            <span
              ><b>{{ one.words.title }}</b> {{ one.words.look }}</span
            >
          </label>
        </div>
        <h3>Fudge or frog</h3>
        <button
          v-for="{ mend, title, cost } in mends"
          :key="`${mend.then} ${mend.rows}`"
          type="button"
          class="count-mend"
          @click="take(mend)"
        >
          <b>{{ title }}</b> <span>{{ cost }}</span>
        </button>
      </template>
      <DialogEnd v-else does="It is right" leaves="Not now" @leave="open = false" />
    </form>
  </ElDialog>
</template>

<style>
.count-dialog {
  display: grid;
  gap: 8px;
}
.count-dialog h3 {
  margin-top: 6px;
  font: 600 13px/1.2 var(--font-head);
}
.count-dialog .causes {
  display: grid;
  gap: 6px;
}
.count-dialog .causes label {
  display: grid;
  grid-template-columns: auto 116px 1fr;
  gap: 10px;
  align-items: center;
  padding: 6px 8px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.count-dialog .causes label:has(:checked) {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.count-mend {
  display: grid;
  gap: 1px;
  padding: 8px 12px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
  color: var(--ink);
  text-align: left;
}
.count-mend:hover,
.count-mend:focus-visible {
  background: var(--mat-tint);
}
.count-mend span {
  color: var(--ink-2);
  font-size: 12.5px;
}
</style>
