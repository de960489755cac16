<script setup lang="ts">
import { computed } from 'vue'
import { baseInstead, baseOf } from '@core/design'
import { baseKinds, constructionOfKind } from '@core/shape'
import { useProject } from '@app/stores/project.ts'

/** The construction of the bag: another takes over what it can. */
const project = useProject()
const kinds = baseKinds.map((kind) => ({ kind, ...constructionOfKind(kind) }))
const kind = computed({
  get: () => baseOf(project.design!).kind,
  set: (value) =>
    project.edit({ name: 'setBase', args: { instead: baseInstead(project.design!, value) } }),
})
</script>

<template>
  <ElSelect v-model="kind" class="kind" aria-label="Construction" popper-class="kind-list">
    <ElOption v-for="one in kinds" :key="one.kind" :value="one.kind" :label="one.name">
      <b>{{ one.name }}</b> <span>{{ one.hint }}</span>
    </ElOption>
  </ElSelect>
</template>

<style>
.kind-list .el-select-dropdown__item {
  display: flex;
  gap: 10px;
}
.kind-list b {
  min-width: 118px;
  font-weight: 600;
}
.kind-list span {
  color: var(--ink-2);
  font-weight: 400;
  font-size: 12.5px;
}
</style>
