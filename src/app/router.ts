import { ref } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { places, type PlaceName } from './places.ts'
import ShelfView from './views/shelf/ShelfView.vue'

const views: Record<PlaceName, () => Promise<unknown>> = {
  size: () => import('./views/size/SizeView.vue'),
  bands: () => import('./views/bands/BandsView.vue'),
  yarns: () => import('./views/yarns/YarnsView.vue'),
  finish: () => import('./views/finish/FinishView.vue'),
  pattern: () => import('./views/pattern/PatternView.vue'),
  make: () => import('./views/make/MakeView.vue'),
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfView },
    {
      path: '/stitches',
      name: 'stitches',
      component: () => import('./views/stitches/StitchesView.vue'),
    },
    {
      path: '/in-hand',
      name: 'in-hand',
      component: () => import('./views/in-hand/InHandView.vue'),
    },
    { path: '/check', name: 'check', component: () => import('./views/check/CheckView.vue') },
    {
      path: '/bag/:id',
      component: () => import('./views/bag/BagFrame.vue'),
      children: [
        { path: '', redirect: { name: 'bands' } },
        ...places.map(({ name }) => ({ path: name, name, component: views[name] })),
      ],
    },
    { path: '/:rest(.*)', name: 'nowhere', component: () => import('./views/NowhereView.vue') },
  ],
})

/** Where one wanted to go when a part of the program could not be fetched; null when all could. */
export const notLoaded = ref<string | null>(null)
router.onError((error: Error, to) => {
  if (!/import|fetch|load/i.test(error.message)) throw error
  notLoaded.value = to.fullPath
})
router.afterEach((_, __, failure) => {
  if (!failure) notLoaded.value = null
})
