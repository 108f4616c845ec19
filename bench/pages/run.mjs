// Times of pages, server side over loopback: medians of fifteen after three to warm. Arguments: address of a running demo, then what to run.
import { execFileSync } from 'node:child_process'
import { signIn, today } from '../session.mjs'

const [address, psql, ...rest] = process.argv.slice(2)
const { call } = await signIn(address)

const sql = (text, variables = {}, file) =>
  execFileSync('psql', [psql, '-X', '-q', '-t', '-A', ...Object.entries(variables).flatMap(([name, value]) => ['-v', `${name}=${value}`]), ...(file ? ['-f', file] : ['-c', text])], { encoding: 'utf8' })

const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]

async function time(method, path, body) {
  const taken = []
  for (let i = 0; i < 18; i++) {
    const begin = performance.now()
    await call(method, path, body)
    if (i >= 3) taken.push(performance.now() - begin)
  }
  return median(taken)
}

const clients = await call('GET', `/api/clients?today=${today}`)
const client = clients.find((one) => one.name.startsWith('Ilario')).id

/** Every page of one client at 400 and at 8,580 sets. */
async function history() {
  const { plan, number } = await call('GET', `/api/clients/${client}/block`)
  const sessions = plan.block.weeks.flatMap((week) => week.sessions)
  const date = (sessions.find((session) => session.date >= today) ?? sessions.at(-1)).date
  const pages = [
    ['GET', `/floor?date=${date}`], ['GET', '/exercises'], ['GET', '/findings'], ['GET', '/intake'], ['GET', '/screens'], ['GET', '/levers'], ['GET', '/block'],
    ['POST', '/block/preview', { number, edits: [] }], ['GET', '/plans/preview'],
  ]
  const found = {}
  for (const sets of [400, 8580]) {
    sql('', { client, sets }, new URL('history.sql', import.meta.url).pathname)
    sql('ANALYZE logged_sets')
    for (const [method, path, body] of pages) (found[path] ??= []).push(await time(method, `/api/clients/${client}${path}`, body))
  }
  for (const [path, [few, many]] of Object.entries(found)) console.log(`${path.padEnd(28)} ${few.toFixed(1).padStart(8)} ms at 400 ${many.toFixed(1).padStart(8)} ms at 8580   ratio ${(many / few).toFixed(2)}`)
}

/** The lists with 390 clients put away beside the nine. */
async function archived() {
  const lists = ['/api/clients?today=' + today, '/api/day?date=' + today]
  const before = []
  for (const path of lists) before.push(await time('GET', path))
  sql(`INSERT INTO clients (practice_id, id, name, facts, schools, observed, archived_at) SELECT practice_id, gen_random_uuid(), name, facts, schools, observed, now() FROM clients, generate_series(1, 390) WHERE id = '${client}'`)
  sql(`INSERT INTO equipment (practice_id, client_id, document) SELECT a.practice_id, a.id, e.document FROM clients a, equipment e WHERE a.archived_at IS NOT NULL AND e.client_id = '${client}'`)
  sql(`INSERT INTO plans (practice_id, id, client_id, number, made_at, engine_version, inputs_hash, inputs, decisions, document) SELECT a.practice_id, gen_random_uuid(), a.id, 1, p.made_at, p.engine_version, p.inputs_hash, p.inputs, p.decisions, p.document FROM clients a, LATERAL (SELECT * FROM plans WHERE client_id = '${client}' ORDER BY number DESC LIMIT 1) p WHERE a.archived_at IS NOT NULL`)
  sql('ANALYZE')
  for (const [i, path] of lists.entries()) console.log(`${path.padEnd(34)} ${before[i].toFixed(1).padStart(8)} ms with nine ${(await time('GET', path)).toFixed(1).padStart(8)} ms with 390 more put away`)
}

/** The first block after the server called itself ready. */
async function cold() {
  const begin = performance.now()
  await call('GET', `/api/clients/${client}/block`)
  const block = performance.now() - begin
  const middle = performance.now()
  await call('GET', `/api/clients/${client}/exercises`)
  console.log(`first block ${block.toFixed(0)} ms, then first choice of exercises ${(performance.now() - middle).toFixed(0)} ms`)
}

