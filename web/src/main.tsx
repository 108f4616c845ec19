import '@fontsource-variable/archivo/wdth.css'
import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { App } from './app/App'
import { system } from './app/theme'

// The server's policy lets styles in only with this page's nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="nonce"]')?.content
const cache = createCache({ key: 'nz', nonce })
const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 5_000 } } })
const root = document.getElementById('root')
if (!root) throw new Error('The page has no root.')

createRoot(root).render(
  <StrictMode>
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  </StrictMode>,
)
