// Sets under load and through a faulty network, on a running demo. Arguments: root, address, database, then what: one, crowd or faulty; the
// server's log.
import { execFileSync, spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import http from 'node:http'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { faultyProxy, seeded } from './faulty-proxy.mjs'
import { setNumber, signIn, today } from '../session.mjs'

const [root, address, database, what, serverLog] = process.argv.slice(2)
const sql = (text) => execFileSync('psql', [database, '-X', '-q', '-t', '-A', '-c', text], { encoding: 'utf8' }).trim()
const at = (sorted, part) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))]
const figures = (ms) => {
  const sorted = [...ms].sort((a, b) => a - b)
  return { p50: at(sorted, 0.5), p99: at(sorted, 0.99) }
}
const shown = ({ p50, p99 }) => `median ${p50.toFixed(2)} ms, 99th percentile ${p99.toFixed(2)} ms`
const caller = await signIn(address)
const clients = await caller.call('GET', `/api/clients?today=${today}`)
const client = clients.find((one) => one.name.startsWith('Ilario')).id

/** One set after the other, as the server answers it, and the same row by the driver alone, in turn in the same run; both warm. */
async function one() {
  const [rounds, each, warm] = [20, 100, 6000]
  const [server, bare] = [[], []]
  const connection = new http.Agent({ keepAlive: true, maxSockets: 1 })
  let i = 0
  const log = async () => {
    const set = JSON.stringify(setNumber(i++ % 1000, crypto.randomUUID(), 'one'))
    const begin = performance.now()
    await posted(connection, `/api/clients/${client}/sets`, set)
    return performance.now() - begin
  }
  for (let n = 0; n < warm; n++) await log()
  const driver = bareDriver()
  await driver.took(warm)
  for (let round = 0; round < rounds; round++) {
    for (let n = 0; n < each; n++) server.push(await log())
    bare.push(...(await driver.took(each)))
  }
  driver.end()
  connection.destroy()
  const [whole, by, raw] = [server, taken(server.length), bare].map(figures)
  console.log(`one set, ${server.length} as the caller sees it: ${shown(whole)}; within the server: ${shown(by)}; ${bare.length} rows by the bare driver: ${shown(raw)}`)
  console.log(`server to driver: ${(by.p50 / raw.p50).toFixed(1)} and ${(by.p99 / raw.p99).toFixed(1)}; caller to driver: ${(whole.p50 / raw.p50).toFixed(1)} and ${(whole.p99 / raw.p99).toFixed(1)}`)
}

/** How long the server says that each of the last sets took, milliseconds. */
function taken(many) {
  const times = [...readFileSync(serverLog, 'utf8').matchAll(/Request finished .* POST .*\/sets - 201 .* ([\d.]+)ms/g)].map((line) => Number(line[1]))
  if (times.length < many) throw new Error(`the log has ${times.length} sets, ${many} were sent`)
  return times.slice(-many)
}

/** A post over a connection that stays: what a caller's own library does around it is no part of the figure. */
const posted = (connection, path, text) =>
  new Promise((resolve, reject) => {
    const headers = { Cookie: caller.cookie(), 'X-Nerezza-Token': caller.token, 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) }
    const request = http.request(address + path, { agent: connection, method: 'POST', headers }, (answer) => {
      answer.resume()
      answer.on('end', () => (answer.statusCode === 201 ? resolve() : reject(new Error(`a set was answered by ${answer.statusCode}`))))
    })
    request.on('error', reject)
    request.end(text)
  })

/** The driver alone in a process of its own, which is told how many rows and answers how long each took. */
function bareDriver() {
  const program = join(root, 'bench/Nerezza.Benchmarks/bin/Release/net10.0/Nerezza.Benchmarks.dll')
  const child = spawn('dotnet', [program, 'rows', process.env.NEREZZA_DB], { stdio: ['pipe', 'pipe', 'inherit'] })
  const lines = createInterface({ input: child.stdout })[Symbol.asyncIterator]()
  child.stdin.write(sameRow() + '\n')
  return {
    took: async (many) => {
      child.stdin.write(`${many}\n`)
      return (await lines.next()).value.split(' ').map(Number)
    },
    end: () => child.stdin.end(),
  }
}

/** An insert of the newest set's row under another id. */
function sameRow() {
  const columns = sql("SELECT string_agg(column_name, ',' ORDER BY ordinal_position) FROM information_schema.columns WHERE table_name = 'logged_sets' AND is_generated = 'NEVER'").split(',')
  const values = columns.map((column) =>
    column === 'id' ? 'gen_random_uuid()' : sql(`SELECT coalesce(quote_literal(${column}::text), 'NULL') FROM logged_sets WHERE note = 'one' ORDER BY logged_at DESC LIMIT 1`),
  )
  return `INSERT INTO logged_sets (${columns.map((column) => `"${column}"`).join(', ')}) VALUES (${values.join(', ')});`
}

/** 200 lifters, each with a client of their own, log a set every second or so for a minute. */
async function crowd() {
  const lifters = 200
  const seconds = 60
  const random = seeded(11)
  const ids = []
  for (let n = 0; n < lifters; n++) {
    const body = { name: `Lifter ${n + 1}`, heightCm: 175, massKg: 80, level: 'intermediate', days: [{ day: 'mon', minutes: 60 }] }
    ids.push((await caller.call('POST', '/api/clients', body)).id)
  }
  const taken = []
  const faults = []
  const end = Date.now() + seconds * 1000
  const lifter = async (id) => {
    for (let i = 0; Date.now() < end; i++) {
      await new Promise((resolve) => setTimeout(resolve, random() * 2000))
      const begin = performance.now()
      await caller.call('POST', `/api/clients/${id}/sets`, setNumber(i, crypto.randomUUID(), 'crowd')).then(
        () => taken.push(performance.now() - begin),
        (fault) => faults.push(String(fault)),
      )
    }
  }
  await Promise.all(ids.map(lifter))
  const rows = Number(sql("SELECT count(*) FROM logged_sets WHERE note = 'crowd'"))
  console.log(`${lifters} lifters for ${seconds} s: ${taken.length} sets acknowledged, ${rows} rows, ${faults.length} errors; ${shown(figures(taken))}`)
  for (const fault of faults.slice(0, 3)) console.log(fault)
}

/** 10,000 sets from four devices through the proxy; the server is killed and started again by whoever runs this. */
async function faulty() {
  const [devices, each] = [4, 2500]
  const proxy = await faultyProxy(address, seeded(7))
  const run = (device) =>
    new Promise((resolve, reject) => {
      const script = new URL('device.mjs', import.meta.url).pathname
      const child = spawn('node', [script, root, address, proxy.address, client, String(device), String(each)], { stdio: 'inherit' })
      child.on('exit', (code) => (code === 0 ? resolve() : reject(new Error(`device ${device} ended with ${code}`))))
    })
  await Promise.all(Array.from({ length: devices }, (_, device) => run(device)))
  await new Promise((resolve) => setTimeout(resolve, 2000)) // what the proxy still repeats
  proxy.close()
  const counts = sql("SELECT count(*) || ' rows, ' || count(DISTINCT id) || ' ids, ' || count(DISTINCT (date, place)) || ' places' FROM logged_sets WHERE note = 'faulty'")
  console.log(`${devices * each} sets acknowledged: ${counts}; the proxy ${JSON.stringify(proxy.did)}`)
}

await { one, crowd, faulty }[what]()
process.exit(0)
