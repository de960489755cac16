<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { RowsWanted } from '@core/shorthand'
import type { OwnDraft } from '@core/texture'
import type { Result } from '@core/units'
import WholeField from '@app/parts/fields/WholeField.vue'
import { ownId } from '@app/stores/workshop.ts'
import { useOwn } from '@app/views/stitches/use-own.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** Keeps rows of a checked text as a stitch pattern of one's own: counted before it is taken, and refused in words. */
const { make, rows, again } = defineProps<{
  make: (wanted: RowsWanted) => Promise<Result<Omit<OwnDraft, 'id'>>>
  /** Numbers of its rows, from the first to the last. */
  rows: readonly [number, number]
  /** The first and last of those that come again. */
  again: readonly [number, number] | null
}>()
const open = defineModel<boolean>({ required: true })
const { keep } = useOwn()
const router = useRouter()
const setUp = ref(0)
const from = ref(2)
const to = ref(3)
const name = ref('My pattern')
const problem = ref<string | null>(null)
watch(
  open,
  () => {
    problem.value = null
    from.value = again?.[0] ?? Math.min(rows[1], Math.max(rows[0], 2))
    to.value = again?.[1] ?? Math.min(rows[1], from.value + 1)
    setUp.value = 0
  },
  { immediate: true },
)
async function take() {
  const made = await make({
    ...{ from: from.value, to: to.value, name: name.value },
    setUp: setUp.value > 0 && setUp.value < from.value ? setUp.value : null,
  })
  problem.value = made.ok ? null : made.problem
  if (!made.ok) return
  const id = ownId()
  await keep({ ...made.value, id })
  open.value = false
  await router.push({ name: 'stitches', query: { pattern: id } })
}
</script>

<template>
  <ElDialog v-model="open" title="Keep rows as a stitch pattern" width="420" append-to-body>
    <form class="keep-rows" @submit.prevent="take">
      <label class="field">
        <span>Name</span>
        <ElInput v-model="name" maxlength="60" aria-label="Name of the pattern" />
      </label>
      <WholeField v-model="from" label="From row" :min="rows[0]" :max="rows[1]" />
      <WholeField v-model="to" label="To row" :min="rows[0]" :max="rows[1]" />
      <WholeField
        v-model="setUp"
        label="Begun by rows from"
        hint="0: none"
        :min="0"
        :max="rows[1]"
      />
      <p class="note">
        They must add up, and leave as many stitches as they stand on, so that they can be worked
        again. It is then in the stitch drawer under Your own, and in Add a texture.
      </p>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <DialogEnd does="Keep it" leaves="Not now" @leave="open = false" />
    </form>
  </ElDialog>
</template>

<style>
.keep-rows {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.keep-rows .bad {
  color: var(--error);
}
</style>
