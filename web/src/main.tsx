import '@fontsource-variable/source-serif-4'
import '@fontsource/ibm-plex-mono/400.css'
import '@fontsource/ibm-plex-mono/500.css'
import '@fontsource/ibm-plex-sans/400.css'
import '@fontsource/ibm-plex-sans/500.css'
import '@fontsource/ibm-plex-sans/600.css'
import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { App, ConfigProvider } from 'antd'
import 'katex/dist/katex.min.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, Route, Routes } from 'react-router'
import { isUnanswered, RETRY_MILLIS } from './api/client'
import { Contained } from './later/Contained'
import { later } from './later/later'
import { StartPage } from './start/StartPage'
import { useLook } from './theme/look'
import { themeOf } from './theme/theme'
import './theme/tokens.css'
import './theme/print.css'

const WorksheetPage = later(() => import('./screen/WorksheetPage').then((module) => module.WorksheetPage))

const client = new QueryClient({
  defaultOptions: {
    queries: {
      // What the program does not answer is asked again until it does: then all goes on by itself.
      retry: (count, reason) => isUnanswered(reason) || count < 1,
      retryDelay: RETRY_MILLIS,
      refetchOnWindowFocus: false,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
})
// What an answer changes in the cache and in the page's own state is drawn at once, and together.
notifyManager.setScheduler(queueMicrotask)
const root = document.getElementById('root')

/** The program in the look that was chosen. */
function Program() {
  return (
    <ConfigProvider theme={themeOf(useLook())}>
      <App style={{ height: '100%' }} notification={{ bottom: 56 }}>
        <QueryClientProvider client={client}>
          <BrowserRouter>
            <Contained what="This page" shown={null}>
              <Routes>
                <Route path="/worksheet/:id" element={<WorksheetPage />} />
                <Route path="*" element={<StartPage />} />
              </Routes>
            </Contained>
          </BrowserRouter>
        </QueryClientProvider>
      </App>
    </ConfigProvider>
  )
}

if (root) {
  createRoot(root).render(
    <StrictMode>
      <Program />
    </StrictMode>,
  )
}
