<script setup lang="ts">
import { whenever } from '@vueuse/core'
import { fileOpen } from 'browser-fs-access'
import { ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'
import { defineAsyncComponent, h, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Design } from '@core/design'
import { projectOf } from '@core/project'
import { useOffers } from '@app/parts/page/offers.ts'
import OutsideBar from '@app/parts/page/OutsideBar.vue'
import type { PlaceName } from '@app/places.ts'
import { useImports } from '@app/stores/imports.ts'
import { saveWorkshopFile } from '@app/export/save.ts'
import { type ShelfBag, useShelf } from '@app/stores/shelf.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BackupNotice from './BackupNotice.vue'
import BagCard from './BagCard.vue'
import UnreadCard from './UnreadCard.vue'

/** All bags. */
// It works a bag out, which the shelf by itself does not: it is brought in when it is opened.
const NewBagDialog = defineAsyncComponent(() => import('./NewBagDialog.vue'))
const shelf = useShelf()
const workshop = useWorkshop()
const imports = useImports()
const router = useRouter()
const BackupDialog = defineAsyncComponent(() => import('./BackupDialog.vue'))
const backing = ref(false)
const TakeOver = defineAsyncComponent(() => import('@app/parts/codes/TakeOver.vue'))
const taking = ref(false)
const making = ref(false)
/** Once opened it stays, with what was typed in it. */
const opened = ref(false)
whenever(making, () => (opened.value = true))

onMounted(shelf.refresh)
onBeforeUnmount(shelf.leave)

const open = (id: string, name: PlaceName = 'bands') => router.push({ name, params: { id } })
async function make(design: Design, place: PlaceName) {
  making.value = false
  const id = await shelf.add(projectOf(design))
  if (id) await open(id, place)
}
async function pick() {
  const files = await fileOpen({
    extensions: ['.json'],
    mimeTypes: ['application/json'],
    multiple: true,
  }).catch(() => [])
  if (files.length > 0) await imports.take(files)
}
/** What is stored too, not only what was read of it until now. */
async function exportWorkshop() {
  await workshop.ready
  await saveWorkshopFile(workshop.workshop)
}
async function remove(bag: ShelfBag) {
  const putBack = await shelf.remove(bag)
  if (!putBack) return
  const message = ElMessage({
    message: h('span', { class: 'undo-message' }, [
      `${bag.name} is deleted. `,
      h('button', { class: 'link', onClick: () => (message.close(), void putBack()) }, 'Undo'),
    ]),
    duration: 12_000,
    showClose: true,
  })
}
async function bringDemo() {
  const brought = await shelf.bringDemo()
  if (brought === 0) ElMessage({ message: 'All demo bags are on the shelf.', duration: 6000 })
}
async function recover(bag: ShelfBag) {
  const id = await shelf.add(bag.lastGood!)
  if (id) await open(id)
}
useOffers(() => [
  { title: 'New bag', run: () => void (making.value = true) },
  ...(shelf.bags ?? []).map(({ id, name }) => ({
    title: `Open ${name}`,
    run: () => void open(id),
  })),
  { title: 'Import a bag', run: () => void pick() },
  { title: 'Take over from another device', run: () => void (taking.value = true) },
  { title: 'Backup', run: () => void (backing.value = true) },
  { title: 'Export my workshop', run: () => void exportWorkshop() },
  { title: 'Bring the demo bags back', run: () => void bringDemo() },
])
</script>

<template>
  <div class="shelf-page">
    <OutsideBar />
    <main class="shelf">
      <div class="head">
        <h1>The shelf</h1>
        <div class="doings">
          <button type="button" class="button" @click="pick">Import a bag</button>
          <button type="button" class="button" @click="taking = true">Take over</button>
          <ElTooltip
            content="Your own stitches, motifs, palettes, yarns and swatches in one file. It is imported as a bag is."
          >
            <button type="button" class="button" @click="exportWorkshop">Export my workshop</button>
          </ElTooltip>
          <button type="button" class="button" @click="backing = true">Backup</button>
          <button type="button" class="button" @click="bringDemo">Bring the demo bags back</button>
          <button type="button" class="button main" @click="making = true">New bag</button>
        </div>
      </div>
      <div v-if="shelf.refused" class="shelf-problem" role="alert">
        <p>{{ shelf.refused }}</p>
        <button type="button" class="button" @click="shelf.refused = null">All right</button>
      </div>
      <div
        v-for="note in shelf.left"
        :key="note.id + note.sitting"
        class="shelf-problem"
        role="alert"
      >
        <p>
          A tab that was closed had changes of “{{ note.document.design.name }}” that were never
          stored, and the bag is not on the shelf any more.
        </p>
        <button type="button" class="button" @click="shelf.endLeft(note, true)">
          Put it on the shelf
        </button>
        <button type="button" class="button" @click="shelf.endLeft(note, false)">Drop them</button>
      </div>
      <BackupNotice v-if="!backing" @open="backing = true" />
      <ul v-if="shelf.bags" class="bags">
        <li v-for="bag in shelf.bags" :key="bag.id" class="bag-card">
          <BagCard v-if="bag.project" :bag="bag" :project="bag.project" @remove="remove(bag)" />
          <UnreadCard v-else :bag="bag" @remove="remove(bag)" @recover="recover(bag)" />
        </li>
        <li v-if="shelf.bags.length === 0" class="empty">
          <h2>The shelf is empty.</h2>
          <p class="note">
            Begin with what goes into the bag, or with its size; hook and yarn give the stitches.
          </p>
          <button type="button" class="button main" @click="making = true">New bag</button>
        </li>
      </ul>
    </main>
    <TakeOver v-if="taking" v-model="taking" />
    <BackupDialog v-if="backing" v-model="backing" />
    <NewBagDialog v-if="opened" v-model="making" @made="make" />
  </div>
</template>

<style>
.shelf-page {
  display: grid;
  grid-template-rows: 56px 1fr;
  height: 100%;
  background: var(--stage);
}
.shelf {
  overflow: auto;
  padding: 26px 40px;
}
.shelf .head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 20px;
}
.shelf h1 {
  font-size: 26px;
}
.shelf .doings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
@media (max-width: 560px) {
  .shelf {
    padding: 16px 14px;
  }
  .shelf .head {
    flex-wrap: wrap;
    gap: 10px;
  }
}
.bags {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.bag-card {
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: var(--radius-large);
  background: #fff;
}
.bag-card .picture {
  display: grid;
  place-items: center;
  padding: 22px 0;
  background-color: var(--mat);
  background-image:
    linear-gradient(var(--mat-line) 1px, transparent 1px),
    linear-gradient(90deg, var(--mat-line) 1px, transparent 1px);
  background-size: 22px 22px;
}
/* The link is what is clicked, also while its picture is still to come. */
.bag-card .picture > * {
  pointer-events: none;
}
.bag-card .picture:focus-visible {
  outline: 3px solid var(--tape);
  outline-offset: -4px;
}
.bag-card .words {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 6px;
  align-items: center;
  padding: 10px 8px 12px 15px;
}
.bag-card h2 {
  overflow: hidden;
  font-weight: 600;
  font-size: 16px;
  text-overflow: ellipsis;
}
.bag-card .note {
  grid-column: 1 / -1;
}
.bag-card .unread,
.bags .empty {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 22px;
}
.bags .empty {
  grid-column: 1 / -1;
  place-content: center;
  justify-items: center;
  min-height: 300px;
}
.shelf-problem {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-bottom: 18px;
  padding: 12px 16px;
  border-left: 4px solid var(--error);
  border-radius: var(--radius);
  background: #f9e4df;
  color: #6d1a0e;
}
</style>
