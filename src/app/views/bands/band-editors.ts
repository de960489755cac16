import { type Component, defineAsyncComponent } from 'vue'
import type { BandKind } from '@core/band'
import { type SeenAs, views } from '@app/parts/chart/views.ts'
import PlainFields from './PlainFields.vue'
import StripesFields from './StripesFields.vue'
import TapestryFields from './TapestryFields.vue'
import TextureFields from './TextureFields.vue'
import WrittenFields from './WrittenFields.vue'

/** What is decided about each kind of band beside what all parts have. One without an entry has nothing more. */
export const bandEditors: { readonly [Kind in BandKind]?: Component } = {
  plain: PlainFields,
  stripes: StripesFields,
  tapestry: TapestryFields,
  texture: TextureFields,
  written: WrittenFields,
}

/** A view that only one kind of band has. What draws it is brought in when it is wanted. */
export interface OwnView extends SeenAs {
  readonly component: Component
  /** Its cells would say nothing: beside it there is only the bag. */
  readonly only?: true
}
const ownView = (id: string, title: string, about: string, component: Component): OwnView => ({
  ...{ id, title, about, component, shows: 'own', as: 'stitches' },
})
export const ownViews: { readonly [Kind in BandKind]?: OwnView } = {
  texture: {
    ...ownView(
      'symbols',
      'Symbols',
      'Row for row in symbols',
      defineAsyncComponent(() => import('./TextureStage.vue')),
    ),
    only: true,
  },
  stripes: ownView(
    'stack',
    'Stack',
    'Stripes on one another: drag their edges',
    defineAsyncComponent(() => import('./StripesStack.vue')),
  ),
}

/** The views of a kind of band, its own first. */
export function viewsOf(kind: BandKind): readonly SeenAs[] {
  const own = ownViews[kind]
  return own ? [own, ...(own.only ? views.filter(({ shows }) => shows === 'bag') : views)] : views
}