/** Kit at its quota: thirty kinds of plates to the gram, forty pairs of each, twenty bars. */
async function kit() {
  const intake = await call('GET', `/api/clients/${client}/intake`)
  const grams = (i) => Math.round((0.1 + ((i * 7919) % 5990) / 100 + i / 1000) * 1000) / 1000
  const equipment = {
    ...intake.equipment,
    plates: Array.from({ length: 30 }, (_, i) => ({ kg: grams(i), pairs: 40, diameterCm: 45 })),
    bars: Array.from({ length: 20 }, (_, i) => ({ name: `bar ${i}`, kg: 8 + grams(i) / 5, kind: ['barbell', 'safety-bar', 'trap-bar', 'smith'][i % 4] })),
  }
  const call1 = async (what, method, path, body) => {
    const begin = performance.now()
    await call(method, `/api/clients/${client}${path}`, body)
    console.log(`${what.padEnd(28)} ${(performance.now() - begin).toFixed(0)} ms`)
  }
  await call('PUT', `/api/clients/${client}/equipment`, { equipment, version: intake.equipmentVersion })
  await call1('a new plan', 'POST', '/plans', { start: today, weeks: 4 })
  for (const path of ['/block', '/exercises', '/intake', `/floor?date=${today}`]) await call1(path, 'GET', path)
}

const spread = (values) => {
  const sorted = values.sort((a, b) => a - b)
  const at = (part) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))].toFixed(1)
  return `median ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${at(1)} ms`
}

async function many(path, times) {
  const taken = []
  for (let i = 0; i < times; i++) {
    const begin = performance.now()
    await call('GET', path)
    taken.push(performance.now() - begin)
  }
  return spread(taken.slice(10))
}

const settled = async () => {
  const begin = performance.now()
  while ((await call('GET', `/api/day?date=${today}`)).behind > 0) await new Promise((done) => setTimeout(done, 200))
  return ((performance.now() - begin) / 1000).toFixed(1)
}

/** A log of 100,000 rows over six years: read, kept, the estimates after it, taken back. */
async function imports() {
  const lifts = ['back-squat-high-bar', 'conventional-deadlift', 'bench-press', 'leg-press', 'cable-row']
  const rows = Array.from({ length: 100_000 }, (_, i) => {
    const day = new Date(Date.UTC(2020, 0, 1) + Math.floor(i / 50) * 864e5).toISOString().slice(0, 10)
    return `${day},${lifts[Math.floor(i / 10) % 5]},${60 + (i % 37) * 2.5},${5 + (i % 4)},${7 + (i % 5) / 2}`
  })
  const content = Buffer.from(['date,exercise,kg,reps,rpe', ...rows].join('\n')).toString('base64')
  const took = async (what, does) => {
    const begin = performance.now()
    const answer = await does()
    console.log(`${what.padEnd(28)} ${((performance.now() - begin) / 1000).toFixed(1)} s`)
    return answer
  }
  const of = `/api/clients/${client}`
  const read = await took('read and shown', () => call('POST', `${of}/imports/preview`, { name: 'six years.csv', content }))
  console.log(`${read.sets} sets, ${read.refusedRows} rows refused`)
  const id = '0190a000-0000-7000-8000-0000000000ff'
  await took('kept', () => call('POST', `${of}/imports`, { id, name: 'six years.csv', content }))
  await took('the block with new maxes', () => call('GET', `${of}/block`))
  await took('the block once more', () => call('GET', `${of}/block`))
  await took('taken back', () => call('POST', `${of}/imports/${id}/undo`))
}

/** The board of sixty clients with three years of sets each; then with ten thousand practices beside. */
async function board() {
  const lists = [`/api/day?date=${today}`, `/api/clients?today=${today}`, '/api/session']
  const begin = performance.now()
  sql('', { clients: 60 }, new URL('board.sql', import.meta.url).pathname)
  sql('ANALYZE')
  console.log(`sixty clients, ${sql('SELECT count(*) FROM logged_sets').trim()} sets, made in ${((performance.now() - begin) / 1000).toFixed(0)} s; boards up to date after ${await settled()} s`)
  for (const path of lists) console.log(`${path.padEnd(34)} ${await many(path, 210)}`)
  const next = performance.now()
  sql('', { coaches: 10000 }, new URL('coaches.sql', import.meta.url).pathname)
  sql('ANALYZE')
  console.log(`10,000 practices with ten clients each made in ${((performance.now() - next) / 1000).toFixed(0)} s; boards up to date after ${await settled()} s`)
  for (const path of lists) console.log(`${path.padEnd(34)} ${await many(path, 210)}`)
}

for (const what of rest) await { history, archived, cold, kit, board, imports }[what]()
