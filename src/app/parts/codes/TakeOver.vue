<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef } from 'vue'
import { type Gathered, missingIn, withParcel } from '@core/file'
import { listed } from '@core/units'
import { useImports } from '@app/stores/imports.ts'
import { textOf } from './codes-of.ts'
import { parcelIn, parcelInPicture } from './read-code.ts'

/** A bag from another device: its codes are read by the camera, or from pictures of them. */
const open = defineModel<boolean>({ required: true })
const imports = useImports()
const video = useTemplateRef<HTMLVideoElement>('video')
const gathered = shallowRef<Gathered | null>(null)
const problem = ref<string | null>(null)
const watching = ref(false)
const missing = computed(() => (gathered.value ? missingIn(gathered.value) : []))
const MOST_SAID = 12
const words = computed(() => {
  if (!gathered.value) return 'No code is read yet.'
  const { many } = gathered.value
  const left = missing.value
  if (left.length === 0) return `All ${many} are read.`
  const which = left.length > MOST_SAID ? `${left.length} are missing` : `missing: ${listed(left)}`
  return `${many - left.length} of ${many} are read, ${which}.`
})

async function took(parcel: Uint8Array | null) {
  if (!parcel) return
  gathered.value = withParcel(gathered.value, parcel)
  if (!gathered.value || missing.value.length > 0) return
  stop()
  const text = textOf(gathered.value)
  gathered.value = null
  if (!text.ok) return void (problem.value = text.problem)
  open.value = false
  await imports.take([
    new File([text.value], 'the other device.json', { type: 'application/json' }),
  ])
}

let stream: MediaStream | null = null
let frame = 0
function stop() {
  cancelAnimationFrame(frame)
  stream?.getTracks().forEach((track) => track.stop())
  stream = null
  watching.value = false
}
async function watchCamera() {
  problem.value = null
  try {
    stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
  } catch {
    problem.value =
      'No camera can be used here: it is not there, or not allowed. Take pictures of the codes and give those.'
    return
  }
  watching.value = true
  video.value!.srcObject = stream
  await video.value!.play()
  const look = () => {
    if (!stream) return
    void took(parcelIn(video.value!, video.value!.videoWidth, video.value!.videoHeight))
    frame = requestAnimationFrame(look)
  }
  look()
}
async function pictures(event: Event) {
  problem.value = null
  const files = [...((event.target as HTMLInputElement).files ?? [])]
  let none = 0
  for (const file of files) {
    const parcel = await parcelInPicture(file)
    if (!parcel) none++
    await took(parcel)
  }
  if (none > 0) problem.value = `In ${none} of ${files.length} no code could be read.`
}
onBeforeUnmount(stop)
</script>

<template>
  <ElDialog v-model="open" title="Take over" width="460px" append-to-body @close="stop">
    <div class="take-over">
      <p class="note">
        On the other device open the bag, <b>Make</b>, <b>To another device</b>. What is here of the
        same bag is not overwritten: you are asked.
      </p>
      <video ref="video" muted playsinline :hidden="!watching" />
      <button v-if="!watching" type="button" class="button main" @click="watchCamera">
        Read with the camera
      </button>
      <button v-else type="button" class="button" @click="stop">Stop</button>
      <label class="take-pictures">
        <span>or from pictures of the codes</span>
        <input
          type="file"
          accept="image/*"
          multiple
          aria-label="Pictures of the codes"
          @change="pictures"
        />
      </label>
      <p class="num" role="status">{{ words }}</p>
      <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    </div>
  </ElDialog>
</template>

<style>
.take-over {
  display: grid;
  gap: 10px;
}
.take-over video {
  width: 100%;
  border-radius: var(--radius);
}
.take-pictures {
  display: grid;
  gap: 4px;
  color: var(--ink-2);
  font-size: 13px;
}
.take-over .wrong {
  color: var(--error);
}
</style>
