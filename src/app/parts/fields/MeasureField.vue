<script setup lang="ts" generic="T">
import { computed, ref, useId, watch } from 'vue'
import type { Result } from '@core/units'

/**
 * A field for a number as people write it. What is typed is read when it is left or Enter is pressed; what cannot be read
 * stays as typed, with words below it. Steppers change it by one step.
 */
const props = defineProps<{
  label: string
  /** The value in print, as one would type it. */
  text: string
  read: (typed: string) => Result<T>
  value: T
  /** The number that limits and steppers go by; the value itself when it is a number. */
  size?: (value: T) => number
  step?: number
  min?: number
  hint?: string
  max?: number
  /** What is likely, while nothing is typed. */
  likely?: string
}>()
const emit = defineEmits<{ change: [value: T] }>()
const sizeOf = (value: T): number => (props.size ? props.size(value) : Number(value))

const id = useId()
const typed = ref(props.text)
const problem = ref<string | null>(null)
watch(
  () => props.text,
  (text) => {
    typed.value = text
    problem.value = null
  },
)

const outside = (value: number): string | null => {
  if (props.min !== undefined && value < props.min - 1e-9) return 'That is too small.'
  return props.max !== undefined && value > props.max + 1e-9 ? 'That is too large.' : null
}

function take() {
  if (typed.value === props.text) {
    problem.value = null
    return
  }
  const result = props.read(typed.value)
  problem.value = result.ok ? outside(sizeOf(result.value)) : result.problem
  if (!result.ok || problem.value) return
  typed.value = props.text
  if (sizeOf(result.value) !== sizeOf(props.value)) emit('change', result.value)
}

/** Escape gives the field back what it had; only then does it close what the field stands in. */
function restore(event: KeyboardEvent) {
  if (typed.value !== props.text) event.stopPropagation()
  typed.value = props.text
  problem.value = null
}

/** Steppers are for values that are numbers. */
function stepBy(steps: number) {
  const next = sizeOf(props.value) + steps * props.step!
  if (outside(next) === null) emit('change', next as T)
}
const describedBy = computed(() => (problem.value ? `${id}-problem` : undefined))
</script>

<template>
  <div class="measure-field">
    <label :for="id">{{ label }}</label>
    <div class="box" :class="{ bad: problem }">
      <input
        :id="id"
        v-model="typed"
        autocomplete="off"
        spellcheck="false"
        :placeholder="likely"
        :aria-invalid="problem !== null"
        :aria-describedby="describedBy"
        @change="take"
        @keydown.enter.prevent="take"
        @keydown.up.prevent="step && stepBy(1)"
        @keydown.down.prevent="step && stepBy(-1)"
        @keydown.esc="restore"
      />
      <span v-if="hint" class="hint">{{ hint }}</span>
      <template v-if="step">
        <button type="button" :aria-label="`${label}: less`" @click="stepBy(-1)">−</button>
        <button type="button" :aria-label="`${label}: more`" @click="stepBy(1)">+</button>
      </template>
    </div>
    <p v-if="problem" :id="`${id}-problem`" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style>
.measure-field {
  display: grid;
  grid-template-columns: 88px 1fr;
  align-items: center;
  margin-bottom: 7px;
  font-size: 13.5px;
}
.measure-field > label {
  color: var(--ink-2);
}
.measure-field .box {
  display: flex;
  align-items: center;
  height: 32px;
  min-width: 0;
  padding-right: 3px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
}
.measure-field .box:focus-within {
  border-color: var(--mat);
  box-shadow: 0 0 0 1px var(--mat);
}
.measure-field .box.bad {
  border-color: var(--error);
  box-shadow: 0 0 0 1px var(--error);
}
.measure-field input {
  flex: 1 0 34px;
  min-width: 34px;
  width: 34px;
  height: 100%;
  padding: 0 4px 0 10px;
  border: 0;
  outline: 0;
  background: none;
  font-variant-numeric: tabular-nums;
}
.measure-field input::placeholder {
  color: var(--ink-3);
  font-style: italic;
}
.measure-field .hint {
  color: var(--ink-3);
  font-size: 12px;
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  padding-right: 4px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.measure-field .box button {
  flex: none;
  width: 24px;
  height: 26px;
  border: 0;
  border-radius: 4px;
  background: none;
  color: var(--ink-2);
  font-size: 15px;
  cursor: pointer;
}
.measure-field .box button:hover {
  background: var(--mat-tint);
}
.measure-field .problem {
  grid-column: 1 / -1;
  margin-top: 3px;
  color: var(--error);
  font-size: 12.5px;
}
</style>
