<script setup lang="ts">
import { MoreFilled } from '@element-plus/icons-vue'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { type Project, projectOf } from '@core/project'
import { bodyOf } from '@core/ledger'
import { copyName, cutAt, lengthFigure, printLength } from '@core/units'
import { saveProjectFile } from '@app/export/save.ts'
import BagStill from '@app/parts/bag/BagStill.vue'
import { type ShelfBag, useShelf } from '@app/stores/shelf.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A bag on the shelf: its picture, its size, and what can be done with it from outside. */
const props = defineProps<{ bag: ShelfBag; project: Project }>()
const emit = defineEmits<{ remove: [] }>()
const shelf = useShelf()
const workshop = useWorkshop()
const renaming = ref(false)
const newName = ref('')
const field = useTemplateRef<HTMLInputElement>('field')

async function rename() {
  renaming.value = true
  newName.value = props.project.design.name
  await nextTick()
  field.value?.select()
}
async function takeName() {
  if (!renaming.value) return
  renaming.value = false
  const name = cutAt(newName.value.trim(), 80)
  if (name && name !== props.project.design.name) await shelf.rename(props.bag, name)
}
const commands: Record<string, () => unknown> = {
  rename,
  duplicate: () =>
    shelf.add(projectOf({ ...props.project.design, name: copyName(props.project.design.name) })),
  export: () => saveProjectFile(props.project),
  remove: () => emit('remove'),
}
const about = computed(() => {
  if (!props.bag.derived) return null
  const { tally, ledger, madeOf: of, howFar } = props.bag.derived
  const { units } = workshop.words
  const { made, rows } = howFar
  const more = of.length > 3 ? ` and ${of.length - 3} more` : ''
  const { worked } = bodyOf(ledger)
  return {
    size: `${lengthFigure(tally.flatMm, units)} × ${printLength(tally.heightMm, units)}`,
    of: `${of.slice(0, 3).join(', ')}${more}`,
    far:
      made === 0
        ? `${rows} ${worked}, not begun`
        : made < rows
          ? `${made} of ${rows} ${worked} made`
          : 'all made',
    ...{ made, rows },
  }
})
const date = computed(() =>
  new Date(props.bag.savedAt).toLocaleDateString(undefined, { dateStyle: 'medium' }),
)
</script>

<template>
  <RouterLink
    class="picture"
    :to="{ name: 'bands', params: { id: bag.id } }"
    :aria-label="`Open ${project.design.name}`"
  >
    <BagStill
      v-if="bag.derived"
      :design="project.design"
      :derived="bag.derived"
      :width="190"
      :height="168"
    />
    <span v-else class="no-picture" />
  </RouterLink>
  <div class="words">
    <input
      v-if="renaming"
      ref="field"
      v-model="newName"
      aria-label="New name"
      maxlength="80"
      @blur="takeName"
      @keydown.enter="takeName"
      @keydown.esc="renaming = false"
    />
    <h2 v-else>{{ project.design.name }}</h2>
    <ElDropdown trigger="click" @command="(name: string) => commands[name]!()">
      <button
        type="button"
        class="icon-button"
        :aria-label="`What to do with ${project.design.name}`"
      >
        <ElIcon><MoreFilled /></ElIcon>
      </button>
      <template #dropdown>
        <ElDropdownMenu>
          <ElDropdownItem command="rename">Rename</ElDropdownItem>
          <ElDropdownItem command="duplicate">Duplicate</ElDropdownItem>
          <ElDropdownItem command="export">Export</ElDropdownItem>
          <ElDropdownItem command="remove" divided>Delete</ElDropdownItem>
        </ElDropdownMenu>
      </template>
    </ElDropdown>
    <p class="note num">
      <template v-if="about"
        >{{ about.size }} · {{ about.of }}<br />{{ about.far }} · {{ date }}</template
      >
      <template v-else>{{ bag.problem ?? 'Being worked out …' }}</template>
    </p>
    <progress
      v-if="about"
      class="made"
      :value="about.made"
      :max="about.rows"
      :aria-label="`How far ${project.design.name} is made`"
    />
  </div>
</template>

<style>
.bag-card .made {
  grid-column: 1 / -1;
  appearance: none;
  width: 100%;
  height: 5px;
  margin-top: 8px;
  border: 0;
  border-radius: 3px;
  background: #e6e6e1;
}
.bag-card .made::-webkit-progress-bar {
  border-radius: 3px;
  background: #e6e6e1;
}
.bag-card .made::-webkit-progress-value {
  border-radius: 3px;
  background: var(--marker);
}
.bag-card .made::-moz-progress-bar {
  border-radius: 3px;
  background: var(--marker);
}
.bag-card .no-picture {
  width: 190px;
  height: 168px;
}
</style>
