<script setup lang="ts">
import { computed } from 'vue'
import { useImports } from '@app/stores/imports.ts'

/** What became of files that were given to the program. */
const imports = useImports()
const reading = computed(() => imports.list.some(({ state }) => state === 'reading'))
const wrong = computed(() => imports.list.some(({ state }) => state === 'refused'))
</script>

<template>
  <section
    v-if="imports.list.length"
    class="import-notice"
    :class="{ wrong }"
    :role="wrong ? 'alert' : 'status'"
    aria-label="Files"
  >
    <ul>
      <li v-for="one in imports.list" :key="one.key">
        <template v-if="one.state === 'reading'">Reading “{{ one.file }}” …</template>
        <template v-else-if="one.state === 'asks' && one.same">
          <b>{{ one.same.name }}</b> is on the shelf already{{
            one.same.added > 0
              ? `; ${one.same.added} ${one.same.added === 1 ? 'entry' : 'entries'} of the log in “${one.file}” are not`
              : one.same.otherPlan
                ? ', with another plan'
                : ', the very same'
          }}.
          <button
            v-if="one.same.added > 0"
            type="button"
            class="button"
            @click="imports.answer(one, 'join')"
          >
            Join the logs, the plan as here
          </button>
          <button
            v-if="one.same.otherPlan"
            type="button"
            class="button"
            @click="imports.answer(one, 'join, its plan')"
          >
            Join the logs, with its plan
          </button>
          <button type="button" class="button" @click="imports.answer(one, 'beside')">
            A bag of its own
          </button>
        </template>
        <template v-else-if="one.bag">
          <b>{{ one.bag.name }}</b> is on the shelf.
          <RouterLink :to="{ name: 'bands', params: { id: one.bag.id } }" @click="imports.clear">
            Open it
          </RouterLink>
        </template>
        <template v-else-if="one.workshop !== null">
          <b>{{ one.workshop }}</b>
          {{ one.workshop === 1 ? 'thing' : 'things' }} of “{{ one.file }}” came into your workshop;
          what was there already stays as it is.
        </template>
        <template v-else>
          <b>“{{ one.file }}” was not taken; nothing has changed.</b>
          <ul>
            <li v-for="{ where, message } in one.problems" :key="where + message">
              <code v-if="where">{{ where }}</code> {{ message }}
            </li>
          </ul>
        </template>
      </li>
    </ul>
    <button v-if="reading" type="button" class="button" @click="imports.stop">Stop</button>
    <button v-else type="button" class="button" @click="imports.clear">All right</button>
  </section>
</template>

<style>
.import-notice {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-start;
  max-height: 34vh;
  overflow: auto;
  padding: 10px 20px;
  border-left: 4px solid var(--mat);
  background: #e4eef4;
}
.import-notice > ul {
  flex: 1 1 300px;
}
.import-notice.wrong {
  border-left-color: var(--error);
  background: #f9e4df;
}
.import-notice > ul {
  display: grid;
  gap: 8px;
  padding: 0;
  list-style: none;
}
.import-notice ul ul {
  padding-left: 18px;
  font-size: 13px;
}
.import-notice code {
  overflow-wrap: anywhere;
}
</style>
