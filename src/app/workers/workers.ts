import type { Keeping } from '@app/storage/keeping.ts'
import type { CheckApi } from './check.worker.ts'
import { workerClient } from './client.ts'
import type { DeriveApi } from './derive.worker.ts'
import type { MendApi } from './mend.worker.ts'
import type { RoundApi } from './round.worker.ts'
import type { PaperApi } from './paper.worker.ts'
import type { PictureApi } from './picture.worker.ts'

/* The program's workers, each begun when it is first asked. */

/** All that follows from a design. */
export const deriver = workerClient<DeriveApi>(
  () => new Worker(new URL('./derive.worker.ts', import.meta.url), { type: 'module' }),
)

/** Files read, patterns written, and everything that goes out. */
export const paper = workerClient<PaperApi>(
  () => new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' }),
)

/** Written patterns read: it holds the grammar. */
export const checker = workerClient<CheckApi>(
  () => new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module' }),
)

/** Bags and workshop read and stored, beside the page and what it draws. */
export const keeper = workerClient<Keeping>(
  () => new Worker(new URL('./keep.worker.ts', import.meta.url), { type: 'module' }),
)

/** Bags drawn in the round: it holds what draws in light. */
export const rounder = workerClient<RoundApi>(
  () => new Worker(new URL('./round.worker.ts', import.meta.url), { type: 'module' }),
)

/** Pictures made into charts: large ones are opened there, and given up without disturbing the others. */
export const depicter = workerClient<PictureApi>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }),
)

/** The nearest mosaic that can be worked: it may take a while, and be given up without disturbing the others. */
export const mender = workerClient<MendApi>(
  () => new Worker(new URL('./mend.worker.ts', import.meta.url), { type: 'module' }),
)
