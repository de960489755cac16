import { createRouter, createWebHistory } from 'vue-router'
import ShelfView from './views/shelf/ShelfView.vue'

/** The places inside a bag, in the order of the work. */
export const places = [
  { name: 'size', title: 'Size', view: () => import('./views/size/SizeView.vue') },
  { name: 'bands', title: 'Bands', view: () => import('./views/bands/BandsView.vue') },
  { name: 'yarns', title: 'Yarns', view: () => import('./views/yarns/YarnsView.vue') },
  { name: 'pattern', title: 'Pattern', view: () => import('./views/pattern/PatternView.vue') },
] as const
export type PlaceName = (typeof places)[number]['name']

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'shelf', component: ShelfView },
    {
      path: '/bag/:id',
      component: () => import('./views/BagFrame.vue'),
      children: [
        { path: '', redirect: { name: 'bands' } },
        ...places.map(({ name, view }) => ({ path: name, name, component: view })),
      ],
    },
    { path: '/:rest(.*)', name: 'nowhere', component: () => import('./views/NowhereView.vue') },
  ],
})
