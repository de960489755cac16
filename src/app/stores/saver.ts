import { type Ref, ref, shallowRef } from 'vue'
import type { Design } from '@core/design'
import { copyName } from '@core/units'
import type { StorageFailure } from '@app/storage/answered.ts'
import {
  addBag,
  type BagRecord,
  putBag,
  recordWith,
  saveBag,
  type Saved,
  type SaveResult,
} from '@app/storage/bag-store.ts'
import { dropNote, leaveNote, sitting } from '@app/storage/unsaved-note.ts'
import { tellTabs } from '@app/storage/tabs.ts'
import { keeper } from '@app/workers/workers.ts'
import { useLater, usePace } from './later.ts'
import { useNoting } from './leaving.ts'

/** `conflict`: another tab saved the bag meanwhile; `gone`: it was deleted there. In both nothing more is stored by itself. */
export type SaveState = 'saved' | 'saving' | 'conflict' | 'gone' | StorageFailure

/** A change is stored at once, and while changes go on so often: half of the time, where a save takes long. */
const APART_MS = 50
const SLOWEST_MS = 200
const TIMES = 2
const RETRY_MS = 15_000
/** Where storing failed, a change is a reason to try again, this often at most. */
const AGAIN_MS = 1000

/** A bag while it is on the table: what is stored of it. */
interface Session {
  readonly bag: string
  stored: Design
  revision: number
  first: boolean
}

const needsHer = (state: SaveState): boolean => state === 'conflict' || state === 'gone'

/** Stores a bag, and keeps what is then known of it. */
async function store(of: Session, now: Design): Promise<SaveResult> {
  const { bag: id, revision, first: firstOfSitting } = of
  const save = { id, design: now, revision, firstOfSitting, sitting }
  // In a worker, as the page may be busy drawing; in the page where there is no worker to be had.
  const answer = await keeper.ask((api) => api.save(save))
  const result = answer.ok ? answer.value : await saveBag(save)
  if (!result.ok) return result
  Object.assign(of, { stored: now, revision: result.record.revision, first: false })
  tellTabs({ kind: 'saved', bag: id, revision: of.revision })
  return result
}

/**
 * Saves the bag on the table: what is changed is noted at once and stored, one save at a time. What could not be
 * stored stays in memory and in the note, is said, and is tried again; what another tab saved meanwhile is never overwritten.
 */
export class Saver {
  readonly state = ref<SaveState>('saved')
  readonly savedAt = ref(0)
  readonly previous = shallowRef<BagRecord['previous']>([])
  private session: Session | null = null
  private apartMs = APART_MS
  private readonly soon = usePace(() => void this.flush())
  private readonly retry = useLater(() => void this.flush())
  private readonly again = usePace(() => void this.flush())
  private readonly noting = useNoting(() => {
    if (this.unsaved()) leaveNote(this.session!.bag, this.session!.revision, this.design.value!)
  })
  /** Saves wait for one another. */
  private queue: Promise<void> = Promise.resolve()

  constructor(
    private readonly design: Readonly<Ref<Design | null>>,
    private readonly reload: () => Promise<void>,
  ) {}

  unsaved = (): boolean =>
    !!this.session && !!this.design.value && this.design.value !== this.session.stored

  /** Whether work would be lost with the tab, as far as is known. */
  losing = (): boolean => this.unsaved() && this.state.value !== 'saving'

  /** The bag was just read: `now` is what is stored of it. */
  begin = (record: BagRecord, now: Design): void => {
    this.soon.cancel()
    this.session = { bag: record.id, stored: now, revision: record.revision, first: true }
    this.show(record)
    this.state.value = 'saved'
    void keeper.ask((api) => api.ready())
  }

  /** The bag is put away: nothing more is heard of it here. */
  end = (): void => {
    for (const waiting of [this.soon, this.retry, this.again, this.noting]) waiting.cancel()
    this.session = null
  }

  /** The design is another one. */
  changed = (): void => {
    if (!this.unsaved()) return
    this.noting.soon()
    if (this.state.value === 'saved') this.state.value = 'saving'
    if (this.state.value === 'saving') this.soon.apart(this.apartMs)
    else if (!needsHer(this.state.value)) this.again.apart(AGAIN_MS)
  }

  /** Writes down what is not stored yet, where there is no time for more. */
  note = (): void => this.noting.now()

  /** Saves now what is not saved yet, also of a bag that is put away meanwhile. */
  flush = (): Promise<void> => {
    this.soon.cancel()
    if (!this.unsaved()) return this.queue
    const [of, last] = [this.session!, this.design.value!]
    this.queue = this.queue.then(() =>
      this.save(of, of === this.session ? this.design.value! : last),
    )
    return this.queue
  }

  private async save(of: Session, now: Design): Promise<void> {
    if (now === of.stored || (of === this.session && needsHer(this.state.value))) return
    const began = performance.now()
    const result = await store(of, now)
    const took = performance.now() - began
    this.apartMs = Math.min(SLOWEST_MS, Math.max(APART_MS, TIMES * took))
    if (of === this.session) this.took(result)
    else if (result.ok) dropNote(of.bag)
  }

  private took(result: SaveResult): void {
    if (result.ok) {
      this.show(result.record)
      if (!this.unsaved()) return this.forgetNote()
    } else this.state.value = result.reason
    // What is still to be stored goes on from what now is.
    this.noting.now()
    if (result.ok) this.soon.apart(this.apartMs)
    else if (!needsHer(this.state.value)) this.retry.within(RETRY_MS)
  }

  private show({ savedAt, previous }: Saved): void {
    this.savedAt.value = savedAt
    if (previous) this.previous.value = previous
    this.state.value = this.unsaved() ? 'saving' : 'saved'
  }

  private forgetNote(): void {
    this.noting.cancel()
    if (this.session) dropNote(this.session.bag)
  }

  /** Another tab saved this bag: take it over, unless there is something of our own to lose. */
  heardSave = (theirs: number): void => {
    if (!this.session || theirs <= this.session.revision) return
    if (this.unsaved()) this.state.value = 'conflict'
    else void this.reload()
  }

  /** Takes what another tab saved, and drops what this one has: only when she asks for it. */
  takeTheirs = async (): Promise<void> => {
    if (!this.session) return
    this.forgetNote()
    this.session.stored = this.design.value!
    await this.reload()
  }

  /** Keeps this tab's bag beside the other's, under an id that is given back. @throws when it cannot be stored */
  keepAsCopy = async (): Promise<string> => {
    const kept = this.design.value!
    const { id } = await addBag({ ...kept, name: copyName(kept.name) })
    this.forgetNote()
    if (this.session) this.session.stored = kept
    this.state.value = 'saved'
    return id
  }

  /** Puts a bag that was deleted elsewhere on the shelf again, as this tab has it. @throws when it cannot be stored */
  putBack = async (): Promise<void> => {
    const { bag, revision } = this.session!
    const kept = this.design.value!
    const record = recordWith(bag, kept, { revision: revision + 1, by: sitting })
    await putBag(bag, record)
    this.begin(record, kept)
    this.forgetNote()
  }
}
