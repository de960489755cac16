import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/bricolage-grotesque/wght.css'
import './style/tokens.css'
import './style/base.css'
import './style/element.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { keepProgram } from './offline.ts'
import { passEscapeOn } from './parts/page/pass-escape.ts'
import { router } from './router.ts'
import { beginSitting } from './storage/unsaved-note.ts'
import { deriver, keeper } from './workers/workers.ts'

// What every place waits for begins beside the page.
keeper.begin()
deriver.begin()
beginSitting()
passEscapeOn(document)
createApp(App).use(createPinia()).use(router).mount('#app')
// What is seen comes first.
addEventListener('load', () => void keepProgram())
