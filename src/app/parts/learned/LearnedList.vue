<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import { learnedWords } from './learned-words.ts'

/** What bags taught, with what it rests on; each can be forgotten. */
const workshop = useWorkshop()
const list = computed(() =>
  workshop.workshop.learned.map((one) => ({ id: one.id, ...learnedWords(one, workshop.words) })),
)
const forget = (id: string) => workshop.edit({ do: 'remove', drawer: 'learned', id })
</script>

<template>
  <section v-if="list.length > 0" class="card learned-list num">
    <h2>Learned from your bags</h2>
    <ul>
      <li v-for="{ id, what, rests } in list" :key="id">
        <span
          >{{ what }} <small>{{ rests }}</small></span
        >
        <button
          type="button"
          class="icon-button"
          :aria-label="`Forget ${what}`"
          @click="forget(id)"
        >
          <ElIcon :size="13"><Close /></ElIcon>
        </button>
      </li>
    </ul>
  </section>
</template>

<style>
.learned-list ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.learned-list li {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  border-top: 1px solid var(--line);
  font-size: 13px;
}
.learned-list small {
  display: block;
  color: var(--ink-2);
}
</style>
