// One device: the page's own outbox, in a database of its own, sending through the proxy until the server has acknowledged everything.
import { createRequire } from 'node:module'
import { pathToFileURL } from 'node:url'
import { setNumber, signIn } from '../session.mjs'

const [root, direct, proxied, client, device, sets] = process.argv.slice(2)
const web = createRequire(`${root}/web/package.json`)
await import(pathToFileURL(web.resolve('fake-indexeddb/auto')).href)
const caller = await signIn(direct)

// The page's addresses are its own server's; here that is the proxy.
const { Request: Plain, fetch: plainFetch } = globalThis
globalThis.Request = class extends Plain {
  constructor(input, init) {
    super(typeof input === 'string' && input.startsWith('/') ? proxied + input : input, init)
  }
}
globalThis.fetch = (request) => {
  request.headers.set('cookie', caller.cookie())
  return plainFetch(request)
}
const there = new Map()
globalThis.localStorage = { getItem: (key) => there.get(key) ?? null, setItem: (key, value) => there.set(key, value) }
const { createServer } = await import(pathToFileURL(web.resolve('vite')).href)
const vite = await createServer({ root: `${root}/web`, configFile: false, appType: 'custom', logLevel: 'error', server: { middlewareMode: true, hmr: false, ws: false } })
const outbox = await vite.ssrLoadModule('/src/offline/outbox.ts')
const { flushOutbox } = await vite.ssrLoadModule('/src/hooks/useOutbox.ts')
const { setToken } = await vite.ssrLoadModule('/src/api/client.ts')
const { QueryClient } = await vite.ssrLoadModule('@tanstack/react-query')
setToken(caller.token)
const queries = new QueryClient()
const batch = 50
let rounds = 0
for (let from = 0; from < Number(sets); from += batch) {
  for (let i = from; i < from + batch; i++) {
    const id = crypto.randomUUID()
    await outbox.put({ id, clientId: client, madeAt: i, account: caller.account, set: setNumber(Number(device) * Number(sets) + i, id, 'faulty') })
  }
  for (; (await outbox.waitingOf(caller.account)).length > 0; rounds++) {
    await flushOutbox(caller.account, queries)
    const refused = (await outbox.waitingOf(caller.account)).filter((entry) => entry.refused)
    if (refused.length > 0) throw new Error(`refused: ${refused[0].refused}`)
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
}
console.log(`device ${device}: ${sets} sets acknowledged in ${rounds} rounds of sending`)
await vite.close()
process.exit(0)
