import { defineAsyncComponent } from 'vue'

/* Dialogs that are loaded when they are first opened. */

export const MotifDialog = defineAsyncComponent(() => import('./MotifDialog.vue'))
export const PictureDialog = defineAsyncComponent(() => import('../picture/PictureDialog.vue'))
