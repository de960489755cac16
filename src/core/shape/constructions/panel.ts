import { OneOf } from '../../document/index.ts'
import { Base, beginnings, type BeginsWith } from '../base.ts'
import { asked, type Construction, inPanels, twoFaces, firstRowChoice } from '../construction.ts'

/** One panel in rows, and nothing sewn: a strap, a flap, a pocket; or a bag that is only that. */
export class PanelPart extends Base {
  @OneOf(['panel']) readonly kind!: 'panel'
  /** Whether a plain row of its own comes first, or the bands begin at once in the chain. */
  @OneOf(beginnings) readonly begins!: BeginsWith
}

export const panel: Construction<PanelPart> = {
  document: PanelPart,
  begin: (kept) => ({ ...kept, kind: 'panel', begins: 'row' }),
  name: 'One panel',
  hint: 'One panel in rows, not sewn',
  asked: [asked.count('Across')],
  choices: [firstRowChoice],
  front: () => ({ kind: 'panel' }),
  alone: true,
  open: true,
  worked: 'rows',
  begunWith: (count) => `a panel of ${count} stitches`,
  growth: () => ({ first: 2, increase: 1 }),
  flat: null,
  around: () => 2,
  pieces: ({ count }) => inPanels(count, 1),
  joins: () => [],
  sizes: (_, { widestMm, mm }) => twoFaces(widestMm, mm),
}
