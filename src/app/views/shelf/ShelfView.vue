<script setup lang="ts">
import { MoreFilled } from '@element-plus/icons-vue'
import { useEventListener } from '@vueuse/core'
import { fileOpen } from 'browser-fs-access'
import { ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'
import { h, nextTick, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Design } from '@core/design'
import { MOST_BYTES, readProject } from '@core/file'
import { baseOf } from '@core/design'
import { bodyOf } from '@core/ledger'
import { printLength } from '@core/units'
import { saveProjectFile } from '@app/export/save.ts'
import BagPicture from '@app/parts/BagPicture.vue'
import OutsideBar from '@app/parts/OutsideBar.vue'
import { addBag, designOf, maybeBag, saveBag } from '@app/storage/bag-store.ts'
import { useProject } from '@app/stores/project.ts'
import { type ShelfBag, useShelf } from '@app/stores/shelf.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import NewBagDialog from './NewBagDialog.vue'

/** All bags. */
const shelf = useShelf()
const project = useProject()
const workshop = useWorkshop()
const router = useRouter()
const making = ref(false)
const renaming = ref<string | null>(null)
const newName = ref('')
const refused = ref<readonly { where: string; message: string }[]>([])
const over = ref(false)
const storageProblem = ref(false)

onMounted(async () => {
  try {
    await project.settled()
    await shelf.refresh()
  } catch {
    storageProblem.value = true
  }
})

const open = (id: string) => router.push({ name: 'bands', params: { id } })
async function make(design: Design) {
  making.value = false
  await attempt(async () => open((await addBag(design)).id))
}
/** Runs what stores something; a browser that refuses is said. */
async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
  } catch {
    storageProblem.value = true
  }
}

async function take(file: File) {
  if (file.size > MOST_BYTES) {
    refused.value = [{ where: file.name, message: 'is larger than 20 MB; a bag takes less than 2' }]
    return
  }
  const read = readProject(await file.text())
  refused.value = read.ok ? [] : read.problem
  if (read.ok) await attempt(() => shelf.add(read.value))
}
async function pick() {
  try {
    await take(await fileOpen({ extensions: ['.json'], mimeTypes: ['application/json'] }))
  } catch (error) {
    if ((error as DOMException).name !== 'AbortError') throw error
  }
}
async function drop(event: DragEvent) {
  over.value = false
  const [file] = event.dataTransfer?.files ?? []
  if (file) await take(file)
}

async function rename(bag: ShelfBag) {
  renaming.value = bag.id
  newName.value = bag.design!.name
  await nextTick()
  document.querySelector<HTMLInputElement>('.bag-card input')?.select()
}
async function takeName() {
  const id = renaming.value
  const name = newName.value.trim().slice(0, 80)
  renaming.value = null
  const record = id && name ? await maybeBag(id) : null
  const read = record && designOf(record)
  if (!id || !record || !read?.ok || read.value.name === name) return
  await attempt(() => saveBag(id, { ...read.value, name }, record.revision, true))
  await shelf.refresh()
}
async function remove(bag: ShelfBag) {
  const putBack = await shelf.remove(bag.id)
  const message = ElMessage({
    message: h('span', { class: 'undo-message' }, [
      `${bag.design?.name ?? 'The bag'} is deleted. `,
      h('button', { class: 'link', onClick: () => (message.close(), void putBack()) }, 'Undo'),
    ]),
    duration: 12_000,
    showClose: true,
  })
}
const commands: Record<string, (bag: ShelfBag) => unknown> = {
  rename,
  duplicate: (bag) =>
    attempt(() => shelf.add({ ...bag.design!, name: `${bag.design!.name} (copy)`.slice(-80) })),
  export: (bag) => saveProjectFile(bag.design!),
  remove,
}
const sizeOf = ({ derived }: ShelfBag) => {
  const { flatMm, heightMm } = derived!.tally
  const size = (mm: number) => printLength(mm, workshop.words.units)
  return `${size(flatMm)} × ${size(heightMm)} laid flat`
}
const dateOf = (at: number) => new Date(at).toLocaleDateString(undefined, { dateStyle: 'medium' })
useEventListener('dragover', (event: DragEvent) => {
  event.preventDefault()
  over.value = true
})
useEventListener('dragleave', (event: DragEvent) => {
  if (!event.relatedTarget) over.value = false
})
useEventListener('drop', (event: DragEvent) => {
  event.preventDefault()
  void drop(event)
})
</script>

