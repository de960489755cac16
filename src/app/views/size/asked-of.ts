import type { BasePart } from '@core/shape'
import { constructionOf } from '@core/shape'

const GROWS = ['increase', 'plainRows', 'count']

/** What is asked of a base: where its rows are given one by one, not how they grow. */
export const askedOf = (base: BasePart) =>
  constructionOf(base).written?.(base) || ('rows' in base && base.rows)
    ? constructionOf(base).asked.filter(({ key }) => !GROWS.includes(key))
    : constructionOf(base).asked
