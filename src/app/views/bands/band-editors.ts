import { type Component, defineAsyncComponent } from 'vue'
import type { BandKind } from '@core/band'
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

/** How a kind of band is shown on the stage where that is not a chart of cells. What draws it is brought in when it is wanted. */
export const bandStages: { readonly [Kind in BandKind]?: Component } = {
  texture: defineAsyncComponent(() => import('./TextureStage.vue')),
}
