import { type Component, defineAsyncComponent } from 'vue'
import type { BandKind } from '@core/band'
import { type SeenAs, views } from '@app/parts/chart/views.ts'
import MosaicFields from './MosaicFields.vue'
import PlainFields from './PlainFields.vue'
import ReliefFields from './ReliefFields.vue'
import StripesFields from './StripesFields.vue'
import TapestryFields from './TapestryFields.vue'
import TextureFields from './TextureFields.vue'
import WrittenFields from './WrittenFields.vue'

/** What is decided about each kind of band beside what all parts have. One without an entry has nothing more. */
export const bandEditors: { readonly [Kind in BandKind]?: Component } = {
  plain: PlainFields,
  stripes: StripesFields,
  tapestry: TapestryFields,
  mosaic: MosaicFields,
  relief: ReliefFields,
  texture: TextureFields,
  written: WrittenFields,
}

/** A view that only one kind of band has. What draws it is brought in when it is wanted. */
export interface OwnView extends SeenAs {
  readonly component: Component
  /** Its cells would say nothing: beside it there is only the bag. */
  readonly only?: true
}
const ownView = (
  id: string,
  title: string,
  about: string,
  component: Component,
  more: Partial<OwnView> = {},
): OwnView => ({ ...{ id, title, about, component, shows: 'own', as: 'stitches' }, ...more })

const TextureStage = defineAsyncComponent(() => import('./TextureStage.vue'))
const StripesStack = defineAsyncComponent(() => import('./StripesStack.vue'))
const only = { only: true } as const
const ownViews: { readonly [Kind in BandKind]?: readonly OwnView[] } = {
  texture: [
    ownView('symbols', 'Symbols', 'Row for row in symbols', TextureStage, {
      ...{ ...only, as: 'symbols' },
    }),
    ownView('stitched', 'Stitched', 'Row for row as fabric', TextureStage, only),
  ],
  stripes: [ownView('stack', 'Stack', 'Stripes on one another: drag their edges', StripesStack)],
}

/** What is worked in each row of a mosaic, beside its picture. */
const asWorked: SeenAs = {
  id: 'worked',
  title: 'As worked',
  about: 'Each row in its yarn, with where it reaches down',
  ...{ shows: 'repeat', as: 'worked' },
}

/** What stands on the ground of a free texture, beside its colours. */
const raised: SeenAs = {
  id: 'raised',
  title: 'Raised',
  about: 'What stands on the ground, in symbols',
  ...{ shows: 'repeat', as: 'raised' },
}
const coloured: SeenAs = { ...views[0]!, title: 'Colours', about: 'The yarn of each stitch' }

/** The views of a kind of band, its own first. */
export function viewsOf(kind: BandKind): readonly (SeenAs | OwnView)[] {
  if (kind === 'mosaic') return views.flatMap((view, i) => (i === 0 ? [view, asWorked] : [view]))
  if (kind === 'relief') return [raised, coloured, ...views.slice(1)]
  const own = ownViews[kind] ?? []
  const others = own.some((view) => view.only)
    ? views.filter(({ shows }) => shows === 'bag')
    : views
  return [...own, ...others]
}
