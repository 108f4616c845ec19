import '@fontsource-variable/archivo/wdth.css'
import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { MutationCache, QueryCache, QueryClient, type QueryKey } from '@tanstack/react-query'
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { ApiProblem } from './api/client'
import { App } from './app/App'
import { system } from './app/theme'
import { isKept, keptForMs, persister, shapeOfAnswers } from './offline/kept'

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
  // Asked whether the device thinks it has a network or not: the answer tells.
  defaultOptions: { queries: { retry: 1, staleTime: 5_000, networkMode: 'always' } },
})
const keeping = {
  persister,
  maxAge: keptForMs,
  buster: shapeOfAnswers,
  dehydrateOptions: {
    shouldDehydrateQuery: (query: { queryKey: QueryKey; state: { data: unknown } }) =>
      query.state.data !== undefined && isKept(query.queryKey),
  },
}
const root = document.getElementById('root')
if (!root) throw new Error('The page has no root.')

createRoot(root).render(
  <StrictMode>
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>
        <PersistQueryClientProvider client={queries} persistOptions={keeping}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </PersistQueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  </StrictMode>,
)
