// A signed-in caller of a running demo, with its cookies and token.
const email = 'coach@calagrigia.example'
const password = 'harbour-iron-44'

export async function signIn(address) {
  const cookies = {}
  const caller = { token: '', cookie: () => Object.entries(cookies).map((pair) => pair.join('=')).join('; ') }
  caller.call = async (method, path, body) => {
    const headers = { Cookie: caller.cookie(), 'X-Nerezza-Token': caller.token }
    if (body) headers['Content-Type'] = 'application/json'
    const answer = await fetch(address + path, { method, headers, body: body && JSON.stringify(body) })
    for (const cookie of answer.headers.getSetCookie()) {
      const [pair] = cookie.split(';')
      cookies[pair.slice(0, pair.indexOf('='))] = pair.slice(pair.indexOf('=') + 1)
    }
    const text = await answer.text()
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 200)}`)
    if (answer.headers.get('content-type')?.startsWith('application/x-ndjson')) return text.trim().split('\n').map((line) => JSON.parse(line))
    return text === '' ? null : JSON.parse(text)
  }
  caller.token = (await caller.call('GET', '/api/session')).token
  await caller.call('POST', '/api/session', { email, password })
  caller.token = (await caller.call('GET', '/api/session')).token
  caller.account = email
  return caller
}

export const today = new Date().toISOString().slice(0, 10)

/** A set with a place of its own in a made-up stretch of days. */
export function setNumber(i, id, note) {
  const date = new Date(Date.parse(today) - (1 + Math.floor(i / 50)) * 86_400_000).toISOString().slice(0, 10)
  return { id, date, exercise: 'back-squat-high-bar', place: i % 50, kg: 100, reps: 5, rpe: 8, note }
}
