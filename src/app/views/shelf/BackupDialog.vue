<script setup lang="ts">
import { fileOpen } from 'browser-fs-access'
import { ref, shallowRef } from 'vue'
import { newIn } from '@core/workshop'
import { counted } from '@core/units'
import { failureWords } from '@app/storage/answered.ts'
import type { Backup, BackupBag } from '@app/storage/backup.ts'
import type { RestoreAs } from '@app/storage/joining.ts'
import { leaveOnDesk } from '@app/storage/desk.ts'
import { ask, WORKSHOP } from '@app/storage/kept.ts'
import { sitting } from '@app/storage/unsaved-note.ts'
import { giveFile } from '@app/export/save.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { useShelf } from '@app/stores/shelf.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** All there is in one file, and back out of it: what it holds is shown before anything is taken. */
const open = defineModel<boolean>({ required: true })
const shelf = useShelf()
const workshop = useWorkshop()
const busy = ref(false)
const said = ref<{ readonly text: string; readonly wrong: boolean } | null>(null)
const found = shallowRef<{ readonly bytes: Uint8Array; readonly backup: Backup } | null>(null)
const take = ref<Record<string, RestoreAs | 'leave'>>({})
const withWorkshop = ref(true)

async function doing(work: () => Promise<string>) {
  busy.value = true
  said.value = null
  try {
    said.value = { text: await work(), wrong: false }
  } catch (error) {
    said.value = { text: (error as Error).message, wrong: true }
  }
  busy.value = false
}
const save = () =>
  doing(async () => {
    await workshop.stored()
    const bytes = await ask((api) => api.backup(WORKSHOP)).catch(
      (error: { reason?: keyof typeof failureWords }) => {
        throw new Error(`${failureWords[error.reason ?? 'refused']}, so no backup could be made.`)
      },
    )
    const day = new Date().toISOString().slice(0, 10)
    const content = new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' })
    await giveFile({ name: `ample-motif-backup-${day}.zip`, type: 'application/zip', content })
    await leaveOnDesk('last-backup', new Date().toISOString())
    return 'Saved. Keep it where this device is not.'
  })
const pick = () =>
  doing(async () => {
    const file = await fileOpen({ extensions: ['.zip'], mimeTypes: ['application/zip'] })
    const bytes = new Uint8Array(await file.arrayBuffer())
    const read = await ask((api) => api.readBackup(bytes))
    if (!read.ok) throw new Error(read.problem)
    found.value = { bytes, backup: read.value }
    take.value = Object.fromEntries(read.value.bags.map((bag) => [bag.id, usual(bag)]))
    return 'Nothing is taken yet.'
  })
const usual = ({ is }: BackupBag): RestoreAs | 'leave' =>
  (
    ({
      new: 'beside',
      differs: 'join',
      other: 'beside',
      same: 'leave',
      unreadable: 'leave',
    }) as const
  )[is]
const isWords = ({ is, added, otherPlan, problem }: BackupBag): string =>
  ({
    new: 'not on this shelf',
    same: 'here, the very same',
    differs: [
      added > 0
        ? added === 1
          ? '1 entry of its log is not here'
          : `${added} entries of its log are not here`
        : '',
      otherPlan ? 'another plan' : '',
    ]
      .filter(Boolean)
      .join(', '),
    other: 'another bag of this name is here',
    unreadable: `cannot be read: ${problem}`,
  })[is]
const waysOf = ({
  is,
  otherPlan,
}: BackupBag): readonly (readonly [RestoreAs | 'leave', string])[] => [
  ...(is === 'differs'
    ? ([
        ['join', otherPlan ? 'Join the logs, the plan as here' : 'Join the logs'],
        ...(otherPlan ? [['join, its plan', 'Join the logs, with its plan'] as const] : []),
      ] as const)
    : []),
  ...(is === 'unreadable' || is === 'same' ? [] : [['beside', 'Put it on the shelf'] as const]),
  ['leave', 'Leave it'],
]
const restore = () =>
  doing(async () => {
    const { bytes, backup } = found.value!
    const asked = Object.entries(take.value).flatMap(([id, as]) =>
      as === 'leave' ? [] : [{ id, as }],
    )
    const done = await ask((api) => api.restore(bytes, asked, sitting))
    if (!done.ok) throw new Error(done.problem)
    if (withWorkshop.value && backup.workshop) workshop.edit({ do: 'take', from: backup.workshop })
    found.value = null
    await shelf.refresh()
    const { taken, failed } = done.value
    if (failed.length > 0)
      throw new Error(`Not stored: ${failed.join(', ')}. ${counted(taken, 'bag')} taken.`)
    return `${counted(taken, 'bag')} taken.`
  })
</script>

<template>
  <ElDialog v-model="open" title="Backup" width="680px" append-to-body>
    <div class="backup-dialog">
      <p>
        All bags with their logs and pictures, your own stitches, motifs, palettes, yarns and
        settings, in one zip. A browser may lose what it keeps; a file elsewhere does not.
      </p>
      <div class="backup-acts">
        <button type="button" class="button main" :disabled="busy" @click="save">
          Save a backup
        </button>
        <button type="button" class="button" :disabled="busy" @click="pick">
          Restore from a backup …
        </button>
      </div>
      <p v-if="said" :role="said.wrong ? 'alert' : 'status'" :class="{ wrong: said.wrong }">
        {{ said.text }}
      </p>
      <form v-if="found" @submit.prevent="restore">
        <h3>Made on {{ found.backup.madeAt.slice(0, 10) }}</h3>
        <table class="num">
          <tbody>
            <tr v-for="bag in found.backup.bags" :key="bag.id">
              <th scope="row">
                {{ bag.name
                }}<small v-if="bag.photos > 0">{{ counted(bag.photos, 'picture') }}</small>
              </th>
              <td>{{ isWords(bag) }}</td>
              <td>
                <select v-model="take[bag.id]" :aria-label="`What to do with ${bag.name}`">
                  <option v-for="[value, label] in waysOf(bag)" :key="value" :value="value">
                    {{ label }}
                  </option>
                </select>
              </td>
            </tr>
          </tbody>
        </table>
        <label v-if="found.backup.workshop" class="backup-workshop">
          <input v-model="withWorkshop" type="checkbox" />
          Own stitches, motifs, palettes, yarns and swatches that are not here ({{
            newIn(workshop.workshop, found.backup.workshop)
          }})
        </label>
        <DialogEnd does="Take these" leaves="Not now" :disabled="busy" @leave="found = null" />
      </form>
    </div>
  </ElDialog>
</template>

<style>
.backup-dialog {
  display: grid;
  gap: 12px;
}
.backup-acts {
  display: flex;
  gap: 8px;
}
.backup-dialog .wrong {
  color: var(--error);
}
.backup-dialog table {
  width: 100%;
  margin: 8px 0;
  border-collapse: collapse;
  font-size: 13px;
}
.backup-dialog th,
.backup-dialog td {
  padding: 5px 8px 5px 0;
  border-top: 1px solid var(--line);
  text-align: left;
  vertical-align: top;
}
.backup-dialog th small {
  display: block;
  color: var(--ink-2);
  font-weight: 400;
}
.backup-dialog select {
  min-height: 28px;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: #fff;
}
.backup-workshop {
  display: flex;
  gap: 8px;
}
</style>
