<script setup lang="ts">
import { MoreFilled, Setting } from '@element-plus/icons-vue'
import { computed } from 'vue'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import PopUnder from '@app/parts/page/PopUnder.vue'
import { useMaking } from '@app/stores/making.ts'
import AtWorkFields from './AtWorkFields.vue'
import MakeActs from './MakeActs.vue'
import type { Asked } from './asked.ts'

/** Above the work: what is seen, which piece is worked, and what else can be done while one works. */
const { narrow } = defineProps<{ narrow: boolean }>()
const sees = defineModel<'work' | 'log'>('sees', { required: true })
const emit = defineEmits<{ ask: [what: Asked]; went: [] }>()
const making = useMaking()
const at = computed({
  get: () => (making.on ? `${making.on.piece.id} ${making.on.copy}` : ''),
  set: (key: string) => {
    const to = making.works.find(({ piece, copy }) => `${piece.id} ${copy}` === key)
    if (to) making.goOn(to)
    emit('went')
  },
})
const acts = [
  { what: 'count', title: 'Count' },
  { what: 'rip', title: 'Rip back' },
  { what: 'plan', title: 'Change the plan' },
  { what: 'weigh', title: 'Weigh' },
  { what: 'note', title: 'Note' },
  { what: 'hand', title: 'To another device' },
] as const
</script>

<template>
  <div class="make-bar">
    <ChoiceOf
      v-model="sees"
      legend="What is seen"
      :options="[
        { value: 'work', label: narrow ? 'Work' : 'Work along' },
        { value: 'log', label: 'Log' },
      ]"
    />
    <ElSelect v-if="making.works.length > 1" v-model="at" class="which" aria-label="What is worked">
      <ElOption
        v-for="one in making.works"
        :key="`${one.piece.id} ${one.copy}`"
        :value="`${one.piece.id} ${one.copy}`"
        :label="one.called"
        ><span class="one-work"
          >{{ one.called }} <em class="num">{{ one.made }} of {{ one.piece.rows }}</em></span
        ></ElOption
      >
    </ElSelect>
    <span class="room" />
    <MakeActs v-if="!narrow" :acts="acts.slice(1, -1)" @ask="emit('ask', $event)" />
    <PopUnder :width="190">
      <template #button>
        <button type="button" class="icon-button" aria-label="What else can be done">
          <ElIcon :size="18"><MoreFilled /></ElIcon>
        </button>
      </template>
      <div class="make-acts">
        <MakeActs :acts="narrow ? acts : acts.slice(-1)" @ask="emit('ask', $event)" />
      </div>
    </PopUnder>
    <PopUnder :width="300">
      <template #button>
        <button type="button" class="icon-button" aria-label="How I am led at work">
          <ElIcon :size="18"><Setting /></ElIcon>
        </button>
      </template>
      <AtWorkFields />
    </PopUnder>
  </div>
</template>

<style>
.make-bar {
  display: flex;
  gap: 8px;
  align-items: center;
}
.make-bar .choice {
  width: 180px;
}
.make-bar .which {
  width: 150px;
}
.make-bar .room {
  flex: 1;
}
.make-bar .button {
  padding: 5px 9px;
  white-space: nowrap;
}
.one-work {
  display: flex;
  gap: 14px;
  justify-content: space-between;
}
.one-work em {
  color: var(--ink-2);
  font-style: normal;
}
.make-acts {
  display: grid;
  gap: 6px;
}
@media (max-width: 760px) {
  .make-bar .choice {
    width: 130px;
  }
  .make-bar .which {
    width: 120px;
  }
}
</style>
