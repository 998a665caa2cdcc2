import '@fontsource-variable/atkinson-hyperlegible-next'
import './house/tokens.css'
import './house/base.css'
import 'virtual:uno.css'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import dayjs from 'dayjs'
import 'dayjs/locale/en-gb'
import { createApp } from 'vue'
import { Problem } from './api/client'
import App from './App.vue'
import { router } from './house/router'
import { done } from './house/undo'
import { keepPagesOnDevice } from './house/update'
import { giveStylesTheirNonce } from './house/styleNonce'

giveStylesTheirNonce()
dayjs.locale('en-gb')

// A refusal is an answer and is not asked again; a lost connection or database is, a few times.
const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (times, e) => times < 4 && e instanceof Problem && (e.status === 0 || e.status === 503),
      retryDelay: 2000,
      staleTime: 2000,
    },
  },
})

// A refusal that no form has taken is still told, at the foot of the page.
window.addEventListener('unhandledrejection', (e) => {
  if (e.reason instanceof Problem) {
    e.preventDefault()
    done(`${e.reason.title} ${e.reason.detail}`)
  }
})

createApp(App).use(VueQueryPlugin, { queryClient }).use(router).mount('#app')

// The pages are kept on the device, so that the rail opens without a signal.
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  window.addEventListener('load', () => void keepPagesOnDevice().catch(() => undefined))
}
