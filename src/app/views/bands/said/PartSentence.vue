<script setup lang="ts">
import type { Part } from '@core/design'
import PartFields from './PartFields.vue'
import SaidWord from '@app/parts/said/SaidWord.vue'
import type { partRare, partSaid } from './saying-part.ts'
import { word } from '@app/parts/said/said.ts'

/** What is decided about a part, as a sentence: each underlined word opens what changes it; what is rarely changed lies behind More. */
defineProps<{
  part: Part
  about: Parameters<typeof partSaid>[2]
  said: ReturnType<typeof partSaid>
  rare: ReturnType<typeof partRare>
}>()
const more = word('more', 'More')
</script>

<template>
  <p class="part-sentence">
    <template v-for="(one, i) in said" :key="`${part.id} ${i}`"
      ><template v-if="typeof one === 'string'">{{ one }}</template
      ><SaidWord v-else :word="one"
        ><PartFields :part="part" :show="one.id" :about="about" /></SaidWord
    ></template>
    <template v-if="rare.length > 0">
      {{ ' '
      }}<SaidWord :word="more" class="more">
        <section v-for="one in rare" :key="one.id" class="rare">
          <h3>{{ one.text }}</h3>
          <PartFields :part="part" :show="one.id" :about="about" />
        </section> </SaidWord
    ></template>
  </p>
</template>

<style>
.part-sentence {
  margin: 0;
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.75;
}
.part-sentence .rare + .rare {
  margin-top: 10px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
.part-sentence .rare h3 {
  margin-bottom: 6px;
  font: 600 13px/1.2 var(--font-text);
}
</style>
