// A proxy that loses, delays, repeats and reorders what it is given to carry.
import http from 'node:http'

const share = { lostOnTheWay: 0.08, answerLost: 0.08, twiceAtOnce: 0.05, againLater: 0.04, delayed: 0.15 }
const most = { delayMs: 80, againMs: 700 }

/** Listens on a port of its own; counts what it did. */
export async function faultyProxy(target, random) {
  const did = { carried: 0, lostOnTheWay: 0, answerLost: 0, twiceAtOnce: 0, againLater: 0, delayed: 0, noServer: 0 }
  const agent = new http.Agent({ keepAlive: true, maxSockets: 64 })
  const forward = (request, body) =>
    new Promise((resolve, reject) => {
      const onward = http.request(target + request.url, { method: request.method, headers: { ...request.headers, host: new URL(target).host }, agent }, (answer) => {
        const parts = []
        answer.on('data', (part) => parts.push(part))
        answer.on('end', () => resolve({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts) }))
        answer.on('error', reject)
      })
      onward.on('error', reject)
      onward.end(body)
    })
  const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
  const server = http.createServer(async (request, response) => {
    const parts = []
    for await (const part of request) parts.push(part)
    const body = Buffer.concat(parts)
    const happens = (what) => request.method === 'POST' && random() < share[what] && ++did[what] > 0
    try {
      if (happens('lostOnTheWay')) return void request.socket.destroy()
      if (happens('delayed')) await wait(random() * most.delayMs)
      if (happens('againLater')) setTimeout(() => forward(request, body).catch(() => undefined), random() * most.againMs)
      const twin = happens('twiceAtOnce') ? forward(request, body).catch(() => undefined) : null
      const answer = await forward(request, body)
      await twin
      did.carried++
      if (happens('answerLost')) return void request.socket.destroy()
      response.writeHead(answer.status, answer.headers).end(answer.body)
    } catch {
      did.noServer++
      request.socket.destroy()
    }
  })
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve))
  return { address: `http://127.0.0.1:${server.address().port}`, did, close: () => server.close() }
}

/** Numbers from 0 to 1 by a seed, so that a run can be had again. */
export function seeded(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}
