<script setup lang="ts">
/** Some of a few that are alike, by their numbers from 1. */
defineProps<{ legend: string; each: readonly string[] }>()
const model = defineModel<readonly number[]>({ required: true })
const put = (number: number, on: boolean) => {
  const others = model.value.filter((one) => one !== number)
  model.value = on ? [...others, number].sort((a, b) => a - b) : others
}
</script>

<template>
  <fieldset class="picks">
    <legend class="note">{{ legend }}</legend>
    <label v-for="(label, i) in each" :key="i">
      <input
        type="checkbox"
        :checked="model.includes(i + 1)"
        @change="put(i + 1, ($event.target as HTMLInputElement).checked)"
      />
      {{ label }}
    </label>
  </fieldset>
</template>

<style>
.picks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(74px, 1fr));
  gap: 2px 8px;
  margin: 0 0 10px;
  padding: 0;
  border: 0;
  font-size: 12.5px;
}
.picks label {
  display: flex;
  gap: 5px;
  align-items: center;
  min-height: 24px;
}
</style>
