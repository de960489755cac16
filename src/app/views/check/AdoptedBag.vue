<script setup lang="ts">
import { computed } from 'vue'
import type { Told } from '@core/adopt'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** What is to be known of a bag that was made of a text, before it is on the shelf. */
const { told, name } = defineProps<{ told: Told; name: string }>()
const emit = defineEmits<{ take: []; leave: [] }>()
const MOST = 12
const lists = computed(() =>
  [
    {
      title: 'Rows that come out otherwise than they are written',
      lines: told.otherwise,
    },
    { title: 'Not taken over: it stays in the text', lines: told.left },
  ].filter(({ lines }) => lines.length > 0),
)
</script>

<template>
  <ElDialog
    :model-value="true"
    :title="`“${name}” as a bag`"
    width="560"
    append-to-body
    @update:model-value="emit('leave')"
  >
    <div class="adopted-bag">
      <p>
        It is taken for: <b>{{ told.as }}</b>.
        {{ told.otherwise.length === 0 ? 'Every row is worked as the text says.' : '' }} Another
        construction can be chosen under Size.
      </p>
      <section v-for="{ title, lines } in lists" :key="title">
        <h3>{{ title }}</h3>
        <ul>
          <li v-for="(line, i) in lines.slice(0, MOST)" :key="i">{{ line }}</li>
          <li v-if="lines.length > MOST">and {{ lines.length - MOST }} more.</li>
        </ul>
      </section>
      <DialogEnd
        does="Put it on the shelf"
        leaves="Not now"
        @take="emit('take')"
        @leave="emit('leave')"
      />
    </div>
  </ElDialog>
</template>

<style>
.adopted-bag {
  display: grid;
  gap: 10px;
}
.adopted-bag h3 {
  font-weight: 600;
  font-size: 14px;
}
.adopted-bag ul {
  overflow: auto;
  max-height: 220px;
  margin: 4px 0 0;
  padding-left: 18px;
  font-size: 13.5px;
}
</style>
