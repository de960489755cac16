<script setup lang="ts">
import { computed, ref, toRaw, watch } from 'vue'
import { bandOf, type WrittenPart } from '@core/band'
import { countsWords } from '@core/fit'
import { standsOn } from '@core/ledger'
import { useProject } from '@app/stores/project.ts'
import { checker } from '@app/workers/workers.ts'

/** The rows of a written band in shorthand: counted over what stands below it before they are taken. */
const { part } = defineProps<{ part: WrittenPart; rows: boolean; show: string }>()
const project = useProject()
const kept = computed(() => part.rows.map(({ text }) => text).join('\n'))
const text = ref(kept.value)
const problem = ref<string | null>(null)
watch(kept, (now) => {
  text.value = now
  problem.value = null
})

const below = computed(() => {
  const piece = project.ledgerPiece!
  const place = piece.parts.find(({ id }) => id === part.id)
  return place ? standsOn(piece, place) : 0
})
const misfit = computed(() => below.value > 0 && !bandOf(part).standsOn(part, below.value))
const wanted = computed(() => {
  const { multiple, offset } = bandOf(part).counts(part)!
  return countsWords(multiple, offset)
})

async function count() {
  const design = project.design!
  const texts = text.value
    .split('\n')
    .map((row) => row.trim())
    .filter(Boolean)
  if (texts.length === 0) {
    problem.value = 'A band has one row at least.'
    return
  }
  const { worked } = project.ledgerPiece!
  const about = {
    ground: part.stitch,
    yarn: part.rows[0]!.runs[0]!.yarn,
    letters: design.yarns.map(({ letter }) => letter),
  }
  const { id } = part
  const on = below.value
  const answer = await checker.ask((api) =>
    api.countRows(texts, on, worked, about, { design: toRaw(design), id }),
  )
  const counted = answer.ok ? answer.value : answer
  problem.value = counted.ok ? null : counted.problem
  if (
    counted.ok &&
    !project.edit({ name: 'setPart', args: { id, values: { rows: counted.value } } })
  )
    problem.value = project.refusal
}
</script>

<template>
  <div class="written-fields">
    <label class="note" for="written-rows">Rows in shorthand, from below, one a line</label>
    <textarea
      id="written-rows"
      v-model="text"
      rows="7"
      spellcheck="false"
      :aria-invalid="problem !== null"
      aria-describedby="written-said"
    />
    <p id="written-said" role="status" class="note" :class="{ bad: problem || misfit }">
      {{
        problem ??
        (text !== kept
          ? 'Changed, and not counted yet.'
          : misfit
            ? `They want ${wanted}; below them are ${below}.`
            : `Counted on ${below} stitches. They come out on ${wanted}.`)
      }}
    </p>
    <button type="button" class="button" :disabled="text === kept && !misfit" @click="count">
      Count them on {{ below }}
    </button>
  </div>
</template>

<style>
.written-fields textarea {
  margin: 3px 0;
  padding: 6px 8px;
  font-size: 12.5px;
  line-height: 1.35;
  resize: vertical;
}
.written-fields .bad {
  color: var(--error);
}
.written-fields .button {
  margin-top: 4px;
}
</style>
