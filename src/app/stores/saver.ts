import { type Ref, ref, shallowRef } from 'vue'
import type { StorageFailure } from '@app/storage/answered.ts'
import type { KeptRecord, Saved, SaveResult } from '@app/storage/document-store.ts'
import { ask, type KeptDocuments } from '@app/storage/kept.ts'
import { dropNote, leaveNote, sitting } from '@app/storage/unsaved-note.ts'
import { tellTabs } from '@app/storage/tabs.ts'
import { useLater, usePace } from './later.ts'
import { useNoting } from './leaving.ts'

/** `conflict`: another tab saved the document meanwhile; `gone`: it was deleted there. In both nothing more is stored by itself. */
export type SaveState = 'saved' | 'saving' | 'conflict' | 'gone' | StorageFailure

/** A change is stored at once, and while changes go on so often: half of the time, where a save takes long. */
const APART_MS = 50
const SLOWEST_MS = 200
const TIMES = 2
const RETRY_MS = 15_000
/** Where storing failed, a change is a reason to try again, this often at most. */
const AGAIN_MS = 1000

/** A document while it is open: what is stored of it. */
interface Session<T> {
  readonly id: string
  stored: T
  revision: number
  first: boolean
}

const needsHer = (state: SaveState): boolean => state === 'conflict' || state === 'gone'

/**
 * Saves an open document: what is changed is noted at once and stored, one save at a time. What could not be
 * stored stays in memory and in the note, is said, and is tried again; what another tab saved meanwhile is never overwritten.
 */
export class Saver<T extends object> {
  readonly state = ref<SaveState>('saved')
  readonly savedAt = ref(0)
  readonly previous = shallowRef<KeptRecord['previous']>([])
  private session: Session<T> | null = null
  private apartMs = APART_MS
  private readonly soon = usePace(() => void this.flush())
  private readonly retry = useLater(() => void this.flush())
  private readonly again = usePace(() => void this.flush())
  private readonly noting = useNoting(() => {
    const { session, document } = this
    if (session && this.unsaved())
      leaveNote(this.store, session.id, session.revision, document.value!)
  })
  /** Saves wait for one another. */
  private queue: Promise<void> = Promise.resolve()

  constructor(
    private readonly store: KeptDocuments<T>,
    private readonly document: Readonly<Ref<T | null>>,
    private readonly reload: () => Promise<void>,
    /** What is kept beside the document as it is now. */
    private readonly beside?: () => unknown,
  ) {}

  unsaved = (): boolean =>
    !!this.session && !!this.document.value && this.document.value !== this.session.stored

  /** Whether work would be lost with the tab, as far as is known. */
  losing = (): boolean => this.unsaved() && this.state.value !== 'saving'

  /** The document was just read: `now` is what is stored of it. */
  begin = (record: KeptRecord, now: T): void => {
    this.soon.cancel()
    this.session = { id: record.id, stored: now, revision: record.revision, first: true }
    this.show(record)
    this.state.value = 'saved'
    void ask((api) => api.ready())
  }

  /** The document is put away: nothing more is heard of it here. */
  end = (): void => {
    for (const waiting of [this.soon, this.retry, this.again, this.noting]) waiting.cancel()
    this.session = null
  }

  /** The document is another one. */
  changed = (): void => {
    if (!this.unsaved()) return
    this.noting.soon()
    if (this.state.value === 'saved') this.state.value = 'saving'
    if (this.state.value === 'saving') this.soon.apart(this.apartMs)
    else if (!needsHer(this.state.value)) this.again.apart(AGAIN_MS)
  }

  /** Writes down what is not stored yet, where there is no time for more. */
  note = (): void => this.noting.now()

  /** Saves now what is not saved yet, also of a document that is put away meanwhile. */
  flush = (): Promise<void> => {
    this.soon.cancel()
    if (!this.unsaved()) return this.queue
    const [of, last, beside] = [this.session!, this.document.value!, this.beside?.()]
    this.queue = this.queue.then(() =>
      of === this.session
        ? this.save(of, this.document.value!, this.beside?.())
        : this.save(of, last, beside),
    )
    return this.queue
  }

  private async save(of: Session<T>, now: T, beside: unknown): Promise<void> {
    if (now === of.stored || (of === this.session && needsHer(this.state.value))) return
    const began = performance.now()
    const result = await this.put(of, now, beside)
    const took = performance.now() - began
    this.apartMs = Math.min(SLOWEST_MS, Math.max(APART_MS, TIMES * took))
    if (of === this.session) this.took(result)
    else if (result.ok) dropNote(of.id)
  }

  /** Stores a document, and keeps what is then known of it. */
  private async put(of: Session<T>, now: T, beside: unknown): Promise<SaveResult> {
    const { id, revision, first: firstOfSitting } = of
    const result = await this.store.save({
      ...{ id, document: now, revision, firstOfSitting, sitting },
      ...(beside === undefined ? {} : { beside }),
    })
    if (!result.ok) return result
    Object.assign(of, { stored: now, revision: result.record.revision, first: false })
    tellTabs({ kind: 'saved', id, revision: of.revision })
    return result
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
    if (this.session) dropNote(this.session.id)
  }

  /** Another tab saved this document: take it over, unless there is something of our own to lose. */
  heardSave = (theirs: number): void => {
    if (!this.session || theirs <= this.session.revision) return
    if (this.unsaved()) this.state.value = 'conflict'
    else void this.reload()
  }

  /** Takes what another tab saved, and drops what this one has: only when she asks for it. */
  takeTheirs = async (): Promise<void> => {
    if (!this.session) return
    this.forgetNote()
    this.session.stored = this.document.value!
    await this.reload()
  }

  /** Keeps this tab's document beside the other's, as `copy`, under an id that is given back. @throws when it cannot be stored */
  keepAs = async (copy: T): Promise<string> => {
    const kept = this.document.value!
    const id = await this.store.add(copy)
    this.forgetNote()
    if (this.session) this.session.stored = kept
    this.state.value = 'saved'
    return id
  }

  /** Keeps a document that was deleted elsewhere again, as this tab has it. @throws when it cannot be stored */
  putBack = async (): Promise<void> => {
    const { id, revision } = this.session!
    const kept = this.document.value!
    const record = await this.store.putBack({ id, document: kept, revision: revision + 1, sitting })
    this.begin(record, kept)
    this.forgetNote()
  }
}
