import { nanoid } from 'nanoid'
import type { Remote } from 'comlink'
import type { DocumentHead } from '@core/document'
import { type Project, projectHead } from '@core/project'
import { type Workshop, workshopHead } from '@core/workshop'
import { keeper } from '@app/workers/workers.ts'
import { NotDone, Unreadable } from './answered.ts'
import type { KeptRecord, KeptVersion, Save, SaveResult, StoreName } from './document-store.ts'
import type { Keeping, Told } from './keeping.ts'
import type { OpenWorkshop } from './opening-workshop.ts'

type Question<T> = (keeping: Remote<Keeping>) => Told<T>

/**
 * Asks where documents are kept: the worker; the page itself where there is no worker to be had.
 * @throws Unreadable, or NotDone with the reason
 */
export async function ask<T>(question: Question<T>): Promise<T> {
  const answer = await keeper.ask(question)
  const told = answer.ok
    ? answer.value
    : await question((await import('./keeping.ts')).keeping as unknown as Remote<Keeping>)
  if (told.ok) return told.value
  const { problem } = told
  throw typeof problem === 'string' ? new NotDone(problem) : new Unreadable(problem.unreadable)
}

/** Documents of one kind, as the page has them. Everything of it throws as {@link ask} does. */
export class KeptDocuments<T extends object> {
  constructor(
    readonly name: StoreName,
    readonly head: DocumentHead,
  ) {}

  /** The record under an id and what is in it; null when there is none. */
  maybe = (id: string) =>
    ask((api) => api.open(this.name, id)) as Promise<{
      record: KeptRecord
      document: T
      beside: unknown
    } | null>
  version = (version: KeptVersion) => ask((api) => api.version(this.name, version)) as Promise<T>
  noted = (text: string) => ask((api) => api.noted(this.name, text)) as Promise<T>
  save = (save: Save<T>): Promise<SaveResult> => ask((api) => api.save(this.name, save))
  /** Keeps a new document, under an id that comes back. */
  async add(document: T, id: string = nanoid()): Promise<string> {
    await ask((api) => api.add(this.name, id, document))
    return id
  }
  putBack = (save: Omit<Save<T>, 'firstOfSitting'>): Promise<KeptRecord> =>
    ask((api) => api.putBack(this.name, save))
  remove = (id: string): Promise<unknown> => ask((api) => api.remove(this.name, id))
  put = (id: string, raw: unknown): Promise<void> => ask((api) => api.put(this.name, id, raw))
}

/** Everything that is kept. */
export const kept = {
  bags: new KeptDocuments<Project>('bags', projectHead),
  workshop: new KeptDocuments<Workshop>('workshop', workshopHead),
}

/** There is one workshop in a browser. */
export const WORKSHOP = 'workshop'
/** @throws as {@link ask} */
export const theWorkshop = (): Promise<OpenWorkshop> => ask((api) => api.workshop(WORKSHOP))
