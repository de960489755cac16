import { projectKind } from '@core/project'
import { workshopKind } from '@core/workshop'
import { DocumentStore } from './document-store.ts'

/** Everything that is kept, by the name of its store. */
export const stores = {
  bags: new DocumentStore('bags', projectKind),
  workshop: new DocumentStore('workshop', workshopKind),
}
