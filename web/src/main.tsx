import '@fontsource-variable/archivo/wdth.css'
import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { ApiProblem } from './api/client'
import { App } from './app/App'
import { system } from './app/theme'

// The server's policy lets styles in only with this page's nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="nonce"]')?.content
const cache = createCache({ key: 'nz', nonce })
// A sign-in that ended shows at whatever is asked next: the page then asks who is there, and comes back to the same place.
const askWho = (fault: Error) => {
  if (fault instanceof ApiProblem && fault.status === 401) void queries.invalidateQueries({ queryKey: ['session'] })
}
const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError: askWho }),
  mutationCache: new MutationCache({
    onError: (fault, _variables, _context, mutation) => mutation.options.mutationKey?.[0] !== 'sign-in' && askWho(fault),
  }),
  defaultOptions: { queries: { retry: 1, staleTime: 5_000 } },
})
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
