// Records what a running server with the demo data answers for one client, for the tests that render whole views:
//   BASE=http://127.0.0.1:8080 node scripts/answers.mjs "Deckhand"
// Long lists are cut, so that the file stays small; nothing else is changed.
import { writeFileSync } from 'node:fs'
import prettier from 'prettier'

const base = process.env.BASE ?? 'http://127.0.0.1:8080'
const [email, password] = ['coach@calagrigia.example', 'harbour-iron-44']
const to = 'tests/answers.json'
const jar = new Map()

async function call(path, init = {}) {
  const answer = await fetch(base + path, {
    ...init,
    headers: { ...init.headers, cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; ') },
  })
  for (const line of answer.headers.getSetCookie()) {
    const [pair] = line.split(';')
    jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1))
  }
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
  return answer.status === 204 ? null : answer.json()
}

const cut = (value) =>
  Array.isArray(value)
    ? value.slice(0, 8).map(cut)
    : value && typeof value === 'object'
      ? Object.fromEntries(Object.entries(value).map(([key, of]) => [key, cut(of)]))
      : value

const tokens = await call('/api/session')
await call('/api/session', {
  method: 'POST',
  headers: { 'content-type': 'application/json', 'X-Nerezza-Token': tokens?.token ?? '' },
  body: JSON.stringify({ email, password }),
})
const today = '2026-11-25'
const clients = await call(`/api/clients?today=${today}`)
const client = clients.find((one) => one.name.includes(process.argv[2] ?? '')) ?? clients[0]
const at = `/api/clients/${client.id}`
const paths = {
  intake: `${at}/intake`,
  health: `${at}/health`,
  screens: `${at}/screens`,
  findings: `${at}/findings`,
  levers: `${at}/levers`,
  exercises: `${at}/exercises`,
  protocol: '/api/protocol',
  catalogue: '/api/catalogue',
  faces: '/api/catalogue/faces',
}
const answers = {}
for (const [name, path] of Object.entries(paths)) {
  const whole = await call(path)
  answers[name] = name === 'protocol' || name === 'intake' ? whole : cut(whole)
}
writeFileSync(to, await prettier.format(JSON.stringify(answers), { ...(await prettier.resolveConfig(to)), parser: 'json' }))
