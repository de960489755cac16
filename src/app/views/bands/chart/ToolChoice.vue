<script setup lang="ts" generic="T extends { readonly id: string; readonly title: string }">
/** A tool that is one of a few: the first is as nothing were chosen. */
const { all, label } = defineProps<{ all: readonly T[]; label: string; picture: string }>()
const chosen = defineModel<T>({ required: true })
const choose = (id: string) => (chosen.value = all.find((one) => one.id === id)!)
</script>

<template>
  <ElDropdown trigger="click" placement="right" @command="choose">
    <button
      type="button"
      class="tool-button"
      :class="{ on: chosen.id !== all[0]!.id }"
      :title="`${label}: ${chosen.title}`"
      :aria-label="`${label}: ${chosen.title}`"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="picture" />
      </svg>
    </button>
    <template #dropdown>
      <ElDropdownMenu>
        <ElDropdownItem
          v-for="one in all"
          :key="one.id"
          :command="one.id"
          :class="{ chosen: one.id === chosen.id }"
        >
          {{ one.title }}
        </ElDropdownItem>
      </ElDropdownMenu>
    </template>
  </ElDropdown>
</template>

<style>
.el-dropdown-menu__item.chosen {
  color: var(--mat);
  font-weight: 650;
}
</style>
