import { defineAsyncComponent } from 'vue'
import { isBase, type Part } from '@core/design'
import { views } from '@app/parts/chart/views.ts'
import HandlesFields from './HandlesFields.vue'
import MosaicFields from './MosaicFields.vue'
import MosaicMend from './MosaicMend.vue'
import PlainFields from './PlainFields.vue'
import ReliefFields from './ReliefFields.vue'
import StripesFields from './StripesFields.vue'
import TapestryFields from './TapestryFields.vue'
import TextureFields from './TextureFields.vue'
import WrittenFields from './WrittenFields.vue'
import { type ChartKind, type ChartKinds, type OwnView, plainKind } from './chart-kind.ts'
import { mosaicViews, onMosaic } from './mosaic.ts'
import { onRelief, reliefViews } from './relief.ts'
import {
  handlesSays,
  mosaicRare,
  mosaicSays,
  plainRare,
  plainSays,
  reliefRare,
  reliefSays,
  stripesSays,
  tapestryRare,
  tapestrySays,
  textureRare,
  textureSays,
  writtenSays,
} from './says.ts'

const ownView = (
  id: string,
  title: string,
  about: string,
  component: OwnView['component'],
  as: OwnView['as'] = 'stitches',
): OwnView => ({ ...{ id, title, about, component, as }, shows: 'own' })

const TextureStage = defineAsyncComponent(() => import('./TextureStage.vue'))
const WrittenStage = defineAsyncComponent(() => import('./WrittenStage.vue'))
const StripesStack = defineAsyncComponent(() => import('./StripesStack.vue'))

/** Every kind of band as the page has it. One is added here and nowhere else. */
export const chartKinds: ChartKinds = {
  plain: { ...plainKind, fields: PlainFields, says: plainSays, rare: plainRare },
  stripes: {
    ...plainKind,
    fields: StripesFields,
    says: stripesSays,
    views: [
      ownView('stack', 'Stack', 'Stripes on one another: drag their edges', StripesStack),
      ...views,
    ],
  },
  tapestry: { ...plainKind, fields: TapestryFields, says: tapestrySays, rare: tapestryRare },
  mosaic: {
    ...{ fields: MosaicFields, mend: MosaicMend, views: mosaicViews, on: onMosaic },
    ...{ says: mosaicSays, rare: mosaicRare },
  },
  relief: {
    ...{ fields: ReliefFields, views: reliefViews, on: onRelief },
    ...{ says: reliefSays, rare: reliefRare },
  },
  texture: {
    ...plainKind,
    fields: TextureFields,
    says: textureSays,
    rare: textureRare,
    chooser: defineAsyncComponent(() => import('../dialogs/TextureDialog.vue')),
    // Its cells would say nothing: beside its stitches there is only the bag.
    views: [
      ownView('symbols', 'Symbols', 'Row for row in symbols', TextureStage, 'symbols'),
      ownView('stitched', 'Stitched', 'Row for row as fabric', TextureStage),
      ...views.filter(({ shows }) => shows === 'bag'),
    ],
  },
  handles: { ...plainKind, fields: HandlesFields, says: handlesSays },
  written: {
    ...plainKind,
    fields: WrittenFields,
    says: writtenSays,
    views: [
      ownView('symbols', 'Symbols', 'Row for row in symbols', WrittenStage, 'symbols'),
      ownView('stitched', 'Stitched', 'Row for row as fabric', WrittenStage),
      ...views.filter(({ shows }) => shows === 'bag'),
    ],
  },
}

/** What the page knows of a part: of a base, what it knows of any. */
export const chartKindOf = (part: Part): ChartKind =>
  isBase(part) ? plainKind : (chartKinds[part.kind] as ChartKind)
