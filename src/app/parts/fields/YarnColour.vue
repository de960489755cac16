<script setup lang="ts">
import { computed, ref } from 'vue'
import { yarnColours } from '@core/colour'
import PopUnder from '@app/parts/page/PopUnder.vue'

/** The colour of a yarn: from swatches in steps of lightness, those of the bag, or a code; a free one lies behind More. */
const { label, bag = [] } = defineProps<{
  label: string
  /** Colours there are on the bag. */
  bag?: readonly { readonly name: string; readonly colour: string }[]
}>()
const colour = defineModel<string>({ required: true })
const HEX = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i
const problem = ref(false)
function take(typed: string) {
  const digits = HEX.exec(typed.trim())?.[1]?.toLowerCase()
  problem.value = digits === undefined
  if (digits === undefined) return
  colour.value = `#${digits.length === 3 ? [...digits].map((one) => one + one).join('') : digits}`
}
const free = ref(false)
const steps = ['lightest', 'light', 'middle', 'dark', 'darkest'] as const
const others = computed(() => bag.filter((one) => one.colour !== colour.value))
const styleOf = (one: string) => ({ background: one })
</script>

<template>
  <PopUnder :width="316" placement="bottom-start">
    <template #button>
      <button
        type="button"
        class="yarn-colour"
        :aria-label="`${label}: ${colour}`"
        :title="colour"
        :style="styleOf(colour)"
      />
    </template>
    <div class="yarn-colours">
      <div
        v-for="row in yarnColours"
        :key="row.name"
        class="row"
        role="group"
        :aria-label="row.name"
      >
        <button
          v-for="(one, i) in row.steps"
          :key="one"
          type="button"
          class="ball"
          :aria-pressed="one === colour"
          :aria-label="`${row.name}, ${steps[i]}`"
          :title="`${row.name}, ${steps[i]}`"
          :style="styleOf(one)"
          @click="colour = one"
        />
      </div>
    </div>
    <div v-if="others.length > 0" class="yarn-colours of-bag" role="group" aria-label="Of the bag">
      <span class="note">Of the bag</span>
      <button
        v-for="one in others"
        :key="one.name"
        type="button"
        class="ball"
        :aria-label="`Like ${one.name}`"
        :title="`Like ${one.name}`"
        :style="styleOf(one.colour)"
        @click="colour = one.colour"
      />
    </div>
    <div class="colour-code">
      <label
        ><span class="note">Code</span>
        <input
          class="plain-input"
          :value="colour"
          :aria-invalid="problem"
          spellcheck="false"
          maxlength="7"
          @change="take(($event.target as HTMLInputElement).value)"
      /></label>
      <button type="button" class="link" :aria-expanded="free" @click="free = !free">
        {{ free ? 'Less' : 'More' }}
      </button>
    </div>
    <p v-if="problem" class="note" role="alert">A code is like #22406b.</p>
    <ElColorPickerPanel
      v-if="free"
      :model-value="colour"
      @update:model-value="(value: string | null) => value && take(value)"
    />
  </PopUnder>
</template>

<style>
.yarn-colour {
  flex: none;
  width: 26px;
  height: 26px;
  padding: 0;
  border: 2px solid #fff;
  border-radius: 50%;
  box-shadow: 0 0 0 1px var(--line-strong);
  cursor: pointer;
}
.yarn-colours {
  display: grid;
  grid-template-columns: repeat(11, 1fr);
  gap: 3px;
}
.yarn-colours .row {
  display: grid;
  gap: 3px;
}
.yarn-colours .ball {
  width: 24px;
  height: 24px;
  padding: 0;
  border: 1px solid rgb(0 0 0 / 18%);
  border-radius: 50%;
  background-image: repeating-linear-gradient(
    52deg,
    rgb(255 255 255 / 16%) 0 2px,
    transparent 2px 4px
  );
  cursor: pointer;
}
.yarn-colours .ball[aria-pressed='true'] {
  outline: 2.5px solid var(--mat);
  outline-offset: 1px;
}
.yarn-colours.of-bag {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  margin-top: 8px;
}
.colour-code {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 8px;
}
.colour-code label {
  display: flex;
  flex: 1;
  gap: 8px;
  align-items: center;
}
.colour-code input {
  border-color: var(--line-strong);
}
</style>
