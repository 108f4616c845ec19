// Sets under load and through a faulty network, on a running demo. Arguments: root, address, database, then what: one, crowd or faulty.
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { faultyProxy, seeded } from './faulty-proxy.mjs'
import { setNumber, signIn, today } from '../session.mjs'

const [root, address, database, what] = process.argv.slice(2)
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

/** One set after the other: by the server, and the same row by pgbench over one prepared connection, in turn in the same run. */
async function one() {
  const rounds = 20
  const each = 100
  const [server, bare] = [[], []]
  let i = 0
  const log = async () => {
    const begin = performance.now()
    await caller.call('POST', `/api/clients/${client}/sets`, setNumber(i++, crypto.randomUUID(), 'one'))
    return performance.now() - begin
  }
  for (let warm = 0; warm < 200; warm++) await log()
  const folder = mkdtempSync(join(tmpdir(), 'nerezza-bare-'))
  writeFileSync(join(folder, 'row.sql'), sameRow())
  for (let round = 0; round < rounds; round++) {
    for (let n = 0; n < each; n++) server.push(await log())
    execFileSync('pgbench', [database, '-n', '-M', 'prepared', '-t', String(each), '-f', join(folder, 'row.sql'), '-l', '--log-prefix', join(folder, `r${round}`)], { stdio: 'ignore' })
  }
  // The third column of a transaction's line is how long it took, microseconds.
  for (const file of readdirSync(folder).filter((name) => name.startsWith('r') && name !== 'row.sql'))
    for (const line of readFileSync(join(folder, file), 'utf8').trim().split('\n')) bare.push(Number(line.split(' ')[2]) / 1000)
  const [by, raw] = [figures(server), figures(bare)]
  console.log(`one set, ${server.length} by the server: ${shown(by)}; ${bare.length} rows by the bare driver: ${shown(raw)}; ratio ${(by.p50 / raw.p50).toFixed(1)} and ${(by.p99 / raw.p99).toFixed(1)}`)
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