<template>
  <div class="shelf-page" :class="{ over }">
    <OutsideBar />
    <main class="shelf">
      <div class="head">
        <h1>The shelf</h1>
        <div class="doings">
          <button type="button" class="button" @click="pick">Import a bag</button>
          <button type="button" class="button" @click="attempt(shelf.bringDemo)">
            Bring the demo bags back
          </button>
          <button type="button" class="button main" @click="making = true">New bag</button>
        </div>
      </div>
      <div v-if="storageProblem" class="shelf-problem" role="alert">
        <p>
          This browser does not keep data for this page (private window, or no room left). Bags
          cannot be stored; export what you need to a file.
        </p>
      </div>
      <div v-if="refused.length" class="shelf-problem" role="alert">
        <p><b>That file was not taken; nothing has changed.</b></p>
        <ul>
          <li v-for="{ where, message } in refused" :key="where + message">
            <code>{{ where }}</code> {{ message }}
          </li>
        </ul>
        <button type="button" class="button" @click="refused = []">All right</button>
      </div>
      <ul v-if="shelf.bags" class="bags">
        <li v-for="bag in shelf.bags" :key="bag.id" class="bag-card">
          <template v-if="bag.design && bag.derived">
            <RouterLink
              class="picture"
              :to="{ name: 'bands', params: { id: bag.id } }"
              :aria-label="`Open ${bag.design.name}`"
            >
              <BagPicture
                :name="bag.design.name"
                :yarns="bag.design.yarns"
                :base="baseOf(bag.design)"
                :derived="bag.derived"
                :width="190"
                :height="168"
              />
            </RouterLink>
            <div class="words">
              <input
                v-if="renaming === bag.id"
                v-model="newName"
                aria-label="New name"
                maxlength="80"
                @blur="takeName"
                @keydown.enter="takeName"
                @keydown.esc="renaming = null"
              />
              <h2 v-else>{{ bag.design.name }}</h2>
              <ElDropdown trigger="click" @command="(name: string) => commands[name]!(bag)">
                <button
                  type="button"
                  class="icon-button"
                  :aria-label="`What to do with ${bag.design.name}`"
                >
                  <ElIcon><MoreFilled /></ElIcon>
                </button>
                <template #dropdown>
                  <ElDropdownMenu>
                    <ElDropdownItem command="rename">Rename</ElDropdownItem>
                    <ElDropdownItem command="duplicate">Duplicate</ElDropdownItem>
                    <ElDropdownItem command="export">Export</ElDropdownItem>
                    <ElDropdownItem command="remove" divided>Delete</ElDropdownItem>
                  </ElDropdownMenu>
                </template>
              </ElDropdown>
              <p class="note num">
                {{ sizeOf(bag) }}<br />{{ bag.derived.tally.rounds }}
                {{ bodyOf(bag.derived.ledger).worked }} ·
                {{ dateOf(bag.savedAt) }}
              </p>
            </div>
          </template>
          <div v-else class="unread">
            <h2>A bag that cannot be opened</h2>
            <p class="note">{{ bag.problem }}</p>
            <button type="button" class="button" @click="remove(bag)">Delete</button>
          </div>
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
    <NewBagDialog v-model="making" @made="make" />
  </div>
</template>

<style>
.shelf-page {
  display: grid;
  grid-template-rows: 48px 1fr;
  height: 100%;
  background: var(--stage);
}
.shelf-page.over {
  outline: 4px dashed var(--mat);
  outline-offset: -8px;
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
  gap: 8px;
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
